/** The film that the next coat waits for, by hand at the sheet's own 20 °C; and what a finger felt makes of it. */
import { describe, expect, it } from 'vitest';
import { ms, TZ } from '@/demo/test-kit';
import { coatsOf, job, panel, planned } from '@/demo/work-kit';
import type { Job, SystemLayer } from '@/model/job';
import { noteSense } from './edits/senses';
import { feltTimes } from './numerics/felt-times';
import { MINUTE, msOf } from './time/instant';

const layers: SystemLayer[] = [
  { role: 'base', productId: 'orrin-base', coats: 3 },
  { role: 'clear', productId: 'halden-2k-gloss', coats: 2 },
];
const at = (clock: string): string => `2026-05-16T${clock}`;
const endedMs = msOf(at('07:46'), TZ);
const withCoats = (n: number): Job =>
  job(layers, {
    parts: [panel('p')],
    equipment: { sprayer: 'aerosol', suppliedAir: true },
    state: {
      coats: Array.from({ length: n }, (_, i) => ({ layerId: 'base', coat: i + 1, endedAt: at('07:46') })),
      activations: [],
    },
  });
const minAfter = (iso: string | null): number => (ms(iso!) - endedMs) / MINUTE;

describe('the film that waits', () => {
  it('is none before a coat is on, and none where the next is sanded first', () => {
    expect(planned(withCoats(0)).waiting).toBeNull();
  });
  it('takes its own next coat after 10 min of its sheet, with no end named', () => {
    const { waiting } = planned(withCoats(1));
    expect(waiting).toMatchObject({ layerId: 'base', stage: 'flash', sheetMin: 10, times: 1, lateAt: null });
    expect(minAfter(waiting!.earliestAt)).toBeCloseTo(10, 0);
  });
  it('takes the clear after 20 min, best within the hour, and no more after the day', () => {
    const { waiting } = planned(withCoats(3));
    expect(waiting).toMatchObject({ stage: 'next', sheetMin: 20 });
    expect(minAfter(waiting!.earliestAt)).toBeCloseTo(20, 0);
    expect(minAfter(waiting!.wetUntil)).toBeCloseTo(60, 0);
    expect(minAfter(waiting!.lateAt)).toBeCloseTo(1440, 0);
  });
});

describe('what is felt', () => {
  const one = withCoats(1);
  const film = planned(one).waiting!;
  it('still strings at its time: the wait grows by about a sixth, here and for the coats to come', () => {
    const felt = noteSense(one, film, 'strings', endedMs + 10 * MINUTE);
    expect(felt.state!.senses![0]).toMatchObject({ productId: 'orrin-base', felt: 'strings' });
    expect(felt.state!.senses![0]!.dose).toBeCloseTo(1, 1);
    const { waiting, sessions } = planned(felt);
    // By hand: a log-normal of spread 0.22 above its middle has Phi(0.22)/0.5 = 1.1741 times its whole mean.
    expect(waiting!.times).toBeCloseTo(1.1741, 2);
    expect(minAfter(waiting!.earliestAt)).toBeCloseTo(12, 0);
    expect(waiting!.sheetMin).toBe(10);
    const flash = sessions[0]!.tasks.find((t) => t.kind === 'flash' && t.coat === 3)!;
    expect(flash.detail.params.sheetMin).toBe(10);
    const was = coatsOf(planned(one).sessions[0]!);
    const now = coatsOf(sessions[0]!);
    expect(ms(now.at(-1)!.startsAt)).toBeGreaterThan(ms(was.at(-1)!.startsAt) + 3 * MINUTE);
  });
  it('dry before its time changes nothing: a finger never undercuts the sheet', () => {
    const felt = noteSense(one, film, 'dry', endedMs + 6 * MINUTE);
    expect(planned(felt).waiting!.times).toBe(1);
  });
  it('strings, then dry: the truth lies between, and only for that paint', () => {
    const strings = noteSense(one, film, 'strings', endedMs + 10 * MINUTE);
    const dry = noteSense(strings, planned(strings).waiting!, 'dry', endedMs + 13 * MINUTE);
    const { times } = planned(dry).waiting!;
    expect(times).toBeGreaterThan(1);
    expect(times).toBeLessThan(1.2);
    const clear = { ...dry, state: { ...dry.state!, coats: withCoats(3).state!.coats } };
    expect(planned(clear).sessions[0]!.tasks.find((t) => t.kind === 'coat')!.layerId).toBe('clear');
  });
  it('never past what the film takes: an enamel that must be recoated within the hour', () => {
    // itself within 60 min: nine tenths of that at most, whatever is felt.
    const enamel = job([{ role: 'colour', productId: 'skerry-enamel', coats: 2 }], {
      parts: [panel('p')],
      equipment: { sprayer: 'aerosol', suppliedAir: true },
      state: { coats: [{ layerId: 'colour', coat: 1, endedAt: at('07:46') }], activations: [] },
    });
    const w = planned(enamel).waiting!;
    expect(minAfter(w.lateAt)).toBeCloseTo(60, 0);
    const felt = noteSense(enamel, w, 'strings', endedMs + 100 * MINUTE);
    expect(planned(felt).waiting?.earliestAt ?? at('08:40')).toBeTruthy();
    expect(minAfter(planned(felt).waiting!.earliestAt)).toBeLessThanOrEqual(54.5);
  });
});

describe('times felt, against a plain sum over the density', () => {
  const sum = (low: number, high: number): number => {
    let mass = 0;
    let mean = 0;
    for (let x = 0.001; x < 6; x += 0.0005) {
      if (x < low || x > high) continue;
      const p = Math.exp(-(Math.log(x) ** 2) / (2 * 0.22 ** 2)) / x;
      mass += p;
      mean += p * x;
    }
    return mean / mass / Math.exp(0.22 ** 2 / 2);
  };
  it.each([
    [1, Infinity],
    [1.2, Infinity],
    [1, 1.3],
    [1.4, 1.6],
  ])('above %d and below %d', (low, high) => {
    expect(feltTimes(low, high)).toBeCloseTo(sum(low, high), 2);
  });
  it('is never under one, nor moved by a press at once, and asks for doses', () => {
    expect(feltTimes(0.1, Infinity)).toBeCloseTo(1, 6);
    expect(feltTimes(0, 0.5)).toBe(1);
    expect(() => feltTimes(NaN, 1)).toThrow(RangeError);
  });
});
