import { describe, expect, it } from 'vitest';
import {
  cFromF,
  deltaFFromK,
  fFromC,
  filmUmOf,
  flOzFromMl,
  ft2FromM2,
  inFromMm,
  M2_PER_FT2,
  milFromUm,
  ML_PER_US_FL_OZ,
  ML_PER_US_GALLON,
  mphFromMs,
  UM_PER_MIL,
} from './convert';

describe('unit factors', () => {
  it('one millilitre over one square metre is one micrometre (identity)', () => {
    expect(filmUmOf(1, 1)).toBe(1);
    expect(filmUmOf(400, 2)).toBe(200);
  });
  it('a US gallon covers 1604.17 square feet at one mil (identity: 231 cubic inches)', () => {
    const um = UM_PER_MIL;
    const areaM2 = ML_PER_US_GALLON / um;
    expect(ft2FromM2(areaM2)).toBeCloseTo(1604.17, 1);
  });
  it('a US gallon is 3785.41 ml and a fluid ounce 29.5735 ml (NIST SP 811, appendix B)', () => {
    expect(ML_PER_US_GALLON).toBeCloseTo(3785.412, 2);
    expect(ML_PER_US_FL_OZ).toBeCloseTo(29.57353, 4);
    expect(flOzFromMl(355)).toBeCloseTo(12, 1);
  });
  it('68 °F is 20 °C, 5 °F of difference is 2.8 K', () => {
    expect(cFromF(68)).toBeCloseTo(20, 9);
    expect(fFromC(-40)).toBeCloseTo(-40, 9);
    expect(deltaFFromK(25 / 9)).toBeCloseTo(5, 9);
  });
  it('one square foot is 0.09290304 m², 1 m/s is 2.23694 mph, 25.4 µm one mil (NIST SP 811)', () => {
    expect(M2_PER_FT2).toBeCloseTo(0.09290304, 10);
    expect(mphFromMs(1)).toBeCloseTo(2.236936, 5);
    expect(milFromUm(25.4)).toBe(1);
    expect(inFromMm(508)).toBe(20);
  });
  it('refuses a volume or area that is not a number', () => {
    expect(() => filmUmOf(Number.NaN, 1)).toThrow(RangeError);
    expect(() => filmUmOf(1, 0)).toThrow(RangeError);
  });
});
