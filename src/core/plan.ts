/**
 * The front door: one request, one plan. The screen, the server and the command line all call
 * this. Pure: the clock, the forecast and the seed come in.
 */
import type { Forecast } from '@/model/forecast';
import type { Job } from '@/model/job';
import type { Notice } from '@/model/marks';
import type { Caution, Plan, Session } from '@/model/plan';
import type { Product } from '@/model/product';
import { absorptanceOf } from './air/panel';
import { atPart, type AtPart } from './air/at-part';
import { airView, type AirView } from './air/view';
import { ensembleOf, DRESSED_MEMBERS } from './air/ensemble';
import { lightnessOf } from './coating/colour';
import { coatsToHide, PRIMER_SHADES } from './coating/depth';
import { schoolOf } from './coating/schools';
import { COLOURED } from './coating/tint';
import { systemFor, type SystemResult } from './coating/system';
import {
  COAT_SD_FRAC,
  HABIT_SD_FRAC,
  HEEL_FRAC,
  materialsOf,
  RISK_OF_SHORT,
  transferFrac,
} from './material/consumption';
import { totalsOf } from './material/money';
import { jobConsumables } from './material/session-pours';
import { seedOf } from './numerics/random';
import { DEFAULT_DELAY_PER_DAY, DEFAULT_HOUR_VALUE, schedule } from './schedule/schedule';
import { OVERRUN_MM, partAreaM2, totalAreaM2 } from './surface/area';
import { facesOf } from './surface/shape';
import { withZones } from './surface/zones';
import { HOUR, isoOf, MINUTE, msOf } from './time/instant';

export interface PlanRequest {
  readonly job: Job;
  readonly forecast: Forecast;
  readonly nowMs: number;
  /** When the forecast was issued; left out means now. */
  readonly issuedMs?: number;
  readonly catalogue?: readonly Product[];
}

export class ForecastError extends Error {
  constructor(
    readonly code: 'does-not-cover-now' | 'too-short',
    readonly params: Record<string, string | number>,
  ) {
    super(code);
  }
}

/** First instant of the forecast, ms. @throws ForecastError when it does not cover now with at least six hours to go */
export function forecastStartMs(f: Forecast, tz: string, nowMs: number): number {
  const startMs = msOf(f.start, tz);
  const endMs = startMs + (f.members[0]!.airTempC.length - 1) * HOUR;
  if (nowMs < startMs || nowMs > endMs)
    throw new ForecastError('does-not-cover-now', {
      now: isoOf(nowMs, tz),
      from: isoOf(startMs, tz),
      to: isoOf(endMs, tz),
    });
  if (endMs - nowMs < 6 * HOUR)
    throw new ForecastError('too-short', { hours: (endMs - nowMs) / HOUR, least: 6 });
  return startMs;
}

/** The air at this job's parts: the ensemble through the place, on the parts' colour and posture. */
export function airForJob(job: Job, forecast: Forecast, nowMs: number, issuedMs: number): AtPart {
  const startMs = forecastStartMs(forecast, job.place.tz, nowMs);
  const seed = weatherSeed(job, issuedMs);
  const e = ensembleOf(forecast, startMs, issuedMs, seed);
  return atPart(e, job.place, {
    absorptance: absorptanceOf(lightnessOf(job.purpose.colour.hex)),
    // One face that lies on something follows the sun and the sky most: the worst part counts.
    backFree: job.parts.every((p) => p.sides === 2 || p.posture === 'upright'),
    flatFrac: skyShare(job),
  });
}

/** How much of the sky the worst face sees: a box stood upright still has its flat top. */
function skyShare(job: Job): number {
  const faces = new Set(job.parts.flatMap((p) => facesOf(p).map((f) => f.posture)));
  return faces.has('flat') ? 1 : faces.has('sloped') ? 0.6 : 0;
}

export function weatherSeed(job: Job, issuedMs: number): number {
  return seedOf(`${job.place.lat.toFixed(3)} ${job.place.lon.toFixed(3)} ${issuedMs}`);
}

