/** A second fault on parts whose first mend is still to come, or under way: both stand, and nothing is refused. */
import { beforeAll, describe, expect, it } from 'vitest';
import { systemFor } from '@/core/coating/system';
import {
  brokenIn,
  demoMends,
  freshBlockers,
  mendsAt,
  oneOfEach,
  othersOn,
  otherTop,
  type MendCase,
} from '@/demo/mend-cases';
import { keepsHands, NOW, simulated, TZ } from '@/demo/test-kit';
import type { Job } from '@/model/job';
import type { Plan, PlanLayer } from '@/model/plan';
import { isoOf, MINUTE } from './time/instant';

/** Some of the first mends, a third of them with the first coat of their own on. */
const firsts = demoMends().filter((_, i) => i % 3 === 0);

function begun(job: Job, atMs: number): Job {
  const own = systemFor(job).layers.find((l) => l.mend?.id === 'm1');
  if (!own) return job;
  const coat = { layerId: own.id, coat: 1, endedAt: isoOf(atMs, TZ), partIds: [...own.partIds] };
  return { ...job, state: { ...job.state!, coats: [...job.state!.coats, coat] } };
}

function* seconds(first: MendCase, i: number): Generator<MendCase> {
  const atMs = NOW + 30 * MINUTE;
  const job = i % 3 === 0 ? begun(first.after, NOW + 20 * MINUTE) : first.after;
  for (const c of oneOfEach(mendsAt(first.name.replaceAll(' ', '/'), job, atMs)))
    yield { ...c, was: first.was };
}

const all = firsts.flatMap((first, i) => [...seconds(first, i)]);
const broken = (check: (c: MendCase) => string | null): string[] => brokenIn(all, check);

describe('two mends in the build-up', () => {
  it('are many', () => {
    expect(all.length).toBeGreaterThan(400);
  });
  it('refuse no seam and bring no blocker', () => {
    expect(broken(freshBlockers)).toEqual([]);
  });
  it('end each part on the paint it was to end on', () => {
    expect(broken(otherTop)).toEqual([]);
  });
  it('leave the parts that the second is not on as the first left them', () => {
    expect(
      broken(({ before, after, partIds }) => {
        const [was, is] = [before, after].map((j) => othersOn(systemFor(j).layers, partIds));
        return was === is ? null : 'another part has other layers';
      }),
    ).toEqual([]);
  });
  it('lay what both ask for once: no paint twice in a row that is still to come', () => {
    expect(
      broken(({ after, partIds }) => {
        const { layers } = systemFor(after);
        const on = new Set(after.state!.coats.map((c) => c.layerId));
        const open = layers.filter((l) => l.mend && !on.has(l.id) && l.partIds.includes(partIds[0]!));
        const twice = open.find((l, i) => l.productId === open[i - 1]?.productId);
        return twice ? twice.id : null;
      }),
    ).toEqual([]);
  });
  it('keep the work of the first where the second takes nothing off', () => {
    const bonnet = demoMends().find((c) => c.name === 'tractor-bonnet base fish-eyes colour-again 1')!;
    const job = bonnet.after;
    const again = [...mendsAt('b', job, NOW + 30 * MINUTE)].find((c) => / shade one-more 1$/.test(c.name))!;
    const [one, other] = [job, again.after].map((j) => systemFor(j).layers.filter((l) => l.mend));
    expect(one!.map((l) => [l.id, l.coats])).toEqual([['base-m1', 1]]);
    expect(other!.map((l) => [l.id, l.coats])).toEqual([['base-m2', 1]]);
    const works = (l: PlanLayer): string[] => l.mend!.tasks.map((t) => t.do).filter((x) => x !== 'wait');
    expect(works(other![0]!)).toEqual(expect.arrayContaining(works(one![0]!)));
  });
  it('name every layer once', () => {
    expect(
      broken(({ after }) => {
        const ids = systemFor(after).layers.map((l) => l.id);
        return new Set(ids).size === ids.length ? null : ids.join(' ');
      }),
    ).toEqual([]);
  });
});

describe('two mends in the plan', () => {
  const every = Math.ceil(all.length / 60);
  let plans: { c: MendCase; p: Plan }[] = [];
  beforeAll(() => {
    plans = all
      .filter((_, i) => i % every === 0)
      .map((c) => ({ c, p: simulated(c.after, NOW + 31 * MINUTE) }));
  }, 120_000);
  it('each coat that is left comes once on each of its parts, or why not is said', () => {
    for (const { c, p } of plans) {
      keepsHands(p);
      const on = new Set(
        c.after.state!.coats.flatMap((x) => (x.partIds ?? []).map((id) => `${x.layerId}.c${x.coat} ${id}`)),
      );
      const wanted = p.layers
        .filter((l) => l.mend)
        .flatMap((l) =>
          l.partIds.flatMap((id) => Array.from({ length: l.coats }, (_, k) => `${l.id}.c${k + 1} ${id}`)),
        )
        .filter((x) => !on.has(x));
      const got = p.sessions
        .flatMap((s) => s.rounds)
        .flatMap((r) => r.parts.map((x) => `${r.taskId.replace(/~.*/, '')} ${x.partId}`))
        .filter((x) => wanted.includes(x));
      if (p.blockers.length === 0) expect(got.sort(), c.name).toEqual(wanted.sort());
    }
    expect(plans.filter(({ p }) => p.blockers.length === 0).length).toBeGreaterThan(plans.length / 2);
  });
});
