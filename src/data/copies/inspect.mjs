/**
 * Run as a process of its own on a database that was sent in: looks whether its tables are those of this
 * program, word for word, and only then writes them out as lines of JSON. It reads and never writes the
 * file; whoever started it stops it after a while, so that nothing in the file can hold the workshop up.
 * Arguments: the database, the folder for the lines, the known schemas by version as JSON.
 */
import { closeSync, mkdirSync, openSync, readFileSync, writeSync } from 'node:fs';
import { join } from 'node:path';
import Database from 'better-sqlite3';

const [file, into, schemasFile] = process.argv.slice(2);
const schemas = JSON.parse(readFileSync(schemasFile, 'utf8'));
const say = (answer) => process.stdout.write(JSON.stringify(answer));
const db = new Database(file, { readonly: true, fileMustExist: true });
db.pragma('trusted_schema = OFF');
const version = db.pragma('user_version', { simple: true });
const known = Math.max(...Object.keys(schemas).map(Number));
const found = db
  .prepare(
    "SELECT type, name, sql FROM sqlite_master WHERE name NOT LIKE 'sqlite\\_%' ESCAPE '\\' ORDER BY name",
  )
  .all();

if (version > known && found.some((entry) => entry.name === 'jobs')) say({ kind: 'newer', version });
else if (JSON.stringify(found) !== JSON.stringify(schemas[version])) say({ kind: 'foreign' });
else {
  mkdirSync(join(into, 'tables'), { recursive: true });
  for (const { name } of found.filter((entry) => entry.type === 'table')) {
    const out = openSync(join(into, 'tables', `${name}.ndjson`), 'w');
    for (const row of db.prepare(`SELECT * FROM "${name}"`).iterate())
      writeSync(out, `${JSON.stringify(row)}\n`);
    closeSync(out);
  }
  say({ kind: 'ours', version });
}
