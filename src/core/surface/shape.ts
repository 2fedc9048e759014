/**
 * Shapes of parts as faces: each with its area, its outline laid flat, how it stands while it is
 * sprayed, and how well its area is known.
 */
import type { Part, Shape } from '@/model/job';
import { arcLengthMm, coneMantleMm2, ellipsoidAreaMm2, polygonAreaMm2 } from './geometry';

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
  /** How many there are of it in one piece of the part, each like the other; 1 when left out. */
  readonly pieces?: number;
  readonly posture: Posture;
  /** One standard deviation of the area as a share, from measuring and from the formula. From memory. */
  readonly sdFrac: number;
  /** Outline laid flat, mm, for the drawing; the rectangle when left out. */
  readonly outline?: readonly (readonly [number, number])[] | 'ellipse';
}

/** Width of a face laid flat, mm: a tube is slit open along its length. */
export const laidWidthMm = (f: Face): number => (f.rounds > 1 ? (f.areaM2 * 1e6) / f.lengthMm : f.widthMm);

/**
 * A tape reads to about 1 %; a rise or a girth over a curve to 3; an eye's "like an ellipsoid" to 8; somebody
 * else's figure to 5. From memory.
 */
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

const rect = (name: string, lengthMm: number, widthMm: number, posture: Posture): Face => ({
  name,
  areaM2: lengthMm * widthMm * M2,
  lengthMm,
  widthMm,
  rounds: 1,
  posture,
  sdFrac: SD.flat,
});
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

/** A sheet sprayed from one side, or from both. */
function sided(p: Part, face: Face): Face[] {
  if (p.sides === 1) return [face];
  return [
    { ...face, name: 'front' },
    { ...face, name: 'back' },
  ];
}

type OfKind<K extends Shape['kind']> = Extract<Shape, { kind: K }>;
type Faces<K extends Shape['kind']> = (p: Part, s: OfKind<K>) => Face[];

const curved: Faces<'curved'> = (p, s) => {
  const girthMm = s.girthMm ?? arcLengthMm(p.widthMm, s.riseMm ?? 0);
  return sided(p, { ...rect('face', p.lengthMm, girthMm, p.posture), sdFrac: SD.curved });
};

const box: Faces<'box'> = (p, { heightMm, faces }) => {
  const { lengthMm, widthMm } = p;
  const all = [
    rect('top', lengthMm, widthMm, 'flat'),
    rect('bottom', lengthMm, widthMm, 'underside'),
    rect('front', lengthMm, heightMm, 'upright'),
    rect('back', lengthMm, heightMm, 'upright'),
    rect('left', widthMm, heightMm, 'upright'),
    rect('right', widthMm, heightMm, 'upright'),
  ];
  return all.filter((f) => faces.some((name) => name === f.name));
};

const round: Faces<'tube'> = (p, { diameterMm, ends }) => [
  tube('tube', p.lengthMm, diameterMm, p.posture),
  ...(ends > 0 ? [disc('end', diameterMm, p.posture)] : []),
  ...(ends > 1 ? [disc('other end', diameterMm, OTHER[p.posture])] : []),
];

const frame: Faces<'frame'> = (part, s) =>
  s.tubes.map(({ lengthMm, diameterMm, count }, i) => {
    const one = tube(`tube ${i + 1}`, lengthMm, diameterMm, part.posture);
    return count > 1 ? { ...one, name: `${one.name} × ${count}`, pieces: count } : one;
  });

/** The sum of a figure over all faces of one piece, each as often as there is one of it. */
export const sumOverFaces = (faces: readonly Face[], figure: (f: Face) => number): number =>
  faces.reduce((sum, f) => sum + figure(f) * (f.pieces ?? 1), 0);

const ellipsoid: Faces<'ellipsoid'> = ({ lengthMm, widthMm, posture }, { heightMm, share }) => {
  const areaM2 = ellipsoidAreaMm2(lengthMm / 2, widthMm / 2, heightMm / 2) * share * M2;
  // Swept as its shadow, as often as the shadow goes into the skin.
  const shadowM2 = (Math.PI / 4) * lengthMm * widthMm * M2;
  const sweptMm = widthMm * Math.max(1, areaM2 / shadowM2);
  const name = share < 1 ? 'dome' : 'skin';
  return [
    { name, areaM2, lengthMm, widthMm: sweptMm, rounds: 1, posture, sdFrac: SD.round, outline: 'ellipse' },
  ];
};

const cone: Faces<'cone'> = (_p, { topMm, bottomMm, heightMm, ends }) => {
  const mantle: Face = {
    name: 'mantle',
    areaM2: coneMantleMm2(topMm, bottomMm, heightMm) * M2,
    lengthMm: Math.hypot(heightMm, (topMm - bottomMm) / 2),
    widthMm: (topMm + bottomMm) / 2,
    rounds: 3,
    posture: 'upright',
    sdFrac: SD.cone,
  };
  const bottom = ends !== 'none' && bottomMm > 0 ? [disc('bottom', bottomMm, 'underside')] : [];
  const top = ends === 'both' && topMm > 0 ? [disc('top', topMm, 'flat')] : [];
  return [mantle, ...bottom, ...top];
};

const polygon: Faces<'polygon'> = (part, { pointsMm }) => {
  const span = (axis: 0 | 1): number => {
    const values = pointsMm.map((q) => q[axis]);
    return Math.max(...values) - Math.min(...values);
  };
  return sided(part, {
    ...rect('face', span(0), span(1), part.posture),
    areaM2: polygonAreaMm2(pointsMm) * M2,
    sdFrac: SD.polygon,
    outline: pointsMm,
  });
};

/** A square of that area, drawn out to the part's proportions. */
const known: Faces<'known'> = (p, { areaM2 }) => {
  const sideMm = Math.sqrt(areaM2 / M2);
  const stretch = Math.sqrt(p.lengthMm / p.widthMm);
  return [{ ...rect('face', sideMm * stretch, sideMm / stretch, p.posture), areaM2, sdFrac: SD.known }];
};

const FACES: { readonly [K in Shape['kind']]: Faces<K> } = {
  curved,
  box,
  tube: round,
  frame,
  ellipsoid,
  cone,
  polygon,
  known,
};

/** Every face of one piece; hidden edges and the number of pieces come on top. */
export function facesOf(part: Part): Face[] {
  const { shape } = part;
  if (!shape) return sided(part, rect('face', part.lengthMm, part.widthMm, part.posture));
  // The table pairs each kind with its own shape, which the compiler does not follow through an index.
  return (FACES[shape.kind] as (p: Part, s: Shape) => Face[])(part, shape);
}

/** The same, or null while the measures are not such as a part can have: for a form that is being filled in. */
export function facesIfMeasured(part: Part): Face[] | null {
  const isSize = (mm: number): boolean => mm > 0 && mm <= 10_000;
  if (!isSize(part.lengthMm) || !isSize(part.widthMm)) return null;
  try {
    const faces = facesOf(part);
    return faces.every((f) => f.areaM2 >= 0 && f.lengthMm > 0 && f.widthMm > 0) ? faces : null;
  } catch (e) {
    if (e instanceof RangeError) return null;
    throw e;
  }
}
