/**
 * The limits of a product against the air at the part, as "next bad node" per future and stage, so
 * that a stretch of hours is judged by one look-up. The product's own heat limit counts until its
 * flash is off; wind and dust until dust-free; dew gap and humidity until touch-dry; rain, dew on
 * the film, cold and a sun that boils solvent out of it until handle-dry.
 */
import type { Product } from '@/model/product';
import type { AtPart } from '../../air/at-part';

/** Gusts at the part that carry dust and insects whatever the mean, m/s. From memory. */
export const GUST_MAX_MS = 5;
/** A panel hotter than this boils solvent through a skin that has closed, °C. Common practice. */
export const POP_C = 40;

export type Cause =
  | 'wind'
  | 'gusts'
  | 'place-wind'
  | 'insects'
  | 'dew-gap'
  | 'humid'
  | 'hot'
  | 'pop'
  | 'cold'
  | 'rain'
  | 'dew'
  | 'dark'
  | 'recoat-max'
  | 'bond-window'
  | 'pot-life'
  | 'beyond-forecast'
  | 'not-ready'
  | 'free-hours';

/** What of a film still minds the air: laid until flash, open until dust-free, wet until touch-dry, soft until handle-dry. */
export type LimitStage = 'laid' | 'open' | 'wet' | 'soft';

export interface LimitTable {
  /** First node at or after each node where the stage is broken; `nodes` when none. Shape [rows × nodes] each. */
  readonly nextBad: Readonly<Record<LimitStage, Int32Array>>;
  readonly product: Product;
  readonly air: AtPart;
}

const tables = (size: number): Record<LimitStage, Int32Array> => ({
  laid: new Int32Array(size),
  open: new Int32Array(size),
  wet: new Int32Array(size),
  soft: new Int32Array(size),
});

/** One pass from the end of the forecast to its start, per future. */
export function limitTable(air: AtPart, product: Product): LimitTable {
  const nextBad = tables(air.rows * air.nodes);
  const { laid, open, wet, soft } = nextBad;
  const { windMs, gustMs, flap, insects, panelC, gapK, rhFrac, rain } = air;
  const { windMaxMs, rhMaxFrac, tempMaxC, tempMinC, dewGapMinK } = product;
  const coldC = product.tempMinOf === 'air' ? air.airC : panelC;
  for (let r = 0; r < air.rows; r++) {
    let nextHot = air.nodes;
    let nextWind = air.nodes;
    let nextWet = air.nodes;
    let nextSoft = air.nodes;
    for (let i = air.nodes - 1; i >= 0; i--) {
      const k = r * air.nodes + i;
      const panel = panelC[k]!;
      const gap = gapK[k]!;
      if (panel > tempMaxC) nextHot = i;
      if (windMs[k]! > windMaxMs || gustMs[k]! > GUST_MAX_MS || flap[k] === 1 || insects[k] === 1)
        nextWind = i;
      if (rhFrac[k]! > rhMaxFrac || gap < dewGapMinK) nextWet = i;
      if (coldC[k]! < tempMinC || rain[k] === 1 || gap <= 0 || panel > POP_C) nextSoft = i;
      laid[k] = nextHot;
      open[k] = nextWind;
      wet[k] = nextWet;
      soft[k] = nextSoft;
    }
  }
  return { nextBad, product, air };
}

/** One node of one future. */
export interface Spot {
  readonly row: number;
  readonly node: number;
}

type CauseOf = (a: AtPart, p: Product, k: number) => Cause;
const CAUSES: Readonly<Record<LimitStage, CauseOf>> = {
  laid: () => 'hot',
  open: (a, p, k) => {
    if (a.flap[k] === 1) return 'place-wind';
    if (a.insects[k] === 1) return 'insects';
    return a.windMs[k]! > p.windMaxMs ? 'wind' : 'gusts';
  },
  wet: (a, p, k) => (a.gapK[k]! < p.dewGapMinK ? 'dew-gap' : 'humid'),
  soft: (a, p, k) => {
    if ((p.tempMinOf === 'air' ? a.airC : a.panelC)[k]! < p.tempMinC) return 'cold';
    if (a.rain[k] === 1) return 'rain';
    return a.gapK[k]! <= 0 ? 'dew' : 'pop';
  },
};

/** Which limit is broken at a node for a stage; asked only of nodes known to be bad. */
export function causeAt({ air, product }: LimitTable, stage: LimitStage, { row, node }: Spot): Cause {
  return CAUSES[stage](air, product, row * air.nodes + node);
}
