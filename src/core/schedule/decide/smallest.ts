/** The smallest of several independent costs that each take a few values: exactly, block by block. */

/** Values in rising order with their weights, which sum to one. */
export interface Spread {
  readonly v: number[];
  readonly w: number[];
}

export const surely = (value: number): Spread => ({ v: [value], w: [1] });

/** Writes values in rising order; they mostly come in falling order, so they are put in from the front. */
export function fillSpread({ v, w }: Spread, values: ArrayLike<number>, weights: readonly number[]): void {
  for (let i = 0; i < weights.length; i++) {
    const value = values[weights.length - 1 - i]!;
    const weight = weights[weights.length - 1 - i]!;
    let at = i;
    while (at > 0 && v[at - 1]! > value) {
      v[at] = v[at - 1]!;
      w[at] = w[at - 1]!;
      at--;
    }
    v[at] = value;
    w[at] = weight;
  }
}

/** Mean of the smaller of two, without writing its spread out. */
export function meanOfSmaller(a: Spread, b: Spread): number {
  let mean = 0;
  let j = 0;
  // Weight and sum of what of b lies under the value looked at.
  let under = 0;
  let sum = 0;
  for (let i = 0; i < a.v.length; i++) {
    const value = a.v[i]!;
    while (j < b.v.length && b.v[j]! < value) {
      under += b.w[j]!;
      sum += b.w[j]! * b.v[j]!;
      j++;
    }
    const over = Math.max(0, 1 - under);
    mean += a.w[i]! * (sum + (over > 1e-12 ? over * value : 0));
  }
  return mean;
}

/** The smaller of two. */
export function smallerOf(a: Spread, b: Spread): Spread {
  const out: Spread = { v: [], w: [] };
  let i = 0;
  let j = 0;
  let leftA = 1;
  let leftB = 1;
  while (i < a.v.length && j < b.v.length) {
    const value = Math.min(a.v[i]!, b.v[j]!);
    const before = leftA * leftB;
    while (i < a.v.length && a.v[i]! === value) leftA -= a.w[i++]!;
    while (j < b.v.length && b.v[j]! === value) leftB -= b.w[j++]!;
    const isEnd = i === a.v.length || j === b.v.length;
    const weight = before - (isEnd ? 0 : Math.max(0, leftA) * Math.max(0, leftB));
    if (weight > 0) {
      out.v.push(value);
      out.w.push(weight);
    }
  }
  return out;
}
