/** A log of a sensor: a table of any names with times, temperature and humidity, a surface or wind where it has them. */
import { round1 } from '@/core/numerics/round';
import type { Reading as Measured } from '@/model/reading';
import { told, type Fault, type Parsed } from '../faults';
import type { Mapping } from './columns';
import { orderFaults, type Reading } from './series';
import { guessTable, readingsOf, readTable, type TableGuess } from './table';

export interface SensorLog {
  readonly readings: readonly Measured[];
  /** “temperature from “Temp” in °F” for each column that was taken. */
  readonly taken: readonly string[];
}

/** A surface thermometer’s column, by its name. */
const SURFACE = /surf|panel|\bpart\b|metal|oberfl/i;
const NAMES = { temp: 'temperature', rh: 'humidity', dew: 'dew point', wind: 'wind' } as const;

/** The second temperature, where its name says that it is of a surface. */
function surfaceColumn({ names, guess }: TableGuess): number | null {
  const at = names.findIndex((n, i) => SURFACE.test(n) && !guess.time.includes(i));
  return at < 0 ? null : at;
}

function pick<K extends string>(key: K, x: number | null | undefined): Partial<Record<K, number>> {
  return typeof x === 'number' ? ({ [key]: round1(x) } as Record<K, number>) : {};
}

const measuredOf = (air: Reading, surface: Reading | undefined): Measured => ({
  ms: air.ms,
  ...pick('airC', air.of.temp),
  ...pick('rhPct', air.of.rh),
  ...pick('windMs', air.of.wind),
  ...pick('panelC', surface?.of.temp),
});

/** The air's columns, without the one that is of a surface. */
function airMapping(table: TableGuess, surface: number | null): Mapping | Fault[] {
  const { guess, names } = table;
  const rivals = guess.rivals.filter((r) => r.column !== surface);
  const of = { ...guess.of };
  if (surface !== null && of.temp?.column === surface) {
    const other = rivals.find((r) => r.q === 'temp');
    if (other) of.temp = { column: other.column, unit: of.temp.unit };
    else delete of.temp;
    return { time: guess.time, isDayFirst: guess.isDayFirst, of };
  }
  const [rival] = rivals.filter((r) => r.q in NAMES);
  if (!rival) return { time: guess.time, isDayFirst: guess.isDayFirst, of };
  const [one, two] = [names[guess.of[rival.q]!.column], names[rival.column]];
  return [
    {
      path: `column “${two}”`,
      expected: `one column for it: “${one}” and “${two}” could both be; take one out`,
    },
  ];
}

const NEEDED: Fault = {
  path: 'columns',
  expected: 'a column for the time, and at least one for temperature, humidity or wind',
};

/** @param tz of the place, for times without a zone */
export function readSensorLog(text: string, tz: string): Parsed<SensorLog> {
  const table = readTable(text);
  if (!table.ok) return table;
  const guess = guessTable(table.value);
  const surface = surfaceColumn(guess);
  const how = airMapping(guess, surface);
  if (Array.isArray(how)) return { ok: false, faults: how };
  const has = (['temp', 'rh', 'wind'] as const).filter((q) => how.of[q]);
  if (how.time.length === 0 || (has.length === 0 && surface === null)) return { ok: false, faults: [NEEDED] };
  const only = { ...how, of: Object.fromEntries(has.map((q) => [q, how.of[q]])) } as Mapping;
  const air = readingsOf(table.value, only, tz);
  const unit = how.of.temp?.unit ?? '°C';
  const panel =
    surface === null
      ? { readings: [], faults: [] }
      : readingsOf(table.value, { ...how, of: { temp: { column: surface, unit } } }, tz);
  const faults = [...air.faults, ...panel.faults, ...orderFaults(air.readings, tz)];
  if (faults.length > 0) return { ok: false, faults: told(faults) };
  const bySurface = new Map(panel.readings.map((r) => [r.ms, r]));
  const taken = has.map((q) => `${NAMES[q]} from “${guess.names[how.of[q]!.column]}” in ${how.of[q]!.unit}`);
  if (surface !== null) taken.push(`the part’s surface from “${guess.names[surface]}” in ${unit}`);
  return {
    ok: true,
    value: { readings: air.readings.map((r) => measuredOf(r, bySurface.get(r.ms))), taken },
  };
}
