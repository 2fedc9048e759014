/**
 * The limits of a product against the air at the part, as "next bad node" per future and stage, so
 * that a stretch of hours is judged by one look-up. Wind and dust count until dust-free; dew gap,
 * humidity and heat until touch-dry; rain, dew on the film and cold until handle-dry.
 */
import type { Product } from '@/model/product';
import type { AtPart } from '../air/at-part';

/** Gusts at the part that carry dust and insects whatever the mean, m/s. From memory. */
export const GUST_MAX_MS = 5;
/** Sun below this elevation, degrees: too dark to see a wet edge. Common practice: end of sunset light. */
export const DARK_BELOW_DEG = -1;

export type Cause =
  | 'wind'
  | 'gusts'
  | 'place-wind'
  | 'dew-gap'
  | 'humid'
  | 'hot'
  | 'cold'
  | 'rain'
  | 'dew'
  | 'dark'
  | 'recoat-max'
  | 'bond-window'
  | 'pot-life'
  | 'beyond-forecast'
  | 'not-ready';
export type LimitStage = 0 | 1 | 2;

export interface LimitTable {
  /** First node at or after each node where the stage is broken; `nodes` when none. Shape [rows × nodes] each. */
  readonly nextBad: readonly [Int32Array, Int32Array, Int32Array];
  readonly product: Product;
}

/** One pass from the end of the forecast to its start, per future. */
export function limitTable(a: AtPart, p: Product): LimitTable {
  const size = a.rows * a.nodes;
  const t: [Int32Array, Int32Array, Int32Array] = [
    new Int32Array(size),
    new Int32Array(size),
    new Int32Array(size),
  ];
  const { windMs, gustMs, flap, panelC, gapK, rhFrac, rain } = a;
  const [wind, wet, cold] = t;
  const { windMaxMs, rhMaxFrac, tempMaxC, tempMinC, dewGapMinK } = p;
  for (let r = 0; r < a.rows; r++) {
    const o = r * a.nodes;
    let w = a.nodes;
    let d = a.nodes;
    let c = a.nodes;
    for (let i = a.nodes - 1; i >= 0; i--) {
      const k = o + i;
      if (windMs[k]! > windMaxMs || gustMs[k]! > GUST_MAX_MS || flap[k] === 1) w = i;
      const panel = panelC[k]!;
      const gap = gapK[k]!;
      if (rhFrac[k]! > rhMaxFrac || panel > tempMaxC || gap < dewGapMinK) d = i;
      if (panel < tempMinC || rain[k] === 1 || gap <= 0) c = i;
      wind[k] = w;
      wet[k] = d;
      cold[k] = c;
    }
  }
  return { nextBad: t, product: p };
}

/** Which limit is broken at a node for a stage; asked only of nodes known to be bad. */
export function causeAt(a: AtPart, p: Product, stage: LimitStage, row: number, node: number): Cause {
  const k = row * a.nodes + node;
  if (stage === 0) return a.flap[k] === 1 ? 'place-wind' : a.windMs[k]! > p.windMaxMs ? 'wind' : 'gusts';
  const panel = a.panelC[k]!;
  if (stage === 1) return panel > p.tempMaxC ? 'hot' : a.gapK[k]! < p.dewGapMinK ? 'dew-gap' : 'humid';
  return panel < p.tempMinC ? 'cold' : a.rain[k] === 1 ? 'rain' : 'dew';
}
