/** Temperatures of the part, one an hour; null where nobody knows it. °C */
export interface HourlyC {
  readonly startMs: number;
  readonly tempC: readonly (number | null)[];
}
