/**
 * The standard normal where it is asked for a million times: its distribution from a table, and the nodes of
 * Gauss and Hermite for means over it.
 */
import { normalTail } from './stats';

const MOST_Z = 8;
const PER_UNIT = 256;
const N = 2 * MOST_Z * PER_UNIT;

const TABLE = Float64Array.from({ length: N + 1 }, (_, i) => 1 - normalTail(i / PER_UNIT - MOST_Z));

/** Chance that a standard normal stays under z, 0…1; straight between 256 points a unit: within 4e-6. */
export function normalCdf(z: number): number {
  const at = (z + MOST_Z) * PER_UNIT;
  if (at <= 0) return 0;
  if (at >= N) return 1;
  const i = Math.floor(at);
  return TABLE[i]! + (at - i) * (TABLE[i + 1]! - TABLE[i]!);
}

/** Points and weights that make a mean over a standard normal; the weights sum to one. */
export interface Quadrature {
  readonly x: readonly number[];
  readonly w: readonly number[];
}

/** Both halves of a rule that is the same to the left and to the right. @param x from zero up */
function mirrored(x: readonly number[], w: readonly number[]): Quadrature {
  const left = x.slice(1).reverse();
  return { x: [...left.map((v) => -v), ...x], w: [...w.slice(1).reverse(), ...w] };
}

/** Gauss–Hermite, for the weight exp(−x²/2): Abramowitz and Stegun 25.4.46, scaled by √2. */
export const HERMITE_15 = mirrored(
  [
    0, 0.799129068324548, 1.60671006902873, 2.43243682700976, 3.28908242439877, 4.19620771126902,
    5.19009359130478, 6.36394788882984,
  ],
  [
    0.31825951826, 0.23246229361, 0.0894177953998, 0.0173657744921, 0.00156735750355, 5.64214640519e-5,
    5.97541959792e-7, 8.58964989963e-10,
  ],
);
export const HERMITE_7 = mirrored(
  [0, 1.15440539473997, 2.36675941073454, 3.75043971772574],
  [0.457142857143, 0.240123178605, 0.0307571239676, 0.000548268855972],
);
export const HERMITE_3 = mirrored([0, Math.sqrt(3)], [2 / 3, 1 / 6]);

const density = (z: number): number => Math.exp((-z * z) / 2);

/**
 * From each node to each of a second normal tied to the first: weights of the second given the first, each row
 * summing to one; shape [nodes × nodes]. Source: Tauchen and Hussey 1991.
 * @param tie their correlation, 0 ≤ tie < 1
 */
export function tiedWeights({ x, w }: Quadrature, tie: number): Float64Array {
  if (!(tie >= 0 && tie < 1)) throw new RangeError(`tiedWeights: needs 0 ≤ tie < 1, got ${tie}`);
  const n = x.length;
  const out = new Float64Array(n * n);
  const open = Math.sqrt(1 - tie * tie);
  for (let i = 0; i < n; i++) {
    let sum = 0;
    for (let j = 0; j < n; j++) {
      const weight = (w[j]! * density((x[j]! - tie * x[i]!) / open)) / density(x[j]!);
      out[i * n + j] = weight;
      sum += weight;
    }
    for (let j = 0; j < n; j++) out[i * n + j] = out[i * n + j]! / sum;
  }
  return out;
}
