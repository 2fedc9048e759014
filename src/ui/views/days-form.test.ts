/** Refusals of a week that is typed in, in the units on the screen. */
import { describe, expect, it } from 'vitest';
import { formatFor } from '@/words/format';
import { faultSaid } from './days-form';

describe('a refusal', () => {
  it('is said in °F and mph where those are on the screen: 3 °C are 37 °F, 7 °C are 45', () => {
    const us = formatFor('us');
    expect(faultSaid('at most the high, 3 °C (got 7)', us)).toBe('at most the high, 37 °F (got 45 °F)');
    expect(faultSaid('at least the wind, 5 m/s (got 4)', us)).toMatch(
      /at least the wind, 11.* mph \(got .*mph\)/,
    );
    expect(faultSaid('a figure', us)).toBe('a figure');
  });
  it('and in °C as it was judged', () => {
    expect(faultSaid('at most the high, -3 °C (got 7)', formatFor('metric'))).toMatch(/-3 °C|−3 °C/);
  });
});
