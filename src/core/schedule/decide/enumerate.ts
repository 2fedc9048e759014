/**
 * The obvious way beside the values, for tests: every news of every look written out, every decision tried, no
 * table kept. It shares the model with what it judges and nothing else.
 */
import { normalCdf, type Quadrature } from '../../numerics/normal';
import { normalQuantile } from '../../numerics/stats';
import type { Fineness } from './news';
import type { Offer, Problem } from './problem';

interface State {
  readonly stage: number;
  /** First start that may be had, and the last while a bond holds. */
  readonly first: number;
  readonly last: number;
  /** The look whose news is known, and which way it went. */
  readonly look: number;
  readonly node: number;
}

const bell = (z: number): number => Math.exp((-z * z) / 2) / Math.sqrt(2 * Math.PI);

function tiedRow({ x, w }: Quadrature, tie: number, from: number): number[] {
  const open = Math.sqrt(1 - tie ** 2);
  const raw = x.map((to, j) => (w[j]! * bell((to - tie * from) / open)) / bell(to));
  const sum = raw.reduce((a, b) => a + b, 0);
  return raw.map((r) => r / sum);
}

/** Every list of one choice a place. */
function combinations(places: number, choices: number): number[][] {
  if (places === 0) return [[]];
  return combinations(places - 1, choices).flatMap((head) =>
    Array.from({ length: choices }, (_, c) => [...head, c]),
  );
}

export class Enumerated {
  constructor(
    private readonly problem: Problem,
    private readonly fineness: Fineness,
  ) {}

  private chanceUnder(offer: Offer, x: number, y: number): number {
    const { shared, own } = this.fineness;
    const { problem } = this;
    const under = (a: number, b: number): number => {
      const xi = Math.sqrt(problem.shared) * a + Math.sqrt(1 - problem.shared) * b;
      const z = (normalQuantile(offer.chance) + Math.sqrt(offer.known) * xi) / Math.sqrt(1 - offer.known);
      return normalCdf(z);
    };
    let mean = 0;
    let room = 0;
    shared.x.forEach((a, i) =>
      own.x.forEach((b, j) => {
        const p = under(a, b);
        mean += shared.w[i]! * own.w[j]! * p;
        room += shared.w[i]! * own.w[j]! * p * (1 - p);
      }),
    );
    const p = under(x, y);
    return Math.min(1, Math.max(0, p + (room > 1e-9 ? ((offer.chance - mean) / room) * p * (1 - p) : 0)));
  }

  /** Arriving at a start whose look may not have spoken yet. */
  private arriving(state: State): number {
    const { offers, never, missed } = this.problem.stages[state.stage]!;
    const { first, last, look } = state;
    if (first > last && last < offers.length - 1)
      return missed + this.arriving({ ...state, first: last + 1, last: offers.length - 1 });
    if (first > last) return never;
    const to = offers[first]!.look;
    if (to === look) return this.deciding(state);
    let tie = 1;
    for (let l = look + 1; l <= to; l++) tie *= this.problem.ties[l]!;
    const row = tiedRow(this.fineness.shared, tie, this.fineness.shared.x[state.node]!);
    return row.reduce((sum, w, node) => sum + w * this.deciding({ ...state, look: to, node }), 0);
  }

  /** The news of the look comes out for every block, then the cheapest is done. */
  private deciding(state: State): number {
    const { offers } = this.problem.stages[state.stage]!;
    const { own } = this.fineness;
    const { first, last, look } = state;
    const mine = offers.map((_, i) => i).filter((i) => i >= first && i <= last && offers[i]!.look === look);
    const blocks = [...new Set(mine.map((i) => offers[i]!.block))];
    const pass = this.arriving({ ...state, first: mine.at(-1)! + 1 });
    let mean = 0;
    for (const news of combinations(blocks.length, own.x.length)) {
      const weight = news.reduce((a, e) => a * own.w[e]!, 1);
      const costs = mine.map((i) => this.starting(state, i, own.x[news[blocks.indexOf(offers[i]!.block)]!]!));
      mean += weight * Math.min(pass, ...costs);
    }
    return mean;
  }

  private starting(state: State, i: number, y: number): number {
    const { problem } = this;
    const { offers, fails } = problem.stages[state.stage]!;
    const offer = offers[i]!;
    const p = this.chanceUnder(offer, this.fineness.shared.x[state.node]!, y);
    if (p < problem.least) return Infinity;
    const again = offers.filter((o) => o.atMs < offer.againMs).length;
    const lost = fails + this.arriving({ ...state, first: again, last: offers.length - 1 });
    return (1 - p) * lost + p * this.afterwards(state, offer);
  }

  private afterwards(state: State, offer: Offer): number {
    const next = this.problem.stages[state.stage + 1];
    if (!next) return offer.owes;
    const { offers } = next;
    const first = offers.filter((o) => o.atMs < offer.nextMs).length;
    let last = offers.filter((o) => o.atMs <= offer.untilMs).length - 1;
    const isCut =
      last >= first && last + 1 < offers.length && offers[last + 1]!.block === offers[last]!.block;
    const whole = offers.filter((o, j) => j <= last && o.block !== offers[last]?.block).length - 1;
    if (isCut && whole >= first) last = whole;
    const bond = offer.untilMs === Infinity ? offers.length - 1 : Math.max(last, first - 1);
    return offer.owes + this.arriving({ ...state, stage: state.stage + 1, first, last: bond });
  }

  /** What it is worth to stand before the first session with all its starts ahead. */
  value(node = 0): number {
    const { offers } = this.problem.stages[0]!;
    return this.arriving({ stage: 0, first: 0, last: offers.length - 1, look: offers[0]!.look, node });
  }
}
