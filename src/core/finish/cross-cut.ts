/** Cross-cut and tape by ISO 2409: how far apart the cuts are, and what class comes of what flaked. */

/** Thickest film that is tested so, µm. */
const MOST_UM = 250;

/** Distance of the cuts, mm; null where the film is too thick for the test. Source: ISO 2409, from memory. */
export function spacingMm(filmUm: number, isHardGround: boolean): number | null {
  if (!(filmUm > 0) || filmUm > MOST_UM) return null;
  if (filmUm > 120) return 3;
  if (filmUm > 60) return 2;
  return isHardGround ? 1 : 2;
}

/** Upper ends of classes 1 to 4, per cent of the lattice. Source: ISO 2409, from memory. */
const UP_TO_PCT = [5, 15, 35, 65] as const;

/** @param pct of the lattice that flaked, 0…100 @throws RangeError outside */
export function crossCutClass(pct: number): number {
  if (!(pct >= 0 && pct <= 100)) throw new RangeError(`crossCutClass: 0 to 100 %, got ${pct}`);
  if (pct === 0) return 0;
  const k = UP_TO_PCT.findIndex((upTo) => pct < upTo || (upTo > 5 && pct === upTo));
  return k < 0 ? 5 : k + 1;
}

/** Share that stands for a class in a drawing, of 25 squares. */
export const FLAKED_OF_25: readonly number[] = [0, 1, 3, 6, 12, 20];
