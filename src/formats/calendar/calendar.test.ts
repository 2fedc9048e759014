/** Calendars out and in: what is written is read by an independent parser, what others write becomes busy hours. */
import ICAL from 'ical.js';
import { describe, expect, it } from 'vitest';
import { HOUR } from '@/core/time/instant';
import { readBusy, type Busy } from './busy';
import { calendarText } from './write';

const at = (iso: string): number => Date.parse(iso);
const asked = { fromMs: at('2026-05-16T00:00:00Z'), toMs: at('2026-05-30T00:00:00Z'), tz: 'Europe/London' };

const calendar = (...events: string[]): string =>
  ['BEGIN:VCALENDAR', 'VERSION:2.0', 'PRODID:-//test//EN', ...events, 'END:VCALENDAR', ''].join('\r\n');
const event = (...lines: string[]): string =>
  [
    'BEGIN:VEVENT',
    `UID:${lines.join('').length}-${lines[0]}`,
    'DTSTAMP:20260501T000000Z',
    ...lines,
    'END:VEVENT',
  ].join('\r\n');
function busy(...events: string[]): Busy {
  const read = readBusy(calendar(...events), asked);
  if (!read.ok) throw new Error(JSON.stringify(read.faults));
  return read.value;
}
const said = (b: Busy): string[] =>
  b.spans.map((s) => `${new Date(s.startMs).toISOString().slice(5, 16)}/${(s.endMs - s.startMs) / HOUR}`);
const refused = (text: string): string => {
  const read = readBusy(text, asked);
  return read.ok ? '' : read.faults.map((f) => `${f.path}: ${f.expected}`).join('; ');
};

describe('a plan into a calendar', () => {
  const text = calendarText(
    'Cargo bike',
    [
      {
        id: 'cargo-bike-s-etch',
        startMs: at('2026-05-16T09:00:00Z'),
        endMs: at('2026-05-16T10:32:00Z'),
        title: 'Spray: etch, filler; “thin, first”',
        text: 'First coat 10:35.\nActivate at 11:00, not before.',
        where: 'Harbour Lane lean-to',
        alarmsMin: [720, 60],
      },
    ],
    at('2026-05-16T06:50:00Z'),
  );
  const root = new ICAL.Component(ICAL.parse(text) as never[]);
  const read = new ICAL.Event(root.getFirstSubcomponent('vevent')!);
  it('is read back by ical.js: instants in UTC, title, text and place as they were', () => {
    expect(read.startDate.toJSDate().toISOString()).toBe('2026-05-16T09:00:00.000Z');
    expect(read.endDate.toJSDate().toISOString()).toBe('2026-05-16T10:32:00.000Z');
    expect(read.summary).toBe('Spray: etch, filler; “thin, first”');
    expect(read.description).toBe('First coat 10:35.\nActivate at 11:00, not before.');
    expect(read.location).toBe('Harbour Lane lean-to');
    expect(read.uid).toBe('cargo-bike-s-etch@pellucid');
    expect(text).not.toContain('TZID');
  });
  it('has its alarms: twelve hours and one hour before', () => {
    const alarms = root.getFirstSubcomponent('vevent')!.getAllSubcomponents('valarm');
    const seconds = alarms.map((a) => (a.getFirstPropertyValue('trigger') as ICAL.Duration).toSeconds());
    expect(seconds.sort((a, b) => a - b)).toEqual([-43_200, -3600]);
  });
});