/** @throws ForecastError when the forecast does not cover now; RangeError when a time in the job is no time */
export function plan(request: PlanRequest): Plan {
  return planWith(
    request,
    airForJob(request.job, request.forecast, request.nowMs, request.issuedMs ?? request.nowMs),
  );
}

/** Hours of weather a page draws: a little past, seven days ahead. */
const PAST_H = 6;
const AHEAD_H = 174;

/** The plan and the air it was made in, as a page draws them. @throws as plan() */
export function planAndAir(request: PlanRequest): { plan: Plan; air: AirView } {
  const air = airForJob(request.job, request.forecast, request.nowMs, request.issuedMs ?? request.nowMs);
  return {
    plan: planWith(request, air),
    air: airView(air, request.nowMs - PAST_H * HOUR, request.nowMs + AHEAD_H * HOUR, request.nowMs),
  };
}

function planWith(asked: PlanRequest, air: AtPart): Plan {
  const whole = asked.job;
  const job = withZones(whole);
  const request: PlanRequest = { ...asked, job };
  const { forecast, nowMs } = asked;
  const tz = job.place.tz;
  const issuedMs = request.issuedMs ?? nowMs;
  const system = systemFor(job, request.catalogue);
  const materials = materialsOf(job, system.layers, system.seams, system.products);
  const s =
    system.blockers.length === 0 && system.layers.length > 0
      ? schedule(job, system.layers, system.seams, system.products, materials, air, nowMs)
      : {
          sessions: [],
          chance: null,
          suits: [],
          startOptions: [],
          alternatives: [],
          blockers: [],
          handsOnH: 0,
        };
  const stuck = s.blockers.some(
    (b) => b.code === 'no-window' || b.code === 'no-free-stretch' || b.code === 'no-chain',
  );
  const blockers = [
    ...system.blockers,
    ...s.blockers,
    ...(stuck ? [placeThatWouldOpen(request, system, materials)] : []),
    ...(system.layers.length === 0 ? [{ code: 'no-system', params: {} }] : []),
  ];
  const money = totalsOf(job, materials, jobConsumables(job, system.layers, system.seams, system.products));
  const { total } = money;
  return {
    kind: blockers.length > 0 ? 'blocked' : 'planned',
    now: isoOf(nowMs, tz),
    parts: whole.parts.map((p) => ({ id: p.id, areaM2: partAreaM2(p) })),
    layers: [...system.layers],
    suggested: system.suggested,
    seams: [...system.seams],
    materials,
    sessions: [...s.sessions],
    chance: s.chance,
    suits: [...s.suits],
    startOptions: [...s.startOptions],
    alternatives: [...s.alternatives],
    blockers,
    cautions: cautionsOf(job, system, total, s.sessions),
    cost: {
      currency: job.budget.currency,
      paint: money.paint,
      prep: money.prep,
      tax: money.tax,
      total,
      budget: job.budget.amount,
    },
    handsOnH: s.handsOnH,
    assumptions: assumptionsOf(job, system, forecast),
    seed: weatherSeed(job, issuedMs),
  };
}

/** Over this a matte 1K outdoors streaks to be seen, m². From memory. */
const LARGE_MATTE_M2 = 0.5;

/** From least to most shelter: the first that would do is the least to ask of anybody. */
const BY_SHELTER = ['open', 'carport', 'lean-to', 'tent', 'garage'] as const;

/** When no start suits: the place in which the same job would find one, tried out in full, or that none would. */
function placeThatWouldOpen(
  request: PlanRequest,
  system: SystemResult,
  materials: Plan['materials'],
): Notice {
  const { job, forecast, nowMs } = request;
  for (const shelter of BY_SHELTER) {
    if (shelter === job.place.shelter) continue;
    const moved: Job = { ...job, place: { ...job.place, shelter } };
    const s = schedule(
      moved,
      system.layers,
      system.seams,
      system.products,
      materials,
      airForJob(moved, forecast, nowMs, request.issuedMs ?? nowMs),
      nowMs,
    );
    const first = s.sessions[0];
    if (s.blockers.length === 0 && first && s.chance !== null && s.chance >= 0.5)
      return { code: 'place-would-open', params: { shelter, at: first.startsAt, chance: s.chance } };
  }
  return { code: 'no-place-would-open', params: {} };
}

