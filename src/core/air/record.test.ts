/** What was told beforehand against what was told on the day, by hand. */
import { describe, expect, it } from 'vitest';
import type { DayEntry } from '@/model/weather';
import { learnedFrom, recordOf, type TypedIn } from './record';

const day = (date: string, highC: number, over: Partial<DayEntry> = {}): DayEntry => ({
  date,
  lowC: 8,
  highC,
  windMs: 3,
  sky: 'clear',
  rain: { kind: 'none' },
  ...over,
});
const told = (toldOn: string, ...days: DayEntry[]): TypedIn => ({ toldOn, days });

describe('the record of what was typed in', () => {
  it('compares each day with every time it was told before; a day not yet come is not compared', () => {
    const record = recordOf([
      told('2026-05-18', day('2026-05-18', 17), day('2026-05-19', 20)),
      told('2026-05-17', day('2026-05-17', 15), day('2026-05-18', 18), day('2026-05-19', 21)),
      told('2026-05-16', day('2026-05-16', 14), day('2026-05-17', 18), day('2026-05-18', 21)),
    ]);
    expect(record.map((r) => [r.date, r.leadDays, r.before.highC - r.actual.highC])).toEqual([
      ['2026-05-18', 1, 1],
      ['2026-05-17', 1, 3],
      ['2026-05-18', 2, 4],
    ]);
  });
  it('of two told on the same day the newer is what was', () => {
    const [r] = recordOf([
      told('2026-05-17', day('2026-05-17', 16)),
      told('2026-05-17', day('2026-05-17', 12)),
      told('2026-05-16', day('2026-05-17', 18)),
    ]);
    expect(r!.actual.highC).toBe(16);
  });
  it('errors of the usual size leave the scale at one; twice as large over many days raise it towards two, none lower it towards a half', () => {
    // Day 1: 1.5 K and 1.5 m/s are usual.
    const made = (errK: number, errMs: number, n: number) =>
      learnedFrom(
        Array.from({ length: n }, (_, i) => ({
          date: `2026-05-${String(i + 1).padStart(2, '0')}`,
          leadDays: 1,
          before: day('x', 18 + errK, { lowC: 8 + errK, windMs: 3 + errMs }),
          actual: day('x', 18),
        })),
      )!;
    expect(made(1.5, 1.5, 12)).toEqual({ days: 12, tempScale: 1, windScale: 1, highBiasK: 1.5 });
    // 24 ratios of 2 and 8 usual days: √((24 · 4 + 8) / 32).
    expect(made(3, 0, 12).tempScale).toBeCloseTo(1.803, 3);
    // 12 ratios of none: √(8 / 20).
    expect(made(3, 0, 12).windScale).toBeCloseTo(0.632, 3);
    expect(made(-30, 0, 28).tempScale).toBe(2);
    expect(made(0, 0, 28).tempScale).toBe(0.5);
    expect(made(-2, 0, 3).highBiasK).toBe(-2);
    expect(learnedFrom([])).toBeNull();
  });
});
