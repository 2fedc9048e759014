/** Copies of the whole workshop, out and in: what the routes ask for. */
import { rmSync, mkdirSync } from 'node:fs';
import { join } from 'node:path';
import type { Readable } from 'node:stream';
import type { Came, Holds, Looked } from '@/usecases/copies';
import type { Migration } from '../open';
import { archiveOf, type ArchiveAs } from './archive-out';
import { bringIn, type How, type Live } from './bring-in';
import { Incoming } from './incoming';
import { KeptCopies } from './kept';
import { receive, type Received } from './receive';
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
  constructor(
    private readonly live: Live,
    dataFolder: string,
    private readonly migrations: readonly Migration[],
  ) {
    this.incoming = new Incoming(join(dataFolder, 'incoming'));
    this.kept = new KeptCopies(dataFolder, live.photosFolder);
  }

  archive(as: ArchiveAs, nowMs: number): Readable {
    return archiveOf(this.live, { as, savedAt: new Date(nowMs).toISOString() });
  }

  /** A sent file opened and checked, handed to `work`, and closed again; null for a token that is none. */
  private async opened<T>(token: string, work: (received: Received) => T): Promise<T | null> {
    const here = this.incoming.of(token);
    if (!here) return null;
    rmSync(here.work, { recursive: true, force: true });
    mkdirSync(here.work);
    const received = await receive(here.file, here.work, this.migrations);
    try {
      return work(received);
    } finally {
      received.db.close();
    }
  }

  /** @throws SentRefused, DatabaseTooNew */
  look(token: string): Promise<Looked | null> {
    return this.opened(token, ({ db, savedAt, withoutPicture }) => ({
      savedAt,
      withoutPicture,
      holds: holdsOf(db),
      here: holdsOf(this.live.db),
    }));
  }

  /** What is replaced is kept first. @throws SentRefused, DatabaseTooNew */
  async bringIn(token: string, how: How, nowMs: number): Promise<Came | null> {
    const came = await this.opened(token, (received) => {
      const before = how === 'replace' ? this.kept.keep(this.live.db, 'restore', nowMs) : null;
      return { ...bringIn(this.live, received, how), before };
    });
    if (came) this.incoming.drop(token);
    return came;
  }

  /** Puts a kept copy in the place of what is here, which is kept first. @throws SentRefused */
  async goBack(name: string, nowMs: number): Promise<Came | null> {
    const folder = this.kept.folderOf(name);
    if (!folder) return null;
    const token = this.incoming.begin(1);
    const work = join(this.incoming.of(token)!.work, 'copy');
    mkdirSync(work);
    try {
      const received = await receive(join(folder, 'workshop.sqlite'), work, this.migrations);
      try {
        const before = this.kept.keep(this.live.db, 'restore', nowMs);
        const sent = { ...received, photosFolder: join(folder, 'photos') };
        return { ...bringIn(this.live, sent, 'replace'), before };
      } finally {
        received.db.close();
      }
    } finally {
      this.incoming.drop(token);
    }
  }
}
