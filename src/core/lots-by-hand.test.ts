/** Parts in lots, worked by hand: what no stretch of free hours holds at once goes on lot by lot. */
import { describe, expect, it } from 'vitest';
import { allTasks, keepsHands, ms } from '@/demo/test-kit';
import { coatsOf, hours, job, panel, planned } from '@/demo/work-kit';
import type { Job, SystemLayer } from '@/model/job';
import type { Plan } from '@/model/plan';
import { withTick, withoutTick } from './schedule/work/tick';
import { HALF_HOUR, HOUR } from './time/instant';

const layers: SystemLayer[] = [{ role: 'base', productId: 'orrin-base', coats: 3 }];
const lids = Array.from({ length: 4 }, (_, i) => panel(`lid${i}`, { lengthMm: 1200, widthMm: 900 }));
const evenings = (from: string, to: string): Job['freeHours'] =>
  hours({ mon: [[from, to]], tue: [[from, to]], wed: [[from, to]], thu: [[from, to]], fri: [[from, to]] });
const readyToSpray: Job['state'] = {
  coats: [],
  activations: [],
  tasks: [
    'shop',
    ...['s-base', 's-base-later', 's-base-later-2', 's-base-later-3'].flatMap((s) =>
      ['sand', 'clean', 'mask'].map((x) => `${s}.${x}`),
    ),
  ].map((taskId) => ({ taskId, endedAt: '2026-05-16T07:00' })),
};
const jobOf = (over: Partial<Job> = {}): Job => job(layers, { parts: lids, state: readyToSpray!, ...over });
const partsOf = (p: Plan): string[][] => p.sessions.map((s) => s.partIds);

