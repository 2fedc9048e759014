/** Stages against the temperature, with figures worked by hand. */
import { describe, expect, it } from 'vitest';
import { product } from '@/demo/test-kit';
import { chartedOf, chartRows, sheetPoint, type Charted } from './drying-chart';

const clear = product('halden-2k-gloss');
const at = (what: Charted, tempC: number, p = clear) => chartRows(p, what).find((r) => r.tempC === tempC)!;

describe('the drying chart', () => {
  it('passes through the sheet: 7 h of handle-dry at 20 °C, by both schools', () => {
    expect(sheetPoint(clear, 'handle')).toEqual({ tempC: 20, minutes: 420 });
    expect(at('handle', 20)).toEqual({ tempC: 20, energy: 420, tenth: 420 });
  });
  it('half of it at 30 °C by the rule of ten, 2.1 times less by 55 kJ/mol; at rest below its 12 °C', () => {
    expect(at('handle', 30).tenth).toBeCloseTo(210, 9);
    expect(at('handle', 30).energy!).toBeCloseTo(420 / 2.1, -1);
    expect(at('handle', 11)).toEqual({ tempC: 11, energy: null, tenth: null });
  });
  it('a pot of two days is one at 30 °C and never longer than two in the cold', () => {
    expect(at('pot', 30).tenth).toBeCloseTo(1440, 9);
    expect(at('pot', 5)).toMatchObject({ energy: 2880, tenth: 2880 });
  });
  it('offers what the sheet knows: no pot for a lacquer, a forbidden span for an enamel alone', () => {
    expect(chartedOf(product('orrin-base'))).not.toContain('pot');
    expect(chartedOf(clear)).toContain('pot');
    expect(chartedOf(product('skerry-enamel'))).toContain('again');
    expect(chartedOf(clear)).not.toContain('again');
    expect(chartRows(clear, 'flash')).toHaveLength(41);
  });
});
