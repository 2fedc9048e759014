import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { polygonAreaMm2 } from './geometry';
import { traceSdFrac, tracedMm } from './trace';

describe('an outline traced on a picture', () => {
  it('a sheet of A4 (ISO 216: 210 × 297 mm) traced along its own long edge has its area', () => {
    const a4 = tracedMm(
      [
        [100, 100],
        [310, 100],
        [310, 397],
        [100, 397],
      ],
      [
        [310, 100],
        [310, 397],
      ],
      297,
    );
    expect(a4).toEqual([
      [0, 0],
      [210, 0],
      [210, 297],
      [0, 297],
    ]);
    expect(polygonAreaMm2(a4)).toBe(62370);
  });
  it('neither the scale of the picture nor where it lies nor how it is turned changes the area (seed 41)', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.5, max: 20, noNaN: true }),
        fc.double({ min: -500, max: 500, noNaN: true }),
        fc.double({ min: 0, max: 6.28, noNaN: true }),
        (k, dx, turn) => {
          const at = ([x, y]: [number, number]): [number, number] => [
            k * (x * Math.cos(turn) - y * Math.sin(turn)) + dx,
            k * (x * Math.sin(turn) + y * Math.cos(turn)) - dx,
          ];
          const shape = tracedMm(
            (
              [
                [0, 0],
                [400, 30],
                [380, 250],
                [120, 300],
              ] as [number, number][]
            ).map(at),
            [at([0, 0]), at([100, 0])],
            100,
          );
          expect(
            Math.abs(
              polygonAreaMm2(shape) /
                polygonAreaMm2([
                  [0, 0],
                  [400, 30],
                  [380, 250],
                  [120, 300],
                ]) -
                1,
            ),
          ).toBeLessThan(2e-3);
        },
      ),
      { seed: 41, numRuns: 100 },
    );
  });
  it('refuses one point for two ends, no length, two corners', () => {
    expect(() =>
      tracedMm(
        [
          [0, 0],
          [1, 0],
          [0, 1],
        ],
        [
          [5, 5],
          [5, 5],
        ],
        100,
      ),
    ).toThrow(RangeError);
    expect(() =>
      tracedMm(
        [
          [0, 0],
          [1, 0],
          [0, 1],
        ],
        [
          [0, 0],
          [5, 5],
        ],
        0,
      ),
    ).toThrow(RangeError);
    expect(() =>
      tracedMm(
        [
          [0, 0],
          [1, 0],
        ],
        [
          [0, 0],
          [5, 5],
        ],
        100,
      ),
    ).toThrow(RangeError);
  });
  it('a longer known length is a surer one', () => {
    expect(
      traceSdFrac([
        [0, 0],
        [1000, 0],
      ]),
    ).toBeLessThan(
      traceSdFrac([
        [0, 0],
        [100, 0],
      ]),
    );
  });
});
