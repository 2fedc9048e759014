/** Takes an archive apart into a folder. What is not in an archive of ours is refused before it is written. */
import { createWriteStream, mkdirSync } from 'node:fs';
import { dirname, join } from 'node:path';
import type { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { openPromise, type Entry, type ZipFile } from 'yauzl';
import { NOT_OURS, SentRefused } from './refusal';

const NAMES = /^(?:pellucid\.json|workshop\.sqlite|tables\/[a-z_]{1,40}\.ndjson|photos\/[0-9a-f-]{36}\.jpg)$/;
const MOST_ENTRIES = 50_000;
/** Unpacked; photographs are most of it. */
const MOST_BYTES = 8 * 1024 ** 3;

function assertOurs(entry: Entry, seen: Set<string>): void {
  const { fileName } = entry;
  if (!NAMES.test(fileName) || seen.has(fileName) || entry.isEncrypted()) throw new SentRefused(NOT_OURS);
  seen.add(fileName);
  if (seen.size > MOST_ENTRIES)
    throw new SentRefused('This archive holds too many files. Nothing was changed.');
}

async function unpackAll(zip: ZipFile, into: string): Promise<void> {
  const seen = new Set<string>();
  let bytes = 0;
  for await (const entry of zip.eachEntry()) {
    assertOurs(entry, seen);
    bytes += entry.uncompressedSize;
    if (bytes > MOST_BYTES)
      throw new SentRefused('This archive is larger than 8 GB unpacked. Nothing was changed.');
    const file = join(into, entry.fileName);
    mkdirSync(dirname(file), { recursive: true });
    await pipeline((await zip.openReadStreamPromise(entry)) as Readable, createWriteStream(file));
  }
  if (!seen.has('pellucid.json')) throw new SentRefused(NOT_OURS);
}

/** @throws SentRefused */
export async function unpack(file: string, into: string): Promise<void> {
  const zip = await openPromise(file, { lazyEntries: true, strictFileNames: true }).catch(() => {
    throw new SentRefused(NOT_OURS);
  });
  try {
    await unpackAll(zip, into);
  } catch (e) {
    throw e instanceof SentRefused ? e : new SentRefused(NOT_OURS);
  } finally {
    zip.close();
  }
}
