/**
 * Heat that a part holds: sheet follows the air in minutes, castings and timber in up to hours. Cold metal carried
 * into warm damp air sweats until it is clear of the dew point.
 */
import type { Substrate } from '@/model/substrates';

interface MassCard {
  /** Heat to warm a cubic metre by a kelvin, kJ/m³K; handbook values of density × specific heat, rounded. */
  readonly kJm3K: number;
  /** Usual thickness, mm. [M] */
  readonly wallMm: number;
}
const STEEL = { kJm3K: 3700 } as const;
const ALUMINIUM = { kJm3K: 2430 } as const;
const PLASTIC = { kJm3K: 1600, wallMm: 3 } as const;

const MASS: Readonly<Record<Substrate, MassCard>> = {
  steel: { ...STEEL, wallMm: 0.8 },
  galvanised: { ...STEEL, wallMm: 0.8 },
  stainless: { ...STEEL, wallMm: 1 },
  chrome: { ...STEEL, wallMm: 1 },
  'cast-iron': { kJm3K: 3700, wallMm: 8 },
  aluminium: { ...ALUMINIUM, wallMm: 1.2 },
  anodised: { ...ALUMINIUM, wallMm: 1.5 },
  'cast-aluminium': { ...ALUMINIUM, wallMm: 5 },
  abs: PLASTIC,
  pp: PLASTIC,
  textured: PLASTIC,
  polycarbonate: PLASTIC,
  pe: { ...PLASTIC, wallMm: 4 },
  rubber: { ...PLASTIC, wallMm: 6 },
  fibreglass: { kJm3K: 1700, wallMm: 4 },
  wood: { kJm3K: 950, wallMm: 20 },
  mdf: { kJm3K: 1300, wallMm: 18 },
};

/** Usual thickness of a part of it, mm. [M] */
export const usualWallMm = (substrate: Substrate): number => MASS[substrate].wallMm;

/** Heat a square metre of a part holds, kJ/m²K. @param wallMm its own thickness, mm; left out: the usual one */
export function massKJm2K(substrate: Substrate, wallMm?: number): number {
  const card = MASS[substrate];
  return (card.kJm3K * (wallMm ?? card.wallMm)) / 1000;
}

/** Time in which a part goes 63 % of the way to the air, h. @param bothWm2K of its two faces together, W/m²K */
export const timeConstantH = (kJm2K: number, bothWm2K: number): number => (kJm2K * 1000) / bothWm2K / 3600;

export interface Carried {
  readonly fromC: number;
  readonly airC: number;
  readonly dewC: number;
  readonly constantH: number;
}

/**
 * Hours until a part that was carried in is so far over the dew point; 0 when it is already, null when the air never
 * lets it. Newton's law of cooling.
 */
export function clearOfDewH({ fromC, airC, dewC, constantH }: Carried, gapK: number): number | null {
  const goal = dewC + gapK;
  if (fromC >= goal) return 0;
  if (!(airC > goal)) return null;
  return constantH * Math.log((airC - fromC) / (airC - goal));
}
