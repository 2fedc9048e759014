/**
 * Every start of one session over the week, each judged over all futures: which end well, what
 * breaks the others, and from when until when the next session finds the film it needs.
 */
import type { AtPart } from '../../air/at-part';
import { isTwoPart, TWO_PART_COMFORT_C } from '../../chemistry/cards';
import { MINUTE, type Span } from '../../time/instant';
import type { Draft } from '../work/draft';
import type { Cause } from './limits';
import { addMember, noMembers, type MemberMask } from './members';
import type { Run } from './run';
import type { Runner } from './runner';

/** Share of futures for "good" and for "just inside". Common practice, no source. */
export const GOOD_SHARE = 0.75;
export const INSIDE_SHARE = 0.5;

export type StartVerdict = 'good' | 'inside' | 'no';
export interface StartOption {
  readonly startMs: number;
  readonly sprayMs: number;
  /** First coat on the central line; after the last preparation and what is mixed for it. */
  readonly firstCoatMs: number;
  readonly lastCoatMs: number;
  /** Futures that end well. */
  readonly ok: MemberMask;
  readonly good: number;
  readonly of: number;
  /** False when the central line fails and the futures were not run. */
  readonly counted: boolean;
  readonly centralOk: boolean;
  readonly centralCause: Cause | null;
  readonly handsOffMs: number;
  readonly endMs: number;
  readonly handleMs: number;
  /** When the films are ready for the next session's work, and until when they bond with it. */
  readonly centralReadyMs: number;
  readonly centralLatestMs: number;
  /** Every coat falls within the forecast, so that the session can be written out. */
  readonly laid: boolean;
  /**
   * Instants per member from and until which the next session finds its ground, -Infinity and Infinity in a
   * lost future: its loss is counted already, it holds up nobody; shape [members].
   */
  readonly readyMs: Float64Array;
  readonly latestMs: Float64Array;
  /** Handle-dry per member, NaN in a lost future; shape [members]. */
  readonly handlesMs: Float64Array;
  readonly causes: ReadonlyMap<Cause, number>;
  readonly free: boolean;
  /** Outside the free hours in a trial: its futures were not run, though the central line held. */
  readonly isSkipped: boolean;
  readonly verdict: StartVerdict;
}

/** Comfort keeps this much of each limit in hand. Common practice, no source. */
const COMFORT = { windShare: 0.85, rhFrac: 0.05, gapK: 1.5, onePartK: 2 } as const;

/** Comfort on the central line: within the limits but near them is "just inside". */
export function isComfortable(air: AtPart, draft: Draft, fromMs: number, toMs: number): boolean {
  const row = (air.rows - 1) * air.nodes;
  const from = Math.max(0, Math.floor((fromMs - air.startMs) / air.stepMs));
  const to = Math.min(air.nodes - 1, Math.ceil((toMs - air.startMs) / air.stepMs));
  const product = draft.steps.at(-1)!.product;
  // Two-part paint wants 15 °C whatever its sheet allows; one-part wants a few degrees in hand.
  const comfortC = isTwoPart(product)
    ? Math.max(TWO_PART_COMFORT_C, product.tempMinC)
    : product.tempMinC + COMFORT.onePartK;
  for (let k = row + from; k <= row + to; k++) {
    const cold = air.panelC[k]! < comfortC || air.gapK[k]! < product.dewGapMinK + COMFORT.gapK;
    const windy = air.windMs[k]! > COMFORT.windShare * product.windMaxMs;
    if (cold || windy || air.rhFrac[k]! > product.rhMaxFrac - COMFORT.rhFrac) return false;
  }
  return true;
}

/** Nobody leaves a wet edge for so little, ms. ASSUMED. */
export const LATE_OFF_MS = 15 * MINUTE;

export function isFree(spans: readonly Span[], fromMs: number, toMs: number): boolean {
  return spans.some((s) => s.startMs <= fromMs && toMs <= s.endMs);
}

