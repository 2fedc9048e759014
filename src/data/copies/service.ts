/** Copies of the whole workshop, out and in: what the routes ask for. */
import { mkdirSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Readable } from 'node:stream';
import type { Came, Holds, Looked } from '@/usecases/copies';
import { openDatabase, type Migration } from '../open';
import { archiveOf, type ArchiveAs } from './archive-out';
import { bringIn, type How, type Live } from './bring-in';
import { COPY_WORK, type CopyWork, type Found } from './copy-work';
import { Incoming } from './incoming';
import { KeptCopies } from './kept';
import type { Sent } from './merge';
import type { Received } from './receive';
import { countOf } from './tables';

const holdsOf = (db: Live['db']): Holds => ({
  jobs: countOf(db, 'jobs', 'WHERE deleted_ms IS NULL'),
  removed: countOf(db, 'jobs', 'WHERE deleted_ms IS NOT NULL'),
  photos: countOf(db, 'photos', 'WHERE deleted_ms IS NULL'),
  stock: countOf(db, 'stock', 'WHERE deleted_ms IS NULL'),
  moves: countOf(db, 'stock_moves'),
});

export class Copies {
  readonly incoming: Incoming;
  readonly kept: KeptCopies;
  /** Files that were looked at: taken apart once, they need not be again. */
  private readonly found = new Map<string, Found>();
  constructor(
    private readonly live: Live,
    dataFolder: string,
    private readonly migrations: readonly Migration[],
    private readonly work: CopyWork = COPY_WORK,
  ) {
    this.incoming = new Incoming(join(dataFolder, 'incoming'));
    this.kept = new KeptCopies(dataFolder, live.photosFolder);
  }

  archive(as: ArchiveAs, nowMs: number): Promise<Readable> {
    return archiveOf(this.live, { as, savedAt: new Date(nowMs).toISOString() }, this.work.snapshot);
  }

  /** A copy of the day, when today has none. */
  keepDaily(nowMs: number): Promise<string | null> {
    return this.kept.keepDaily(this.live.db, nowMs, this.work.snapshot);
  }

  /** What is in a sent file, and what is here. Null for a token that is none. @throws SentRefused, DatabaseTooNew */
  async look(token: string): Promise<Looked | null> {
    const found = await this.takenApart(token);
    if (!found) return null;
    this.found.set(token, found);
    const { db, savedAt, withoutPicture } = this.opened(found);
    const holds = holdsOf(db);
    db.close();
    return { savedAt, withoutPicture, holds, here: holdsOf(this.live.db) };
  }

  private async takenApart(token: string): Promise<Found | null> {
    const here = this.incoming.of(token);
    if (!here) return null;
    rmSync(here.work, { recursive: true, force: true });
    mkdirSync(here.work);
    return this.work.takeApart(here.file, here.work, this.migrations);
  }

  private opened(found: Found): Received {
    return { ...found, db: openDatabase(found.file, this.migrations) };
  }

  /** What is replaced is kept first. @throws SentRefused, DatabaseTooNew */
  async bringIn(token: string, how: How, nowMs: number): Promise<Came | null> {
    const found = this.found.get(token) ?? (await this.takenApart(token));
    this.found.delete(token);
    if (!found) return null;
    const came = this.useUp(this.opened(found), how, nowMs);
    this.incoming.drop(token);
    return came;
  }

  /** Lets a sent file go. */
  drop(token: string): void {
    this.found.delete(token);
    this.incoming.drop(token);
  }

  /** Puts a kept copy in the place of what is here, which is kept first. @throws SentRefused */
  async goBack(name: string, nowMs: number): Promise<Came | null> {
    const folder = this.kept.folderOf(name);
    if (!folder) return null;
    const work = mkdtempSync(join(tmpdir(), 'pellucid-back-'));
    try {
      const found = await this.work.takeApart(join(folder, 'workshop.sqlite'), work, this.migrations);
      return this.useUp({ ...this.opened(found), photosFolder: join(folder, 'photos') }, 'replace', nowMs);
    } finally {
      rmSync(work, { recursive: true, force: true });
    }
  }

  private useUp(sent: Sent, how: How, nowMs: number): Came {
    try {
      const before = how === 'replace' ? this.kept.keep(this.live.db, 'restore', nowMs) : null;
      return { ...bringIn(this.live, sent, how), before };
    } finally {
      sent.db.close();
    }
  }
}
