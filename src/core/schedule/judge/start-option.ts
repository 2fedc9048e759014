/**
 * Every start of one session over the week, each judged over all futures: which end well, what
 * breaks the others, and when the film can be sanded in each.
 */
import type { AtPart } from '../../air/at-part';
import { isTwoPart } from '../../chemistry/cards';
import { MINUTE, type Span } from '../../time/instant';
import type { Draft } from '../tasks/draft';
import type { Cause } from './limits';
import { addMember, noMembers, type MemberMask } from './members';
import type { Run, Runner } from './runner';

/** Share of futures for "good" and for "just inside". Common practice, no source. */
export const GOOD_SHARE = 0.75;
export const INSIDE_SHARE = 0.5;

export type StartVerdict = 'good' | 'inside' | 'no';
export interface StartOption {
  readonly startMs: number;
  readonly sprayMs: number;
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
  readonly centralSandMs: number;
  /** Every coat falls within the forecast, so that the session can be written out. */
  readonly laid: boolean;
  /**
   * Instant per member at which the next session may sand, -Infinity in a lost future: its loss is counted
   * already, it holds up nobody; shape [members].
   */
  readonly sandMs: Float64Array;
  readonly causes: ReadonlyMap<Cause, number>;
  readonly free: boolean;
  readonly verdict: StartVerdict;
}

/** Comfort keeps this much of each limit in hand. Common practice, no source. */
const COMFORT = { windShare: 0.85, rhFrac: 0.05, gapK: 1.5, twoPartC: 15, onePartK: 2 } as const;

/** Comfort on the central line: within the limits but near them is "just inside". */
export function isComfortable(air: AtPart, draft: Draft, fromMs: number, toMs: number): boolean {
  const row = (air.rows - 1) * air.nodes;
  const from = Math.max(0, Math.floor((fromMs - air.startMs) / air.stepMs));
  const to = Math.min(air.nodes - 1, Math.ceil((toMs - air.startMs) / air.stepMs));
  const product = draft.steps.at(-1)!.product;
  // Two-part paint wants 15 °C whatever its sheet allows; one-part wants a few degrees in hand.
  const comfortC = isTwoPart(product)
    ? Math.max(COMFORT.twoPartC, product.tempMinC)
    : product.tempMinC + COMFORT.onePartK;
  for (let k = row + from; k <= row + to; k++) {
    const cold = air.panelC[k]! < comfortC || air.gapK[k]! < product.dewGapMinK + COMFORT.gapK;
    const windy = air.windMs[k]! > COMFORT.windShare * product.windMaxMs;
    if (cold || windy || air.rhFrac[k]! > product.rhMaxFrac - COMFORT.rhFrac) return false;
  }
  return true;
}

export function isFree(spans: readonly Span[], fromMs: number, toMs: number): boolean {
  return spans.some((s) => s.startMs <= fromMs && toMs <= s.endMs);
}

type Futures = Pick<StartOption, 'ok' | 'good' | 'counted' | 'sandMs' | 'causes'>;

function uncounted(members: number, cause: Cause): Futures {
  return {
    ok: noMembers(),
    good: 0,
    counted: false,
    sandMs: new Float64Array(members).fill(-Infinity),
    causes: new Map([[cause, members]]),
  };
}

function runFutures(runner: Runner, members: number, startMs: number): Futures {
  const causes = new Map<Cause, number>();
  const ok = noMembers();
  const sandMs = new Float64Array(members);
  let good = 0;
  for (let m = 0; m < members; m++) {
    const run = runner.run(m, startMs);
    sandMs[m] = run.cause === null ? run.sandMs : -Infinity;
    if (run.cause !== null) {
      causes.set(run.cause, (causes.get(run.cause) ?? 0) + 1);
      continue;
    }
    addMember(ok, m);
    good++;
  }
  return { ok, good, counted: true, sandMs, causes };
}

function verdictOf(share: number, central: Run, isEasy: () => boolean): StartVerdict {
  if (central.cause !== null || share < INSIDE_SHARE) return 'no';
  return share >= GOOD_SHARE && !central.late && isEasy() ? 'good' : 'inside';
}

export interface Asked {
  readonly startMs: number;
  /** Set by hand: its futures are run whatever the central line says. */
  readonly always: boolean;
  readonly free: readonly Span[];
}

/**
 * A start that already fails on the central line is never proposed, so its futures are run only for a start
 * set by hand.
 */
export function judgeStart(air: AtPart, runner: Runner, { startMs, always, free }: Asked): StartOption {
  const draft = runner.draft;
  const members = air.rows - 1;
  const central = runner.run(members, startMs);
  const sprayMs = startMs + draft.prepMin * MINUTE;
  const futures =
    central.cause === null || always
      ? runFutures(runner, members, startMs)
      : uncounted(members, central.cause);
  const isEasy = (): boolean => isComfortable(air, draft, sprayMs, central.dustFreeMs);
  return {
    startMs,
    sprayMs,
    centralOk: central.cause === null,
    centralCause: central.cause,
    handsOffMs: central.handsOffMs,
    endMs: Math.max(central.dustFreeMs, central.handsOffMs),
    handleMs: central.handleMs,
    centralSandMs: central.sandMs,
    of: members,
    laid: central.coats.length === draft.steps.length,
    free: isFree(free, startMs, central.handsOffMs),
    ...futures,
    verdict: verdictOf(futures.good / members, central, isEasy),
  };
}