type Futures = Pick<StartOption, 'ok' | 'good' | 'counted' | 'readyMs' | 'latestMs' | 'handlesMs' | 'causes'>;

/** As of futures that are lost, every one. */
const lostAll = (members: number): Pick<StartOption, 'ok' | 'readyMs' | 'latestMs' | 'handlesMs'> => ({
  ok: noMembers(),
  readyMs: new Float64Array(members).fill(-Infinity),
  latestMs: new Float64Array(members).fill(Infinity),
  handlesMs: new Float64Array(members).fill(NaN),
});

const uncounted = (members: number, cause: Cause | null): Futures => ({
  ...lostAll(members),
  good: 0,
  counted: false,
  causes: new Map(cause ? [[cause, members]] : []),
});

/** @param freeUntilMs end of the free hours the session begins in: they hold in every future */
function runFutures(runner: Runner, members: number, startMs: number, freeUntilMs: number): Futures {
  const causes = new Map<Cause, number>();
  const { ok, readyMs, latestMs, handlesMs } = lostAll(members);
  let good = 0;
  for (let m = 0; m < members; m++) {
    const run = runner.run(m, startMs);
    const cause = run.cause ?? (run.handsOffMs > freeUntilMs + LATE_OFF_MS ? 'free-hours' : null);
    if (cause !== null) {
      causes.set(cause, (causes.get(cause) ?? 0) + 1);
      continue;
    }
    readyMs[m] = run.readyMs;
    latestMs[m] = run.latestMs;
    handlesMs[m] = run.handleMs;
    addMember(ok, m);
    good++;
  }
  return { ok, good, counted: true, readyMs, latestMs, handlesMs, causes };
}

function verdictOf(share: number, central: Run, isEasy: () => boolean): StartVerdict {
  if (central.cause !== null || share < INSIDE_SHARE) return 'no';
  return share >= GOOD_SHARE && !central.late && isEasy() ? 'good' : 'inside';
}

/**
 * Whose futures are run: those of every start that holds on the central line; of a start set by hand whatever
 * that says; in a trial of those in free hours alone, since nobody is told of the others.
 */
export type Manner = 'told' | 'by-hand' | 'trial';

export interface Asked {
  readonly startMs: number;
  readonly manner: Manner;
  readonly free: readonly Span[];
}

/**
 * A start that already fails on the central line is never proposed, so its futures are run only for a start
 * set by hand.
 */
export function judgeStart(air: AtPart, runner: Runner, { startMs, manner, free }: Asked): StartOption {
  const draft = runner.draft;
  const members = air.rows - 1;
  const central = runner.run(members, startMs);
  const sprayMs = startMs + draft.prepMin * MINUTE;
  // Where the hours would not do in any case it is said so; the futures are judged by the weather alone.
  const within = free.find((s) => s.startMs <= startMs && central.handsOffMs <= s.endMs);
  const isByHand = manner === 'by-hand';
  const isSkipped = manner === 'trial' && !within && central.cause === null;
  const isRun = isByHand || (central.cause === null && !isSkipped);
  const futures = isRun
    ? runFutures(runner, members, startMs, within && !isByHand ? within.endMs : Infinity)
    : uncounted(members, central.cause);
  const isEasy = (): boolean => isComfortable(air, draft, sprayMs, central.dustFreeMs);
  return {
    startMs,
    sprayMs,
    firstCoatMs: central.coats[0]?.startMs ?? sprayMs,
    lastCoatMs: central.coats.at(-1)?.endMs ?? sprayMs,
    centralOk: central.cause === null,
    centralCause: central.cause,
    handsOffMs: central.handsOffMs,
    endMs: Math.max(central.dustFreeMs, central.handsOffMs),
    handleMs: central.handleMs,
    centralReadyMs: central.readyMs,
    centralLatestMs: central.latestMs,
    of: members,
    laid: central.coats.length === draft.steps.length,
    free: within !== undefined,
    isSkipped,
    ...futures,
    verdict: verdictOf(futures.good / members, central, isEasy),
  };
}
