/** A table of weather with columns of any name: read, its columns guessed, then taken as they were confirmed. */
import Papa from 'papaparse';
import type { FileWeather } from '@/model/weather';
import { told, type Fault, type Parsed } from '../faults';
import {
  guessMapping,
  QUANTITIES,
  RANGE,
  UNITS_OF,
  type Guess,
  type Mapping,
  type Quantity,
} from './columns';
import { forecastOfReadings, orderFaults, type Reading, type SeriesAt } from './series';
import { dayFirstBy, timeOf } from './times';

/** A year of half hours and its head. */
const MOST_LINES = 18_000;
const SAMPLE_LINES = 4;
/** Longer than any name of a column, and than any figure. */
const MOST_NAME = 80;
const MOST_CELL = 60;

export interface WeatherTable {
  readonly names: readonly string[];
  readonly rows: readonly (readonly string[])[];
  /** Line of the first row, as an editor counts. */
  readonly firstLine: number;
}
export interface TableGuess {
  readonly names: readonly string[];
  readonly sample: readonly (readonly string[])[];
  readonly lines: number;
  readonly guess: Guess;
  /** Which figure of a date is the day cannot be told from the file. */
  readonly isDateUnsure: boolean;
}

const isFigure = (cell: string): boolean => figureOf(cell) !== null;

/** A figure with a point or a comma for its decimals; null for anything else. */
function figureOf(cell: string): number | null {
  if (cell.length > MOST_CELL) return null;
  const text = cell
    .trim()
    .replace(/\s*(?:°[cf]?|%|mm|m\/s|km\/h|mph|kn)$/i, '')
    .replace(',', '.');
  if (!/^[-+]?(?:\d+\.?\d*|\.\d+)(?:e[-+]?\d+)?$/i.test(text)) return null;
  return Number(text);
}

/**
 * The head is a line of words followed by one with figures; of several, as where a device says its name and number
 * first, the one with the most columns, the first of those.
 */
function headOf(rows: readonly (readonly string[])[]): number {
  const heads = rows.flatMap((row, i) => {
    const next = rows[i + 1];
    const isHead = row.length > 1 && next !== undefined && !row.some(isFigure) && next.some(isFigure);
    return isHead ? [i] : [];
  });
  const widest = Math.max(0, ...heads.map((i) => rows[i]!.length));
  return heads.find((i) => rows[i]!.length === widest) ?? -1;
}

export function readTable(text: string): Parsed<WeatherTable> {
  const parsed = Papa.parse<string[]>(text.replace(/^\uFEFF/, ''), { skipEmptyLines: false });
  const rows = parsed.data;
  const head = headOf(rows.slice(0, 60));
  if (head < 0) {
    const expected = 'a line with the names of the columns, and under it lines with figures';
    return { ok: false, faults: [{ path: 'line 1', expected }] };
  }
  const body = rows.slice(head + 1);
  if (body.length > MOST_LINES)
    return {
      ok: false,
      faults: [{ path: '(the whole)', expected: `at most ${MOST_LINES} lines (got ${body.length})` }],
    };
  return {
    ok: true,
    value: { names: rows[head]!.map((n) => n.trim().slice(0, MOST_NAME)), rows: body, firstLine: head + 2 },
  };
}

const isEmptyRow = (row: readonly string[]): boolean => row.every((c) => c.trim() === '');

/** Names, a few lines and what the columns seem to be. */
export function guessTable({ names, rows }: WeatherTable): TableGuess {
  const full = rows.filter((r) => !isEmptyRow(r));
  const figures = names.map((_n, i) =>
    full.slice(0, 2000).flatMap((r) => figureOf(r[i] ?? '') ?? compassDeg(r[i] ?? '') ?? []),
  );
  const guess = guessMapping(names, figures);
  const dates = full.map((r) => r[guess.time[0] ?? 0] ?? '');
  const settled = dayFirstBy(dates);
  return {
    names,
    sample: full.slice(0, SAMPLE_LINES).map((r) => r.slice(0, names.length)),
    lines: full.length,
    guess: { ...guess, isDayFirst: settled ?? true },
    isDateUnsure:
      settled === null && dates.some((d) => /^\s*\d{1,2}[./-]\d{1,2}[./-](?:\d{4}|\d{2})\b/.test(d)),
  };
}

/** “NW”, “nnw”: degrees from north by east; null for any other text. */
function compassDeg(cell: string): number | null {
  const at = WINDS.indexOf(cell.trim().toUpperCase().replaceAll('O', 'E'));
  return at < 0 ? null : at * 22.5;
}
const WINDS = 'N NNE NE ENE E ESE SE SSE S SSW SW WSW W WNW NW NNW'.split(' ');
/** What stations write where it has none: calm, variable, 990 or 999. */
const NO_DIRECTION_FROM = 900;

/** Degrees; “none” where the wind has no direction. */
function directionOf(text: string): number | 'none' {
  const deg = figureOf(text) ?? compassDeg(text);
  return deg === null || deg < 0 || deg >= NO_DIRECTION_FROM ? 'none' : deg;
}

