/** Lengths and areas of plain bodies. Identities of geometry unless said. */

/**
 * Arc over a chord: radius from the rise, R = (c²/4 + h²)/(2h), length = R·2·asin(c/2R).
 * @param chordMm above 0
 * @param riseMm 0 … half the chord and beyond
 */
export function arcLengthMm(chordMm: number, riseMm: number): number {
  if (!(chordMm > 0) || !(riseMm >= 0)) throw new RangeError('arcLengthMm: chord above 0, rise 0 or more');
  if (riseMm < 1e-9) return chordMm;
  const r = ((chordMm * chordMm) / 4 + riseMm * riseMm) / (2 * riseMm);
  const half = Math.asin(Math.min(1, chordMm / (2 * r)));
  return r * 2 * (riseMm <= chordMm / 2 ? half : Math.PI - half);
}

/** Exponent of the approximation below. */
const THOMSEN_P = 1.6075;
/**
 * Surface of an ellipsoid with semi-axes a, b, c: 4π·((aᵖbᵖ + aᵖcᵖ + bᵖcᵖ)/3)^(1/p), p = 1.6075.
 * Source: Knud Thomsen's approximation (2004), error at most 1.061 %.
 */
export function ellipsoidAreaMm2(a: number, b: number, c: number): number {
  if (!(a > 0 && b > 0 && c > 0)) throw new RangeError('ellipsoidAreaMm2: semi-axes above 0');
  const p = THOMSEN_P;
  const t = (Math.pow(a * b, p) + Math.pow(a * c, p) + Math.pow(b * c, p)) / 3;
  return 4 * Math.PI * Math.pow(t, 1 / p);
}

/** Area of a simple polygon, mm² (the shoelace sum). */
export function polygonAreaMm2(points: readonly (readonly [number, number])[]): number {
  if (points.length < 3) throw new RangeError('polygonAreaMm2: three points or more');
  let twice = 0;
  points.forEach(([x, y], i) => {
    const [u, v] = points[(i + 1) % points.length]!;
    twice += x * v - u * y;
  });
  return Math.abs(twice) / 2;
}

/** True when no two sides of the polygon cross: its area means something. */
export function isSimplePolygon(points: readonly (readonly [number, number])[]): boolean {
  const n = points.length;
  const side = (
    a: readonly [number, number],
    b: readonly [number, number],
    c: readonly [number, number],
  ): number => Math.sign((b[0] - a[0]) * (c[1] - a[1]) - (b[1] - a[1]) * (c[0] - a[0]));
  for (let i = 0; i < n; i++)
    for (let j = i + 2; j < n; j++) {
      if (i === 0 && j === n - 1) continue;
      const a = points[i]!;
      const b = points[(i + 1) % n]!;
      const c = points[j]!;
      const d = points[(j + 1) % n]!;
      if (side(a, b, c) !== side(a, b, d) && side(c, d, a) !== side(c, d, b)) return false;
    }
  return true;
}

/** Mantle of a cone cut off flat: π·(r₁ + r₂)·s, s the slant. */
export function coneMantleMm2(topMm: number, bottomMm: number, heightMm: number): number {
  if (!(topMm >= 0 && bottomMm >= 0 && topMm + bottomMm > 0 && heightMm >= 0))
    throw new RangeError('coneMantleMm2: diameters and height 0 or more');
  const r = topMm / 2;
  const q = bottomMm / 2;
  return Math.PI * (r + q) * Math.hypot(heightMm, r - q);
}
