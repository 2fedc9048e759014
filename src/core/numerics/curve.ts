/**
 * Running integrals on an even time grid and their inverse. A `Running` holds, for each row, the
 * integral of a rate from the first node; between nodes the rate is straight, outside it goes on at
 * that of the edge.
 */

/** rates: shape [rows × nodes], row-major, per minute; sums: their integral in minutes from node 0. */
export interface Running {
  readonly startMs: number;
  readonly stepMs: number;
  readonly nodes: number;
  readonly rates: Float64Array;
  readonly sums: Float64Array;
}

/** An even grid in time, the same for every row. */
export interface Grid {
  readonly rows: number;
  readonly nodes: number;
  readonly startMs: number;
  readonly stepMs: number;
}

/**
 * Integrates node rates by the trapezium rule.
 * @param rates shape [rows × nodes], per minute, 0 or more
 */
export function running(rates: Float64Array, grid: Grid): Running {
  const { rows, nodes, startMs, stepMs } = grid;
  if (!(nodes >= 2) || rates.length !== rows * nodes || !(stepMs > 0))
    throw new RangeError('running: needs two or more nodes and rates of shape rows × nodes');
  const sums = new Float64Array(rows * nodes);
  const half = stepMs / 60_000 / 2;
  for (let r = 0; r < rows; r++) {
    const o = r * nodes;
    let sum = 0;
    for (let i = 1; i < nodes; i++) {
      sum += (rates[o + i - 1]! + rates[o + i]!) * half;
      sums[o + i] = sum;
    }
  }
  return { startMs, stepMs, nodes, rates, sums };
}

/** The integral from node 0 to `x` nodes after it, minutes. @param o first node of the row */
function sumTo({ sums, rates, nodes, stepMs }: Running, o: number, x: number): number {
  const i = Math.min(Math.max(Math.floor(x), 0), nodes - 2);
  const part = x - i;
  const step = stepMs / 60_000;
  const from = rates[o + i]!;
  const to = rates[o + i + 1]!;
  if (part < 0) return sums[o + i]! + part * step * from;
  if (part > 1) return sums[o + i + 1]! + (part - 1) * step * to;
  return sums[o + i]! + part * step * (from + (part / 2) * (to - from));
}

/** The integral from node 0 to `ms`, minutes; extended at the edge rate outside the grid. */
export function sumAt(curve: Running, row: number, ms: number): number {
  return sumTo(curve, row * curve.nodes, (ms - curve.startMs) / curve.stepMs);
}

/** Part of a step in which a rate that goes straight from one to another gathers so much, 0…1. */
function partOf(amount: number, from: number, to: number): number {
  const bend = to - from;
  // The root that does not lose its figures when the rate hardly bends.
  return (2 * amount) / (from + Math.sqrt(Math.max(0, from * from + 2 * bend * amount)));
}

/**
 * When the integral from `fromMs` reaches `amount`.
 * @returns instant in ms, or Infinity when it is not reached by the end of the grid
 */
export function reach(c: Running, row: number, fromMs: number, amount: number): number {
  if (amount <= 0) return fromMs;
  const { sums, rates, nodes, startMs, stepMs } = c;
  const o = row * nodes;
  const last = o + nodes - 1;
  const x = (fromMs - startMs) / stepMs;
  const i = Math.min(Math.max(Math.floor(x), 0), nodes - 2);
  let lo = o + i;
  const goal = sumTo(c, o, x) + amount;
  if (goal > sums[last]!) return Infinity;
  // Most stages end within a few hours: the stride grows from here on, then is halved.
  let stride = 1;
  while (lo + stride < last && sums[lo + stride]! < goal) {
    lo += stride;
    stride *= 2;
  }
  let hi = Math.min(lo + stride, last);
  while (hi - lo > 1) {
    const mid = (lo + hi) >> 1;
    if (sums[mid]! < goal) lo = mid;
    else hi = mid;
  }
  // Within the first step, before the grid, the rate is that of its edge.
  const short = (goal - sums[lo]!) / (stepMs / 60_000);
  const part = short < 0 ? short / rates[lo]! : partOf(short, rates[lo]!, rates[lo + 1]!);
  return Number.isFinite(part) ? startMs + (lo - o + part) * stepMs : Infinity;
}
