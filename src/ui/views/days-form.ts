/** A week typed in: what stands in the fields, what it means as days, and where a fault of a day belongs. */
import { civilDate, DAY, msOf, nextDay } from '@/core/time/instant';
import { MOST_DAYS } from '@/model/limits';
import { USUAL_CHANCE_PCT, type RAINS } from '@/model/lists';
import type { DayEntry, Sky } from '@/model/weather';
import type { Format } from '@/words/format';

export type RainKind = (typeof RAINS)[number];
/** What the forecast tells of the vapour. */
export const MOISTS = ['none', 'rh', 'dew'] as const;
export type Moist = (typeof MOISTS)[number];

export interface DayRow {
  readonly date: string;
  readonly lowC: number | null;
  readonly highC: number | null;
  /** Humidity in per cent, or the dew point in °C. */
  readonly moist: number | null;
  readonly windMs: number | null;
  readonly gustMs: number | null;
  readonly sky: Sky;
  readonly rain: RainKind;
  readonly chancePct: number;
  readonly from: string;
  readonly to: string;
}
export interface WeekValues {
  readonly moistKind: Moist;
  readonly hasGusts: boolean;
  readonly rows: readonly DayRow[];
}

export const USUAL_DAYS = 7;

const blankRow = (date: string): DayRow => ({
  date,
  lowC: null,
  highC: null,
  moist: null,
  windMs: null,
  gustMs: null,
  sky: 'some-cloud',
  rain: 'none',
  chancePct: USUAL_CHANCE_PCT.showers,
  from: '14:00',
  to: '17:00',
});

/** The date after one. */
const after = (date: string, tz: string): string =>
  civilDate(nextDay(msOf(`${date}T00:00`, tz), tz) + DAY / 2, tz);

function rowOf(day: DayEntry, moistKind: Moist): DayRow {
  const { rain } = day;
  const told = rain.kind === 'none' ? undefined : rain.chancePct;
  const spell = rain.kind === 'spell' ? { from: rain.from, to: rain.to } : {};
  return {
    ...blankRow(day.date),
    lowC: day.lowC,
    highC: day.highC,
    moist: (moistKind === 'rh' ? day.rhPct : day.dewC) ?? null,
    windMs: day.windMs,
    gustMs: day.gustMs ?? null,
    sky: day.sky,
    rain: rain.kind,
    chancePct: told ?? USUAL_CHANCE_PCT[rain.kind],
    ...spell,
  };
}

function moistOf(days: readonly DayEntry[]): Moist {
  if (days.some((d) => d.rhPct !== undefined)) return 'rh';
  return days.some((d) => d.dewC !== undefined) ? 'dew' : 'none';
}

/** A week from today: what was typed in before stands where it still counts, the rest is blank. */
export function weekFrom(today: string, tz: string, before: readonly DayEntry[] | null): WeekValues {
  const days = before ?? [];
  const moistKind = moistOf(days);
  const rows: DayRow[] = [];
  for (
    let date = today;
    rows.length < USUAL_DAYS || days.some((d) => d.date >= date);
    date = after(date, tz)
  ) {
    const known = days.find((d) => d.date === date);
    rows.push(known ? rowOf(known, moistKind) : blankRow(date));
  }
  return { moistKind, hasGusts: days.some((d) => d.gustMs !== undefined), rows: rows.slice(0, MOST_DAYS) };
}

/** One day more, or the last one less; never fewer than one. */
export function withDays({ rows, ...rest }: WeekValues, by: 1 | -1, tz: string): WeekValues {
  const more = [...rows, blankRow(after(rows.at(-1)!.date, tz))];
  return { ...rest, rows: by === 1 ? more.slice(0, MOST_DAYS) : rows.slice(0, Math.max(1, rows.length - 1)) };
}

/** What is blank in a row takes what the row above it has. */
export function copiedDown({ rows, ...rest }: WeekValues): WeekValues {
  const out: DayRow[] = [];
  for (const row of rows) {
    const above = out.at(-1);
    const isBlank = row.lowC === null && row.highC === null && row.windMs === null;
    out.push(
      above
        ? {
            ...(isBlank ? { ...above, date: row.date } : row),
            lowC: row.lowC ?? above.lowC,
            highC: row.highC ?? above.highC,
            moist: row.moist ?? above.moist,
            windMs: row.windMs ?? above.windMs,
            gustMs: row.gustMs ?? above.gustMs,
          }
        : row,
    );
  }
  return { ...rest, rows: out };
}

/** Rows at the end of which nothing was typed are left out. */
const isTyped = ({ lowC, highC, windMs, moist }: DayRow): boolean =>
  lowC !== null || highC !== null || windMs !== null || moist !== null;

function rainOf({ rain, chancePct, from, to }: DayRow): unknown {
  if (rain === 'none') return { kind: rain };
  return rain === 'spell' ? { kind: rain, from, to, chancePct } : { kind: rain, chancePct };
}

/** The days as they are sent; what is not filled in stays null, and is refused by name. */
export function daysOf({ moistKind, hasGusts, rows }: WeekValues): unknown[] {
  const last = rows.findLastIndex(isTyped);
  return rows
    .slice(0, Math.max(1, last + 1))
    .map((row) => ({
      date: row.date,
      lowC: row.lowC,
      highC: row.highC,
      ...(moistKind === 'rh' && { rhPct: row.moist }),
      ...(moistKind === 'dew' && { dewC: row.moist }),
      windMs: row.windMs,
      ...(hasGusts && { gustMs: row.gustMs }),
      sky: row.sky,
      rain: rainOf(row),
    }));
}

const FIELD: Readonly<Record<string, keyof DayRow>> = {
  rhPct: 'moist',
  dewC: 'moist',
  'rain.to': 'to',
  'rain.from': 'from',
  'rain.chancePct': 'chancePct',
};

/** Where a fault of a day stands in the form; null when it is of the whole. @param path days[2].lowC */
export function fieldOfFault(path: string): string | null {
  const m = /^(?:days)?\[?(\d+)\]?\.(.+)$/.exec(path);
  return m ? `rows.${m[1]}.${FIELD[m[2]!] ?? m[2]}` : null;
}

const FIGURE = String.raw`(-?\d+(?:\.\d+)?)`;
const SAID_C = new RegExp(`${FIGURE} °C(?: \\(got ${FIGURE}\\))?`, 'g');
const SAID_MS = new RegExp(`${FIGURE} m/s(?: \\(got ${FIGURE}\\))?`, 'g');

/** A refusal in the units on the screen: it is judged in °C and m/s. */
export function faultSaid(expected: string, f: Format): string {
  const pair =
    (said: (x: number) => string) =>
    (_all: string, limit: string, got: string | undefined): string =>
      `${said(Number(limit))}${got === undefined ? '' : ` (got ${said(Number(got))})`}`;
  return expected.replace(SAID_C, pair(f.temp)).replace(SAID_MS, pair(f.speed));
}
