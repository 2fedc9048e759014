/** A chosen session written out: every task with its clock time, what to do, what to check before going on. */
import type { Notice } from '@/model/marks';
import type { Activation, Session, Task } from '@/model/plan';
import type { Product } from '@/model/product';
import type { AtPart } from '../air/at-part';
import { characterOf, type Character } from '../coating/character';
import { NOZZLE_ML, PURGE_ML } from '../material/consumption';
import { HOUR, isoOf, MINUTE } from '../time/instant';
import { ACTIVATE_MIN, UNMASK_AFTER_MIN, UNMASK_MIN, type CoatStep, type Draft } from './drafts';
import type { StartOption } from './options';
import type { Runner } from './runner';
import type { Stakes } from './search';

const notice = (code: string, params: Notice['params'] = {}): Notice => ({ code, params });
const round1 = (x: number): number => Math.round(x * 10) / 10;

/** Air at the part at an instant on the central line. */
export function airAt(
  air: AtPart,
  ms: number,
): { panelC: number; gapK: number; rhPct: number; windMs: number; gustMs: number; airC: number } {
  const row = air.rows - 1;
  const i = Math.min(air.nodes - 1, Math.max(0, Math.round((ms - air.startMs) / air.stepMs)));
  const k = row * air.nodes + i;
  return {
    panelC: air.panelC[k]!,
    gapK: air.gapK[k]!,
    rhPct: air.rhFrac[k]! * 100,
    windMs: air.windMs[k]!,
    gustMs: air.gustMs[k]!,
    airC: air.airC[k]!,
  };
}

function coatChecks(air: AtPart, s: CoatStep, ms: number, underName: string | null): Notice[] {
  const a = airAt(air, ms);
  const p = s.product;
  return [
    notice('check-panel', { value: round1(a.panelC), min: p.tempMinC, max: p.tempMaxC }),
    notice('check-dew-gap', { value: round1(a.gapK), min: p.dewGapMinK }),
    notice('check-humidity', { value: Math.round(a.rhPct), max: Math.round(p.rhMaxFrac * 100) }),
    notice('check-wind', { value: round1(a.windMs), max: p.windMaxMs }),
    ...(underName
      ? [notice(s.firstOfLayer ? 'check-under-ready' : 'check-coat-flashed', { product: underName })]
      : []),
  ];
}

/** Rungs that others follow: what is checked is checked after the last. */
const BEFORE_LAST: ReadonlySet<string> = new Set(['rung-strip', 'rung-guide', 'rung-first', 'rung-next']);
const MANNER: Readonly<Record<Character, string>> = {
  mist: 'manner-first-light',
  tack: 'manner-tack',
  thin: 'manner-thin',
  medium: 'manner-medium',
  even: 'manner-even',
  full: 'manner-full-wet',
  drop: 'manner-drop',
};
const coatManner = (s: CoatStep): string => MANNER[characterOf(s.product, s.coat, s.coats, s.firstClear)];

export interface Written {
  readonly session: Session;
  readonly handsOnMin: number;
}

