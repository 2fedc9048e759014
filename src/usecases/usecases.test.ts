import { describe, expect, it } from 'vitest';
import { plan, planAndAir } from '@/core/plan';
import { withoutTick, withTick } from '@/core/schedule/work/tick';
import { MINUTE, msOf } from '@/core/time/instant';
import { DEMO_JOBS, DEMO_NOW, HARBOUR_LANE } from '@/demo/jobs';
import { allTasks } from '@/demo/test-kit';
import { parseJob } from '@/formats/job-file';
import type { Job } from '@/model/job';
import { NO_READINGS } from '@/model/reading';
import { NOTHING_AROUND } from '@/core/schedule/around';
import { simulatedForecast } from '@/standins/weather';
import { answerer } from '@/workers/protocol';
import { bench, nightsAt } from './bench';
import { lastRecordedMs, workshopClock } from './clock';
import { newJob } from './new-job';
import { Plans, type Planning } from './plans';
import type { JobStore, StoredJob } from './ports';
import type { Weather } from './ports';
import { viewJob } from './view-job';

const TZ = HARBOUR_LANE.tz;
const NOW = msOf(DEMO_NOW, TZ);
const NONE = { undo: null, redo: null };
const weather: Weather = {
  forecastFor: async (place, nowMs) => ({ ...simulatedForecast(place, nowMs), source: { kind: 'standin' } }),
};
const planning: Planning = {
  weather,
  plans: new Plans(async (request) => planAndAir(request), { get: () => null, keep: () => undefined }),
  inTurn: () => [],
  agreed: { get: () => null, keep: () => undefined },
  came: { of: () => [], keep: () => undefined },
  readingsFor: () => NO_READINGS,
};
function mapStore(): JobStore {
  const rows = new Map<string, StoredJob>();
  const pageOf = (wanted: (s: StoredJob) => boolean) => {
    return ({ skip, most }: { skip: number; most: number }) => {
      const all = [...rows.values()].filter(wanted).reverse();
      return { rows: all.slice(skip, skip + most), total: all.length };
    };
  };
  const isClosed = (s: StoredJob): boolean => s.job.log?.closedAt !== undefined;
  return {
    list: () => [...rows.values()],
    atWork: pageOf((s) => !isClosed(s)),
    inTurn: () => [],
    closed: pageOf(isClosed),
    heads: () => [...rows.values()].map((s) => ({ id: s.id, name: s.job.name })),
    newest: () => [...rows.values()].at(-1) ?? null,
    oldest: () => [...rows.values()][0] ?? null,
    load: (id) => rows.get(id) ?? null,
    isEmpty: () => rows.size === 0,
    insert: (id, job, t) => {
      rows.set(id, { id, version: 1, job, createdMs: t, updatedMs: t, steps: NONE });
    },
    update: (id, version, job, t) => {
      const r = rows.get(id);
      if (!r) return { kind: 'missing' };
      if (r.version !== version) return { kind: 'stale', version: r.version, job: r.job };
      rows.set(id, { ...r, job, version: version + 1, updatedMs: t });
      return { kind: 'saved', version: version + 1, job, steps: NONE };
    },
    remove: (id) => rows.delete(id),
    restore: () => false,
    removed: () => [],
    step: () => ({ kind: 'nothing' }),
  };
}

describe('a new job', () => {
  it('is a valid job with a full plan from the first moment, and takes place and hours from the newest job', async () => {
    const s = mapStore();
    const first = newJob(s, 'one', NOW);
    expect(parseJob(first).ok).toBe(true);
    expect((await viewJob(s, planning, 'one', { nowMs: NOW }))!.plan.kind).toBe('planned');
    s.update('one', 1, { ...first, place: HARBOUR_LANE, schools: { firstClear: 'medium' } }, NOW);
    expect(newJob(s, 'two', NOW)).toMatchObject({
      name: 'New job 2',
      place: HARBOUR_LANE,
      schools: { firstClear: 'medium' },
    });
  });
});

