/** The one open database of the server process, made lazily and kept across reloads. */
import 'server-only';
import { join } from 'node:path';
import { migrationsIn, openDatabase, type Db } from './open';

const held = globalThis as typeof globalThis & { pellucidDb?: Db };

export function dataFolder(): string {
  return process.env.PELLUCID_DATA ?? join(process.cwd(), 'data', process.env.PELLUCID_DEMO === '1' ? 'demo' : 'own');
}

export function getDb(): Db {
  held.pellucidDb ??= openDatabase(join(dataFolder(), 'workshop.sqlite'), migrationsIn(join(process.cwd(), 'src', 'data', 'migrations')));
  return held.pellucidDb;
}
