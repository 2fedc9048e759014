/** Spacing and classes as ISO 2409 has them; the figures are written here from memory. */
import { describe, expect, it } from 'vitest';
import { crossCutClass, FLAKED_OF_25, spacingMm } from './cross-cut';

describe('cross-cut by ISO 2409', () => {
  it.each([
    [40, true, 1],
    [60, true, 1],
    [40, false, 2],
    [61, true, 2],
    [120, false, 2],
    [121, true, 3],
    [250, false, 3],
  ])('a film of %i µm, hard ground %s: cuts %i mm apart', (um, hard, mm) => {
    expect(spacingMm(um, hard)).toBe(mm);
  });
  it('no film, and one over 250 µm, is not tested so', () => {
    expect([spacingMm(0, true), spacingMm(251, true), spacingMm(NaN, true)]).toEqual([null, null, null]);
  });
  it.each([
    [0, 0],
    [1, 1],
    [4.9, 1],
    [5, 2],
    [15, 2],
    [16, 3],
    [35, 3],
    [36, 4],
    [65, 4],
    [66, 5],
    [100, 5],
  ])('%f %% of the lattice is class %i', (pct, cls) => {
    expect(crossCutClass(pct)).toBe(cls);
  });
  it('its drawings are of their own class', () => {
    expect(FLAKED_OF_25.map((n) => crossCutClass((n / 25) * 100))).toEqual([0, 1, 2, 3, 4, 5]);
  });
  it('refuses a share that is none', () => {
    expect(() => crossCutClass(101)).toThrow(RangeError);
  });
});
