/** What was ticked on the day is not asked for again, and a part that is ahead holds up no other. */
import { describe, expect, it } from 'vitest';
import { ms, NOW, TZ } from '@/demo/test-kit';
import { job, panel, planned } from '@/demo/work-kit';
import type { Job, SystemLayer } from '@/model/job';
import { withTick } from './schedule/work/tick';
import { HOUR, isoOf, MINUTE } from './time/instant';

const layers: SystemLayer[] = [
  { role: 'base', productId: 'orrin-base', coats: 2 },
  { role: 'clear', productId: 'halden-2k-gloss', coats: 2 },
];
const iso = (atMs: number): string => isoOf(atMs, TZ);
const doors = (coats: NonNullable<Job['state']>['coats']): Job =>
  job(layers, {
    parts: [panel('left'), panel('right')],
    equipment: { sprayer: 'aerosol', suppliedAir: true },
    state: { coats, activations: [] },
  });
const tasksOf = (j: Job) => planned(j).sessions[0]!.tasks;

describe('a part that is ahead', () => {
  const j = doors([{ layerId: 'base', coat: 1, endedAt: iso(NOW - 2 * MINUTE), partIds: ['left'] }]);
  it('is no ground of the other: its first coat comes at once, with no tack cloth and no flash before it', () => {
    const [first] = tasksOf(j).filter((t) => t.handsOn);
    expect(first).toMatchObject({ kind: 'coat', id: 'base.c1', partIds: ['right'] });
    expect(first!.checks.map((c) => c.code)).not.toContain('check-coat-flashed');
  });
});

describe('a tack cloth between two paints', () => {
  const on = [1, 2].map((coat) => ({ layerId: 'base', coat, endedAt: iso(NOW - 15 * MINUTE) }));
  const tack = (j: Job) => tasksOf(j).find((t) => t.id === 'clear.c1.tack');
  const ticked = (j: Job, atMs: number): Job =>
    withTick(j, { task: tack(j)!, atMs, productId: null, cans: 0 });
  it('is asked for until it is ticked, then the can is next', () => {
    const j = doors(on);
    expect(tack(j)).toBeDefined();
    const after = ticked(j, NOW);
    expect(tack(after)).toBeUndefined();
    expect(tasksOf(after).find((t) => t.handsOn)!.kind).toBe('activate');
  });
  it('of hours ago counts no more', () => {
    const j = doors(on);
    const old = ticked(j, ms(tack(j)!.startsAt) - 3 * HOUR);
    expect(tack(old)).toBeDefined();
  });
});

it('the tack cloth of a lot is its own: ticked for one it is not ticked for the other, nor for the coat', () => {
  const j = doors([]);
  const task = { id: 'clear.c1~a.tack', kind: 'tack' as const, layerId: 'clear', coat: null };
  const { tasks } = withTick(j, { task, atMs: NOW, productId: null, cans: 0 }).state!;
  expect(tasks!.map((t) => t.taskId)).toEqual(['clear.c1~a.tack']);
  const piece = { ...task, id: 's-base.sand~2' };
  expect(withTick(j, { task: piece, atMs: NOW, productId: null, cans: 0 }).state!.tasks![0]!.taskId).toBe(
    's-base.sand',
  );
});