describe('the bench and a job', () => {
  it('shows every job with its plan; a job that is gone is null', async () => {
    const s = mapStore();
    DEMO_JOBS.forEach((d, i) => s.insert(d.id, d.job, i));
    const b = await bench(s, planning, { nowMs: NOW, page: 1, finishedPage: 1 });
    expect(b.open.map((j) => j.id)).toEqual(DEMO_JOBS.map((d) => d.id));
    expect(b.open.every((j) => j.plan.kind === 'planned' && j.plan.suits.length > 0)).toBe(true);
    expect(await viewJob(s, planning, 'gone', { nowMs: NOW })).toBeNull();
  });
  it('a closed job stands apart, newest first, and is planned no more hours', async () => {
    const s = mapStore();
    DEMO_JOBS.forEach((d, i) =>
      s.insert(
        d.id,
        i < 2
          ? { ...d.job, log: { closedAt: `2026-05-1${4 + i}T18:00`, used: [], outcomes: [], note: '' } }
          : d.job,
        i,
      ),
    );
    const b = await bench(s, planning, { nowMs: NOW, page: 1, finishedPage: 1 });
    expect(b.open.map((j) => j.id)).toEqual(DEMO_JOBS.slice(2).map((d) => d.id));
    expect(b.finished.map((j) => j.id)).toEqual([DEMO_JOBS[1]!.id, DEMO_JOBS[0]!.id]);
    expect(b.finished[1]!.drawn.layers.length).toBeGreaterThan(1);
    expect(b.finished.every((j) => !('plan' in j) && j.areaM2 > 0)).toBe(true);
  });
  it('eight at a time: a page too far is the last one, and only those that are shown are planned', async () => {
    const s = mapStore();
    for (let n = 0; n < 15; n++) s.insert(`job-${n}`, DEMO_JOBS[1]!.job, n);
    let made = 0;
    const counting: Planning = {
      weather,
      inTurn: () => [],
      agreed: { get: () => null, keep: () => undefined },
      came: { of: () => [], keep: () => undefined },
      readingsFor: () => NO_READINGS,
      plans: new Plans(
        async (request) => {
          made++;
          return planAndAir(request);
        },
        { get: () => null, keep: () => undefined },
      ),
    };
    const first = await bench(s, counting, { nowMs: NOW, page: 1, finishedPage: 1 });
    expect(made).toBe(8);
    expect(first.open.map((j) => j.id)).toEqual(Array.from({ length: 8 }, (_, i) => `job-${i + 7}`));
    expect(first.pages.open).toEqual({ page: 1, pages: 2, total: 15 });
    expect(first.others.map((j) => j.id)).toEqual(Array.from({ length: 7 }, (_, i) => `job-${6 - i}`));
    expect(first.others[0]!.name).toBe(DEMO_JOBS[1]!.job.name);
    const far = await bench(s, counting, { nowMs: NOW, page: 99, finishedPage: 7 });
    expect(far.open.map((j) => j.id)).toEqual(Array.from({ length: 7 }, (_, i) => `job-${i}`));
    expect(far.pages).toEqual({
      open: { page: 2, pages: 2, total: 15 },
      finished: { page: 1, pages: 1, total: 0 },
    });
  });
  it('a May night at 53° north is dark for seven to nine hours', () => {
    const nights = nightsAt(53.42, -3.08, Date.UTC(2026, 4, 16, 12), 24);
    expect(nights).toHaveLength(1);
    const h = (nights[0]![1] - nights[0]![0]) / 3_600_000;
    expect(h).toBeGreaterThan(6.5);
    expect(h).toBeLessThan(9);
  });
});

