/** The bench planned together, in words. */
import { describe, expect, it } from 'vitest';
import type { TogetherRow } from '@/usecases/together';
import { formatFor } from '@/words/format';
import { orderSaid, swapped, turnLines } from './turns';

const f = formatFor('metric');
const row = (patch: Partial<TogetherRow>): TogetherRow => ({
  id: 'a',
  name: 'Shell',
  alone: { startsAt: '2026-05-16T10:30:00+01:00', chance: 0.97 },
  now: { startsAt: '2026-05-16T10:30:00+01:00', chance: 0.97 },
  givesUp: 0,
  saves: 0,
  currency: 'GBP',
  because: [],
  cansOf: [],
  sharesTrip: false,
  ...patch,
});

describe('turns', () => {
  it('the first is as it would be alone; the next says whom it gives way to and at what price', () => {
    const later = { startsAt: '2026-05-16T13:30:00+01:00', chance: 0.9 };
    const rows = [row({}), row({ id: 'b', name: 'Box', now: later, because: ['a'], givesUp: 1.2 })];
    const lines = turnLines({ rows, hours: 0.1, atLeast: 0.1, plans: 3 }, f);
    expect(lines[0]).toEqual({
      id: 'a',
      name: 'Shell',
      when: 'Sat 16 May, 10:30, 97\u00a0%',
      gives: null,
      along: null,
    });
    expect(lines[1]!.gives).toBe(
      'Alone Sat 16 May, 10:30, 97\u00a0%; gives way to Shell, which costs it £1.20.',
    );
  });
  it('what comes along from others is said, and what it saves', () => {
    const rows = [row({}), row({ id: 'b', name: 'Box', cansOf: ['a'], saves: 21.5, sharesTrip: true })];
    const [, second] = turnLines({ rows, hours: 0, atLeast: 0, plans: 3 }, f);
    expect(second!.along).toBe(
      'Sprays from the can activated for Shell, so that fewer are opened: saves £21.50. What it needs is bought on the trip of one above.',
    );
  });
  it('a job without a start says so, and what it lost', () => {
    const rows = [
      row({}),
      row({ id: 'b', now: { startsAt: null, chance: null }, because: ['a'], givesUp: 80 }),
    ];
    expect(turnLines({ rows, hours: 8, atLeast: 8, plans: 3 }, f)[1]!.when).toBe(
      'no start in the days that are known',
    );
  });
  it('how good the order is: the best, how far from it, not every one tried, nothing known, nothing given up, more saved', () => {
    const rows = [row({}), row({ id: 'b', givesUp: 9 })];
    const said = (hours: number, atLeast: number | null) => orderSaid({ hours, atLeast, rows });
    expect(said(0.97, 0.97)).toMatch(/58 min.*No other order gives up less\.$/);
    expect(said(2, 1.5)).toMatch(/Not every order could be tried\. None gives up less than 1 h 30\.$/);
    expect(said(2, -3)).toMatch(/Not every order could be tried\.$/);
    expect(said(2, null)).toMatch(/2 h of your time is worth\.$/);
    expect(said(-0.8, -0.8)).toBe('Together they save more than they give up. No other order gives up less.');
    expect(orderSaid({ hours: 0, atLeast: 0, rows: [row({}), row({ id: 'b' })] })).toBe(
      'There is room for all: together they give nothing up.',
    );
  });
  it('one place up or down; at the ends nothing moves', () => {
    expect(swapped(['a', 'b', 'c'], 'c', -1)).toEqual(['a', 'c', 'b']);
    expect(swapped(['a', 'b', 'c'], 'a', 1)).toEqual(['b', 'a', 'c']);
    expect(swapped(['a', 'b', 'c'], 'a', -1)).toEqual(['a', 'b', 'c']);
  });
});
