/**
 * What each state is worth: how many sessions are done, when, and which way the last news went. Backward over the
 * starts: beginning costs what failing costs, with its chance, and what follows either way; waiting is worth what
 * is made of the next news; never beginning has its price. Optimal in this model: the tests enumerate it.
 */
import { lowerBound } from '../../numerics/sorted';
import { HERMITE_15, HERMITE_7, tiedWeights } from '../../numerics/normal';
import { newsOf, type Fineness } from './news';
import type { Offer, Problem } from './problem';
import { fillSpread, meanOfSmaller, smallerOf, surely, type Spread } from './smallest';

export const FINE: Fineness = { shared: HERMITE_15, own: HERMITE_7 };

/** Starts from one to another, both among them, and what it costs to let the last go by: by look and node. */
interface Stretch {
  readonly stage: number;
  readonly lo: number;
  readonly hi: number;
  readonly beyond: (look: number, node: number) => number;
}

/** Expected costs at each start of a stretch, the news of its look half known; shape [hi + 1 − lo × nodes]. */
interface Worth {
  readonly stage: number;
  readonly lo: number;
  readonly hi: number;
  readonly at: Float64Array;
}

/** First offer at or after an instant; their number where there is none. */
export const firstFrom = (offers: readonly Offer[], fromMs: number): number =>
  lowerBound(offers, (o) => o.atMs, fromMs);

/** Last offer that a bond still allows: whole blocks, so that ages fall into classes; none under `first`. */
function lastWithin(offers: readonly Offer[], first: number, untilMs: number): number {
  let last = firstFrom(offers, untilMs) - 1;
  if (offers[last + 1]?.atMs === untilMs) last++;
  if (last < first || last === offers.length - 1) return last;
  const { block } = offers[last]!;
  if (offers[last + 1]!.block !== block) return last;
  let whole = last;
  while (whole >= first && offers[whole]!.block === block) whole--;
  return whole >= first ? whole : last;
}

export class Values {
  readonly nodes: number;
  readonly own: number;
  /** Shape [stages][offers × nodes × own]. */
  private readonly news: readonly Float64Array[];
  private readonly whole: (Worth | undefined)[];
  private readonly bonded: Map<number, Worth>[];
  /** Used over and over: tens of thousands of small lists are dearer than what is reckoned with them. */
  private readonly scratch: { mine: Float64Array; least: Float64Array; spread: Spread };
  private readonly ties = new Map<number, Float64Array>();

  constructor(
    readonly problem: Problem,
    readonly fineness: Fineness = FINE,
  ) {
    this.nodes = fineness.shared.x.length;
    this.own = fineness.own.x.length;
    const own = (): Float64Array => new Float64Array(this.own);
    this.scratch = { mine: own(), least: own(), spread: { v: [...own()], w: [...own()] } };
    this.news = problem.stages.map((s) => newsOf(s.offers, fineness, problem.shared));
    this.whole = problem.stages.map(() => undefined);
    this.bonded = problem.stages.map(() => new Map<number, Worth>());
    for (let k = problem.stages.length - 1; k >= 0; k--) {
      const { offers, never } = problem.stages[k]!;
      this.whole[k] = this.worthOf({ stage: k, lo: 0, hi: offers.length - 1, beyond: () => never });
      this.bondAll(k);
    }
  }

  /** Those of stage k that are reached under a bond, by the last start it allows. */
  private bondAll(k: number): void {
    const before = this.problem.stages[k - 1];
    if (!before) return;
    const { offers, missed } = this.problem.stages[k]!;
    const lows = new Map<number, number>();
    for (const { nextMs, untilMs } of before.offers) {
      if (untilMs === Infinity) continue;
      const lo = firstFrom(offers, nextMs);
      const hi = lastWithin(offers, lo, untilMs);
      if (hi >= lo) lows.set(hi, Math.min(lo, lows.get(hi) ?? lo));
    }
    for (const [hi, lo] of lows) {
      // A bond that outlasts every hour that is known is not missed.
      const owes = hi + 1 < offers.length ? missed : 0;
      const beyond = (look: number, node: number): number => owes + this.arrive(k, hi + 1, look, node);
      this.bonded[k]!.set(hi, this.worthOf({ stage: k, lo, hi, beyond }));
    }
  }

  /** Weights of the nodes of one look given a node of an earlier one; shape [nodes × nodes]. */
  tied(from: number, to: number): Float64Array {
    const key = from * 4096 + to;
    const known = this.ties.get(key);
    if (known) return known;
    let tie = 1;
    for (let look = from + 1; look <= to; look++) tie *= this.problem.ties[look]!;
    const made = tiedWeights(this.fineness.shared, tie);
    this.ties.set(key, made);
    return made;
  }

