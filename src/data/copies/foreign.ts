/** A database that was sent in is opened only in a process of its own, with a time limit. */
import { execFile } from 'node:child_process';
import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { promisify } from 'node:util';
import { DatabaseTooNew, openDatabase, type Migration } from '../open';
import { NOT_OURS, SentRefused } from './refusal';
import { schemaOf, type SchemaEntry } from './tables';

const LIMIT_MS = 60_000;
const run = promisify(execFile);

/** The schema of every version there has been. */
export function schemasBy(migrations: readonly Migration[]): Record<number, SchemaEntry[]> {
  return Object.fromEntries(
    migrations.map(({ number }) => {
      const db = openDatabase(
        ':memory:',
        migrations.filter((m) => m.number <= number),
      );
      const schema = schemaOf(db);
      db.close();
      return [number, schema];
    }),
  );
}

interface Answer {
  readonly kind: 'ours' | 'foreign' | 'newer';
  readonly version?: number;
}

async function inspected(file: string, into: string, schemas: string, limitMs: number): Promise<Answer> {
  const script = join(process.cwd(), 'src', 'data', 'copies', 'inspect.mjs');
  try {
    const { stdout } = await run(process.execPath, [script, file, into, schemas], {
      timeout: limitMs,
      killSignal: 'SIGKILL',
    });
    return JSON.parse(stdout) as Answer;
  } catch (e) {
    if ((e as { killed?: boolean }).killed)
      throw new SentRefused('Reading this database took too long. Nothing was changed; choose another copy.');
    throw new SentRefused(NOT_OURS);
  }
}

/**
 * Writes the tables of a sent database into a folder as lines of JSON.
 * @returns its schema version @throws SentRefused, DatabaseTooNew
 */
export async function dumpForeign(
  file: string,
  into: string,
  migrations: readonly Migration[],
  limitMs: number = LIMIT_MS,
): Promise<number> {
  const schemas = join(into, 'schemas.json');
  writeFileSync(schemas, JSON.stringify(schemasBy(migrations)));
  const { kind, version } = await inspected(file, into, schemas, limitMs);
  if (kind === 'newer') throw new DatabaseTooNew(version ?? 0, migrations.at(-1)?.number ?? 0);
  if (kind === 'foreign' || version === undefined) throw new SentRefused(NOT_OURS);
  return version;
}
