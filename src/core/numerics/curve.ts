/**
 * Running integrals on an even time grid and their inverse. A `Running` holds, for each row, the
 * integral of a rate from the first node; between nodes it is straight, outside it goes on at the
 * rate of the edge.
 */

/** sums: shape [rows × nodes], row-major; the integral of the rate in minutes from node 0. */
export interface Running {
  readonly startMs: number;
  readonly stepMs: number;
  readonly nodes: number;
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
  return { startMs, stepMs, nodes, sums };
}

/** The integral from node 0 to `ms`, minutes; extended at the edge rate outside the grid. */
export function sumAt(curve: Running, row: number, ms: number): number {
  const o = row * curve.nodes;
  const x = (ms - curve.startMs) / curve.stepMs;
  const i = Math.min(Math.max(Math.floor(x), 0), curve.nodes - 2);
  const a = curve.sums[o + i]!;
  return a + (x - i) * (curve.sums[o + i + 1]! - a);
}

/**
 * When the integral from `fromMs` reaches `amount`.
 * @returns instant in ms, or Infinity when it is not reached by the end of the grid
 */
export function reach(c: Running, row: number, fromMs: number, amount: number): number {
  if (amount <= 0) return fromMs;
  const { sums, nodes, startMs, stepMs } = c;
  const o = row * nodes;
  const last = o + nodes - 1;
  const x = (fromMs - startMs) / stepMs;
  const i = Math.min(Math.max(Math.floor(x), 0), nodes - 2);
  let lo = o + i;
  const at = sums[lo]!;
  const goal = at + (x - i) * (sums[lo + 1]! - at) + amount;
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
  const a = sums[lo]!;
  const rise = sums[lo + 1]! - a;
  return rise > 0 ? startMs + (lo - o + (goal - a) / rise) * stepMs : Infinity;
}
