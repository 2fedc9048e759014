/** What of copies is heavy: taking a sent file apart, and the snapshot that goes out. Done here, or on a thread. */
import Database from 'better-sqlite3';
import type { Migration } from '../open';
import { receive, type Received } from './receive';

/** What was found when a sent file was taken apart; the database itself waits in its folder. */
export type Found = Omit<Received, 'db'> & { readonly file: string };

export interface CopyWork {
  /** @param into an empty folder of its own @throws SentRefused, DatabaseTooNew, or an error of their code */
  takeApart(file: string, into: string, migrations: readonly Migration[]): Promise<Found>;
  /** One moment of a database, in a file of its own, though others go on writing. */
  snapshot(file: string, to: string): Promise<void>;
}

async function takeApart(file: string, into: string, migrations: readonly Migration[]): Promise<Found> {
  const { db, ...found } = await receive(file, into, migrations);
  const made = { ...found, file: db.name };
  db.close();
  return made;
}

async function snapshot(file: string, to: string): Promise<void> {
  const db = new Database(file, { readonly: true, fileMustExist: true });
  try {
    db.prepare('VACUUM INTO ?').run(to);
  } finally {
    db.close();
  }
}

export const COPY_WORK: CopyWork = { takeApart, snapshot };
