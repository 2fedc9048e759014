/**
 * Every start of one session over the week, each judged over all futures: which end well, what
 * breaks the others, and from when until when the next session finds the film it needs.
 */
import type { AtPart } from '../../air/at-part';
import { isTwoPart, TWO_PART_COMFORT_C } from '../../chemistry/cards';
import { MINUTE, type Span } from '../../time/instant';
import type { Product } from '@/model/product';
import { activatedCans, packsFor, sprayedMl } from '../work/coats';
import { isAtHand, type Draft } from '../work/draft';
import type { Cause } from './limits';
import { addMember, hasMember, noMembers, type MemberMask } from './members';
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
  /** Cans that it activates on the central line, beyond those it would with none open, money. */
  readonly opens: number;
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

/** What became of a start in every future, by the air alone; and when hands are off in each, shape [members]. */
interface Aired {
  readonly futures: Futures;
  readonly handsOffMs: Float64Array;
}

function airedOf(runs: readonly Run[]): Aired {
  const causes = new Map<Cause, number>();
  const { ok, readyMs, latestMs, handlesMs } = lostAll(runs.length);
  let good = 0;
  runs.forEach((run, m) => {
    if (run.cause !== null) {
      causes.set(run.cause, (causes.get(run.cause) ?? 0) + 1);
      return;
    }
    readyMs[m] = run.readyMs;
    latestMs[m] = run.latestMs;
    handlesMs[m] = run.handleMs;
    addMember(ok, m);
    good++;
  });
  const handsOffMs = Float64Array.from(runs, (run) => run.handsOffMs);
  return { futures: { ok, good, counted: true, readyMs, latestMs, handlesMs, causes }, handsOffMs };
}

/** The same where some go on past the free hours, which hold in every future. @param untilMs nobody works longer */
function cutOff({ futures, handsOffMs }: Aired, untilMs: number): Futures {
  const members = handsOffMs.length;
  const { ok, readyMs, latestMs, handlesMs } = lostAll(members);
  let good = 0;
  for (let m = 0; m < members; m++) {
    if (!hasMember(futures.ok, m) || handsOffMs[m]! > untilMs) continue;
    readyMs[m] = futures.readyMs[m]!;
    latestMs[m] = futures.latestMs[m]!;
    handlesMs[m] = futures.handlesMs[m]!;
    addMember(ok, m);
    good++;
  }
  const causes = new Map(futures.causes);
  if (good < futures.good) causes.set('free-hours', futures.good - good);
  return { ok, good, counted: true, readyMs, latestMs, handlesMs, causes };
}

/**
 * One start as the air has it, whatever hours are free: its central line, and its futures once they are asked for.
 * Hours change with every other job and every evening; the air does not.
 */
export class Tried {
  readonly central: Run;
  private readonly members: number;
  private aired: Aired | null = null;
  private easy: boolean | null = null;

  constructor(
    private readonly air: AtPart,
    private readonly runner: Runner,
    readonly startMs: number,
  ) {
    this.members = air.rows - 1;
    this.central = runner.run(this.members, startMs);
  }

  /** Comfort on the central line; asked for only where it counts. */
  get isEasy(): boolean {
    const { draft } = this.runner;
    const sprayMs = this.startMs + draft.prepMin * MINUTE;
    this.easy ??= isComfortable(this.air, draft, sprayMs, this.central.dustFreeMs);
    return this.easy;
  }

  /** Not run: of the central line alone. */
  get uncounted(): Futures {
    return uncounted(this.members, this.central.cause);
  }

  private get inAir(): Aired {
    this.aired ??= airedOf(Array.from({ length: this.members }, (_, m) => this.runner.run(m, this.startMs)));
    return this.aired;
  }

  /** @param freeUntilMs end of the free hours it begins in; Infinity where they do not bind */
  futures(freeUntilMs: number): Futures {
    const { inAir } = this;
    const untilMs = freeUntilMs + LATE_OFF_MS;
    return inAir.handsOffMs.some((ms) => ms > untilMs) ? cutOff(inAir, untilMs) : inAir.futures;
  }
}

/** A can that stays sealed because another's serves is worth so much of its price. From memory: it keeps, if it is used. */
export const SEALED_SHARE = 0.5;

const price = ({ packs }: Product): number => packs[0]!.price;

/** Cans of a product that a session activates beside its own that is open. */
function usualCans(draft: Draft, product: Product): number {
  const ml =
    sprayedMl(draft.steps, product) - (isAtHand(draft, product.id) ? draft.open.get(product.id)!.ml : 0);
  return ml > 0 ? packsFor(product, ml, draft.cupMl) : 0;
}

/** What is activated and dies with the day: more where one dies on the way, less where another job's serves. */
function opensMoney(draft: Draft, { trace }: Run): number {
  const pots = trace?.pots ?? [];
  return activatedCans(draft.steps).reduce((sum, p) => {
    const opened = pots.filter((x) => x.productId === p.id).length;
    const more = opened - usualCans(draft, p);
    return sum + (more < 0 ? SEALED_SHARE * more : more) * price(p);
  }, 0);
}

function verdictOf(share: number, tried: Tried): StartVerdict {
  const { central } = tried;
  if (central.cause !== null || share < INSIDE_SHARE) return 'no';
  return share >= GOOD_SHARE && !central.late && tried.isEasy ? 'good' : 'inside';
}

/**
 * Whose futures are run: those of every start that holds on the central line; of a start set by hand whatever
 * that says; in a trial of those in free hours alone, since nobody is told of the others.
 */
export type Manner = 'told' | 'by-hand' | 'trial';

/** Of whom it is asked, and the hours that are free. */
export interface Asked {
  readonly manner: Manner;
  readonly free: readonly Span[];
}

/**
 * A start that already fails on the central line is never proposed, so its futures are run only for a start
 * set by hand.
 */
export function judgeStart(tried: Tried, draft: Draft, { manner, free }: Asked): StartOption {
  const { central, startMs } = tried;
  const sprayMs = startMs + draft.prepMin * MINUTE;
  // Where the hours would not do in any case it is said so; the futures are judged by the weather alone.
  const within = free.find((s) => s.startMs <= startMs && central.handsOffMs <= s.endMs);
  const isByHand = manner === 'by-hand';
  const isSkipped = manner === 'trial' && !within && central.cause === null;
  const isRun = isByHand || (central.cause === null && !isSkipped);
  const futures = isRun ? tried.futures(within && !isByHand ? within.endMs : Infinity) : tried.uncounted;
  const members = futures.readyMs.length;
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
    opens: opensMoney(draft, central),
    ...futures,
    verdict: verdictOf(futures.good / members, tried),
  };
}
