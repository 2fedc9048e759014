/** A forecast typed in as a few figures a day, from outside to the one shape. */
import * as z from 'zod';
import { msOf } from '@/core/time/instant';
import { daysFaults, daysSchema, type DayEntry, type Spot } from '@/model/weather';
import { isZone } from '@/model/zone';
import { faultsOf, told, type Parsed } from './faults';

const sentSchema = z.strictObject({
  lat: z.number().min(-90).max(90),
  lon: z.number().min(-180).max(180),
  tz: z.string().min(1).max(60),
  days: daysSchema,
});
export interface SentDays {
  readonly spot: Spot;
  readonly days: readonly DayEntry[];
}

/** A day whose midnight the calendar does not have. */
const isDay = (date: string, tz: string): boolean => {
  try {
    return Number.isFinite(msOf(`${date}T00:00`, tz));
  } catch {
    return false;
  }
};

export function parseDays(raw: unknown): Parsed<SentDays> {
  const parsed = sentSchema.safeParse(raw);
  if (!parsed.success) return { ok: false, faults: faultsOf(parsed.error, raw) };
  const { days, ...spot } = parsed.data;
  if (!isZone(spot.tz))
    return { ok: false, faults: [{ path: 'tz', expected: `a zone like Europe/London (got ${spot.tz})` }] };
  const unreal = days.flatMap((d, i) =>
    isDay(d.date, spot.tz)
      ? []
      : [{ path: `days[${i}].date`, expected: `a day that exists (got ${d.date})` }],
  );
  const faults = [...unreal, ...daysFaults(days)];
  return faults.length > 0 ? { ok: false, faults: told(faults) } : { ok: true, value: { spot, days } };
}
