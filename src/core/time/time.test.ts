import { DateTime } from 'luxon';
import { describe, expect, it } from 'vitest';
import { civilDate, dayStart, HOUR, isoOf, msOf } from './instant';
import { freeSpans, type WeekOfHours } from './free-hours';

const TZ = 'Europe/London';
const week = (
  over: Partial<WeekOfHours['weekly']>,
  exceptions: WeekOfHours['exceptions'] = [],
): WeekOfHours => ({
  weekly: { mon: [], tue: [], wed: [], thu: [], fri: [], sat: [], sun: [], ...over },
  exceptions,
});

describe('instants', () => {
  it('a time without offset is in the place’s zone, one with offset is not', () => {
    expect(msOf('2026-05-16T07:50', TZ)).toBe(Date.UTC(2026, 4, 16, 6, 50));
    expect(msOf('2026-05-16T07:50:00+02:00', TZ)).toBe(Date.UTC(2026, 4, 16, 5, 50));
    expect(isoOf(Date.UTC(2026, 4, 16, 6, 50), TZ)).toBe('2026-05-16T07:50:00+01:00');
  });
  it('16 May 2026 is a Saturday and starts at 23:00 UTC the day before', () => {
    expect(new Date(Date.UTC(2026, 4, 16)).getUTCDay()).toBe(6);
    expect(dayStart(Date.UTC(2026, 4, 16, 6, 50), TZ)).toBe(Date.UTC(2026, 4, 15, 23));
    expect(civilDate(Date.UTC(2026, 4, 15, 23, 30), TZ)).toBe('2026-05-16');
  });
  it('agrees with luxon through both clock changes of 2026 and in a zone of half hours', () => {
    let n = 0;
    for (const tz of [TZ, 'Australia/Adelaide', 'America/St_Johns', 'UTC']) {
      for (let ms = Date.UTC(2026, 2, 28); ms < Date.UTC(2026, 9, 27); ms += 7.3 * HOUR) {
        const at = Math.round(ms / 1000) * 1000;
        expect(isoOf(at, tz)).toBe(
          DateTime.fromMillis(at, { zone: tz }).toISO({ suppressMilliseconds: true })!.replace('Z', '+00:00'),
        );
        n++;
      }
    }
    expect(n).toBeGreaterThan(2000);
    expect(isoOf(Date.UTC(2026, 2, 29, 0, 59, 59), TZ)).toBe('2026-03-29T00:59:59+00:00');
    expect(isoOf(Date.UTC(2026, 2, 29, 1), TZ)).toBe('2026-03-29T02:00:00+01:00');
  });
  it('refuses the 31st of April', () => expect(() => msOf('2026-04-31T10:00', TZ)).toThrow(RangeError));
});

describe('free hours', () => {
  const from = msOf('2026-05-16T00:00', TZ);
  const to = msOf('2026-05-18T00:00', TZ);
  it('joins spans that meet and keeps the order', () => {
    const s = freeSpans(
      week({
        sat: [
          ['13:00', '18:00'],
          ['09:00', '13:00'],
        ],
      }),
      TZ,
      from,
      to,
    );
    expect(s).toEqual([{ startMs: msOf('2026-05-16T09:00', TZ), endMs: msOf('2026-05-16T18:00', TZ) }]);
  });
  it('an exception replaces the day, an empty one clears it', () => {
    expect(
      freeSpans(week({ sat: [['09:00', '18:00']] }, [{ date: '2026-05-16', spans: [] }]), TZ, from, to),
    ).toEqual([]);
  });
  it('a span to 24:00 joins the next morning', () => {
    const s = freeSpans(week({ sat: [['20:00', '24:00']], sun: [['00:00', '02:00']] }), TZ, from, to);
    expect(s).toHaveLength(1);
    expect(s[0]!.endMs - s[0]!.startMs).toBe(6 * HOUR);
  });
  it('on the night of the spring change 00:00–06:00 lasts five hours (clocks go forward 29 March 2026)', () => {
    const s = freeSpans(
      week({ sun: [['00:00', '06:00']] }),
      TZ,
      msOf('2026-03-29T00:00', TZ),
      msOf('2026-03-30T00:00', TZ),
    );
    expect((s[0]!.endMs - s[0]!.startMs) / HOUR).toBe(5);
  });
});

describe('hours that are taken', () => {
  it('are not free: the middle leaves both ends, the whole leaves nothing, what lies beside takes nothing', () => {
    const free = week({ sat: [['08:00', '20:00']] });
    const from = Date.UTC(2026, 4, 16);
    const spans = (busy: [string, string][]): string[] =>
      freeSpans({ ...free, busy }, TZ, from, from + 24 * HOUR).map((s) =>
        [s.startMs, s.endMs].map((t) => isoOf(t, TZ).slice(11, 16)).join('–'),
      );
    expect(spans([['2026-05-16T10:00:00+01:00', '2026-05-16T12:30:00+01:00']])).toEqual([
      '08:00–10:00',
      '12:30–20:00',
    ]);
    expect(spans([['2026-05-16T06:00:00Z', '2026-05-16T21:00:00Z']])).toEqual([]);
    expect(spans([['2026-05-16T20:00:00+01:00', '2026-05-16T21:00:00+01:00']])).toEqual(['08:00–20:00']);
  });
});
