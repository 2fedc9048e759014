/** When it is too dark to spray by daylight. */

/** Sun below this elevation, degrees: too dark to see a wet edge. Common practice: end of sunset light. */
export const DARK_BELOW_DEG = -1;
export const isDark = (sunDeg: number): boolean => sunDeg < DARK_BELOW_DEG;

/** The sun at an instant, ms. */
export interface SunAt {
  readonly atMs: number;
  readonly sunDeg: number;
}

/**
 * Dark stretches from one look at the sun to the next that finds it light; one that is open at the last ends
 * with `endMs`.
 */
export function darkSpans(looks: Iterable<SunAt>, endMs: number): [fromMs: number, toMs: number][] {
  const spans: [number, number][] = [];
  let open: number | null = null;
  for (const { atMs, sunDeg } of looks) {
    if (isDark(sunDeg)) {
      open ??= atMs;
    } else if (open !== null) {
      spans.push([open, atMs]);
      open = null;
    }
  }
  if (open !== null) spans.push([open, endMs]);
  return spans;
}
