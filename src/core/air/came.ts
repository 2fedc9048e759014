/** Hours of the air at the parts, of which is kept how they came. */
import { MOST_TRACE_H, type AirHour } from '@/model/came';
import { round1 } from '../numerics/round';
import type { HourlyC } from '../time/hourly';
import { DAY, HOUR, type Span } from '../time/instant';
import type { AtPart } from './at-part';
import { nearestNode } from './grid';

/** The air before the first coat is of use as well, ms. */
const BEFORE_MS = 2 * HOUR;
/** What a film minds is over by then, ms. */
export const CURED_MS = 60 * DAY;

const hourOf = (ms: number): number => Math.floor(ms / HOUR) * HOUR;

/** From before the first coat until now, or until everything has cured. @param endsMs of the coats, at least one */
export function cameSpan(endsMs: readonly number[], nowMs: number): Span {
  const startMs = hourOf(Math.min(...endsMs) - BEFORE_MS);
  return { startMs, endMs: Math.max(startMs, hourOf(Math.min(nowMs, Math.max(...endsMs) + CURED_MS))) };
}

/** Hours of a span that are not known, in stretches of at most a day, the newest first. */
export function unknownIn({ startMs, endMs }: Span, known: ReadonlySet<number>): Span[] {
  const out: { startMs: number; endMs: number }[] = [];
  for (let ms = startMs; ms < endMs; ms += HOUR) {
    if (known.has(ms)) continue;
    const last = out.at(-1);
    if (last?.endMs === ms && ms - last.startMs < DAY) last.endMs = ms + HOUR;
    else out.push({ startMs: ms, endMs: ms + HOUR });
  }
  return out.reverse();
}

/** Never a zero with a sign: it would not come back out of a file as it went in. */
const tenth = (x: number): number => round1(x) + 0;

/** The air where it is sprayed, and where it dries when that is elsewhere. */
interface AirsOver {
  readonly air: AtPart;
  readonly cureAir: AtPart | null;
}

/** On the central line, at the middle of each hour; hours beyond the grid are left out. */
export function hoursIn({ air, cureAir }: AirsOver, { startMs, endMs }: Span): AirHour[] {
  const row = (air.rows - 1) * air.nodes;
  const untilMs = air.startMs + (air.nodes - 1) * air.stepMs;
  const out: AirHour[] = [];
  for (let ms = startMs; ms < endMs; ms += HOUR) {
    const midMs = ms + HOUR / 2;
    if (midMs < air.startMs || midMs > untilMs) continue;
    const i = row + nearestNode(air, air.nodes, midMs);
    out.push({
      ms,
      panelC: tenth(air.panelC[i]!),
      gapK: tenth(air.gapK[i]!),
      rhPct: tenth(Math.min(100, 100 * air.rhFrac[i]!)),
      windMs: tenth(air.windMs[i]!),
      cureC: tenth((cureAir ?? air).panelC[i]!),
    });
  }
  return out;
}

/** Of a record: from before each coat until a day after it. */
export const traceOf = (hours: readonly AirHour[], endsMs: readonly number[]): AirHour[] =>
  hours
    .filter((h) => endsMs.some((ms) => h.ms >= hourOf(ms - BEFORE_MS) && h.ms < ms + DAY))
    .slice(0, MOST_TRACE_H);

/** Hours ahead, as a page draws them. */
interface Ahead {
  readonly startMs: number;
  readonly stepMs: number;
  readonly dryC: readonly number[];
}

/**
 * Temperatures of the part where it dries, one an hour: as it came as far as that is known, else as it is forecast;
 * null in between where nobody told either.
 */
export function driedC(came: readonly AirHour[], { startMs, stepMs, dryC }: Ahead): HourlyC {
  const by = new Map<number, number>();
  dryC.forEach((c, i) => by.set(hourOf(startMs + i * stepMs), c));
  for (const h of came) by.set(h.ms, h.cureC);
  const hours = [...by.keys()];
  if (hours.length === 0) return { startMs: 0, tempC: [] };
  const firstMs = Math.min(...hours);
  const count = (Math.max(...hours) - firstMs) / HOUR + 1;
  return {
    startMs: firstMs,
    tempC: Array.from({ length: count }, (_, i) => by.get(firstMs + i * HOUR) ?? null),
  };
}
