/** Civil dates so many months on. */
import { DateTime } from 'luxon';

/** The same day of a month before or after, its last where it has none. @param date yyyy-mm-dd */
export const monthsLater = (date: string, months: number): string =>
  DateTime.fromISO(date, { zone: 'utc' }).plus({ months }).toISODate()!;
