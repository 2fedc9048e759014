/** Learning finds a known truth back from simulated logs, and one slip hardly moves it. */
import { describe, expect, it } from 'vitest';
import { learned, sdWithOneMore } from './learned';
import { normals } from './random';

const PRIOR = { mean: 0, sd: 0.17 };
const COAT = 0.1;

describe('a figure that is learned', () => {
  it('is the prior with nothing told, and its conjugate mean with one plain reading', () => {
    expect(learned(PRIOR, [])).toMatchObject({ mean: 0, sd: 0.17, n: 0 });
    // By hand: precisions 34.60 and 100 share 0.1 as 100 / 134.60; a plain reading counts almost whole.
    expect(learned(PRIOR, [{ y: 0.1, sd: COAT }]).mean).toBeCloseTo(0.0743, 2);
  });
  it('lies within a tenth of the truth after six coats of 10 % scatter in nine of ten of 500 painters', () => {
    const z = normals(2026);
    let near = 0;
    for (let i = 0; i < 500; i++) {
      const truth = PRIOR.sd * z();
      const told = Array.from({ length: 6 }, () => ({ y: truth + COAT * z(), sd: COAT }));
      if (Math.abs(Math.exp(learned(PRIOR, told).mean - truth) - 1) < 0.1) near++;
    }
    expect(near / 500).toBeGreaterThanOrEqual(0.9);
  });
  it('its bands of nine in ten hold the truth in about nine of ten of 1000 painters', () => {
    const z = normals(77);
    let held = 0;
    for (let i = 0; i < 1000; i++) {
      const truth = PRIOR.sd * z();
      const e = learned(
        PRIOR,
        Array.from({ length: 5 }, () => ({ y: truth + COAT * z(), sd: COAT })),
      );
      if (Math.abs(e.mean - truth) < 1.645 * e.sd) held++;
    }
    expect(Math.abs(held / 1000 - 0.9)).toBeLessThan(0.03);
  });
  it.each([Math.log(10), -Math.log(10), Math.log(3)])(
    'one absurd entry of %f moves it by less than its spread',
    (absurd) => {
      for (const n of [0, 1, 2, 6]) {
        const plain = Array.from({ length: n }, (_, i) => ({ y: 0.1 + (i % 2 ? 0.05 : -0.05), sd: COAT }));
        const before = learned(PRIOR, plain);
        const after = learned(PRIOR, [...plain, { y: absurd, sd: COAT }]);
        expect(Math.abs(after.mean - before.mean)).toBeLessThan(before.sd);
        expect(after.counted.at(-1)).toBeLessThan(0.1);
      }
    },
  );
  it('one more reading halves no doubt by itself: precisions add', () => {
    expect(sdWithOneMore(0.1, 0.1)).toBeCloseTo(0.1 / Math.SQRT2, 9);
  });
  it('refuses a spread of nought', () => {
    expect(() => learned({ mean: 0, sd: 0 }, [])).toThrow(RangeError);
  });
});
