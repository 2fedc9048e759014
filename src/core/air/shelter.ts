/**
 * What a place does to the weather before it reaches the part. All shares are of the open air;
 * from memory, editable when places get their own screen.
 */
import type { Shelter } from '@/model/job';

export interface ShelterCard {
  /** Keeps rain and falling dew off. */
  readonly roofed: boolean;
  /** Wind at the part over wind at 1.5 m in the open, 0…1. */
  readonly windFrac: number;
  /** Share of sun that reaches the part, 0…1. */
  readonly sunFrac: number;
  /** Share of the open sky an exposed flat face sees, 0…1. */
  readonly skyFrac: number;
  /** Air inside follows outside with this lag, hours. */
  readonly lagH: number;
  /** Highest mean wind outside at 10 m before the place itself makes dust, m/s, or null. */
  readonly outsideMaxMs: number | null;
}

export const SHELTER_CARDS: Readonly<Record<Shelter, ShelterCard>> = {
  open: { roofed: false, windFrac: 1, sunFrac: 1, skyFrac: 1, lagH: 0, outsideMaxMs: null },
  carport: { roofed: true, windFrac: 0.75, sunFrac: 0.2, skyFrac: 0.2, lagH: 0, outsideMaxMs: null },
  'lean-to': { roofed: true, windFrac: 0.5, sunFrac: 0.15, skyFrac: 0.15, lagH: 0.5, outsideMaxMs: null },
  tent: { roofed: true, windFrac: 0.2, sunFrac: 0.35, skyFrac: 0, lagH: 0.2, outsideMaxMs: 5 },
  garage: { roofed: true, windFrac: 0.25, sunFrac: 0, skyFrac: 0, lagH: 3, outsideMaxMs: 7 },
};

/** From least to most shelter. */
export const BY_SHELTER: readonly Shelter[] = ['open', 'carport', 'lean-to', 'tent', 'garage'];

/**
 * Wind at 1.5 m over wind at 10 m on open grass: log profile, roughness length 0.03 m
 * (identity: ln(1.5/0.03)/ln(10/0.03) = 0.673).
 */
export const HEIGHT_FACTOR = Math.log(1.5 / 0.03) / Math.log(10 / 0.03);
