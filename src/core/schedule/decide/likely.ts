/** Where the first session will be begun, if every look is acted on as it then seems best: chances by start. */
import type { Values } from './value';

/** The cheapest start of one block under each news of its own. */
interface Block {
  readonly cost: Float64Array;
  readonly which: Int32Array;
}

interface Look {
  readonly look: number;
  /** First and last of its starts. */
  readonly from: number;
  readonly end: number;
}

function looksWith(values: Values): Look[] {
  const { offers } = values.problem.stages[0]!;
  const out: Look[] = [];
  for (let from = 0; from < offers.length;) {
    const { look } = offers[from]!;
    let end = from;
    while (end + 1 < offers.length && offers[end + 1]!.look === look) end++;
    out.push({ look, from, end });
    from = end + 1;
  }
  return out;
}

function blocksOf(values: Values, { from, end }: Look, node: number): Block[] {
  const { offers } = values.problem.stages[0]!;
  const { own } = values;
  const by = new Map<number, Block>();
  const mine = new Float64Array(own);
  for (let i = from; i <= end; i++) {
    const { block } = offers[i]!;
    const b = by.get(block) ?? {
      cost: new Float64Array(own).fill(Infinity),
      which: new Int32Array(own).fill(-1),
    };
    by.set(block, b);
    values.costs(mine, 0, i, node);
    for (let e = 0; e < own; e++)
      if (mine[e]! < b.cost[e]!) {
        b.cost[e] = mine[e]!;
        b.which[e] = i;
      }
  }
  return [...by.values()];
}

/** Chance that a block has nothing cheaper than a cost. */
function noCheaper({ cost }: Block, than: number, w: readonly number[]): number {
  let sum = 0;
  for (let e = 0; e < cost.length; e++) if (cost[e]! >= than) sum += w[e]!;
  return sum;
}

interface Standing {
  readonly blocks: readonly Block[];
  /** What letting the look go by costs. */
  readonly pass: number;
  readonly w: readonly number[];
}

/** Adds the chances of the starts of one look under one node. @returns chance to let it go by */
function actOn({ blocks, pass, w }: Standing, weight: number, out: Float64Array): number {
  for (const b of blocks)
    for (let e = 0; e < b.cost.length; e++) {
      const cost = b.cost[e]!;
      if (!(cost < pass)) continue;
      const others = blocks.reduce((p, o) => (o === b ? p : p * noCheaper(o, cost, w)), 1);
      out[b.which[e]!] = out[b.which[e]!]! + weight * w[e]! * others;
    }
  return blocks.reduce((p, b) => p * noCheaper(b, pass, w), 1);
}

/** Chance that each start of the first session is the one, if nothing is begun before the next look; shape [starts]. */
export function likelyStarts(values: Values): Float64Array {
  const { offers } = values.problem.stages[0]!;
  const out = new Float64Array(offers.length);
  const { shared, own } = values.fineness;
  let open: Float64Array | null = null;
  let at = 0;
  const looks = looksWith(values).filter((l) => l.look > 0);
  looks.forEach((l, nth) => {
    const before = open ?? Float64Array.from(shared.w);
    const tied = values.tied(open ? at : 0, l.look);
    const here = open ? spreadBy(before, tied) : before;
    const next = looks[nth + 1];
    open = here.map((weight, node) => {
      const pass = next ? values.arrive(0, next.from, l.look, node) : values.problem.stages[0]!.never;
      return weight * actOn({ blocks: blocksOf(values, l, node), pass, w: own.w }, weight, out);
    });
    at = l.look;
  });
  return out;
}

/** Weights of the nodes of a later look. */
function spreadBy(weights: Float64Array, tied: Float64Array): Float64Array {
  const n = weights.length;
  const out = new Float64Array(n);
  for (let i = 0; i < n; i++) for (let j = 0; j < n; j++) out[j] = out[j]! + weights[i]! * tied[i * n + j]!;
  return out;
}
