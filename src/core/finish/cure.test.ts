/** Cure dates by hand: doses at 20 °C, longer in a cold month, shorter in a warm one, none below the minimum. */
import { describe, expect, it } from 'vitest';
import { product } from '@/demo/test-kit';
import { DAY } from '../time/instant';
import { cureDates, type CureMile } from './cure';

const ended = Date.UTC(2026, 4, 16, 12);
const steady = (c: number) => ({ startMs: ended, tempC: Array.from({ length: 24 * 380 }, () => c) });
const daysTo = (id: string, c: number, what: CureMile): number | null => {
  const { cureMin: _own, ...bare } = product(id);
  const date = cureDates(bare, ended, steady(c)).find((d) => d.what === what)!;
  return date.atMs === null ? null : (date.atMs - ended) / DAY;
};

describe('cure dates', () => {
  it('at 20 °C they are the doses: 2K from a can may be waxed after 30 days, fitted after 3, fuelled after 30', () => {
    expect(daysTo('halden-2k-gloss', 20, 'wax')).toBeCloseTo(30, 1);
    expect(daysTo('halden-2k-gloss', 20, 'fit')).toBeCloseTo(3, 1);
    expect(daysTo('halden-gun-gloss', 20, 'fuel')).toBeCloseTo(14, 1);
  });
  it('in the sun once it may be handled, stacked after it may be clamped, on the road before it is waxed', () => {
    // From memory, at 20 °C: 2K of a gun 16 h, 3 d and 14 d.
    expect(daysTo('halden-gun-gloss', 20, 'sun')! * 24).toBeCloseTo(16, 0);
    expect(daysTo('halden-gun-gloss', 20, 'stack')).toBeCloseTo(3, 1);
    expect(daysTo('halden-gun-gloss', 20, 'chips')).toBeCloseTo(14, 1);
    for (const id of ['halden-gun-gloss', 'halden-2k-gloss', 'halden-1k-gloss', 'skerry-enamel']) {
      const at = (what: CureMile): number => daysTo(id, 20, what)!;
      expect(at('stack')).toBeGreaterThan(at('fit'));
      expect(at('chips')).toBeLessThan(at('wax'));
      expect(at('sun')).toBeLessThan(at('tape-on'));
    }
  });
  // Times x at 15 and 25 °C for a cure of 55 kJ/mol: 1.5 and 0.68 (Arrhenius, from memory).
  it('a cold month at 15 °C makes 45 days of 30, a warm one at 25 °C 20', () => {
    expect(daysTo('halden-gun-gloss', 15, 'wax')! / 30).toBeCloseTo(1.5, 1);
    expect(daysTo('halden-gun-gloss', 25, 'wax')! / 30).toBeCloseTo(0.68, 1);
  });
  it('stands still in the frost, and gets there after it', () => {
    expect(daysTo('halden-gun-gloss', 2, 'wax')).toBeNull();
    const cold = Array.from({ length: 240 }, () => 2);
    const warm = Array.from({ length: 24 * 60 }, () => 20);
    const { cureMin: _own, ...bare } = product('halden-gun-gloss');
    const dates = cureDates(bare, ended, { startMs: ended, tempC: [...cold, ...warm] });
    const tape = dates.find((d) => d.what === 'tape-on')!;
    expect((tape.atMs! - ended) / DAY).toBeCloseTo(12, 1);
  });
  it('one-part lacquer never stands fuel; the sheet’s own cure wins for wax', () => {
    const lacquer = cureDates(product('halden-1k-gloss'), ended, steady(20));
    expect(lacquer.find((d) => d.what === 'fuel')).toMatchObject({ isNever: true, atMs: null });
    const own = { ...product('halden-gun-gloss'), cureMin: 10 * 1440 };
    expect(cureDates(own, ended, steady(20)).find((d) => d.what === 'wax')!.atMs).toBeCloseTo(
      ended + 10 * DAY,
      -6,
    );
  });
  it('says where it goes on as lately, because nobody knows', () => {
    const { cureMin: _own, ...bare } = product('halden-gun-gloss');
    const dates = cureDates(bare, ended, { startMs: ended, tempC: Array.from({ length: 240 }, () => 20) });
    expect(dates.map((d) => d.isAssumed)).toEqual([false, false, false, false, false, true, true, true]);
  });
});
