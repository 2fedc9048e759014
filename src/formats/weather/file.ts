/** A weather file of any of the kinds that are read: told apart by how it begins. */
import { parseForecast } from '../forecast-file';
import { parseJson } from '../job-file';
import type { Fault, Parsed } from '../faults';
import type { Mapping } from './columns';
import { isEpw, parseEpw } from './epw';
import type { SeriesAt } from './series';
import type { FileWeather } from '@/model/weather';
import { guessTable, readTable, takeTable, type TableGuess } from './table';

/** A table waits until its columns are confirmed. */
export type FileRead =
  | { readonly kind: 'taken'; readonly weather: FileWeather }
  | { readonly kind: 'asked'; readonly table: TableGuess };

/** A forecast in the agreed JSON. */
export function jsonWeather(text: string): Parsed<FileWeather> {
  const json = parseJson(text, 'a forecast in the agreed JSON');
  if (!json.ok) return json;
  const forecast = parseForecast(json.value);
  return forecast.ok
    ? { ok: true, value: { forecast: forecast.value, bridgedH: 0, openFromMs: null } }
    : forecast;
}

const taken = (made: Parsed<FileWeather>): Parsed<FileRead> =>
  made.ok ? { ok: true, value: { kind: 'taken', weather: made.value } } : made;

/** @param mapping of a table, once it is confirmed; left out to ask for a guess */
export function readWeatherFile(text: string, at: SeriesAt, mapping?: Mapping): Parsed<FileRead> {
  if (text.trim() === '') return { ok: false, faults: [EMPTY] };
  if (/^\uFEFF?\s*[{[]/.test(text)) return taken(jsonWeather(text));
  if (isEpw(text)) return taken(parseEpw(text, at));
  const table = readTable(text);
  if (!table.ok) return table;
  if (mapping) return taken(takeTable(table.value, mapping, at));
  return { ok: true, value: { kind: 'asked', table: guessTable(table.value) } };
}
const EMPTY: Fault = { path: '(the whole)', expected: 'a file with something in it' };

/** The file with its columns taken as they were guessed: for the command line, where nobody is asked. */
export function takeWeatherFile(text: string, at: SeriesAt): Parsed<FileWeather> {
  const read = readWeatherFile(text, at);
  if (!read.ok) return read;
  const { value } = read;
  if (value.kind === 'taken') return { ok: true, value: value.weather };
  const { guess, names } = value.table;
  const [rival] = guess.rivals;
  if (rival) {
    const [one, other] = [names[guess.of[rival.q]!.column], names[rival.column]];
    const expected = `one column for it: “${one}” and “${other}” could both be; take one out`;
    return { ok: false, faults: [{ path: `column “${other}”`, expected }] };
  }
  const table = readTable(text);
  return table.ok ? takeTable(table.value, guess, at) : table;
}
