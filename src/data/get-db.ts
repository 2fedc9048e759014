/** The one open database of the server process, made lazily and kept across reloads. */
import 'server-only';
import { join } from 'node:path';
import { KeptCopies } from './copies/kept';
import { lockFolder } from './lock';
import type { Db } from './db';
import { DatabaseDamaged, migrationsIn, openDatabase } from './open';

const held = globalThis as typeof globalThis & { pellucidDb?: Db; pellucidLock?: () => void };

export function dataFolder(): string {
  return (
    process.env.PELLUCID_DATA ??
    join(process.cwd(), 'data', process.env.PELLUCID_DEMO === '1' ? 'demo' : 'own')
  );
}

export const photosFolder = (): string => join(dataFolder(), 'photos');

export const migrations = (): ReturnType<typeof migrationsIn> =>
  migrationsIn(join(process.cwd(), 'src', 'data', 'migrations'));

const keptCopies = (): KeptCopies => new KeptCopies(dataFolder(), photosFolder());

/** A damaged workshop says which of its copies is the last good one, and how to go back to it. */
function withWayBack(e: unknown): unknown {
  if (!(e instanceof DatabaseDamaged)) return e;
  const [last] = keptCopies().list();
  if (!last) return new Error(`${e.message}. There is no copy beside it; bring one back that you saved.`);
  const from = join(dataFolder(), 'copies', last.name);
  const when = new Date(last.atMs).toISOString().slice(0, 16).replace('T', ' ');
  return new Error(
    `${e.message}.\nThe last good copy is of ${when} UTC: ${from}\nTo go back to it, move workshop.sqlite and its -wal and -shm away and put workshop.sqlite and photos of the copy in their place.`,
  );
}

/** @throws WorkshopInUse when another server is at work on the folder */
export function getDb(): Db {
  if (held.pellucidDb) return held.pellucidDb;
  held.pellucidLock ??= lockFolder(dataFolder());
  try {
    held.pellucidDb = openDatabase(join(dataFolder(), 'workshop.sqlite'), migrations(), (old) => {
      keptCopies().keep(old, 'upgrade', Date.now());
    });
  } catch (e) {
    throw withWayBack(e);
  }
  return held.pellucidDb;
}