function cautionsOf(job: Job, system: SystemResult, total: number, sessions: readonly Session[]): Caution[] {
  const out: Caution[] = [];
  const add = (code: string, severity: Caution['severity'], params: Caution['params'] = {}): void => {
    out.push({ code, severity, params });
  };
  const used = system.layers.map((l) => system.products.get(l.productId)!);
  const iso = used.find((p) => p.isocyanate);
  if (iso) add(job.equipment.suppliedAir ? 'isocyanate' : 'isocyanate-no-air', 'stop', { product: iso.name });
  if (
    job.parts.some(
      (p) => p.condition === 'sound-paint' || p.condition === 'failing-clear' || p.condition === 'chipped',
    )
  ) {
    add('old-paint-lead', 'stop');
    add('rub-test', 'mind');
  }
  if (used.some((p) => p.chemistry === '2k-epoxy')) add('skin-sensitiser', 'mind');
  if (used.some((p) => p.kind === 'etch-primer')) add('etch-acid', 'mind');
  add('solvent-vapour', 'mind');
  add('ignition', 'stop');
  const makers = new Set(used.flatMap((p) => (p.maker ? [p.maker] : [])));
  if (makers.size > 1) add('test-card', 'mind', { makers: [...makers].join(', ') });
  const top = used.at(-1);
  if (top?.gloss && top.gloss !== job.purpose.finish)
    add('finish-differs', 'mind', { product: top.name, gloss: top.gloss, finish: job.purpose.finish });
  if (top && (top.kind === 'basecoat' || top.kind === 'mid-coat'))
    add('base-without-clear', 'mind', { product: top.name });
  const colours = used.filter((p) => COLOURED.has(p.kind));
  if (colours.length > 0 && !colours.some((p) => (p.effect ?? 'solid') === job.purpose.colour.kind))
    add('effect-differs', 'mind', { kind: job.purpose.colour.kind });
  for (const x of system.seams)
    if (x.reason.code === 'seam-overridden')
      add('seam-overridden', 'mind', {
        below: String(x.reason.params.below),
        above: String(x.reason.params.above),
      });
  if (job.parts.some((p) => p.silicone)) add('silicone', 'mind');
  if (job.parts.some((p) => p.dents?.length)) add('filler-peroxide', 'mind');
  if (job.purpose.finish !== 'gloss' && schoolOf(job, 'flatting') === 'flatted')
    add('matte-not-polished', 'mind', { finish: job.purpose.finish });
  for (const x of shadeFaults(job, system)) add('primer-shade', 'mind', x);
  if (total > job.budget.amount)
    add('over-budget', 'mind', { total, budget: job.budget.amount, currency: job.budget.currency });
  const last = sessions.at(-1);
  if (job.purpose.deadline !== undefined && last && last.handleAt.slice(0, 10) > job.purpose.deadline)
    add('past-deadline', 'mind', { at: last.handleAt, deadline: job.purpose.deadline });
  if (
    top?.gloss === 'matte' &&
    !top.chemistry.startsWith('2k') &&
    job.purpose.exposure.includes('sun') &&
    totalAreaM2(job.parts) > LARGE_MATTE_M2
  )
    add('matte-outdoors', 'mind', { product: top.name });
  if (
    job.purpose.exposure.includes('flex') &&
    job.parts.some((p) => p.substrate === 'pp' || p.substrate === 'abs')
  )
    add('flexing', 'mind');
  if (
    job.purpose.exposure.includes('stone-chips') &&
    top?.kind === 'clear' &&
    !top.chemistry.startsWith('2k')
  )
    add('chips-one-pack', 'mind', { product: top.name });
  for (const s of sessions) {
    const risk = s.failures[0];
    if (risk && risk.members >= 5)
      add('session-risk', 'mind', {
        session: s.id,
        cause: risk.cause,
        members: risk.members,
        of: s.oksOf[1],
      });
    if (!s.feasible) add('start-outside', 'stop', { session: s.id });
    const night =
      Date.parse(s.handleAt) - Date.parse(s.touchDryAt) > 0 &&
      s.handleAt.slice(0, 10) !== s.sprayAt.slice(0, 10);
    if (night) add('night-after', 'mind', { session: s.id, at: s.handleAt });
  }
  return out;
}

