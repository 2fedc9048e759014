/** An outline traced on a picture, brought to millimetres by one known length in the same plane. */

export type Dot = readonly [number, number];
/** How well a corner is hit, in pixels of the picture; one standard deviation. From memory. */
const HIT_PX = 2;

/**
 * Corners in pixels to corners in mm, laid at the origin; to the tenth.
 * @param known the two ends of the known length, px
 * @param lengthMm what lies between them, above 0
 * @throws RangeError when the two ends are one point, the length is not above 0, or there are fewer than three corners
 */
export function tracedMm(
  corners: readonly Dot[],
  known: readonly [Dot, Dot],
  lengthMm: number,
): [number, number][] {
  const px = Math.hypot(known[1][0] - known[0][0], known[1][1] - known[0][1]);
  if (!(px >= 1)) throw new RangeError('tracedMm: the ends of the known length are one point');
  if (!(lengthMm > 0)) throw new RangeError('tracedMm: known length above 0');
  if (corners.length < 3) throw new RangeError('tracedMm: three corners or more');
  const x0 = Math.min(...corners.map((c) => c[0]));
  const y0 = Math.min(...corners.map((c) => c[1]));
  const mm = (v: number): number => Math.round(((v * lengthMm) / px) * 10) / 10;
  return corners.map(([x, y]) => [mm(x - x0), mm(y - y0)]);
}

/**
 * Share by which the area may be off, one standard deviation: the length enters twice, both its ends are hit
 * by hand. Lens and slant are not in it.
 */
export function traceSdFrac(known: readonly [Dot, Dot]): number {
  const px = Math.hypot(known[1][0] - known[0][0], known[1][1] - known[0][1]);
  return px >= 1 ? (2 * Math.SQRT2 * HIT_PX) / px : 1;
}
