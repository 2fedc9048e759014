import { flatPart } from '@/demo/test-part';
import type { Part } from '@/model/job';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { partAreaM2, partAreaSdM2, partOverrun, postureShare, sweptAreaM2 } from './area';
import { arcLengthMm, coneMantleMm2, ellipsoidAreaMm2, isSimplePolygon, polygonAreaMm2 } from './geometry';
import { perimeterM } from '../prep/cleaning';
import { facesOf } from './shape';

/** The slow judge: a surface given by two parameters, cut into small quadrilaterals of two triangles each. */
function meshAreaM2(at: (u: number, v: number) => readonly [number, number, number], n = 400): number {
  const tri = (a: readonly number[], b: readonly number[], c: readonly number[]): number => {
    const [x, y, z] = [0, 1, 2].map((i) => b[i]! - a[i]!) as [number, number, number];
    const [u, v, w] = [0, 1, 2].map((i) => c[i]! - a[i]!) as [number, number, number];
    return Math.hypot(y * w - z * v, z * u - x * w, x * v - y * u) / 2;
  };
  let sum = 0;
  for (let i = 0; i < n; i++)
    for (let j = 0; j < n; j++) {
      const a = at(i / n, j / n);
      const b = at((i + 1) / n, j / n);
      const c = at((i + 1) / n, (j + 1) / n);
      const d = at(i / n, (j + 1) / n);
      sum += tri(a, b, c) + tri(a, c, d);
    }
  return sum / 1e6;
}

describe('areas against closed forms and a fine mesh', () => {
  it('an arc over 1000 mm with a rise of 500 is half a circle, π/2 times the chord; a flat one is the chord', () => {
    expect(arcLengthMm(1000, 500)).toBeCloseTo(500 * Math.PI, 6);
    expect(arcLengthMm(1000, 0)).toBe(1000);
    expect(arcLengthMm(1000, 1e-6)).toBeCloseTo(1000, 6);
    // Three quarters of a circle of radius 500: rise over the chord of 707.1 is 853.55.
    expect(arcLengthMm(Math.SQRT2 * 500, 500 + 500 / Math.SQRT2)).toBeCloseTo(1.5 * Math.PI * 500, 4);
  });
  it('a sphere of 300 mm is πd² to 1e-9; a flat ellipsoid is within 1.061 % of its mesh (Thomsen 2004)', () => {
    expect(ellipsoidAreaMm2(150, 150, 150)).toBeCloseTo(Math.PI * 300 * 300, 4);
    for (const [a, b, c] of [
      [300, 150, 120],
      [400, 100, 60],
      [250, 250, 40],
    ] as const) {
      const mesh = meshAreaM2((u, v) => [
        a * Math.sin(Math.PI * u) * Math.cos(2 * Math.PI * v),
        b * Math.sin(Math.PI * u) * Math.sin(2 * Math.PI * v),
        c * Math.cos(Math.PI * u),
      ]);
      expect(Math.abs(ellipsoidAreaMm2(a, b, c) / 1e6 / mesh - 1)).toBeLessThan(0.0107);
    }
  });
  it('a curved panel, a tube and a bucket agree with their mesh to 0.01 %', () => {
    const r = ((1000 * 1000) / 4 + 120 * 120) / 240;
    const half = Math.asin(500 / r);
    expect(
      partAreaM2(flatPart({ lengthMm: 1400, widthMm: 1000, shape: { kind: 'curved', riseMm: 120 } })),
    ).toBeCloseTo(
      meshAreaM2((u, v) => [1400 * u, r * Math.sin(half * (2 * v - 1)), r * Math.cos(half * (2 * v - 1))]),
      4,
    );
    expect(
      partAreaM2(flatPart({ lengthMm: 900, widthMm: 42, shape: { kind: 'tube', diameterMm: 42, ends: 0 } })),
    ).toBeCloseTo(
      meshAreaM2((u, v) => [900 * u, 21 * Math.cos(2 * Math.PI * v), 21 * Math.sin(2 * Math.PI * v)]),
      5,
    );
    expect(coneMantleMm2(300, 200, 260) / 1e6).toBeCloseTo(
      meshAreaM2((u, v) => [
        (100 + 50 * u) * Math.cos(2 * Math.PI * v),
        (100 + 50 * u) * Math.sin(2 * Math.PI * v),
        260 * u,
      ]),
      4,
    );
  });
  it('a girth measured by hand wins over the rise; both sides are twice', () => {
    expect(
      partAreaM2(flatPart({ shape: { kind: 'curved', riseMm: 100, girthMm: 560 }, sides: 2 })),
    ).toBeCloseTo(2 * 0.56, 9);
  });
  it('a box of 400 × 300 × 200 mm has 0.52 m² in six faces; without its bottom 0.40', () => {
    const box = (faces: ('top' | 'bottom' | 'front' | 'back' | 'left' | 'right')[]): number =>
      partAreaM2(flatPart({ lengthMm: 400, widthMm: 300, shape: { kind: 'box', heightMm: 200, faces } }));
    expect(box(['top', 'bottom', 'front', 'back', 'left', 'right'])).toBeCloseTo(0.52, 9);
    expect(box(['top', 'front', 'back', 'left', 'right'])).toBeCloseTo(0.4, 9);
  });
  it('a bicycle-like frame of three tubes: 2 × 520 mm of 32 and one of 560 of 38', () => {
    expect(
      partAreaM2(
        flatPart({
          shape: {
            kind: 'frame',
            tubes: [
              { lengthMm: 520, diameterMm: 32, count: 2 },
              { lengthMm: 560, diameterMm: 38, count: 1 },
            ],
          },
        }),
      ),
    ).toBeCloseTo((Math.PI * (2 * 520 * 32 + 560 * 38)) / 1e6, 9);
  });
  it('a polygon by the shoelace: an L of 300 × 300 less 200 × 200 is 0.05 m²; a crossing one is told', () => {
    const l = [
      [0, 0],
      [300, 0],
      [300, 100],
      [100, 100],
      [100, 300],
      [0, 300],
    ] as [number, number][];
    expect(polygonAreaMm2(l) / 1e6).toBeCloseTo(0.05, 9);
    expect(isSimplePolygon(l)).toBe(true);
    expect(
      isSimplePolygon([
        [0, 0],
        [100, 100],
        [100, 0],
        [0, 100],
      ]),
    ).toBe(false);
  });
  it('a known area is that area; four pieces are four times it; 10 % of edges a tenth more', () => {
    expect(
      partAreaM2(flatPart({ shape: { kind: 'known', areaM2: 0.37 }, count: 4, hiddenEdgePct: 10 })),
    ).toBeCloseTo(0.37 * 4 * 1.1, 9);
  });
});

