/**
 * How long a stage takes, or what ends lives, at one steady temperature after another, by both schools, with
 * the sheet's own figure on it.
 */
import { isTwoPart } from '@/core/chemistry/cards';
import {
  DRYING_SCHOOLS,
  endingRate,
  itselfLatestMin,
  readyRate,
  STAGES,
  stageOf,
  stillBelowC,
  type DryingSchool,
  type Stage,
} from '@/core/drying/rate';
import type { Product } from '@/model/product';

/** What can be looked at: stages of getting ready, and what ends. */
export const CHARTED = [...STAGES, 'recoat-max', 'bond-max', 'pot'] as const;
export type Charted = (typeof CHARTED)[number];

const FROM_C = 0;
const TO_C = 40;

/** One temperature. Minutes; null where it stands still. */
export interface ChartRow {
  readonly tempC: number;
  readonly energy: number | null;
  readonly tenth: number | null;
}

type Ending = { readonly minutes: number; readonly mode: 'evaporation' | 'cure' };

/** The label's minutes of what ends, null where the sheet knows no such end. */
function endingOf(product: Product, what: Charted): Ending | null {
  if (what === 'pot') {
    const minutes = isTwoPart(product) ? product.potLifeMin : undefined;
    return minutes === undefined ? null : { minutes, mode: 'cure' };
  }
  const minutes = what === 'recoat-max' ? itselfLatestMin(product) : (product.nextBondMaxMin ?? Infinity);
  return Number.isFinite(minutes) ? { minutes, mode: 'evaporation' } : null;
}

const isEnding = (what: Charted): what is 'recoat-max' | 'bond-max' | 'pot' =>
  what === 'recoat-max' || what === 'bond-max' || what === 'pot';

/** What a product's sheet has a figure for. */
export function chartedOf(product: Product): Charted[] {
  return CHARTED.filter((what) => {
    if (isEnding(what)) return endingOf(product, what) !== null;
    if (what === 'again') return product.itselfForbiddenMin !== undefined;
    return what !== 'sand' || product.sandMin !== undefined;
  });
}

/** The sheet's own point. */
export function sheetPoint(product: Product, what: Charted): { tempC: number; minutes: number } {
  const minutes = isEnding(what) ? (endingOf(product, what)?.minutes ?? 0) : stageOf(product, what).minutes;
  return { tempC: product.refTempC, minutes };
}

function minutesAt(product: Product, what: Charted, tempC: number, school: DryingSchool): number | null {
  const pace = { refTempC: product.refTempC, energyKJ: product.cureEnergyKJ, school };
  if (isEnding(what)) {
    const ending = endingOf(product, what);
    return ending && ending.minutes / endingRate(ending.mode, tempC, pace);
  }
  const { minutes, mode } = stageOf(product, what satisfies Stage);
  const rate = readyRate(mode, tempC, pace, stillBelowC(product));
  return rate > 0 ? minutes / rate : null;
}

/** A row a degree from 0 to 40 °C. */
export function chartRows(product: Product, what: Charted): ChartRow[] {
  return Array.from({ length: TO_C - FROM_C + 1 }, (_, i) => {
    const tempC = FROM_C + i;
    const [energy, tenth] = DRYING_SCHOOLS.map((school) => minutesAt(product, what, tempC, school));
    return { tempC, energy: energy ?? null, tenth: tenth ?? null };
  });
}
