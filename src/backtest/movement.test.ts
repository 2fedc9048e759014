/** How chances are expected to move, against chances that move just so. */
import { describe, expect, it } from 'vitest';
import { uniform } from '@/core/numerics/random';
import { normalQuantile } from '@/core/numerics/stats';
import { knownBy, seenLater } from '@/core/schedule/decide/information';
import { expectedVariance, LOOKS_H, summed, type Seen } from './movement';

const HOUR = 3_600_000;

describe('movement of chances', () => {
  it('a chance of a half moves most, one near one hardly, and none where nothing is learned', () => {
    const of = (before: number, fromH = 98, toH = 26) => expectedVariance({ fromH, toH, before });
    expect(of(0.5)).toBeGreaterThan(of(0.8));
    expect(of(0.8)).toBeGreaterThan(of(0.98));
    expect(of(0.5, 26, 26)).toBeCloseTo(0, 12);
    // Whatever is learned, a chance stays between none and certain: p(1 − p) at most.
    expect(of(0.5, 146, 2)).toBeLessThan(0.25);
  });
  it('chances that move as expected are found to: no drift, the spread within a tenth, 3,000 seeded a look', () => {
    const draws = uniform(23);
    const seen = LOOKS_H.slice(1).flatMap((toH, i): Seen[] => {
      const fromH = LOOKS_H[i]!;
      return Array.from({ length: 3000 }, () => {
        const before = 0.05 + 0.9 * draws();
        const xi = normalQuantile(Math.min(1 - 1e-9, Math.max(1e-9, draws())));
        return { fromH, toH, before, after: seenLater(before, knownBy(fromH * HOUR, toH * HOUR))(xi) };
      });
    });
    for (const m of summed(seen)) {
      expect(m.cases).toBe(3000);
      expect(Math.abs(m.drift)).toBeLessThan(4 * m.driftSe + 1e-9);
      expect(Math.abs(m.came - m.expected)).toBeLessThan(0.1 * m.expected + 1e-9);
    }
  });
});
