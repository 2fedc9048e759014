/** Plans kept beside the workshop: a memory that may be lost, and never a wrong answer. */
import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { NO_READINGS } from '@/model/reading';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { NOTHING_AROUND } from '@/core/schedule/around';
import type { PlanKey } from '@/usecases/plans';
import { planShelf } from './plan-shelf';

let folder: string;
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'pellucid-plans-'));
});
afterEach(() => {
  rmSync(folder, { recursive: true, force: true });
});
const key = (patch: Partial<PlanKey> = {}): PlanKey => ({
  jobId: 'lid',
  job: { name: 'Lid' } as never,
  issuedMs: 1,
  readings: NO_READINGS,
  around: NOTHING_AROUND,
  sinceMs: 2,
  ...patch,
});
const ANSWER = { plan: { kind: 'planned' }, air: { startMs: 3 } } as never;

describe('the shelf of plans', () => {
  it('gives a plan again after a new start', () => {
    planShelf(folder, 'build-1').keep(key(), ANSWER);
    expect(planShelf(folder, 'build-1').get(key())).toEqual(ANSWER);
  });
  it('gives nothing for another job, document, forecast, half hour or build', () => {
    planShelf(folder, 'build-1').keep(key(), ANSWER);
    const shelf = planShelf(folder, 'build-1');
    expect(shelf.get(key({ jobId: 'door' }))).toBeNull();
    expect(shelf.get(key({ job: { name: 'Lid 2' } as never }))).toBeNull();
    expect(shelf.get(key({ issuedMs: 9 }))).toBeNull();
    expect(shelf.get(key({ sinceMs: 9 }))).toBeNull();
    expect(planShelf(folder, 'build-2').get(key())).toBeNull();
  });
  it('keeps one plan a job and a thousand in all, the oldest go', () => {
    const shelf = planShelf(folder, 'b');
    shelf.keep(key(), ANSWER);
    shelf.keep(key({ sinceMs: 5 }), ANSWER);
    expect(shelf.get(key())).toBeNull();
    expect(shelf.get(key({ sinceMs: 5 }))).toEqual(ANSWER);
    for (let i = 0; i < 1000; i++) shelf.keep(key({ jobId: `job-${i}` }), ANSWER);
    expect(shelf.get(key({ sinceMs: 5 }))).toBeNull();
    expect(shelf.get(key({ jobId: 'job-0' }))).toEqual(ANSWER);
    expect(shelf.get(key({ jobId: 'job-999' }))).toEqual(ANSWER);
  });
  it('a damaged file is thrown away and made anew', () => {
    writeFileSync(
      join(folder, 'plans.sqlite'),
      'this is no database, and long enough to be read as one. '.repeat(40),
    );
    const shelf = planShelf(folder, 'b');
    shelf.keep(key(), ANSWER);
    expect(shelf.get(key())).toEqual(ANSWER);
  });
  it('where there can be no file it remembers nothing and stops nothing', () => {
    mkdirSync(join(folder, 'plans.sqlite', 'in-the-way'), { recursive: true });
    const shelf = planShelf(folder, 'b');
    shelf.keep(key(), ANSWER);
    expect(shelf.get(key())).toBeNull();
  });
});
