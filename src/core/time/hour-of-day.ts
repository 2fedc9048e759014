/** The clock of a place, as a number. */
import { isoOf } from './instant';

/** 0…24, with its fraction: 14.5 for half past two. */
export function hourOfDay(ms: number, tz: string): number {
  const [hours, minutes] = isoOf(ms, tz).slice(11, 16).split(':').map(Number);
  return hours! + minutes! / 60;
}
