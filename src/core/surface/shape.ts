/**
 * Shapes of parts as faces: each with its area, its outline laid flat, how it stands while it is
 * sprayed, and how well its area is known. Formulas are identities of geometry unless said.
 */
import type { Part } from '@/model/job';

export type Posture = Part['posture'];
export interface Face {
  /** Which face of its kind: "top", "front", "shell" … */
  readonly name: string;
  readonly areaM2: number;
  /** The rectangle the passes run over, mm: along and across the passes, one side at a time. */
  readonly lengthMm: number;
  readonly widthMm: number;
  /** From how many sides a pass goes round it: 1 for a face, 3 for a tube. */
  readonly rounds: number;
  readonly posture: Posture;
  /** One standard deviation of the area as a share, from measuring and from the formula. From memory. */
  readonly sdFrac: number;
  /** Outline laid flat, mm, for the drawing; the rectangle when left out. */
  readonly outline?: readonly (readonly [number, number])[] | 'ellipse';
}

/** Arc over a chord: radius from the rise, R = (c²/4 + h²)/(2h), length = R·2·asin(c/2R). @param chordMm above 0 @param riseMm 0 … half the chord and beyond */
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

/** A tape reads to about 1 %; a rise or a girth over a curve to 3; an eye's "like an ellipsoid" to 8; somebody else's figure to 5. From memory. */
const SD = {
  flat: 0.01,
  curved: 0.03,
  tube: 0.01,
  cone: 0.02,
  round: 0.08,
  polygon: 0.02,
  known: 0.05,
} as const;
const M2 = 1e-6;
const rect = (
  name: string,
  lengthMm: number,
  widthMm: number,
  posture: Posture,
  sdFrac: number = SD.flat,
): Face => ({ name, areaM2: lengthMm * widthMm * M2, lengthMm, widthMm, rounds: 1, posture, sdFrac });
const disc = (name: string, diameterMm: number, posture: Posture): Face => ({
  name,
  areaM2: ((Math.PI * diameterMm * diameterMm) / 4) * M2,
  lengthMm: diameterMm,
  widthMm: diameterMm,
  rounds: 1,
  posture,
  sdFrac: SD.tube,
  outline: 'ellipse',
});
/** A tube is sprayed from three sides; each pass sees its breadth. */
const tube = (name: string, lengthMm: number, diameterMm: number, posture: Posture): Face => ({
  name,
  areaM2: Math.PI * diameterMm * lengthMm * M2,
  lengthMm,
  widthMm: diameterMm,
  rounds: 3,
  posture,
  sdFrac: SD.tube,
});
const OTHER: Readonly<Record<Posture, Posture>> = {
  flat: 'underside',
  underside: 'flat',
  upright: 'upright',
  sloped: 'sloped',
};

/** Every face of one piece; hidden edges and the number of pieces come on top. */
export function facesOf(p: Part): Face[] {
  const s = p.shape;
  const L = p.lengthMm;
  const W = p.widthMm;
  const post = p.posture;
  const sided = (f: Face): Face[] =>
    p.sides === 2
      ? [
          { ...f, name: 'front' },
          { ...f, name: 'back' },
        ]
      : [f];
  if (!s) return sided(rect('face', L, W, post));
  switch (s.kind) {
    case 'curved': {
      const girth = s.girthMm ?? arcLengthMm(W, s.riseMm ?? 0);
      return sided(rect('face', L, girth, post, SD.curved));
    }
    case 'box':
      return (
        [
          ['top', L, W, 'flat'],
          ['bottom', L, W, 'underside'],
          ['front', L, s.heightMm, 'upright'],
          ['back', L, s.heightMm, 'upright'],
          ['left', W, s.heightMm, 'upright'],
          ['right', W, s.heightMm, 'upright'],
        ] as const
      )
        .filter(([name]) => s.faces.includes(name))
        .map(([name, a, b, q]) => rect(name, a, b, q));
    case 'tube':
      return [
        tube('tube', L, s.diameterMm, post),
        ...(s.ends > 0 ? [disc('end', s.diameterMm, post)] : []),
        ...(s.ends > 1 ? [disc('other end', s.diameterMm, OTHER[post])] : []),
      ];
    case 'frame':
      return s.tubes.flatMap((t, i) =>
        Array.from({ length: t.count }, (_, k) =>
          tube(t.count > 1 ? `tube ${i + 1}, ${k + 1}` : `tube ${i + 1}`, t.lengthMm, t.diameterMm, post),
        ),
      );
    case 'ellipsoid': {
      const whole = ellipsoidAreaMm2(L / 2, W / 2, s.heightMm / 2) * s.share * M2;
      // Swept as its shadow, as often as the shadow goes into the skin.
      const shadow = (Math.PI / 4) * L * W * M2;
      return [
        {
          name: s.share < 1 ? 'dome' : 'skin',
          areaM2: whole,
          lengthMm: L,
          widthMm: W * Math.max(1, whole / shadow),
          rounds: 1,
          posture: post,
          sdFrac: SD.round,
          outline: 'ellipse',
        },
      ];
    }
    case 'cone':
      return [
        {
          name: 'mantle',
          areaM2: coneMantleMm2(s.topMm, s.bottomMm, s.heightMm) * M2,
          lengthMm: Math.hypot(s.heightMm, (s.topMm - s.bottomMm) / 2),
          widthMm: (s.topMm + s.bottomMm) / 2,
          rounds: 3,
          posture: 'upright',
          sdFrac: SD.cone,
        },
        ...(s.ends === 'none'
          ? []
          : [disc('bottom', s.bottomMm, 'underside' as const)].filter((f) => f.areaM2 > 0)),
        ...(s.ends === 'both' && s.topMm > 0 ? [disc('top', s.topMm, 'flat')] : []),
      ];
    case 'polygon': {
      const xs = s.pointsMm.map((q) => q[0]);
      const ys = s.pointsMm.map((q) => q[1]);
      const w = Math.max(...xs) - Math.min(...xs);
      const h = Math.max(...ys) - Math.min(...ys);
      return sided({
        name: 'face',
        areaM2: polygonAreaMm2(s.pointsMm) * M2,
        lengthMm: w,
        widthMm: h,
        rounds: 1,
        posture: post,
        sdFrac: SD.polygon,
        outline: s.pointsMm,
      });
    }
    case 'known': {
      const side = Math.sqrt(s.areaM2 / M2);
      return [
        {
          ...rect('face', L > 0 ? L : side, 1, post, SD.known),
          areaM2: s.areaM2,
          lengthMm: side * Math.sqrt(L / W),
          widthMm: side / Math.sqrt(L / W),
        },
      ];
    }
  }
}