  /** The mean over what the look of an offer will tell, seen from a node of a look. */
  private seenFrom(worth: Worth, i: number, look: number, node: number): number {
    const to = this.problem.stages[worth.stage]!.offers[i]!.look;
    const o = (i - worth.lo) * this.nodes;
    if (to === look) return worth.at[o + node]!;
    const tied = this.tied(look, to);
    let sum = 0;
    for (let n = 0; n < this.nodes; n++) sum += tied[node * this.nodes + n]! * worth.at[o + n]!;
    return sum;
  }

  /** Expected cost of coming to stage k with its start i the first that may be had. */
  arrive(k: number, i: number, look: number, node: number): number {
    const { offers, never } = this.problem.stages[k]!;
    if (i >= offers.length) return never;
    return this.seenFrom(this.whole[k]!, i, look, node);
  }

  /** What follows a start that went well. */
  private afterGood(k: number, { nextMs, untilMs, look }: Offer, node: number): number {
    const next = this.problem.stages[k + 1];
    if (!next) return 0;
    const i = firstFrom(next.offers, nextMs);
    if (untilMs === Infinity || i >= next.offers.length) return this.arrive(k + 1, i, look, node);
    const hi = lastWithin(next.offers, i, untilMs);
    if (hi < i) return next.missed + this.arrive(k + 1, i, look, node);
    return this.seenFrom(this.bonded[k + 1]!.get(hi)!, i, look, node);
  }

  /** What a start costs at chance 0 and at chance 1, seen from a node of its look: between them it runs straight. */
  ends(k: number, i: number, node: number): readonly [fails: number, goes: number] {
    const { offers, fails } = this.problem.stages[k]!;
    const offer = offers[i]!;
    const again = firstFrom(offers, offer.againMs);
    return [fails + this.arrive(k, again, offer.look, node), offer.owes + this.afterGood(k, offer, node)];
  }

  /** Costs of one start under each news of its own block, written; Infinity where its chance is under the limit. */
  costs(out: Float64Array, k: number, i: number, node: number): void {
    const [fails, goes] = this.ends(k, i, node);
    const { own, problem } = this;
    const news = this.news[k]!;
    const o = (i * this.nodes + node) * own;
    for (let e = 0; e < own; e++) {
      const p = news[o + e]!;
      out[e] = p < problem.least ? Infinity : fails + p * (goes - fails);
    }
  }

  /** What it costs to let a look go by, by node. @param i the first offer after it */
  private passing({ hi, beyond }: Stretch, worth: Worth, i: number, look: number): Float64Array {
    return Float64Array.from({ length: this.nodes }, (_, n) =>
      i > hi ? beyond(look, n) : this.seenFrom(worth, i, look, n),
    );
  }

  private worthOf(stretch: Stretch): Worth {
    const { stage, lo, hi } = stretch;
    const { offers } = this.problem.stages[stage]!;
    const worth: Worth = { stage, lo, hi, at: new Float64Array(Math.max(0, hi + 1 - lo) * this.nodes) };
    // The table fills from the end; what a start asks of its own stage lies later.
    this.whole[stage] ??= worth;
    for (let end = hi; end >= lo;) {
      const { look } = offers[end]!;
      let from = end;
      while (from > lo && offers[from - 1]!.look === look) from--;
      const pass = this.passing(stretch, worth, end + 1, look);
      for (let n = 0; n < this.nodes; n++)
        this.lookBack(stretch, worth, { from, end, node: n, pass: pass[n]! });
      end = from - 1;
    }
    return worth;
  }

  /** One look under one node, from its last start to its first. */
  private lookBack(
    { stage }: Stretch,
    worth: Worth,
    at: { from: number; end: number; node: number; pass: number },
  ): void {
    const { offers } = this.problem.stages[stage]!;
    const { w } = this.fineness.own;
    const { node } = at;
    let later: Spread = surely(at.pass);
    const { mine, least, spread } = this.scratch;
    least.fill(Infinity);
    for (let i = at.end; i >= at.from; i--) {
      this.costs(mine, stage, i, node);
      for (let e = 0; e < this.own; e++) if (mine[e]! < least[e]!) least[e] = mine[e]!;
      fillSpread(spread, least, w);
      worth.at[(i - worth.lo) * this.nodes + node] = meanOfSmaller(spread, later);
      if (i === at.from || offers[i - 1]!.block === offers[i]!.block) continue;
      later = smallerOf(spread, later);
      least.fill(Infinity);
    }
  }
}
