import { describe, expect, it } from 'vitest';
import { dayTyped } from './day-typed';

const around = { isHalf: false, isNeeded: false, stays: '2026-05-02' };

describe('a date typed', () => {
  it('a whole one counts', () =>
    expect(dayTyped('2026-06-01', around)).toEqual({ kind: 'day', day: '2026-06-01' }));
  it('an emptied one counts as none, unless one is needed', () => {
    expect(dayTyped('', around)).toEqual({ kind: 'day', day: '' });
    expect(dayTyped('', { ...around, isNeeded: true })).toMatchObject({ kind: 'held' });
  });
  it('a half one is held and the last one stays', () =>
    expect(dayTyped('', { ...around, isHalf: true })).toEqual({
      kind: 'held',
      words: 'Not a whole date yet. 2026-05-02 stays until then.',
    }));
  it.each(['0002-05-02', '0202-05-02', '1999-12-31', '2101-01-01', '12026-05-02'])(
    'the year of %s is on its way to one that is meant',
    (text) =>
      expect(dayTyped(text, { ...around, stays: '' })).toEqual({
        kind: 'held',
        words: 'A year from 2000 to 2100.',
      }),
  );
  it.each(['2000-01-01', '2100-12-31'])('%s is a day', (day) =>
    expect(dayTyped(day, around)).toEqual({ kind: 'day', day }),
  );
});