/** Oklab lightness of the usual primer. */
const GREY = PRIMER_SHADES.find(([n]) => n === 'grey')![1];
/** Colours whose planned coats do not hide a grey primer, with the shade that would do in fewest. */
function shadeFaults(job: Job, system: SystemResult): Caution['params'][] {
  return system.layers.flatMap((l) => {
    const p = system.products.get(l.productId)!;
    const hex = l.hex ?? job.purpose.colour.hex;
    if (p.kind !== 'basecoat' && p.kind !== 'enamel' && p.kind !== 'single-stage') return [];
    // Under a candy or a flake lies a silver ground of its own.
    if (job.purpose.colour.kind === 'candy' || job.purpose.colour.kind === 'flake') return [];
    const needs = (lightness: number): number => coatsToHide(hex, lightness, p.filmUmPerCoat, p.hidesUm);
    const best = [...PRIMER_SHADES].sort((a, b) => needs(a[1]) - needs(b[1]))[0]!;
    return needs(GREY) > l.coats && needs(best[1]) < needs(GREY)
      ? [{ product: p.name, coats: l.coats, grey: needs(GREY), shade: best[0], best: needs(best[1]) }]
      : [];
  });
}

function assumptionsOf(job: Job, system: SystemResult, forecast: Forecast): Plan['assumptions'] {
  const list: Plan['assumptions'] = [
    { what: 'overrun-mm', value: OVERRUN_MM, unit: 'mm', provenance: 'M' },
    ...[...new Set(system.layers.map((l) => transferFrac(job, system.products.get(l.productId)!)))].map(
      (f) => ({ what: 'transfer', value: f, unit: '1', provenance: 'M' as const }),
    ),
    { what: 'heel', value: HEEL_FRAC, unit: '1', provenance: 'M' },
    {
      what: 'habit-sd',
      value: job.habit?.sdFrac ?? HABIT_SD_FRAC,
      unit: '1',
      provenance: job.habit ? 'own' : 'M',
    },
    { what: 'coat-sd', value: COAT_SD_FRAC, unit: '1', provenance: 'M' },
    {
      what: 'risk-of-short',
      value: job.risk.runOut ?? RISK_OF_SHORT,
      unit: '1',
      provenance: job.risk.runOut === undefined ? 'CP' : 'own',
    },
    {
      what: 'hour-value',
      value: job.risk.hourValue ?? DEFAULT_HOUR_VALUE,
      unit: job.budget.currency,
      provenance: job.risk.hourValue === undefined ? 'M' : 'own',
    },
    {
      what: 'delay-per-day',
      value: job.risk.delayPerDay ?? DEFAULT_DELAY_PER_DAY,
      unit: job.budget.currency,
      provenance: job.risk.delayPerDay === undefined ? 'M' : 'own',
    },
    { what: 'dew-gap', value: 3, unit: 'K', provenance: 'P' },
    {
      what: 'members',
      value: forecast.members.length === 1 ? DRESSED_MEMBERS : forecast.members.length,
      unit: '1',
      provenance: forecast.members.length === 1 ? 'M' : 'own',
    },
    { what: 'shelter', value: job.place.shelter, unit: '', provenance: 'M' },
  ];
  const early = (job.state?.coats ?? []).some(
    (c) => msOf(c.endedAt, job.place.tz) < msOf(forecast.start, job.place.tz) - MINUTE,
  );
  if (early) list.push({ what: 'coats-before-forecast', value: 'first hour', unit: '', provenance: 'M' });
  return list;
}
