/**
 * Busy times out of the owner's calendar (RFC 5545): only when, never what. Repeating events are spelled out over the
 * days asked for; what is cancelled or marked as free is left, and a whole day counts where it is marked as busy.
 */
import ICAL from 'ical.js';
import { msOf, type Span } from '@/core/time/instant';
import { joinedSpans } from '@/core/time/spans';
import type { Fault, Parsed } from '../faults';

export interface BusyAsked {
  readonly fromMs: number;
  readonly toMs: number;
  /** Zone of times that name none. */
  readonly tz: string;
}

export interface Busy {
  /** In order, joined where they meet. */
  readonly spans: readonly Span[];
  readonly events: number;
  /** Whole days that are not marked as busy. */
  readonly daysLeft: number;
  /** Events that nobody can read: a date that is none. */
  readonly unread: number;
}

/** Events near the days asked for that are looked into; times one of them is spelled out, and all of them. */
const MOST_EVENTS = 5000;
const MOST_TIMES = 20_000;
const MOST_IN_ALL = 300_000;
const NEAR_DAYS = 3;

const fault = (path: string, expected: string): { ok: false; faults: Fault[] } => ({
  ok: false,
  faults: [{ path, expected }],
});

const compact = (ms: number): string => new Date(ms).toISOString().slice(0, 10).replaceAll('-', '');

/** A block that may touch the days: it repeats, or its dates are near. Told by its text, before it is parsed. */
function mayTouch(block: string, from: string, to: string): boolean {
  if (/^(RRULE|RDATE)/m.test(block)) return true;
  const start = /^DTSTART[^:\n]*:(\d{8})/m.exec(block)?.[1];
  const end = /^DTEND[^:\n]*:(\d{8})/m.exec(block)?.[1] ?? start;
  return start === undefined || end === undefined || (start <= to && end >= from) || /^DURATION/m.test(block);
}

const BLOCK = /BEGIN:VEVENT[\s\S]*?END:VEVENT\r?\n?/g;

/** The calendar with only those events that may touch the days. @returns null where even those are too many */
function thinned(text: string, { fromMs, toMs }: BusyAsked): string | null {
  const near = NEAR_DAYS * 86_400_000;
  const [from, to] = [compact(fromMs - near), compact(toMs + near)];
  let kept = 0;
  const out = text.replace(BLOCK, (block) => {
    if (!mayTouch(block, from, to)) return '';
    kept++;
    return kept > MOST_EVENTS ? '' : block;
  });
  return kept > MOST_EVENTS ? null : out;
}

/** An instant; a time without a zone of its own is by the clock of the place. */
function instantOfTime(time: ICAL.Time, tzid: string | undefined, tz: string): number {
  const isKnown = time.zone !== ICAL.Timezone.localTimezone;
  if (isKnown) return time.toJSDate().getTime();
  const text = time.toString();
  try {
    return msOf(text, tzid ?? tz);
  } catch {
    return msOf(text, tz);
  }
}

const wordOf = (event: ICAL.Event, name: 'status' | 'transp'): string =>
  String(event.component.getFirstPropertyValue(name) ?? '').toUpperCase();
const isFreeTime = (event: ICAL.Event): boolean =>
  wordOf(event, 'status') === 'CANCELLED' || wordOf(event, 'transp') === 'TRANSPARENT';
const isMarkedBusy = (event: ICAL.Event): boolean => wordOf(event, 'transp') === 'OPAQUE';

/** Where one event falls into the days asked for. */
function spansOf(event: ICAL.Event, { fromMs, toMs, tz }: BusyAsked, left: { times: number }): Span[] {
  const tzid = event.component.getFirstProperty('dtstart')?.getFirstParameter('tzid');
  const at = (time: ICAL.Time): number => instantOfTime(time, tzid, tz);
  const longMs = at(event.endDate) - at(event.startDate);
  const spanAt = (time: ICAL.Time): Span => ({ startMs: at(time), endMs: at(time) + longMs });
  const touches = (s: Span): boolean => s.endMs > fromMs && s.startMs < toMs && s.endMs > s.startMs;
  if (!event.isRecurring()) return [spanAt(event.startDate)].filter(touches);
  const out: Span[] = [];
  const times = event.iterator();
  for (let n = 0; n < MOST_TIMES && left.times > 0; n++, left.times--) {
    const next = times.next();
    if (!next) break;
    const span = spanAt(next);
    if (span.startMs >= toMs) break;
    if (touches(span)) out.push(span);
  }
  return out;
}

interface Read {
  readonly spans: readonly Span[];
  readonly isDayLeft: boolean;
}

/** One event; null where a date in it is none. */
function readEvent(event: ICAL.Event, asked: BusyAsked, left: { times: number }): Read | null {
  try {
    if (!event.startDate || isFreeTime(event)) return { spans: [], isDayLeft: false };
    if (event.startDate.isDate && !isMarkedBusy(event)) return { spans: [], isDayLeft: true };
    return { spans: spansOf(event, asked, left), isDayLeft: false };
  } catch {
    return null;
  }
}

/** Events that stand in for one time of a series replace it; the rest are read as they are. */
function eventsOf(root: ICAL.Component): ICAL.Event[] {
  const all = root.getAllSubcomponents('vevent').map((c) => new ICAL.Event(c));
  const series = new Map(all.filter((e) => e.isRecurring()).map((e) => [e.uid, e]));
  for (const e of all) {
    const of = e.isRecurrenceException() ? series.get(e.uid) : undefined;
    const moved = e.recurrenceId;
    // The time it stands for is taken out of its series.
    if (of && moved)
      of.component.addProperty(new ICAL.Property(['exdate', {}, 'date-time', moved.toString()]));
  }
  return all;
}

function parsed(text: string): ICAL.Component | null {
  try {
    return new ICAL.Component(ICAL.parse(text) as never[]);
  } catch {
    return null;
  }
}

export function readBusy(text: string, asked: BusyAsked): Parsed<Busy> {
  const whole = text.replace(/^\uFEFF/, '').trim();
  if (whole === '') return fault('(the whole)', 'a calendar file with something in it');
  if (!/^BEGIN:VCALENDAR/i.test(whole))
    return fault('line 1', 'BEGIN:VCALENDAR: export the calendar as .ics (iCalendar) and bring that');
  if (!/END:VCALENDAR\s*$/i.test(whole))
    return fault('(the end)', 'END:VCALENDAR: the file is cut off; export it once more');
  const thin = thinned(whole, asked);
  if (thin === null)
    return fault('(the whole)', `at most ${MOST_EVENTS} events about these days: export a shorter stretch`);
  const root = parsed(thin);
  if (!root) return fault('(the whole)', 'iCalendar that can be read; export it once more');
  for (const zone of root.getAllSubcomponents('vtimezone')) ICAL.TimezoneService.register(zone);
  const left = { times: MOST_IN_ALL };
  const all = eventsOf(root).map((e) => readEvent(e, asked, left));
  const read = all.flatMap((r) => r ?? []);
  if (all.length > 0 && read.length === 0)
    return fault('(the whole)', 'an event with a date that can be read; export it once more');
  return {
    ok: true,
    value: {
      spans: joinedSpans(read.flatMap((r) => r.spans)),
      events: read.filter((r) => r.spans.length > 0).length,
      daysLeft: read.filter((r) => r.isDayLeft).length,
      unread: all.length - read.length,
    },
  };
}
