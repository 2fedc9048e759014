/** The units people write behind a figure, by what they measure; factors to the unit the app keeps. */
import { M2_PER_FT2, ML_PER_US_FL_OZ, MM_PER_INCH, UM_PER_MIL } from './convert';

export type Dimension = 'length' | 'volume' | 'area' | 'mass' | 'time' | 'film' | 'share';

const MM_PER_FOOT = 12 * MM_PER_INCH;
const M2_PER_IN2 = (MM_PER_INCH / 1000) ** 2;
/** Exact: international avoirdupois pound, 453.59237 g. */
const G_PER_LB = 453.59237;

interface Unit {
  /** Every way it is written, lower case; the first is how it is said. */
  readonly written: readonly string[];
  readonly per: number;
  /** Inches and their kin: offered beside one another only. */
  readonly isUs: boolean;
  /** The unit that a bare figure after this one is in: 1 ft 6, 1 h 30. */
  readonly then?: string;
}
const unit = (written: string, per: number, then?: string): Unit => ({
  written: written.split('|'),
  per,
  isUs: false,
  ...(then !== undefined && { then }),
});
const usUnit = (written: string, per: number, then?: string): Unit => ({
  ...unit(written, per, then),
  isUs: true,
});

/** Kept in mm, ml, m², g, min, µm, per cent. */
export const UNITS: Readonly<Record<Dimension, readonly Unit[]>> = {
  length: [
    unit('mm|millimetre|millimetres|millimeter|millimeters', 1),
    unit('cm|centimetre|centimetres|centimeter|centimeters', 10),
    unit('m|metre|metres|meter|meters', 1000, 'cm'),
    usUnit(`in|inch|inches|"|″|”|''`, MM_PER_INCH),
    usUnit(`ft|foot|feet|'|′|’`, MM_PER_FOOT, 'in'),
  ],
  volume: [
    unit('ml|cc|cm3|millilitre|millilitres|milliliter|milliliters', 1),
    unit('cl', 10),
    unit('l|litre|litres|liter|liters|ltr', 1000),
    usUnit('fl oz|floz|fl. oz|fl.oz|us fl oz', ML_PER_US_FL_OZ),
  ],
  area: [
    unit('m²|m2|sqm|sq m', 1),
    unit('cm²|cm2|sq cm', 1e-4),
    unit('mm²|mm2|sq mm', 1e-6),
    usUnit('ft²|ft2|sqft|sq ft', M2_PER_FT2),
    usUnit('in²|in2|sqin|sq in', M2_PER_IN2),
  ],
  mass: [
    unit('g|gram|grams|gramme|grammes', 1),
    unit('kg|kilo|kilos|kilogram|kilograms', 1000),
    usUnit('oz|ounce|ounces', G_PER_LB / 16),
    usUnit('lb|lbs|pound|pounds', G_PER_LB, 'oz'),
  ],
  time: [
    unit('min|mins|minute|minutes', 1),
    unit('h|hr|hrs|hour|hours', 60, 'min'),
    unit('d|day|days', 1440),
  ],
  film: [unit('µm|um|micron|microns', 1), usUnit('mil|mils|thou', UM_PER_MIL)],
  share: [unit('%|percent|per cent', 1)],
};

const DIMENSIONS = Object.keys(UNITS) as Dimension[];

/** What a unit measures; null for one that is not in the tables (a currency, °). */
export const dimensionOf = (written: string): Dimension | null =>
  DIMENSIONS.find((d) => unitIn(d, written) !== null) ?? null;

export const unitIn = (dimension: Dimension, written: string): Unit | null =>
  UNITS[dimension].find((u) => u.written.includes(written)) ?? null;

/** The units one may write in a field of this unit, as they are said. */
export function unitsBeside(written: string): string[] {
  const dimension = dimensionOf(written);
  return dimension === null ? [] : UNITS[dimension].map((u) => u.written[0]!);
}

/** How many of `to` one of `from` is; null when they do not measure the same. */
export function unitsPer(from: string, to: string): number | null {
  const dimension = dimensionOf(to);
  const a = dimension && unitIn(dimension, from);
  const b = dimension && unitIn(dimension, to);
  return a && b ? a.per / b.per : null;
}

/** The units of the same measure and the same system as this one, itself left out. */
export function kinOf(written: string): string[] {
  const dimension = dimensionOf(written);
  const own = dimension && unitIn(dimension, written);
  if (!own) return [];
  return UNITS[dimension].filter((u) => u.isUs === own.isUs && u !== own).map((u) => u.written[0]!);
}