const NEEDED: readonly (readonly [readonly Quantity[], string])[] = [
  [['temp'], 'a column for the temperature'],
  [['rh', 'dew'], 'a column for the humidity or the dew point'],
  [['wind'], 'a column for the wind'],
];

/** What is missing, or given twice. */
function mappingFaults({ names }: WeatherTable, { time, of }: Mapping): Fault[] {
  const found = names.join(', ');
  const none: Fault[] = NEEDED.flatMap(([any, expected]) =>
    any.some((q) => of[q]) ? [] : [{ path: 'columns', expected: `${expected} (found ${found})` }],
  );
  if (time.length === 0) none.push({ path: 'columns', expected: `a column for the time (found ${found})` });
  const used = QUANTITIES.flatMap((q) => (of[q] ? [{ q, column: of[q].column }] : []));
  const twice = used.flatMap(({ q, column }, i) =>
    used.slice(0, i).some((u) => u.column === column)
      ? [{ path: `column “${names[column]}”`, expected: `one quantity from one column (${q} takes it too)` }]
      : [],
  );
  return [...none, ...twice];
}

function cellOf(q: Quantity, cell: string, unit: string): { x: number | null } | { expected: string } {
  const text = cell.trim();
  if (text === '' || /^(?:na|n\/a|nan|null|-+|—)$/i.test(text)) return { x: null };
  const figure = q === 'from' ? directionOf(text) : figureOf(text);
  if (figure === 'none') return { x: null };
  if (figure === null) return { expected: `a figure or an empty cell (got “${text.slice(0, 40)}”)` };
  const kept = (UNITS_OF[q] as Record<string, (x: number) => number>)[unit]!(figure);
  const [least, most] = RANGE[q];
  if (!(kept >= least - 1e-9 && kept <= most + 1e-9))
    return { expected: `${rangeSaid(q, unit)} (got ${text.slice(0, 40)}; is the unit right?)` };
  return { x: Math.min(most, Math.max(least, kept)) };
}

const SAID: Readonly<Record<Quantity, string>> = {
  temp: 'a temperature from −60 to 60 °C',
  rh: 'a humidity from 0 to 100 %',
  dew: 'a dew point from −70 to 45 °C',
  wind: 'a wind from 0 to 80 m/s',
  gust: 'gusts from 0 to 120 m/s',
  from: 'a direction from 0 to 360°',
  rain: 'rain from 0 to 200 mm in the hour',
  chance: 'a chance from 0 to 100 %',
  cloud: 'a cover from nothing to all of the sky',
};
const rangeSaid = (q: Quantity, unit: string): string => `${SAID[q]}, in the column’s ${unit}`;

function readingOf(row: readonly string[], line: number, how: Mapping, named: Named): Reading | Fault[] {
  const faults: Fault[] = [];
  const ms = timeOf(
    how.time.map((c) => row[c] ?? ''),
    how.isDayFirst,
    named.tz,
  );
  if (ms === null) {
    const got = how.time.map((c) => row[c] ?? '').join(' ');
    faults.push({
      path: `line ${line}, time`,
      expected: `a time like 2026-05-16 10:00 (got “${got.slice(0, 40)}”)`,
    });
  }
  const of: Reading['of'] = {};
  for (const q of QUANTITIES) {
    const chosen = how.of[q];
    if (!chosen) continue;
    const cell = cellOf(q, row[chosen.column] ?? '', chosen.unit);
    if ('x' in cell) of[q] = cell.x;
    else
      faults.push({ path: `line ${line}, column “${named.names[chosen.column]}”`, expected: cell.expected });
  }
  return faults.length > 0 ? faults : { ms: ms!, line, of };
}
interface Named {
  readonly names: readonly string[];
  readonly tz: string;
}

/** Every line as a reading. Every fault names its line and column. */
export function readingsOf(
  table: WeatherTable,
  how: Mapping,
  tz: string,
): { readonly readings: Reading[]; readonly faults: Fault[] } {
  const faults: Fault[] = [];
  const readings: Reading[] = [];
  table.rows.forEach((row, i) => {
    if (isEmptyRow(row)) return;
    const read = readingOf(row, table.firstLine + i, how, { names: table.names, tz });
    if (Array.isArray(read)) faults.push(...read);
    else readings.push(read);
  });
  return { readings, faults };
}

/** The forecast of a table whose columns were confirmed. */
export function takeTable(table: WeatherTable, how: Mapping, at: SeriesAt): Parsed<FileWeather> {
  const wrong = mappingFaults(table, how);
  if (wrong.length > 0) return { ok: false, faults: wrong };
  const { readings, faults } = readingsOf(table, how, at.tz);
  faults.push(...orderFaults(readings, at.tz));
  if (faults.length > 0) return { ok: false, faults: told(faults) };
  if (readings.length < 2)
    return { ok: false, faults: [{ path: '(the whole)', expected: 'at least two lines with figures' }] };
  return forecastOfReadings(readings, at);
}
