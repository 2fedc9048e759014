/** Film and what it takes: coats, dry film, solids, cover, density, tip, packs. */
import { round1 } from '@/core/numerics/round';
import { ML_PER_US_FL_OZ, ML_PER_US_GALLON, M2_PER_FT2, UM_PER_MIL } from '@/core/units/convert';
import type { Clause } from './clause';
import type { Finds } from './finds';
import { numberOf, quantityIn } from './quantities';

const MANNERS = 'thin|light|even|full|wet|medium|cross|single|normal|dust';
const COATS = String.raw`(?:(?:${MANNERS})[ ,-]*(?:and )?)*(?:coats?|layers?|passes)\b`;

export function readCoats({ text }: Clause, finds: Finds): void {
  const coats = quantityIn(text, COATS);
  if (coats && coats[1] <= 8 && coats[0] >= 1) finds.add('coats', Math.round(coats[1]), text, coats);
}

/** Dry film, µm; the middle of a range. Wet film is another thing. */
export function readFilm({ text, low }: Clause, finds: Finds): void {
  const um = quantityIn(text, String.raw`(?:µm|μm|um\b|microns?|my\b)`);
  const mil = quantityIn(text, String.raw`mils?\b`);
  const range = um ?? (mil && ([mil[0] * UM_PER_MIL, mil[1] * UM_PER_MIL] as const));
  if (range && !/wet/.test(low)) finds.add('filmUmPerCoat', round1((range[0] + range[1]) / 2), text, range);
}

const SOLIDS =
  /solids[^.%]*?(\d+(?:[.,]\d+)?)\s*(?:[-–]\s*(\d+(?:[.,]\d+)?)\s*)?%|(\d+(?:[.,]\d+)?)\s*%\s*(?:volume )?solids/i;

export function readSolids({ text, low }: Clause, finds: Finds): void {
  const solids = SOLIDS.exec(text);
  if (!solids || /by weight|by mass|weight solids/.test(low)) return;
  const a = numberOf(solids[1] ?? solids[3]!);
  const b = solids[2] ? numberOf(solids[2]) : a;
  finds.add('solidsFrac', (a + b) / 200, text, [a / 100, b / 100]);
}

/** The lower end of what a litre or a pack covers. */
export function readCover({ text, low }: Clause, finds: Finds): void {
  const perL = quantityIn(text, String.raw`(?:m²|m2|sqm|sq\.? ?m)\s*(?:\/|per)\s*(?:l\b|lit(?:er|re)|ltr)`);
  const perGal = quantityIn(text, String.raw`(?:ft²|sq\.? ?ft\.?|square feet)\s*(?:\/|per)\s*gal`);
  if (perL) finds.add('coverM2PerL', perL[0], text, perL);
  else if (perGal)
    finds.add('coverM2PerL', round1(((perGal[0] * M2_PER_FT2) / ML_PER_US_GALLON) * 1000), text);
  if (perL || perGal || !/cover|spread|enough|yield|sufficient/.test(low)) return;
  const area = quantityIn(text, String.raw`(?:m²|m2|sqm|sq\.? ?m\b|square met(?:er|re)s?)`);
  const feet = quantityIn(text, String.raw`(?:ft²|sq\.? ?ft\.?|square feet)`);
  if (area) finds.add('coverM2', area[0], text, area);
  else if (feet) finds.add('coverM2', round1(feet[0] * M2_PER_FT2), text);
}

export function readSmallFigures({ text, low }: Clause, finds: Finds): void {
  const voc = quantityIn(text, String.raw`g\s*\/\s*l\b`);
  if (voc && /voc/.test(low)) finds.add('vocGPerL', voc[1], text);
  const density = quantityIn(text, String.raw`(?:g\/ml|g\/cm³|g\/cm3|kg\/l)`);
  if (density && density[0] >= 0.3 && density[1] <= 3) finds.add('densityGPerMl', density[0], text);
  const tip = quantityIn(text, 'mm');
  if (tip && /nozzle|tip|needle|fluid|set-?up/.test(low) && tip[1] <= 6) finds.add('tipMm', tip, text);
}

/** Units of volume in the order they are looked for, ml each, and the least and most that can be a pack. */
const VOLUMES: readonly { unit: string; ml: number; least?: number; most?: number; exact?: true }[] = [
  { unit: String.raw`ml\b`, ml: 1, least: 20, exact: true },
  { unit: String.raw`(?:fl\.? ?oz\.?|fluid ounces?)`, ml: ML_PER_US_FL_OZ },
  { unit: 'gallons?|gal\\b', ml: ML_PER_US_GALLON },
  { unit: 'quarts?|qt\\b', ml: ML_PER_US_GALLON / 4 },
  { unit: 'pints?|pt\\b', ml: ML_PER_US_GALLON / 8 },
  { unit: String.raw`(?:l\b|lit(?:er|re)s?\b|ltr\b)`, ml: 1000, least: 1e-9, most: 20, exact: true },
];
const G_PER_OZ = 28.349523125;

function packVolumeMl(text: string): number | null {
  for (const { unit, ml, least = 0, most = Infinity, exact } of VOLUMES) {
    const x = quantityIn(text, unit)?.[0];
    if (x === undefined || x < least || x > most) continue;
    return exact ? x * ml : Math.round(x * ml);
  }
  return null;
}

function packWeightG(text: string): number | null {
  const g = quantityIn(text, String.raw`g\b`)?.[0];
  if (g !== undefined && g >= 20) return g;
  const oz = quantityIn(text, String.raw`(?<!fl\.? ?)oz\.?\b`)?.[0];
  const isVolume = quantityIn(text, String.raw`(?:fl\.? ?oz\.?|fluid ounces?)`) !== null;
  return oz === undefined || isVolume ? null : Math.round(oz * G_PER_OZ);
}

export function readPack({ text, low }: Clause, finds: Finds): void {
  if (/cover|per |\/|voc/.test(low) && !/contents?|net|can of|tin of/.test(low)) return;
  const ml = packVolumeMl(text);
  if (ml !== null) finds.add('packMl', ml, text);
  if (!/net (?:wt|weight|mass)|contents|\boz\b/.test(low)) return;
  const g = packWeightG(text);
  if (g !== null) finds.add('packG', g, text);
}