/** Writes the session at its picked start; the runner is run once more on the central line. */
export function writeSession(
  air: AtPart,
  runner: Runner,
  pick: StartOption,
  stakes: Stakes,
  joint: number,
  chance: number,
  tz: string,
  hasNext: boolean,
): Written {
  const d: Draft = runner.draft;
  const r = runner.run(air.rows - 1, pick.startMs);
  const iso = (ms: number): string => isoOf(ms, tz);
  const tasks: Task[] = [];
  const add = (t: Omit<Task, 'startsAt' | 'endsAt'>, from: number, to: number): void => {
    tasks.push({ ...t, startsAt: iso(from), endsAt: iso(to) });
  };
  const seconds = d.steps.some((s) => s.product.isocyanate);
  let t = pick.startMs;
  for (const p of d.prep) {
    const cautions =
      p.kind === 'sand'
        ? ['sanding-dust']
        : p.kind === 'fill'
          ? ['filler-peroxide']
          : p.kind === 'clean'
            ? ['solvent-vapour']
            : [];
    add(
      {
        id: p.id,
        kind: p.kind,
        layerId: null,
        coat: null,
        partIds: [...p.partIds],
        handsOn: true,
        detail: p.detail,
        checks: BEFORE_LAST.has(p.detail.code) ? [] : prepChecks(p.kind),
        cautions,
      },
      t,
      t + p.minutes * MINUTE,
    );
    t += p.minutes * MINUTE;
  }
  const activations: Activation[] = [];
  let under: string | null = d.carry?.product.name ?? null;
  let last = d.carry ? Math.max(d.carry.endedMs, pick.startMs) : t;
  d.steps.forEach((s, k) => {
    const at = r.coatStart[k]!;
    const end = r.coatEnd[k]!;
    if (s.activateCans > 0) {
      const from = r.activateMs[k]!;
      add(
        {
          id: `${d.id}.activate-${s.product.id}`,
          kind: 'activate',
          layerId: s.layerId,
          coat: null,
          partIds: [...s.partIds],
          handsOn: true,
          detail:
            s.product.carrier === 'gun'
              ? notice('mix', {
                  product: s.product.name,
                  ml: d.steps
                    .filter((x) => x.product.id === s.product.id)
                    .reduce((a, x) => a + x.ml, NOZZLE_ML.gun + PURGE_ML.gun),
                  ratio: s.product.mix ? ratioOf(s.product.mix) : 'as its sheet says',
                })
              : notice('activate', {
                  product: s.product.name,
                  cans: s.activateCans,
                  lifeH: (s.product.potLifeMin ?? 0) / 60,
                }),
          checks: activateChecks(s.product, under !== null),
          cautions: [
            ...(s.product.isocyanate ? ['isocyanate'] : []),
            ...(s.product.carrier === 'gun' ? [] : ['can-pressure']),
            ...(s.product.isocyanate ? [] : ['skin-sensitiser']),
          ],
        },
        from,
        at,
      );
      activations.push({
        productId: s.product.id,
        at: iso(from),
        cans: s.activateCans,
        prudentUntil: '',
        usableUntil: iso(r.potEndsMs[k]!),
      });
      if (from - last > MINUTE && under !== null) flash(k, s, last, from);
    } else if (at > last && under !== null) flash(k, s, last, at);
    add(
      {
        id: s.id,
        kind: 'coat',
        layerId: s.layerId,
        coat: s.coat,
        partIds: [...s.partIds],
        handsOn: true,
        detail: notice(coatManner(s), {
          product: s.product.name,
          coat: s.coat,
          coats: s.coats,
          ml: Math.round(s.ml),
          minutes: s.minutes,
        }),
        checks: coatChecks(air, s, at, under),
        cautions: [s.product.isocyanate ? 'isocyanate' : 'solvent-vapour', 'ignition'],
      },
      at,
      end,
    );
    under = s.product.name;
    last = end;
  });
  function flash(k: number, s: CoatStep, from: number, to: number): void {
    const prev = d.steps[k - 1]?.product ?? d.carry?.product ?? s.product;
    const sheet = s.firstOfLayer ? prev.nextMinMin : s.product.flashMin;
    add(
      {
        id: `${s.id}.flash`,
        kind: 'flash',
        layerId: s.layerId,
        coat: s.coat,
        partIds: [...s.partIds],
        handsOn: false,
        detail: notice(s.firstOfLayer ? 'flash-to-next' : 'flash', {
          minutes: Math.round((to - from) / MINUTE),
          sheetMin: sheet,
          panelC: round1(airAt(air, from).panelC),
          refC: prev.refTempC,
        }),
        checks: [notice('check-touch', {})],
        cautions: [],
      },
      from,
      to,
    );
  }
  const lastEnd = r.coatEnd[d.steps.length - 1]!;
  const top = d.steps.at(-1)!;
  const finite = (ms: number): number =>
    Number.isFinite(ms) ? ms : air.startMs + (air.nodes - 1) * air.stepMs;
  const dust = finite(r.dustFreeMs);
  add(
    {
      id: `${d.id}.dry`,
      kind: 'dry',
      layerId: top.layerId,
      coat: null,
      partIds: [...top.partIds],
      handsOn: false,
      detail: notice('dry', {
        product: top.product.name,
        gapK: top.product.dewGapMinK,
        minC: top.product.tempMinC,
      }),
      checks: [],
      cautions: [],
    },
    lastEnd,
    dust,
  );
  let end = dust;
  if (d.unmask) {
    const from = lastEnd + UNMASK_AFTER_MIN * MINUTE;
    add(
      {
        id: `${d.id}.unmask`,
        kind: 'unmask',
        layerId: top.layerId,
        coat: null,
        partIds: [...top.partIds],
        handsOn: true,
        detail: notice('unmask', { minutes: UNMASK_AFTER_MIN }),
        checks: [],
        cautions: seconds ? ['isocyanate'] : [],
      },
      from,
      from + UNMASK_MIN * MINUTE,
    );
    end = Math.max(end, from + UNMASK_MIN * MINUTE);
  }
  tasks.sort((a, b) => (a.startsAt < b.startsAt ? -1 : a.startsAt > b.startsAt ? 1 : 0));
  for (const a of activations)
    a.prudentUntil = iso(Math.min(end, Date.parse(a.at) + 24 * HOUR, Date.parse(a.usableUntil)));
  const handsOnMin = tasks
    .filter((x) => x.handsOn)
    .reduce((sum, x) => sum + (Date.parse(x.endsAt) - Date.parse(x.startsAt)) / MINUTE, 0);
  const failures = [...pick.causes.entries()]
    .map(([cause, members]) => ({ cause, members }))
    .sort((a, b) => b.members - a.members);
  return {
    handsOnMin,
    session: {
      id: d.id,
      layerIds: d.layers.map((l) => l.id),
      startsAt: iso(pick.startMs),
      endsAt: iso(end),
      sprayAt: iso(r.coatStart[0]!),
      handsOffAt: iso(r.handsOffMs),
      dustFreeAt: iso(dust),
      touchDryAt: iso(finite(r.touchDryMs)),
      handleAt: iso(finite(r.handleMs)),
      readyAt: hasNext ? iso(finite(r.sandMs)) : null,
      holdUntil: null,
      chance,
      oksOf: [joint, pick.of],
      stakes: { ...stakes },
      failures,
      feasible: pick.centralOk && pick.free,
      tasks,
      activations,
    },
  };
}

function prepChecks(kind: string): Notice[] {
  switch (kind) {
    case 'sand':
      return [notice('check-no-shine'), notice('check-edges')];
    case 'clean':
      return [notice('check-dry-cloth')];
    case 'mask':
      return [notice('check-cover-all')];
    case 'tack':
      return [notice('check-can-warm'), notice('check-test-card')];
    default:
      return [];
  }
}

/** Parts by volume as they are said: 4 : 1 : 1, or 2 : 1. */
function ratioOf(m: NonNullable<Product['mix']>): string {
  return [m.base, m.hardener, m.reducer].filter((x, i) => i < 2 || x > 0).join(' : ');
}

/** Before a pin is pushed or a cup mixed: both start a clock that cannot be stopped. */
function activateChecks(p: Product, under: boolean): Notice[] {
  const kit =
    p.carrier === 'gun'
      ? [notice('check-strained')]
      : [notice('check-can-warm'), notice('check-shaken', { minutes: ACTIVATE_MIN - 3 })];
  return [
    ...(under ? [notice('check-under-flashed')] : []),
    p.isocyanate ? notice('check-air-fed') : notice('check-gloves'),
    notice('check-all-parts-ready'),
    ...kit,
  ];
}
