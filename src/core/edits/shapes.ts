/** Edits of a shape: one to start from, its faces, tubes and corners. Lengths in mm. */
import type { Part, Shape } from '@/model/job';
import { BOX_FACES, type SHAPES } from '@/model/lists';

export type ShapeKind = (typeof SHAPES)[number];
export type ShapeOf<K extends Shape['kind']> = Extract<Shape, { kind: K }>;
type Size = Pick<Part, 'lengthMm' | 'widthMm'>;

/** For each kind a shape of about the size the part already has. */
const START: { readonly [K in Shape['kind']]: (size: Size) => ShapeOf<K> } = {
  curved: ({ widthMm }) => ({ kind: 'curved', riseMm: Math.round(widthMm * 0.08) }),
  box: ({ widthMm }) => ({
    kind: 'box',
    heightMm: Math.round(widthMm / 2),
    faces: ['top', 'front', 'back', 'left', 'right'],
  }),
  tube: ({ lengthMm, widthMm }) => ({ kind: 'tube', diameterMm: Math.min(widthMm, lengthMm), ends: 0 }),
  frame: ({ lengthMm }) => ({ kind: 'frame', tubes: [{ lengthMm, diameterMm: 32, count: 1 }] }),
  ellipsoid: ({ widthMm }) => ({ kind: 'ellipsoid', heightMm: Math.round(widthMm * 0.8), share: 0.5 }),
  cone: ({ lengthMm, widthMm }) => ({
    kind: 'cone',
    topMm: widthMm,
    bottomMm: Math.round(widthMm * 0.7),
    heightMm: lengthMm,
    ends: 'none',
  }),
  polygon: ({ lengthMm, widthMm }) => ({
    kind: 'polygon',
    pointsMm: [
      [0, 0],
      [lengthMm, 0],
      [lengthMm, widthMm],
      [0, widthMm],
    ],
  }),
  known: ({ lengthMm, widthMm }) => ({
    kind: 'known',
    areaM2: Math.round((lengthMm * widthMm) / 1e4) / 100 || 0.1,
  }),
};

/** A shape to start from; undefined for a flat part, which needs none. */
export const freshShape = (kind: ShapeKind, size: Size): Shape | undefined =>
  kind === 'flat' ? undefined : START[kind](size);

/** From the rise of the arc to the girth over it, and back. */
export const otherCurve = (s: ShapeOf<'curved'>, widthMm: number): ShapeOf<'curved'> =>
  s.girthMm === undefined ? { ...s, girthMm: widthMm } : { kind: 'curved', riseMm: s.riseMm ?? 0 };

/** A face of a box painted or left, in the usual order of the faces. */
export const withFace = (
  s: ShapeOf<'box'>,
  face: (typeof BOX_FACES)[number],
  on: boolean,
): ShapeOf<'box'> => ({ ...s, faces: BOX_FACES.filter((x) => (x === face ? on : s.faces.includes(x))) });

type Tube = ShapeOf<'frame'>['tubes'][number];
export const addTube = (s: ShapeOf<'frame'>): ShapeOf<'frame'> => ({
  ...s,
  tubes: [...s.tubes, s.tubes.at(-1)!],
});
export const patchTube = (s: ShapeOf<'frame'>, at: number, patch: Partial<Tube>): ShapeOf<'frame'> => ({
  ...s,
  tubes: s.tubes.map((t, i) => (i === at ? { ...t, ...patch } : t)),
});
export const removeTube = (s: ShapeOf<'frame'>, at: number): ShapeOf<'frame'> => ({
  ...s,
  tubes: s.tubes.toSpliced(at, 1),
});

const STEP_MM = 50;
export function addCorner(s: ShapeOf<'polygon'>): ShapeOf<'polygon'> {
  const [along, across] = s.pointsMm.at(-1)!;
  return { ...s, pointsMm: [...s.pointsMm, [along, across + STEP_MM]] };
}
export const moveCorner = (s: ShapeOf<'polygon'>, at: number, to: [number, number]): ShapeOf<'polygon'> => ({
  ...s,
  pointsMm: s.pointsMm.map((q, i) => (i === at ? to : q)),
});
export const removeLastCorner = (s: ShapeOf<'polygon'>): ShapeOf<'polygon'> => ({
  ...s,
  pointsMm: s.pointsMm.slice(0, -1),
});
