/**
 * The front door: one request, one plan. The screen, the server and the command line all call
 * this. Pure: the clock, the forecast and the seed come in.
 */
import type { Plan } from '@/model/plan';
import type { Product } from '@/model/product';
import { afterWork } from './after-work';
import { airView, NO_AIR, type AirView } from './air/view';
import type { Forecast } from '@/model/forecast';
import { assumptionsOf } from './assumptions';
import { dryingNow, stillToCome } from './aftercare';
import { atMoments } from './cautions/at-moments';
import { cautionsOf } from './cautions/cards';
import { cautionContext } from './cautions/context';
import { systemFor } from './coating/system';
import { airsForJob, weatherSeed, type AirRequest, type Airs } from './job-air';
import { buyingOf } from './material/buying';
import { materialsOf } from './material/materials';
import { totalsOf } from './material/money';
import { soundStock } from './material/promise';
import type { Around } from './schedule/around';
import { NOTHING_SCHEDULED, schedule, type Scheduled, type ScheduleRequest } from './schedule/schedule';
import { placeStops } from './place-stops';
import { productIn, seamRecord, type System } from './seams/seam';
import { jobStuff } from './finishing';
import { partAreaM2 } from './surface/area';
import { notPlanned } from './surface/not-planned';
import { withZones } from './surface/zones';
import { HOUR, isoOf } from './time/instant';
import { waitingFilm } from './waiting';
import { isStuck, waysOut } from './ways-out';

export interface PlanRequest extends Omit<AirRequest, 'forecast'> {
  /** null where nobody told one: then the plan has no times. */
  readonly forecast: Forecast | null;
  readonly catalogue?: readonly Product[];
  /** What the jobs before this one in turn take; left out: nothing. */
  readonly around?: Around;
}

/** A plan and the air it was made in, as a page draws them. */
export interface Answer {
  readonly plan: Plan;
  readonly air: AirView;
}

/** @throws ForecastError when the forecast does not cover now; RangeError when a time in the job is no time */
export function plan(request: PlanRequest): Plan {
  return planWith(request, airsOf(request));
}

/** Hours of weather a page draws: two days past, fourteen ahead, as far as it is told. */
const PAST_H = 48;
const AHEAD_H = 342;

function drawn(airs: Airs | null, nowMs: number): AirView {
  if (!airs) return NO_AIR;
  const { air, corrected, cureAir: dryAir } = airs;
  const span = { fromMs: nowMs - PAST_H * HOUR, toMs: nowMs + AHEAD_H * HOUR };
  return airView(air, { ...span, nowMs, corrected, dryAir });
}

function airsOf({ forecast, ...request }: PlanRequest): Airs | null {
  return forecast && airsForJob({ ...request, forecast });
}

/** @throws as plan() */
export function planAndAir(request: PlanRequest): Answer {
  const airs = airsOf(request);
  return { plan: planWith(request, airs), air: drawn(airs, request.nowMs) };
}

const TOO_LONG: Scheduled = { ...NOTHING_SCHEDULED, blockers: [{ code: 'plan-too-long', params: {} }] };
const NO_WEATHER: Scheduled = { ...NOTHING_SCHEDULED, blockers: [{ code: 'no-weather', params: {} }] };

/** For a job whose search went past its limit: all but the times. @throws as plan() */
export function planWithoutTimes(request: PlanRequest): Answer {
  const airs = airsOf(request);
  const air = drawn(airs, request.nowMs);
  return { plan: planWith(request, airs, () => TOO_LONG), air };
}

/** The build-up with the coats that resting asks for, so that they are bought and counted like the rest. */
function withOneMore<S extends System>(system: S, { oneMore }: Scheduled): S {
  if (oneMore.size === 0) return system;
  const layers = system.layers.map((l) => {
    const on = oneMore.get(l.id);
    return on ? { ...l, oneMore: [...on] } : l;
  });
  return { ...system, layers };
}

/** Without weather there are no times; where nothing is left to spray none are needed. */
function timed(request: ScheduleRequest | null, times: typeof schedule): Scheduled {
  return request ? times(request) : NO_WEATHER;
}

