/** The tables of a database as they stand in it, whatever they are: a copy carries a table that is added later by itself. */
import type { Db } from '../db';

export interface Table {
  readonly name: string;
  readonly columns: readonly string[];
}
export type Value = string | number | null;
export type TableRow = Readonly<Record<string, Value>>;

/** In the order they were made, so that what is referred to comes first. */
export function tablesOf(db: Db): Table[] {
  const names = db
    .prepare<[], { name: string }>(
      "SELECT name FROM sqlite_master WHERE type = 'table' AND name NOT LIKE 'sqlite\\_%' ESCAPE '\\' ORDER BY rowid",
    )
    .all();
  return names.map(({ name }) => ({
    name,
    columns: db
      .prepare<[string], { name: string }>('SELECT name FROM pragma_table_info(?) ORDER BY cid')
      .all(name)
      .map((c) => c.name),
  }));
}

/** Columns as SQL names them. */
export const listOf = (columns: readonly string[]): string => columns.map((c) => `"${c}"`).join(', ');

export const countOf = (db: Db, table: string, where = ''): number =>
  db.prepare<[], { n: number }>(`SELECT count(*) AS n FROM "${table}" ${where}`).get()?.n ?? 0;

/** Everything that makes up a schema, as the database itself writes it. */
export interface SchemaEntry {
  readonly type: string;
  readonly name: string;
  readonly sql: string | null;
}
export function schemaOf(db: Db): SchemaEntry[] {
  return db
    .prepare<[], SchemaEntry>(
      "SELECT type, name, sql FROM sqlite_master WHERE name NOT LIKE 'sqlite\\_%' ESCAPE '\\' ORDER BY name",
    )
    .all();
}
