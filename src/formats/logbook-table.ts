/**
 * Records as one table that loses nothing: a line for each figure, by its JSON Pointer (RFC 6901). A spreadsheet may
 * be used on it; what it makes of the texts and figures comes in again as it stands there.
 */
import Papa from 'papaparse';
import type { Job } from '@/model/job';

type Json = string | number | boolean | null | readonly Json[] | { readonly [key: string]: Json };

interface Line {
  readonly record: number;
  readonly path: string;
  readonly type: string;
  readonly value: string;
}
const COLUMNS = ['record', 'path', 'type', 'value'] as const;

const escaped = (key: string): string => key.replace(/~/g, '~0').replace(/\//g, '~1');
const unescaped = (key: string): string => key.replace(/~1/g, '/').replace(/~0/g, '~');
/** A spreadsheet takes these for formulas; the mark before them is taken off again. */
const marked = (text: string): string => (/^[=+\-@\t\r']/.test(text) ? `'${text}` : text);
const unmarked = (text: string): string => (text.startsWith("'") ? text.slice(1) : text);

function linesOf(record: number, path: string, value: Json): Line[] {
  if (typeof value === 'string') return [{ record, path, type: 'text', value: marked(value) }];
  if (value === null || typeof value !== 'object')
    return [{ record, path, type: value === null ? 'null' : typeof value, value: String(value) }];
  const entries = Object.entries(value);
  return [
    // Of how many there are nobody asks when it comes in; an empty one says nothing.
    { record, path, type: Array.isArray(value) ? 'list' : 'group', value: String(entries.length || '') },
    ...entries.flatMap(([key, v]) => linesOf(record, `${path}/${escaped(key)}`, v)),
  ];
}

export function recordsTable(jobs: readonly Job[]): string {
  const plain = JSON.parse(JSON.stringify(jobs)) as readonly Json[];
  const lines = plain.flatMap((job, i) => linesOf(i + 1, '', job));
  return Papa.unparse(
    { fields: [...COLUMNS], data: lines.map((l) => COLUMNS.map((c) => l[c])) },
    { newline: '\r\n' },
  );
}

type Read =
  { readonly ok: true; readonly jobs: readonly unknown[] } | { readonly ok: false; readonly said: string };

/** A value that is being put together. */
type Building = { [key: string]: unknown } | unknown[];

/** Decimal commas are read; a figure that a spreadsheet shortened (1.78E+12) is no figure any more. */
function numberIn(text: string): number {
  const plain = text.trim().replace(/^(-?\d+),(\d+)$/, '$1.$2');
  return plain === '' || plain.includes('E') ? Number.NaN : Number(plain);
}

const TYPES: Readonly<Record<string, (text: string) => unknown>> = {
  text: unmarked,
  number: numberIn,
  boolean: (text) => ({ true: true, false: false })[text.trim().toLowerCase()],
  null: () => null,
  list: () => [],
  group: () => ({}),
};

/** undefined where the cell is no such thing. */
function valueOf({ type, value }: Line): unknown {
  const made = TYPES[type.trim()]?.(value);
  return typeof made === 'number' && !Number.isFinite(made) ? undefined : made;
}

const POLLUTING = new Set(['__proto__', 'constructor', 'prototype']);

/** @returns false where nothing stands that it could be put into */
function put(root: Building, path: string, value: unknown): boolean {
  const keys = path.split('/').slice(1).map(unescaped);
  const last = keys.pop();
  let at: unknown = root;
  for (const key of keys) {
    if (POLLUTING.has(key)) return false;
    at = (at as Record<string, unknown>)[key];
    if (typeof at !== 'object' || at === null) return false;
  }
  if (last === undefined || POLLUTING.has(last)) return false;
  if (Array.isArray(at) && Number(last) !== at.length) return false;
  (at as Record<string, unknown>)[last] = value;
  return true;
}

const LINE = 'Nothing was brought in.';

/** The records of such a table, as they are to be checked. */
export function readTable(text: string): Read {
  const { data, meta } = Papa.parse<Line>(text.replace(/^\uFEFF/, ''), {
    header: true,
    skipEmptyLines: true,
  });
  const missing = COLUMNS.filter((c) => !(meta.fields ?? []).includes(c));
  if (missing.length > 0)
    return {
      ok: false,
      said: `It has no column “${missing.join('”, “')}”: use the table “All of it, CSV”. ${LINE}`,
    };
  const roots = new Map<string, Building>();
  for (const [i, line] of data.entries()) {
    const at = `Line ${i + 2}`;
    const value = valueOf(line);
    if (value === undefined)
      return {
        ok: false,
        said: `${at}: “${line.value ?? ''}” is no ${line.type || 'kind of value'}. ${LINE}`,
      };
    const key = String(line.record);
    const root = roots.get(key);
    if (line.path === '' && root === undefined && typeof value === 'object' && value !== null)
      roots.set(key, value as Building);
    else if (!root || !put(root, line.path, value))
      return {
        ok: false,
        said: `${at}: nothing stands that “${line.path}” belongs to. Keep the order. ${LINE}`,
      };
  }
  return { ok: true, jobs: [...roots.values()] };
}
