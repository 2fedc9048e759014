/**
 * A file that was sent in, whatever it is: an archive of tables or of the database, a database alone, a
 * bundle of an earlier version. Each becomes tables as lines of JSON and a folder of pictures, then one
 * database of this program, checked row by row. Everything happens in a folder of its own.
 */
import { existsSync, mkdirSync, openSync, readFileSync, readSync, closeSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { bytesOfBase64, parseBundle, type Bundle } from '@/formats/bundle-file';
import { parseJson } from '@/formats/job-file';
import { DatabaseTooNew, type Migration } from '../open';
import { pictureFile } from '../pictures';
import { ARCHIVE_FORMAT, ARCHIVE_KIND } from './archive-format';
import { unpack } from './archive-in';
import { checkRows } from './check-rows';
import { dumpForeign } from './foreign';
import type { Sent } from './merge';
import { rebuild } from './rebuild';
import { NOT_OURS, SentRefused } from './refusal';

const MOST_BUNDLE_BYTES = 64 * 1024 * 1024;

export interface Received extends Sent {
  /** Photographs whose picture is not in the copy. */
  readonly withoutPicture: number;
  /** When it was saved, as it says itself; null where it does not. */
  readonly savedAt: string | null;
}
interface Tables {
  readonly version: number;
  readonly savedAt: string | null;
}

/** The first bytes of a file, as letters. */
function beginsWith(file: string): string {
  const handle = openSync(file, 'r');
  try {
    const bytes = Buffer.alloc(16);
    return bytes.toString('latin1', 0, readSync(handle, bytes, 0, 16, 0));
  } finally {
    closeSync(handle);
  }
}

interface Head {
  readonly kind?: unknown;
  readonly format?: unknown;
  readonly schema?: unknown;
  readonly savedAt?: unknown;
}

function headOf(into: string): Head & { readonly schema: number } {
  const parsed = parseJson(readFileSync(join(into, 'pellucid.json'), 'utf8'));
  const head =
    parsed.ok && parsed.value !== null && typeof parsed.value === 'object' ? (parsed.value as Head) : {};
  const { format, schema } = head;
  if (head.kind !== ARCHIVE_KIND || typeof format !== 'number' || !Number.isInteger(schema))
    throw new SentRefused(NOT_OURS);
  if (format > ARCHIVE_FORMAT) throw new DatabaseTooNew(format, ARCHIVE_FORMAT);
  return { ...head, schema: schema as number };
}

async function fromArchive(file: string, into: string, migrations: readonly Migration[]): Promise<Tables> {
  await unpack(file, into);
  const { schema, savedAt } = headOf(into);
  const known = migrations.at(-1)?.number ?? 0;
  if (schema > known) throw new DatabaseTooNew(schema, known);
  const database = join(into, 'workshop.sqlite');
  const version = existsSync(database) ? await dumpForeign(database, into, migrations) : schema;
  if (!migrations.some((m) => m.number === version)) throw new SentRefused(NOT_OURS);
  return { version, savedAt: typeof savedAt === 'string' ? savedAt : null };
}

/** Rows of an earlier bundle, as this program's version 4 wrote them. */
function writeBundle({ jobs, photos }: Bundle, into: string): void {
  mkdirSync(join(into, 'tables'), { recursive: true });
  mkdirSync(join(into, 'photos'), { recursive: true });
  const put = (table: string, rows: readonly object[]): void =>
    writeFileSync(
      join(into, 'tables', `${table}.ndjson`),
      rows.map((r) => `${JSON.stringify(r)}\n`).join(''),
    );
  put(
    'jobs',
    jobs.map(({ id, createdMs, removed, job }) => {
      const at = { created_ms: createdMs, updated_ms: createdMs, deleted_ms: removed ? createdMs : null };
      return { id, version: 1, doc: JSON.stringify(job), ...at };
    }),
  );
  put('job_steps', []);
  put(
    'photos',
    photos.map(({ id, jobId, partId, moment, createdMs, note, jpeg }) => {
      const picture = bytesOfBase64(jpeg);
      writeFileSync(pictureFile(join(into, 'photos'), id), picture);
      const at = { created_ms: createdMs, deleted_ms: null };
      return { id, job_id: jobId, part_id: partId, moment, bytes: picture.byteLength, ...at, note };
    }),
  );
}
/** Schema of the day in which bundles were last written. */
const BUNDLE_SCHEMA = 4;

function fromBundle(file: string, into: string): Tables {
  const bytes = readFileSync(file);
  if (bytes.byteLength > MOST_BUNDLE_BYTES) throw new SentRefused('This bundle is larger than 64 MB.');
  const json = parseJson(bytes.toString('utf8'));
  if (!json.ok)
    throw new SentRefused(
      'This is no copy of a workshop: neither an archive nor a bundle nor a database.',
      json.faults,
    );
  const parsed = parseBundle(json.value);
  if (!parsed.ok) throw new SentRefused('This bundle cannot be read. Nothing was changed.', parsed.faults);
  writeBundle(parsed.value, into);
  const { savedAt } = json.value as { savedAt?: unknown };
  return { version: BUNDLE_SCHEMA, savedAt: typeof savedAt === 'string' ? savedAt : null };
}

async function tablesFrom(file: string, into: string, migrations: readonly Migration[]): Promise<Tables> {
  const begins = beginsWith(file);
  if (begins === '') throw new SentRefused('The file is empty. Choose a copy saved by this page.');
  if (begins.startsWith('PK')) return fromArchive(file, into, migrations);
  if (begins === 'SQLite format 3\0')
    return { version: await dumpForeign(file, into, migrations), savedAt: null };
  return fromBundle(file, into);
}

/** @param into an empty folder of its own @throws SentRefused, DatabaseTooNew; nothing is open then */
export async function receive(
  file: string,
  into: string,
  migrations: readonly Migration[],
): Promise<Received> {
  const { version, savedAt } = await tablesFrom(file, into, migrations);
  const db = await rebuild(into, version, migrations);
  const photosFolder = join(into, 'photos');
  mkdirSync(photosFolder, { recursive: true });
  try {
    return { db, photosFolder, savedAt, withoutPicture: checkRows(db, photosFolder).length };
  } catch (e) {
    db.close();
    throw e;
  }
}