/** What comes out of cans that other jobs activate is in hand, and not bought. */
function withShares(job: PlanRequest['job'], { sessions }: Scheduled): PlanRequest['job'] {
  const shares = sessions.flatMap((s) => s.shares);
  if (shares.length === 0) return job;
  const inHand = shares.map(({ productId, inHandMl }) => ({ productId, remainingMl: inHandMl }));
  return { ...job, shelf: [...(job.shelf ?? []), ...inHand] };
}

/** What the film still asks for by itself, once nothing is left to spray. */
const filmAhead = (
  of: { job: PlanRequest['job']; system: System; airs: Airs | null },
  isOpen: boolean,
): Plan['toCome'] => (of.airs && !isOpen ? stillToCome(of.job, of.system, of.airs) : []);

function planWith(asked: PlanRequest, airs: Airs | null, times: typeof schedule = schedule): Plan {
  const whole = withZones(asked.job);
  const { forecast, nowMs, issuedMs = nowMs, around } = asked;
  const proposed = systemFor(whole, asked.catalogue);
  const { job, left } = soundStock(whole, proposed.products, nowMs);
  const asBuilt = materialsOf(job, proposed);
  const refused = [...notPlanned(asked.job), ...placeStops(asked.job)];
  const stopped = refused.length + proposed.blockers.length > 0;
  const sprayable = !stopped && proposed.layers.length > 0;
  const scheduled = sprayable
    ? timed(
        airs && { job, system: proposed, materials: asBuilt, ...airs, nowMs, ...(around && { around }) },
        times,
      )
    : NOTHING_SCHEDULED;
  const wayOut =
    forecast && isStuck(scheduled) ? waysOut({ ...asked, forecast, job }, proposed, asBuilt) : [];
  const system = withOneMore(proposed, scheduled);
  const counted = withShares(job, scheduled);
  const materials = system === proposed && counted === job ? asBuilt : materialsOf(counted, system);
  const noSystem = system.layers.length === 0 ? [{ code: 'no-system', params: {} }] : [];
  const blockers = [...refused, ...system.blockers, ...scheduled.blockers, ...wayOut, ...noSystem];
  const consumables = jobStuff(job, system);
  const isOpen = blockers.length + scheduled.sessions.length > 0;
  const after = afterWork({ job, system, airs, nowMs, around }, scheduled, isOpen);
  const { paint, prep, tax, total } = totalsOf(job, materials, consumables);
  const { currency, amount: budget } = job.budget;
  return {
    kind: blockers.length > 0 ? 'blocked' : 'planned',
    now: isoOf(nowMs, job.place.tz),
    parts: asked.job.parts.map((p) => ({ id: p.id, name: p.name ?? p.id, areaM2: partAreaM2(p) })),
    layers: [...system.layers],
    suggested: system.suggested,
    seams: system.seams.map(seamRecord),
    materials,
    ...atMoments({ job, system }, { ...scheduled, visits: [...scheduled.visits, ...after.visits] }),
    toCome: filmAhead({ job, system, airs }, isOpen),
    finish: after.finish,
    waiting: waitingFilm({ job, system, airs }, scheduled.sessions, nowMs),
    mends: after.mends,
    drying: airs ? dryingNow(job, system, airs, nowMs) : [],
    chance: scheduled.chance,
    decision: scheduled.decision,
    suits: [...scheduled.suits],
    startOptions: [...scheduled.startOptions],
    alternatives: [...scheduled.alternatives],
    blockers,
    cautions: cautionsOf(
      cautionContext(job, system, { sessions: scheduled.sessions, total, notCounted: left }),
    ),
    consumables: consumables.map((c) => ({ ...c, params: { ...c.params } })),
    cost: { currency, paint, prep, tax, total, budget },
    buying: buyingOf(job, materials, (id) => productIn(system.products, id)),
    handsOnH: scheduled.handsOnH,
    assumptions: assumptionsOf(job, system, forecast),
    seed: weatherSeed(job, issuedMs),
  };
}