describe('faces', () => {
  it('their areas add up to the part, and the shares of postures to one, over 300 random shapes (seed 9)', () => {
    const mm = fc.integer({ min: 20, max: 2000 });
    const shape = fc.oneof(
      fc.constant(undefined),
      fc.record({ kind: fc.constant('curved' as const), riseMm: fc.integer({ min: 0, max: 300 }) }),
      fc.record({
        kind: fc.constant('box' as const),
        heightMm: mm,
        faces: fc
          .subarray(['top', 'bottom', 'front', 'back', 'left', 'right'] as const, { minLength: 1 })
          .map((x) => [...x]),
      }),
      fc.record({ kind: fc.constant('tube' as const), diameterMm: mm, ends: fc.integer({ min: 0, max: 2 }) }),
      fc.record({ kind: fc.constant('ellipsoid' as const), heightMm: mm, share: fc.constantFrom(0.5, 1) }),
      fc.record({
        kind: fc.constant('cone' as const),
        topMm: mm,
        bottomMm: mm,
        heightMm: mm,
        ends: fc.constantFrom('none' as const, 'bottom' as const, 'both' as const),
      }),
      fc.record({
        kind: fc.constant('known' as const),
        areaM2: fc.double({ min: 0.01, max: 5, noNaN: true }),
      }),
    );
    fc.assert(
      fc.property(
        shape,
        mm,
        mm,
        fc.constantFrom(1 as const, 2 as const),
        fc.constantFrom('flat' as const, 'upright' as const),
        (s, lengthMm, widthMm, sides, posture) => {
          const p = flatPart({ lengthMm, widthMm, sides, posture, ...(s ? { shape: s } : {}) });
          expect(facesOf(p).reduce((a, f) => a + f.areaM2, 0)).toBeCloseTo(partAreaM2(p), 9);
          expect(
            (['flat', 'sloped', 'upright', 'underside'] as const).reduce(
              (a, q) => a + postureShare([p], q),
              0,
            ),
          ).toBeCloseTo(1, 9);
          // Paint never lands on less than it is sprayed over, and every area says how sure it is.
          expect(partOverrun(p)).toBeGreaterThanOrEqual(1);
          expect(sweptAreaM2([p])).toBeGreaterThanOrEqual(partAreaM2(p) - 1e-12);
          expect(partAreaSdM2(p) / partAreaM2(p)).toBeGreaterThan(0.009);
        },
      ),
      { numRuns: 300, seed: 9 },
    );
  });
  it('a tube is passed from three sides, each pass 30 mm wider than it and 60 at least: a bicycle frame is no 23 cans', () => {
    const tube = (diameterMm: number, lengthMm = 520): number =>
      partOverrun(flatPart({ lengthMm, widthMm: 32, shape: { kind: 'tube', diameterMm, ends: 0 } }));
    // By hand: 3 · (520 + 2·65) · 62 mm² over π · 32 · 520 mm².
    expect(tube(32)).toBeCloseTo((3 * 650 * 62) / (Math.PI * 32 * 520), 6);
    // Thin ones still get 60 mm of fan: 3 · 650 · 60 over π · 10 · 520.
    expect(tube(10)).toBeCloseTo((3 * 650 * 60) / (Math.PI * 10 * 520), 6);
    expect(tube(28)).toBeGreaterThan(2);
    expect(tube(28)).toBeLessThan(3);
  });
  it('equal tubes of a frame are one face with its number: fifty weigh as fifty, and cost as one', () => {
    const tube = { lengthMm: 400, diameterMm: 30 };
    const framed = (tubes: { lengthMm: number; diameterMm: number; count: number }[]): Part =>
      flatPart({ shape: { kind: 'frame', tubes } });
    const one = framed([{ ...tube, count: 50 }]);
    const apart = framed(Array.from({ length: 30 }, () => ({ ...tube, count: 1 })));
    expect(facesOf(one)).toHaveLength(1);
    expect(facesOf(one)[0]).toMatchObject({ name: 'tube 1 × 50', pieces: 50 });
    // π · 30 · 400 mm each.
    expect(partAreaM2(one)).toBeCloseTo(50 * Math.PI * 0.03 * 0.4, 9);
    expect(partAreaM2(one) / 50).toBeCloseTo(partAreaM2(apart) / 30, 9);
    expect(partOverrun(one)).toBeCloseTo(partOverrun(apart), 9);
    expect(partAreaSdM2(one) / 50).toBeCloseTo(partAreaSdM2(apart) / 30, 9);
    expect(perimeterM([one]) / 50).toBeCloseTo(perimeterM([apart]) / 30, 9);
  });
});
