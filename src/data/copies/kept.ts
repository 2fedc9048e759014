/**
 * Copies that the workshop keeps of itself beside its data: each day, before an upgrade, before another
 * workshop is put in its place. A copy is a folder with the database and the photographs; a photograph
 * is on the disk once, however many copies hold it.
 */
import { existsSync, mkdirSync, readdirSync, renameSync, rmSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { DAY } from '@/core/time/instant';
import { sameFile } from '../durable';
import type { CopyWork } from './copy-work';
import { tablesOf } from './tables';
import type { Db } from '../db';
import { photoIds, pictureFile } from '../pictures';

export type Why = 'daily' | 'upgrade' | 'restore';
export interface KeptCopy {
  readonly name: string;
  readonly why: Why;
  readonly atMs: number;
  /** Of its database; photographs are shared. */
  readonly bytes: number;
}

const NAME = /^(\d{4}-\d{2}-\d{2})T(\d{2})-(\d{2})-(\d{2})-(daily|upgrade|restore)$/;
const SECOND = 1000;
/** How many are kept of each kind. */
const KEPT = { days: 7, weeks: 4, months: 12, upgrade: 3, restore: 5 } as const;

const MOST_BYTES = 10 * 1024 ** 3;

const nameFor = (atMs: number, why: Why): string =>
  `${new Date(atMs).toISOString().slice(0, 19).replaceAll(':', '-')}-${why}`;

/** Bytes of the files in a folder that were not counted yet: one that has several names is on the disk once. */
function bytesNotSeen(folder: string, seen: Set<number>): number {
  if (!existsSync(folder)) return 0;
  return readdirSync(folder).reduce((sum, name) => {
    const { ino, size } = statSync(join(folder, name));
    if (seen.has(ino)) return sum;
    seen.add(ino);
    return sum + size;
  }, 0);
}

export class KeptCopies {
  /** @param dataFolder of the workshop */
  constructor(
    private readonly dataFolder: string,
    private readonly photosFolder: string,
    /** on the disk beside the workshop itself, in all */
    private readonly mostBytes: number = MOST_BYTES,
  ) {}

  private get folder(): string {
    return join(this.dataFolder, 'copies');
  }

  /** Newest first. */
  list(): KeptCopy[] {
    if (!existsSync(this.folder)) return [];
    return readdirSync(this.folder)
      .flatMap((name): KeptCopy[] => {
        const [, day, h, m, s, why] = NAME.exec(name) ?? [];
        const file = join(this.folder, name, 'workshop.sqlite');
        if (why === undefined || !existsSync(file)) return [];
        const atMs = Date.parse(`${day}T${h}:${m}:${s}Z`);
        return [{ name, why: why as Why, atMs, bytes: statSync(file).size }];
      })
      .sort((a, b) => b.atMs - a.atMs || (a.name < b.name ? 1 : -1));
  }

  /** The folder of a copy; null for a name that is none. */
  folderOf(name: string): string | null {
    return this.list().some((copy) => copy.name === name) ? join(this.folder, name) : null;
  }

  /** Two copies of one second are two copies: the later one is named by the next second that is free. */
  private freeName(nowMs: number, why: Why): string {
    for (let atMs = nowMs; ; atMs += SECOND) {
      const name = nameFor(atMs, why);
      if (!existsSync(join(this.folder, name))) return name;
    }
  }

  /** Made beside and then named, so that a copy is whole or not there. @returns its name */
  keep(db: Db, why: Why, nowMs: number): string {
    const name = this.freeName(nowMs, why);
    db.prepare('VACUUM INTO ?').run(this.begin(name));
    return this.finish(db, name);
  }

  private partOf(name: string): string {
    return join(this.folder, `${name}.part`);
  }

  /** @returns where its database goes */
  private begin(name: string): string {
    const made = this.partOf(name);
    rmSync(made, { recursive: true, force: true });
    mkdirSync(join(made, 'photos'), { recursive: true });
    return join(made, 'workshop.sqlite');
  }

  private finish(db: Db, name: string): string {
    const made = this.partOf(name);
    // A workshop of an early version has no photographs yet.
    const hasPhotos = tablesOf(db).some((t) => t.name === 'photos');
    for (const id of hasPhotos ? photoIds(db) : []) {
      const picture = pictureFile(this.photosFolder, id);
      if (existsSync(picture)) sameFile(picture, pictureFile(join(made, 'photos'), id));
    }
    renameSync(made, join(this.folder, name));
    return name;
  }

  /** One a day; those that are not needed any more go. @returns the name of the one that was made, null when today has one */
  async keepDaily(db: Db, nowMs: number, takeSnapshot: CopyWork['snapshot']): Promise<string | null> {
    const today = this.list().some(
      (c) => c.why === 'daily' && Math.floor(c.atMs / DAY) === Math.floor(nowMs / DAY),
    );
    let made: string | null = null;
    if (!today) {
      const name = this.freeName(nowMs, 'daily');
      await takeSnapshot(db.name, this.begin(name));
      made = this.finish(db, name);
    }
    this.prune();
    return made;
  }

  /** Names of the oldest copies with which they would take too much room; the newest always stays. */
  private beyondSize(newestFirst: readonly KeptCopy[]): string[] {
    const seen = new Set<number>();
    // A picture that the workshop itself still has costs no copy anything.
    bytesNotSeen(this.photosFolder, seen);
    let bytes = 0;
    return newestFirst.flatMap(({ name, bytes: ofDatabase }, i) => {
      bytes += ofDatabase + bytesNotSeen(join(this.folder, name, 'photos'), seen);
      return i > 0 && bytes > this.mostBytes ? [name] : [];
    });
  }

  /** Seven days, four weeks and twelve months, the newest of each; of the others the last few. */
  prune(): void {
    const all = this.list();
    const daily = all.filter((c) => c.why === 'daily');
    const kept = new Set<string>();
    const newestOf = (periodOf: (c: KeptCopy) => string, most: number): void => {
      const seen = new Set<string>();
      for (const copy of daily) {
        const period = periodOf(copy);
        if (seen.has(period) || seen.size >= most) continue;
        seen.add(period);
        kept.add(copy.name);
      }
    };
    newestOf((c) => String(Math.floor(c.atMs / DAY)), KEPT.days);
    // 1 January 1970 was a Thursday: weeks begin on Monday.
    newestOf((c) => String(Math.floor((c.atMs / DAY + 3) / 7)), KEPT.weeks);
    newestOf((c) => new Date(c.atMs).toISOString().slice(0, 7), KEPT.months);
    for (const why of ['upgrade', 'restore'] as const)
      for (const copy of all.filter((c) => c.why === why).slice(0, KEPT[why])) kept.add(copy.name);
    for (const name of this.beyondSize(all.filter((c) => kept.has(c.name)))) kept.delete(name);
    for (const copy of all)
      if (!kept.has(copy.name)) rmSync(join(this.folder, copy.name), { recursive: true, force: true });
  }
}
