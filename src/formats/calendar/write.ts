/** A plan's hours as an iCalendar file (RFC 5545): times in UTC, an alarm before each. */
import ical, { ICalAlarmType } from 'ical-generator';

export interface CalendarEntry {
  /** The same thing keeps its name, so that a later file moves it instead of adding it again. */
  readonly id: string;
  readonly startMs: number;
  readonly endMs: number;
  readonly title: string;
  readonly text: string;
  readonly where?: string;
  /** Minutes before the start. */
  readonly alarmsMin: readonly number[];
}

/** @param stampMs when it was made */
export function calendarText(name: string, entries: readonly CalendarEntry[], stampMs: number): string {
  const calendar = ical({ name, prodId: { company: 'Pellucid', product: 'plan', language: 'EN' } });
  for (const { id, startMs, endMs, title, text, where, alarmsMin } of entries) {
    const event = calendar.createEvent({
      id: `${id}@pellucid`,
      start: new Date(startMs),
      end: new Date(endMs),
      stamp: new Date(stampMs),
      summary: title,
      description: text,
      ...(where !== undefined && { location: where }),
    });
    for (const min of alarmsMin)
      event.createAlarm({ type: ICalAlarmType.display, triggerBefore: min * 60, description: title });
  }
  return calendar.toString();
}
