/** Copies that the workshop keeps of itself: which stay, and what room they take. */
import { mkdtempSync, rmSync, statSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, describe, expect, it } from 'vitest';
import { DEMO_JOBS } from '@/demo/jobs';
import { KeptCopies } from './kept';
import { fill, PHOTO_IDS, workshopIn, type TestWorkshop } from './test-workshop';

const root = mkdtempSync(join(tmpdir(), 'pellucid-kept-'));
afterAll(() => rmSync(root, { recursive: true, force: true }));
let n = 0;
const filled = (): TestWorkshop => {
  const workshop = workshopIn(join(root, `w${n++}`));
  fill(workshop, DEMO_JOBS[0]!.job, DEMO_JOBS[1]!.job);
  return workshop;
};

describe('copies the workshop keeps of itself', () => {
  const DAY = 86_400_000;
  it('one a day; seven days, four weeks and twelve months stay; a picture is on the disk once', async () => {
    const { copies, folder } = filled();
    const from = Date.parse('2025-01-01T08:00:00Z');
    for (let day = 0; day < 500; day++) await copies.keepDaily(from + day * DAY);
    expect(await copies.keepDaily(from + 499 * DAY + 3_600_000)).toBeNull();
    const days = copies.kept.list().map((c) => new Date(c.atMs).toISOString().slice(0, 10));
    expect(days.slice(0, 7)).toEqual(
      [0, 1, 2, 3, 4, 5, 6].map((i) => new Date(from + (499 - i) * DAY).toISOString().slice(0, 10)),
    );
    expect(new Set(days.map((d) => d.slice(0, 7))).size).toBe(12);
    expect(days.length).toBeLessThanOrEqual(7 + 4 + 12);
    const [newest] = copies.kept.list();
    const picture = join(folder, 'copies', newest!.name, 'photos', `${PHOTO_IDS[0]}.jpg`);
    expect(statSync(picture).nlink).toBeGreaterThan(days.length);
  });
  it('two that are kept in one second are two: neither takes the place of the other', () => {
    const { db, copies } = filled();
    const names = [0, 0, 400].map((atMs) => copies.kept.keep(db, 'restore', atMs));
    expect(new Set(names).size).toBe(3);
    expect(copies.kept.list().map((c) => c.name)).toEqual([...names].reverse());
  });
  it('within a size: the oldest go first, the newest always stays; pictures that the workshop still has count nothing', () => {
    const { db, folder, photosFolder } = filled();
    const most = (bytes: number): number => {
      const kept = new KeptCopies(folder, photosFolder, bytes);
      for (let i = 0; i < 4; i++) kept.keep(db, 'restore', i * DAY);
      kept.prune();
      const names = kept.list().map((c) => c.atMs / DAY);
      rmSync(join(folder, 'copies'), { recursive: true });
      return names.length;
    };
    const probe = new KeptCopies(folder, photosFolder);
    probe.keep(db, 'restore', 0);
    const { bytes } = probe.list()[0]!;
    rmSync(join(folder, 'copies'), { recursive: true });
    expect(most(4 * bytes)).toBe(4);
    expect(most(4 * bytes - 1)).toBe(3);
    expect(most(2 * bytes + 1)).toBe(2);
    expect(most(1)).toBe(1);
  });
  it('those before a restore are kept apart: the last five', () => {
    const { db, copies } = filled();
    for (let i = 0; i < 9; i++) copies.kept.keep(db, 'restore', i * DAY);
    copies.kept.prune();
    expect(copies.kept.list().map((c) => [c.why, c.atMs / DAY])).toEqual(
      [8, 7, 6, 5, 4].map((i) => ['restore', i]),
    );
  });
});
