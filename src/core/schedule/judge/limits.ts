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
export const LIMIT_STAGES: readonly LimitStage[] = ['laid', 'open', 'wet', 'soft'];

export interface LimitTable {
  /** First node at or after each node where the stage is broken; `nodes` when none. Shape [rows × nodes] each. */
  readonly nextBad: Readonly<Record<LimitStage, Int32Array>>;
  readonly product: Product;
}

type Broken = (k: number) => boolean;

/** What breaks each stage at a place of the grid. */
function brokenBy(a: AtPart, p: Product): Readonly<Record<LimitStage, Broken>> {
  const { windMs, gustMs, flap, panelC, gapK, rhFrac, rain } = a;
  const coldC = p.tempMinOf === 'air' ? a.airC : panelC;
  return {
    laid: (k) => panelC[k]! > p.tempMaxC,
    open: (k) => windMs[k]! > p.windMaxMs || gustMs[k]! > GUST_MAX_MS || flap[k] === 1,
    wet: (k) => rhFrac[k]! > p.rhMaxFrac || gapK[k]! < p.dewGapMinK,
    soft: (k) => coldC[k]! < p.tempMinC || rain[k] === 1 || gapK[k]! <= 0 || panelC[k]! > POP_C,
  };
}

/** One pass from the end of the forecast to its start, per future. */
function nextBadOf(air: AtPart, isBroken: Broken): Int32Array {
  const next = new Int32Array(air.rows * air.nodes);
  for (let r = 0; r < air.rows; r++) {
    let first = air.nodes;
    for (let i = air.nodes - 1; i >= 0; i--) {
      const k = r * air.nodes + i;
      if (isBroken(k)) first = i;
      next[k] = first;
    }
  }
  return next;
}

export function limitTable(air: AtPart, product: Product): LimitTable {
  const broken = brokenBy(air, product);
  const of = (stage: LimitStage): Int32Array => nextBadOf(air, broken[stage]);
  return { nextBad: { laid: of('laid'), open: of('open'), wet: of('wet'), soft: of('soft') }, product };
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
export function causeAt(a: AtPart, p: Product, stage: LimitStage, { row, node }: Spot): Cause {
  return CAUSES[stage](a, p, row * a.nodes + node);
}
