/** Five invented climates of the stand-in: what is usual there, by season and hour. Invented figures, no station's. */
export const CLIMATES = ['oceanic', 'inland', 'dry', 'humid', 'northern'] as const;
export type Climate = (typeof CLIMATES)[number];

export interface ClimateCard {
  /** Mean of the year at sea, °C, and how far the seasons swing from it, K. */
  readonly meanC: number;
  readonly seasonK: number;
  /** Half of the way from night to day under a clear sky, K. */
  readonly swingK: number;
  /** Usual gap of the dew point under the mean of the day, K. */
  readonly drynessK: number;
  /** Mean wind at 10 m, m/s. */
  readonly windMs: number;
  /** Mean cover of the sky, 0…1. */
  readonly cloudFrac: number;
  /** How readily it rains: higher is wetter. */
  readonly wet: number;
}

export const CLIMATE_CARDS: Readonly<Record<Climate, ClimateCard>> = {
  oceanic: { meanC: 11.5, seasonK: 6.5, swingK: 5.6, drynessK: 5, windMs: 3.1, cloudFrac: 0.45, wet: 0 },
  inland: { meanC: 10, seasonK: 11, swingK: 6.5, drynessK: 5.5, windMs: 2.7, cloudFrac: 0.45, wet: 0 },
  dry: { meanC: 19, seasonK: 8.5, swingK: 8, drynessK: 12, windMs: 2.6, cloudFrac: 0.22, wet: -0.4 },
  humid: { meanC: 24, seasonK: 4, swingK: 4.5, drynessK: 3, windMs: 2.3, cloudFrac: 0.5, wet: 0.25 },
  northern: { meanC: 3, seasonK: 11, swingK: 4, drynessK: 4, windMs: 3.2, cloudFrac: 0.55, wet: 0 },
};

/** Where no climate is asked for, the latitude has one. */
export function climateAt(latDeg: number): Climate {
  const lat = Math.abs(latDeg);
  if (lat < 23) return 'humid';
  if (lat < 38) return 'dry';
  if (lat < 49) return 'inland';
  return lat < 60 ? 'oceanic' : 'northern';
}