describe('busy hours out of a calendar', () => {
  it('UTC, a zone by name, and the clock of the place are told apart', () => {
    const b = busy(
      event('DTSTART:20260518T160000Z', 'DTEND:20260518T170000Z'),
      event('DTSTART;TZID=America/New_York:20260519T120000', 'DTEND;TZID=America/New_York:20260519T130000'),
      event('DTSTART:20260520T180000', 'DTEND:20260520T193000'),
    );
    // New York is 4 h behind UTC in May, London 1 h ahead.
    expect(said(b)).toEqual(['05-18T16:00/1', '05-19T16:00/1', '05-20T17:00/1.5']);
  });
  it('a zone that the file describes itself is used as described', () => {
    const zone = [
      'BEGIN:VTIMEZONE',
      'TZID:Harbour time',
      'BEGIN:STANDARD',
      'DTSTART:19700101T000000',
      'TZOFFSETFROM:+0530',
      'TZOFFSETTO:+0530',
      'END:STANDARD',
      'END:VTIMEZONE',
    ].join('\r\n');
    const b = busy(
      zone,
      event('DTSTART;TZID=Harbour time:20260520T180000', 'DTEND;TZID=Harbour time:20260520T190000'),
    );
    expect(said(b)).toEqual(['05-20T12:30/1']);
  });
  it('repeats are spelled out over the days asked for, without the dates taken out and with the one moved', () => {
    const b = busy(
      event(
        'DTSTART;TZID=Europe/London:20240102T180000',
        'DTEND;TZID=Europe/London:20240102T200000',
        'RRULE:FREQ=WEEKLY;BYDAY=TU,TH',
        'EXDATE;TZID=Europe/London:20260521T180000',
      ),
    );
    expect(said(b)).toEqual(['05-19T17:00/2', '05-26T17:00/2', '05-28T17:00/2']);
    const moved = calendar(
      [
        'BEGIN:VEVENT',
        'UID:choir',
        'DTSTART:20260518T180000Z',
        'DTEND:20260518T190000Z',
        'RRULE:FREQ=DAILY;COUNT=3',
        'END:VEVENT',
        'BEGIN:VEVENT',
        'UID:choir',
        'RECURRENCE-ID:20260519T180000Z',
        'DTSTART:20260519T090000Z',
        'DTEND:20260519T100000Z',
        'END:VEVENT',
      ].join('\r\n'),
    );
    const read = readBusy(moved, asked);
    expect(read.ok && said(read.value)).toEqual(['05-18T18:00/1', '05-19T09:00/1', '05-20T18:00/1']);
  });
  it('what is cancelled or free is left; a whole day counts where it is marked as busy, and is told where not', () => {
    const b = busy(
      event('DTSTART:20260518T160000Z', 'DTEND:20260518T170000Z', 'STATUS:CANCELLED'),
      event('DTSTART:20260518T180000Z', 'DTEND:20260518T190000Z', 'TRANSP:TRANSPARENT'),
      event('DTSTART;VALUE=DATE:20260519', 'DTEND;VALUE=DATE:20260520'),
      event('DTSTART;VALUE=DATE:20260521', 'DTEND;VALUE=DATE:20260522', 'TRANSP:OPAQUE'),
    );
    expect(said(b)).toEqual(['05-20T23:00/24']);
    expect(b.daysLeft).toBe(1);
  });
  it('hours that meet are joined, and by their duration as well as by their end', () => {
    const b = busy(
      event('DTSTART:20260518T160000Z', 'DURATION:PT1H30M'),
      event('DTSTART:20260518T170000Z', 'DTEND:20260518T190000Z'),
    );
    expect(said(b)).toEqual(['05-18T16:00/3']);
  });
  it('a calendar of 50,000 old events is read for the few that matter', () => {
    const old = Array.from({ length: 50_000 }, (_, i) => {
      const day = new Date(Date.UTC(2000, 0, 1 + (i % 9000))).toISOString().slice(0, 10).replaceAll('-', '');
      return event(`DTSTART:${day}T100000Z`, `DTEND:${day}T110000Z`);
    });
    expect(said(busy(...old, event('DTSTART:20260518T160000Z', 'DTEND:20260518T170000Z')))).toEqual([
      '05-18T16:00/1',
    ]);
  });
  it('what is no calendar, is cut off, or holds too much about these days is refused with the way out', () => {
    expect(refused('')).toContain('something in it');
    expect(refused('name;from;to\n1;2;3')).toContain('export the calendar as .ics');
    expect(refused('BEGIN:VCALENDAR\r\nBEGIN:VEVENT\r\n')).toContain('cut off');
    const many = Array.from({ length: 5001 }, () =>
      event('DTSTART:20260518T160000Z', 'DTEND:20260518T170000Z'),
    );
    expect(refused(calendar(...many))).toContain('at most 5000 events');
    expect(refused(calendar(event('DTSTART:soon')))).toContain('a date that can be read');
    const beside = busy(event('DTSTART:soon'), event('DTSTART:20260518T160000Z', 'DTEND:20260518T170000Z'));
    expect([beside.unread, said(beside)]).toEqual([1, ['05-18T16:00/1']]);
  });
});
