/** What was learned travels with the copies: each figure, its jobs, and what was reset. */
import { createWriteStream, mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { pipeline } from 'node:stream/promises';
import { afterAll, describe, expect, it } from 'vitest';
import { demoYear } from '@/demo/year';
import { newJob } from '@/usecases/new-job';
import { learnedItems, unlearn } from '@/usecases/own-use';
import { jobStore } from '../job-store';
import type { ArchiveAs } from './archive-out';
import { workshopIn, type TestWorkshop } from './test-workshop';

const root = mkdtempSync(join(tmpdir(), 'pellucid-learned-'));
afterAll(() => rmSync(root, { recursive: true, force: true }));
let n = 0;
const fresh = (): TestWorkshop => workshopIn(join(root, `w${n++}`));
const itemsOf = (w: TestWorkshop) => learnedItems(jobStore(w.db));

async function carried(from: TestWorkshop, to: TestWorkshop, as: ArchiveAs, how: 'add' | 'replace') {
  const file = join(root, `copy${n++}.zip`);
  await pipeline(await from.copies.archive(as, 1_000_000), createWriteStream(file));
  const bytes = readFileSync(file);
  const token = to.copies.incoming.begin(bytes.byteLength);
  to.copies.incoming.append(token, 0, bytes);
  await to.copies.bringIn(token, how, 2_000_000);
}

describe('what was learned, carried over', () => {
  it.each([
    ['tables', 'replace'],
    ['tables', 'add'],
    ['database', 'replace'],
  ] as const)('as %s, to %s: the same figures, the same resets, the same next job', async (as, how) => {
    const [from, to] = [fresh(), fresh()];
    demoYear().forEach(({ id, job }, i) => jobStore(from.db).insert(id, job, 10 + i));
    unlearn(jobStore(from.db), 'hands:sand', true, 50);
    const before = itemsOf(from);
    expect(before.map((x) => x.kind)).toEqual(
      expect.arrayContaining(['use', 'hands', 'wind', 'air', 'fault']),
    );
    expect(before.map((x) => x.item)).not.toContain('hands:sand');
    await carried(from, to, as, how);
    expect(itemsOf(to)).toEqual(before);
    const [here, there] = [from, to].map((w) => newJob(jobStore(w.db), 'next', 60));
    expect(there).toEqual(here);
    expect(there!.handsOwn).not.toHaveProperty('sand');
    expect(there!.place.own!.windTimes).toBeLessThan(0.95);
  });
  it('beside records that are here already each counts once', async () => {
    const [from, to] = [fresh(), fresh()];
    const year = demoYear();
    year.forEach(({ id, job }, i) => jobStore(from.db).insert(id, job, 10 + i));
    year.slice(0, 4).forEach(({ id, job }, i) => jobStore(to.db).insert(id, job, 10 + i));
    await carried(from, to, 'tables', 'add');
    expect(itemsOf(to)).toEqual(itemsOf(from));
  });
});