describe('ticking the run sheet', () => {
  const job: Job = DEMO_JOBS[0]!.job;
  const at = (clock: string): number => msOf(`2026-05-16T${clock}`, TZ);
  it('records coats, activations and tasks with their actual time, once each, and takes them back', () => {
    let j = withTick(job, {
      task: { id: 's-base.sand', kind: 'sand', layerId: null, coat: null },
      atMs: at('09:31'),
      productId: null,
      cans: 0,
    });
    j = withTick(j, {
      task: { id: 'base.c1', kind: 'coat', layerId: 'base', coat: 1 },
      atMs: at('10:07'),
      productId: null,
      cans: 0,
    });
    j = withTick(j, {
      task: { id: 'base.c1', kind: 'coat', layerId: 'base', coat: 1 },
      atMs: at('10:08'),
      productId: null,
      cans: 0,
    });
    j = withTick(j, {
      task: { id: 's-base.activate-halden-2k-gloss', kind: 'activate', layerId: 'clear', coat: null },
      atMs: at('11:00'),
      productId: 'halden-2k-gloss',
      cans: 2,
    });
    expect(j.state!.coats.filter((c) => c.layerId === 'base')).toEqual([
      { layerId: 'base', coat: 1, endedAt: '2026-05-16T10:08:00+01:00' },
    ]);
    expect(j.state!.activations).toEqual([
      {
        productId: 'halden-2k-gloss',
        at: '2026-05-16T11:00:00+01:00',
        cans: 2,
        taskId: 's-base.activate-halden-2k-gloss',
      },
    ]);
    expect(parseJob(j).ok).toBe(true);
    const back = withoutTick(
      withoutTick(j, 'base.c1', null),
      's-base.activate-halden-2k-gloss',
      'halden-2k-gloss',
    );
    expect(back.state!.coats.some((c) => c.layerId === 'base')).toBe(false);
    expect(back.state!.activations).toEqual([]);
    expect(back.state!.tasks!.map((t) => t.taskId)).toEqual(['s-base.sand']);
  });
  it('a sanding that is done leaves the plan, and the session can start sooner', () => {
    const before = plan({ job, ...simulatedForecast(job.place, NOW), nowMs: NOW });
    const j = withTick(job, {
      task: { id: 's-base.sand', kind: 'sand', layerId: null, coat: null },
      atMs: NOW,
      productId: null,
      cans: 0,
    });
    const after = plan({ job: j, ...simulatedForecast(job.place, NOW), nowMs: NOW });
    expect(allTasks(before).some((t) => t.id.startsWith('s-base.sand'))).toBe(true);
    expect(allTasks(after).some((t) => t.id.startsWith('s-base.sand'))).toBe(false);
    expect(after.handsOnH).toBeLessThan(before.handsOnH);
  });
});

describe('the clock of the workshop', () => {
  it('the demo starts on Saturday 16 May 07:50 at the place and ticks on', () => {
    let machine = 1000;
    const c = workshopClock(
      { setTo: undefined, demoStart: DEMO_NOW, tz: TZ },
      () => DEMO_JOBS.map((d) => d.job),
      () => machine,
    );
    expect(c.nowMs()).toBe(NOW);
    machine += 90_000;
    expect(c.nowMs()).toBe(NOW + 90_000);
  });
  it('started again it goes on just after the last thing recorded; PELLUCID_NOW sets it; without demo it is the machine’s', () => {
    const j = withTick(DEMO_JOBS[0]!.job, {
      task: { id: 'base.c1', kind: 'coat', layerId: 'base', coat: 1 },
      atMs: NOW + 130 * MINUTE,
      productId: null,
      cans: 0,
    });
    expect(lastRecordedMs([j])).toBe(NOW + 130 * MINUTE);
    expect(
      workshopClock(
        { setTo: undefined, demoStart: DEMO_NOW, tz: TZ },
        () => [j],
        () => 5,
      ).nowMs(),
    ).toBe(NOW + 131 * MINUTE);
    expect(
      workshopClock(
        { setTo: '2026-05-17T09:00', demoStart: DEMO_NOW, tz: TZ },
        () => [j],
        () => 5,
      ).nowMs(),
    ).toBe(msOf('2026-05-17T09:00', TZ));
    expect(
      workshopClock(
        { setTo: undefined, demoStart: null, tz: TZ },
        () => [],
        () => 5,
      ),
    ).toMatchObject({ demo: false });
  });
});

describe('the worker’s protocol', () => {
  const { job } = DEMO_JOBS[2]!;
  it('answers with the same plan as the server, and with the fault in words', () => {
    const s = simulatedForecast(job.place, NOW);
    const answer = answerer(
      (l, j, nowMs) => planAndAir({ job: j, forecast: l.forecast, nowMs, issuedMs: l.issuedMs }),
      () => 0,
    );
    expect(answer({ kind: 'plan', id: 1, job, nowMs: NOW })).toEqual({
      kind: 'failed',
      id: 1,
      message: 'no forecast loaded',
    });
    expect(
      answer({ kind: 'load', job, ...s, nowMs: NOW, readings: NO_READINGS, around: NOTHING_AROUND }),
    ).toBeNull();
    expect(answer({ kind: 'plan', id: 2, job, nowMs: NOW })).toMatchObject({
      kind: 'done',
      id: 2,
      tookMs: 0,
      answer: { plan: plan({ job, ...s, nowMs: NOW }) },
    });
    const broken = { ...job, starts: [{ sessionId: 's-etch', at: 'soon' }] };
    expect(answer({ kind: 'plan', id: 3, job: broken, nowMs: NOW })).toMatchObject({ kind: 'failed', id: 3 });
  });
});
