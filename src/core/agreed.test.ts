/** What is told when a plan is not the one that was agreed to. */
import { describe, expect, it } from 'vitest';
import { demo, NOW } from '@/demo/test-kit';
import { agreedSchema } from '@/model/agreed';
import type { Job } from '@/model/job';
import { NO_READINGS } from '@/model/reading';
import { simulatedForecast } from '@/standins/weather';
import { agreedOf, changedSince, type Because, type Grounded } from './agreed';
import { pinStart } from './edits/starts';
import { plan } from './plan';
import { NOTHING_AROUND, type Around } from './schedule/around';
import { withTick } from './schedule/work/tick';
import { HOUR, instantOf, MINUTE } from './time/instant';

const bike = demo('cargo-bike');
function grounded(job: Job, nowMs = NOW, around: Around = NOTHING_AROUND): Grounded {
  const told = simulatedForecast(job.place, nowMs);
  return {
    job,
    plan: plan({ job, ...told, nowMs, around }),
    issuedMs: told.issuedMs,
    readings: NO_READINGS,
    around,
  };
}
const first = grounded(bike);
const was = agreedOf(first, NOW);
const groundsOf = (because: readonly Because[] | undefined) => because?.map((b) => b.ground);
const firstStart = (g: Grounded): number => instantOf(g.plan.sessions[0]!.startsAt);

describe('a plan that was agreed to', () => {
  it('is kept in the exchanged shape, and is no news to itself, however its fields are ordered', () => {
    expect(agreedSchema.parse(JSON.parse(JSON.stringify(was)))).toEqual(was);
    const turned = Object.fromEntries(Object.entries(bike).reverse()) as Job;
    expect(changedSince(was, { ...first, job: turned }, NOW)).toBeNull();
  });
  it('moved by a start set by hand: which session, from when to when, and that it was set', () => {
    const later = pinStart(bike, first.plan.sessions[0]!.id, firstStart(first) + 4 * HOUR);
    const changed = changedSince(was, grounded(later), NOW)!;
    expect(changed.changes[0]).toMatchObject({ kind: 'start', sessionId: first.plan.sessions[0]!.id });
    expect(groundsOf(changed.because)).toEqual(['starts']);
  });
  it('moved by other jobs that take the hours', () => {
    const startMs = firstStart(first);
    const around = { ...NOTHING_AROUND, hands: [{ startMs: startMs - HOUR, endMs: startMs + 6 * HOUR }] };
    const changed = changedSince(was, grounded(bike, NOW, around), NOW)!;
    expect(changed.changes.map((c) => c.kind)).toContain('start');
    expect(groundsOf(changed.because)).toEqual(['others']);
  });
  it('with a part dropped costs less, and says which part is out', () => {
    const [gone, ...parts] = bike.parts;
    const changed = changedSince(was, grounded({ ...bike, parts }), NOW)!;
    const total = changed.changes.find((c) => c.kind === 'total')!;
    expect(total.kind === 'total' && total.to < total.from).toBe(true);
    expect(changed.because).toEqual([{ ground: 'parts', gone: [gone!.name], fresh: [] }]);
  });
  it('whose start went by unused says so, with the newer forecast', () => {
    const nowMs = firstStart(first) + 3 * HOUR;
    const changed = changedSince(was, grounded(bike, nowMs), nowMs)!;
    expect(groundsOf(changed.because)![0]).toBe('passed');
    expect(groundsOf(changed.because)).toContain('forecast');
  });
  describe('while coats go on', () => {
    const session = first.plan.sessions[0]!;
    const coat = session.tasks.find((t) => t.kind === 'coat')!;
    const before = [...first.plan.visits.flatMap((v) => v.tasks), ...session.tasks].filter(
      (t) => instantOf(t.startsAt) < instantOf(coat.startsAt) && t.kind !== 'flash' && t.kind !== 'dry',
    );
    const ticked = (atMs: number): Job =>
      [...before, coat].reduce((j, task) => withTick(j, { task, atMs, productId: null, cans: 1 }), bike);
    it('as planned, nothing is told', () => {
      const atMs = instantOf(coat.endsAt);
      expect(changedSince(was, grounded(ticked(atMs), atMs + MINUTE), atMs + MINUTE)).toBeNull();
    });
    it('three days late, what follows moves, and the coats that are on are counted', () => {
      const atMs = instantOf(coat.endsAt) + 72 * HOUR;
      const changed = changedSince(was, grounded(ticked(atMs), atMs + MINUTE), atMs + MINUTE)!;
      expect(changed.changes.map((c) => c.kind)).toContain('handle');
      expect(changed.changes.map((c) => c.kind)).not.toContain('packs');
      const done = changed.because.find((b) => b.ground === 'done');
      expect(done).toEqual({ ground: 'done', coats: 1 });
      expect(groundsOf(changed.because)).not.toContain('passed');
    });
  });
});