describe('parts in lots', () => {
  const whole = planned(jobOf());
  const needsMin = (ms(whole.sessions[0]!.handsOffAt) - ms(whole.sessions[0]!.startsAt)) / 60_000;

  it('with hours enough all parts go on at once', () => {
    expect(partsOf(whole)).toEqual([['lid0', 'lid1', 'lid2', 'lid3']]);
    expect(needsMin).toBeGreaterThan(60);
    expect(needsMin).toBeLessThan(110);
  });
  it('an hour an evening holds one of four: an evening for each', () => {
    const p = planned(jobOf({ freeHours: evenings('18:00', '19:00') }));
    expect(partsOf(p)).toEqual([['lid0'], ['lid1'], ['lid2'], ['lid3']]);
  });
  it('an hour and ten minutes holds two: Monday the first two, Tuesday the others, every coat once on every part', () => {
    const p = planned(jobOf({ freeHours: evenings('18:00', '19:10') }));
    expect(partsOf(p)).toEqual([
      ['lid0', 'lid1'],
      ['lid2', 'lid3'],
    ]);
    expect(p.sessions.map((s) => s.startsAt.slice(0, 10))).toEqual(['2026-05-18', '2026-05-19']);
    expect(p.sessions.map((s) => s.rest)).toEqual([null, null]);
    const laid = p.sessions.flatMap((s) =>
      s.rounds.flatMap((r) => r.parts.map((x) => `${r.taskId.replace(/~.*/, '')} ${x.partId}`)),
    );
    expect(laid.sort()).toEqual(
      [1, 2, 3].flatMap((c) => [0, 1, 2, 3].map((i) => `base.c${c} lid${i}`)).sort(),
    );
    // Tape comes off after each; no task has the name of another.
    expect(p.visits.filter((v) => v.kind === 'unmask').map((v) => v.sessionId)).toEqual([
      's-base',
      's-base-later',
    ]);
    expect(keepsHands(p)).toBeGreaterThan(10);
    const ids = allTasks(p).map((t) => t.id);
    expect(new Set(ids).size).toBe(ids.length);
  });
  it('what is due first goes on first, whatever the order of the parts; what comes later goes on later', () => {
    const due = lids.map((p, i) => (i >= 2 ? { ...p, deadline: '2026-05-18' } : p));
    const first = planned(jobOf({ freeHours: evenings('18:00', '19:10'), parts: due }));
    expect(partsOf(first)[0]).toEqual(['lid2', 'lid3']);
    const late = lids.map((p, i) => (i < 2 ? { ...p, readyFrom: '2026-05-19' } : p));
    const second = planned(jobOf({ freeHours: evenings('18:00', '19:10'), parts: late }));
    expect(partsOf(second)[0]).toEqual(['lid2', 'lid3']);
    expect(second.sessions.map((s) => s.startsAt.slice(0, 10))).toEqual(['2026-05-18', '2026-05-19']);
  });
  it('a coat of the first lot that is ticked is on its own parts alone; the others still get theirs', () => {
    const j = jobOf({ freeHours: evenings('18:00', '19:10') });
    const first = planned(j).sessions[0]!;
    const ticked = coatsOf(first).reduce(
      (a, task) => withTick(a, { task, atMs: ms(task.endsAt), productId: null, cans: 0 }),
      j,
    );
    expect(ticked.state!.coats.map((c) => c.partIds)).toEqual([1, 2, 3].map(() => ['lid0', 'lid1']));
    const after = planned(ticked);
    expect(partsOf(after)).toEqual([['lid2', 'lid3']]);
    expect(coatsOf(after.sessions[0]!)).toHaveLength(3);
    // What is taken back of the second lot leaves the first.
    const second = coatsOf(after.sessions[0]!)[0]!;
    const both = withTick(ticked, {
      task: second,
      atMs: ms(second.endsAt) + 24 * HOUR,
      productId: null,
      cans: 0,
    });
    expect(both.state!.coats.filter((c) => c.coat === 1)).toHaveLength(2);
    const back = withoutTick(both, 'base.c1', null).state!.coats;
    expect(back).toHaveLength(3);
    expect(back).toEqual(expect.arrayContaining(ticked.state!.coats));
    // Half of the paint is out.
    expect(after.materials[0]!.sprayMl / planned(j).materials[0]!.sprayMl).toBeCloseTo(0.5, 1);
  });
  it('flakes lie as they were sprayed: a metallic is not parted, and is told what is in its way', () => {
    const metallic = jobOf({
      system: { layers: [{ role: 'base', productId: 'orrin-metallic', coats: 3 }] },
      freeHours: evenings('18:00', '19:10'),
    });
    const p = planned(metallic);
    expect(p.sessions.every((s) => s.partIds.length === 4)).toBe(true);
  });
  it('a part and its zones stay together', () => {
    const zoned = lids.map((l) => ({
      ...l,
      zones: [{ name: 'edge', sharePct: 20, condition: 'sound-paint' as const }],
    }));
    const p = planned(jobOf({ parts: zoned, freeHours: evenings('18:00', '19:15') }));
    for (const parts of partsOf(p))
      for (const id of parts.filter((x) => x.includes('--'))) expect(parts).toContain(id.split('--')[0]);
  });
});

describe('splitting a job into two never finishes before the plan of the whole', () => {
  it('over evenings from half an hour to three: not before half the parts as a job, then the other half as one', () => {
    let parted = 0;
    for (let min = 30; min <= 180; min += 30) {
      const until = new Date(18 * 60 * 60_000 + min * 60_000).toISOString().slice(11, 16);
      const freeHours = evenings('18:00', until);
      const whole = planned(jobOf({ freeHours }));
      const half = planned(jobOf({ freeHours, parts: lids.slice(0, 2) }));
      if (half.kind === 'blocked') continue;
      // The other half has the days that the first leaves.
      const taken = half.sessions.map((x) => ({ date: x.startsAt.slice(0, 10), spans: [] }));
      const other = planned(jobOf({ freeHours: { ...freeHours, exceptions: taken }, parts: lids.slice(2) }));
      const both = Math.max(...[half, other].map((p) => ms(p.sessions.at(-1)!.handleAt)));
      expect(whole.kind, `${min} min`).toBe('planned');
      expect(ms(whole.sessions.at(-1)!.handleAt), `${min} min`).toBeLessThanOrEqual(both + HALF_HOUR);
      parted += whole.sessions.length > 1 ? 1 : 0;
    }
    expect(parted).toBeGreaterThan(0);
  });
});
