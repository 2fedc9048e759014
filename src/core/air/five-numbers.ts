/**
 * A few figures a day made into hours: temperature by the daily course, the rest between noons, and how far each may
 * be wrong. What a person did not know is doubt, not a figure.
 */
import type { Doubt, Forecast, ForecastMember } from '@/model/forecast';
import { USUAL_CHANCE_PCT } from '@/model/lists';
import type { DayEntry, Sky, Spot } from '@/model/weather';
import { DAY, HOUR, isoOf, msOf, nextDay } from '../time/instant';
import { airTempC, betweenNoons, courseDay, type CourseDay } from './daily-course';
import { rounded } from '../numerics/round';
import { dewPointC, rhPctOfDew } from './moist';

/** Cover of the sky by its word, 0…1. ASSUMED, near the eighths that observers write. */
const CLOUD: Readonly<Record<Sky, number>> = { clear: 0.1, 'some-cloud': 0.35, cloudy: 0.7, overcast: 0.95 };
/** Gust over wind where none was told. [M] */
export const GUST_PER_WIND = 1.5;
/** Hours in which showers fall, by the clock (ASSUMED), and how many tries they make in futures whose rain fades over 4 h. */
const SHOWER_HOURS = [6, 21] as const;
const SHOWER_TRIES = 7;
/** Rain of a spell that is likely, on the central line, mm in the hour. */
const SPELL_MM = 0.8;

/**
 * Without a humidity the dew point lies this far under the low, K, with this spread: 0–2 K, up to 8 K in dry
 * climates, where day and night are far apart. [M]
 */
const DAMP = { underLowK: 1, sdK: 0.6 } as const;
const DRY = { underLowK: 4, sdK: 2.3 } as const;
const DAMP_SWING_K = 12;
const DRY_SWING_K = 18;

interface Dew {
  readonly dewC: number;
  readonly sdK: number;
}
function dewOf({ lowC, highC, rhPct, dewC }: DayEntry): Dew {
  if (dewC !== undefined) return { dewC, sdK: 0 };
  if (rhPct !== undefined) return { dewC: dewPointC((lowC + highC) / 2, rhPct / 100), sdK: 0 };
  const swing = highC - lowC;
  const dry = Math.min(1, Math.max(0, (swing - DAMP_SWING_K) / (DRY_SWING_K - DAMP_SWING_K)));
  const mix = (a: number, b: number): number => a + dry * (b - a);
  return { dewC: lowC - mix(DAMP.underLowK, DRY.underLowK), sdK: mix(DAMP.sdK, DRY.sdK) };
}

/**
 * Wind through the day over the figure that was told, which is that of the working day: strongest in the early
 * afternoon, about half at night. ASSUMED course over land.
 */
function windCourse(ms: number, noonMs: number): number {
  const hours = (ms - noonMs) / HOUR - 2;
  return (0.78 + 0.27 * Math.cos((2 * Math.PI * hours) / 24)) / 0.97;
}

/** Chance of rain in the hour that begins at this clock hour, 0…1. */
function rainChance({ rain }: DayEntry, clockH: number): number {
  switch (rain.kind) {
    case 'none':
      return 0;
    case 'showers': {
      if (clockH < SHOWER_HOURS[0] || clockH >= SHOWER_HOURS[1]) return 0;
      const any = Math.min((rain.chancePct ?? USUAL_CHANCE_PCT.showers) / 100, 0.99);
      return 1 - (1 - any) ** (1 / SHOWER_TRIES);
    }
    case 'spell': {
      const h = (clock: string): number => Number(clock.slice(0, 2)) + Number(clock.slice(3)) / 60;
      return h(rain.to) > clockH && h(rain.from) < clockH + 1
        ? (rain.chancePct ?? USUAL_CHANCE_PCT.spell) / 100
        : 0;
    }
  }
}

/** One day with its place in time. */
interface Placed {
  readonly entry: DayEntry;
  readonly startMs: number;
  readonly endMs: number;
  readonly course: CourseDay;
  readonly dew: Dew;
}

function placed(entry: DayEntry, { lat, lon, tz }: Spot): Placed {
  const startMs = msOf(`${entry.date}T00:00`, tz);
  const course = courseDay(entry, { lat, lon }, startMs + DAY / 2);
  return { entry, startMs, endMs: nextDay(startMs, tz), course, dew: dewOf(entry) };
}

/** Every hour from the first midnight to the last, with the day it belongs to. */
function hoursOf(days: readonly Placed[], tz: string): { ms: number; day: Placed; clockH: number }[] {
  const out: { ms: number; day: Placed; clockH: number }[] = [];
  const endMs = days.at(-1)!.endMs;
  for (let ms = days[0]!.startMs; ms <= endMs; ms += HOUR) {
    const day = days.find((d) => ms < d.endMs) ?? days.at(-1)!;
    out.push({ ms, day, clockH: ms >= endMs ? 0 : Number(isoOf(ms, tz).slice(11, 13)) });
  }
  return out;
}

/**
 * @param days in order, one after another, at least one
 * @returns an hourly line with what is doubtful about it
 * @throws RangeError when the zone does not exist or a low is above its high
 */
export function forecastOfDays(days: readonly DayEntry[], spot: Spot): Forecast {
  const all = days.map((d) => placed(d, spot));
  const courses = all.map((d) => d.course);
  const smooth = (of: (d: Placed) => number, ms: number): number =>
    betweenNoons(courses, (i) => of(all[i]!), ms);
  const hours = hoursOf(all, spot.tz);
  const line: ForecastMember = { airTempC: [], rhPct: [], windMs: [], gustMs: [], rainMm: [], cloudFrac: [] };
  const doubt = { rainChance: [] as number[], dewSdK: [] as number[] } satisfies Doubt;
  for (const { ms, day, clockH } of hours) {
    const air = airTempC(courses, ms);
    const wind = smooth((d) => d.entry.windMs, ms) * windCourse(ms, day.course.noonMs);
    const gusts = smooth(
      (d) => (d.entry.gustMs ?? d.entry.windMs * GUST_PER_WIND) / Math.max(d.entry.windMs, 0.5),
      ms,
    );
    const chance = rainChance(day.entry, clockH);
    line.airTempC.push(rounded(air));
    line.rhPct.push(
      rounded(
        rhPctOfDew(
          air,
          smooth((d) => d.dew.dewC, ms),
        ),
      ),
    );
    line.windMs.push(rounded(wind));
    line.gustMs.push(rounded(Math.max(wind, wind * gusts)));
    line.rainMm.push(day.entry.rain.kind === 'spell' && chance >= 0.5 ? SPELL_MM : 0);
    line.cloudFrac.push(rounded(smooth((d) => CLOUD[d.entry.sky], ms)));
    doubt.rainChance.push(rounded(chance));
    doubt.dewSdK.push(rounded(smooth((d) => d.dew.sdK, ms)));
  }
  return { start: isoOf(all[0]!.startMs, spot.tz), stepMin: 60, members: [line], doubt };
}
