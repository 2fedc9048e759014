/**
 * The limits of a product against the air at the part, as "next bad node" per future and stage, so
 * that a stretch of hours is judged by one look-up. Wind and dust count until dust-free; dew gap,
 * humidity and heat until touch-dry; rain, dew on the film and cold until handle-dry.
 */
import type { Product } from '@/model/product';
import type { AtPart } from '../../air/at-part';

/** Gusts at the part that carry dust and insects whatever the mean, m/s. From memory. */
export const GUST_MAX_MS = 5;

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
export function limitTable(air: AtPart, product: Product): LimitTable {
  const size = air.rows * air.nodes;
  const wind = new Int32Array(size);
  const wet = new Int32Array(size);
  const cold = new Int32Array(size);
  const { windMs, gustMs, flap, panelC, gapK, rhFrac, rain } = air;
  const { windMaxMs, rhMaxFrac, tempMaxC, tempMinC, dewGapMinK } = product;
  for (let r = 0; r < air.rows; r++) {
    let nextWind = air.nodes;
    let nextWet = air.nodes;
    let nextCold = air.nodes;
    for (let i = air.nodes - 1; i >= 0; i--) {
      const k = r * air.nodes + i;
      const panel = panelC[k]!;
      const gap = gapK[k]!;
      if (windMs[k]! > windMaxMs || gustMs[k]! > GUST_MAX_MS || flap[k] === 1) nextWind = i;
      if (rhFrac[k]! > rhMaxFrac || panel > tempMaxC || gap < dewGapMinK) nextWet = i;
      if (panel < tempMinC || rain[k] === 1 || gap <= 0) nextCold = i;
      wind[k] = nextWind;
      wet[k] = nextWet;
      cold[k] = nextCold;
    }
  }
  return { nextBad: [wind, wet, cold], product };
}

/** One node of one future. */
export interface Spot {
  readonly row: number;
  readonly node: number;
}

function windCause(a: AtPart, p: Product, k: number): Cause {
  if (a.flap[k] === 1) return 'place-wind';
  return a.windMs[k]! > p.windMaxMs ? 'wind' : 'gusts';
}
function wetCause(a: AtPart, p: Product, k: number): Cause {
  if (a.panelC[k]! > p.tempMaxC) return 'hot';
  return a.gapK[k]! < p.dewGapMinK ? 'dew-gap' : 'humid';
}
function coldCause(a: AtPart, p: Product, k: number): Cause {
  if (a.panelC[k]! < p.tempMinC) return 'cold';
  return a.rain[k] === 1 ? 'rain' : 'dew';
}
const CAUSES = [windCause, wetCause, coldCause] as const;

/** Which limit is broken at a node for a stage; asked only of nodes known to be bad. */
export function causeAt(a: AtPart, p: Product, stage: LimitStage, { row, node }: Spot): Cause {
  return CAUSES[stage](a, p, row * a.nodes + node);
}
