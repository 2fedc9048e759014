/**
 * Lines of JSON made into a database of this program: begun at the version they were written in, with
 * every row held to its table's columns, kinds and checks, then brought up to date like any other.
 */
import { createReadStream, existsSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import { createInterface } from 'node:readline';
import type { Db } from '../db';
import { openDatabase, type Migration } from '../open';
import { NOT_OURS, SentRefused, UNREADABLE } from './refusal';
import { listOf, tablesOf, type Table, type TableRow } from './tables';

/** A line is one job with all its parts at most. */
const MOST_LINE_CHARACTERS = 4_000_000;

const refusedAt = (table: string, line: number, expected: string): SentRefused =>
  new SentRefused(UNREADABLE, [{ path: `tables/${table}.ndjson, line ${line}`, expected }]);

function rowOf(text: string, { name, columns }: Table, line: number): TableRow {
  if (text.length > MOST_LINE_CHARACTERS) throw refusedAt(name, line, 'a shorter line');
  let row: unknown;
  try {
    row = JSON.parse(text);
  } catch {
    throw refusedAt(name, line, 'JSON');
  }
  const keys = row !== null && typeof row === 'object' && !Array.isArray(row) ? Object.keys(row) : [];
  if (keys.length !== columns.length || keys.some((k) => !columns.includes(k)))
    throw refusedAt(name, line, `the fields ${columns.join(', ')}`);
  return row as TableRow;
}

async function fill(db: Db, table: Table, file: string): Promise<void> {
  const values = table.columns.map((c) => `@${c}`).join(', ');
  const insert = db.prepare(`INSERT INTO "${table.name}" (${listOf(table.columns)}) VALUES (${values})`);
  let line = 0;
  for await (const text of createInterface({ input: createReadStream(file, 'utf8'), crlfDelay: Infinity })) {
    line++;
    if (text === '') continue;
    const row = rowOf(text, table, line);
    try {
      insert.run(row);
    } catch (e) {
      throw refusedAt(table.name, line, `a row of that table (${(e as Error).message})`);
    }
  }
}

function assertTables(folder: string, tables: readonly Table[]): void {
  const sent = existsSync(folder) ? readdirSync(folder).sort() : [];
  const wanted = tables.map((t) => `${t.name}.ndjson`).sort();
  if (sent.join() !== wanted.join()) throw new SentRefused(NOT_OURS);
}

/**
 * @param from folder that holds tables/*.ndjson @param version schema they were written in
 * @returns the database, at this program's own version, in a file beside them @throws SentRefused
 */
export async function rebuild(from: string, version: number, migrations: readonly Migration[]): Promise<Db> {
  const file = join(from, 'ready.sqlite');
  const old = openDatabase(
    file,
    migrations.filter((m) => m.number <= version),
  );
  try {
    const tables = tablesOf(old);
    assertTables(join(from, 'tables'), tables);
    old.exec('BEGIN; PRAGMA defer_foreign_keys = ON');
    for (const table of tables) await fill(old, table, join(from, 'tables', `${table.name}.ndjson`));
    old.exec('COMMIT');
  } catch (e) {
    throw e instanceof SentRefused ? e : new SentRefused(NOT_OURS);
  } finally {
    old.close();
  }
  return openDatabase(file, migrations);
}
