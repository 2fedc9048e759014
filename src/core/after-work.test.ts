/** Finishing and mends without paint as visits: in free hours, hands on one thing, dust and other jobs minded. */
import { describe, expect, it } from 'vitest';
import { keepsHands, ms, NOW, steady } from '@/demo/test-kit';
import { hours, job, panel } from '@/demo/work-kit';
import type { Job } from '@/model/job';
import type { Plan } from '@/model/plan';
import { setFinish } from './edits/finish';
import { noteFault } from './edits/faults';
import { mendingNow } from './faults/at-hand';
import { mendSteps } from './faults/mend';
import { takeMend } from './faults/take';
import { plan } from './plan';
import { withTick } from './schedule/work/tick';
import { aroundOf, handsOf, NOTHING_AROUND } from './schedule/around';
import { systemFor } from './coating/system';
import { HOUR, MINUTE, type Span } from './time/instant';

const layers = [
  { role: 'base', productId: 'orrin-base', coats: 3 },
  { role: 'clear', productId: 'halden-gun-gloss', coats: 3 },
] as const;
const coats = layers.flatMap((l, k) =>
  Array.from({ length: l.coats }, (_, i) => ({
    layerId: l.role,
    coat: i + 1,
    endedAt: `2026-05-16T0${1 + 3 * k + i}:00`,
  })),
);
const RINSED = { taskId: 'rinse.clear.c3', endedAt: '2026-05-16T06:15' };
/** A square metre with all its coats on at six; an hour and a half free each day from nine. */
const whole = job(layers, {
  parts: [panel('p', { lengthMm: 1000, widthMm: 1000 })],
  freeHours: {
    ...hours({}),
    weekly: Object.fromEntries(
      Object.keys(hours({}).weekly).map((d) => [d, [['09:00', '10:30']]]),
    ) as Job['freeHours']['weekly'],
  },
  // The gun is clean: that it comes first otherwise is tested with it.
  state: { coats, activations: [], tasks: [RINSED] },
});
const wished = setFinish(whole, { peel: 'light', tool: 'hand' });

/** A run in the clear, cut down and polished once it is hard. */
function withRun(j: Job): Job {
  const system = systemFor(j);
  const on = { job: j, layers: system.layers, products: system.products, spraying: null };
  const m = mendingNow(on, NOW)!;
  const kind = 'run-ladder';
  const mend = takeMend(
    { kind, steps: mendSteps(kind, m)! },
    { id: 'm1', layerId: m.layerId, partIds: ['p'], areaM2: m.areaM2 },
  )!;
  return noteFault(j, { code: 'runs', atMs: NOW, layerId: m.layerId, mend });
}
const planned = (j: Job, around = NOTHING_AROUND): Plan =>
  plan({ job: j, forecast: steady(20), nowMs: NOW, around });
const taskIds = (p: Plan, kind: string): string[] =>
  p.visits.filter((v) => v.kind === kind).flatMap((v) => v.tasks.map((t) => t.id));
const spans = (p: Plan, kind: string): Span[] =>
  p.visits.filter((v) => v.kind === kind).map((v) => ({ startMs: ms(v.startsAt), endMs: ms(v.endsAt) }));

describe('finishing as visits', () => {
  it('each in free hours; what does not fit the first goes on in the next', () => {
    const p = planned(wished);
    expect(p.sessions).toEqual([]);
    // Two minutes of tape and five tasks of 35 in stretches of 90: two and a piece, the rest of it and two more.
    const all = spans(p, 'finish');
    expect(all.reduce((a, s) => a + s.endMs - s.startMs, 0)).toBe((2 + 5 * 35) * MINUTE);
    expect(all).toHaveLength(2);
    expect(taskIds(p, 'finish')).toContain('finish.sand-p3000~1');
    for (const v of p.visits)
      expect([v.startsAt.slice(11, 16) >= '09:00', v.endsAt.slice(11, 16) <= '10:30']).toEqual([true, true]);
    keepsHands(p);
  });
  it('of a step that was broken off the rest is left, not all of it and not nothing', () => {
    const piece = planned(wished)
      .visits.flatMap((v) => v.tasks)
      .find((t) => t.id === 'finish.sand-p3000~1')!;
    const minutes = (ms(piece.endsAt) - ms(piece.startsAt)) / MINUTE;
    const before = {
      ...wished,
      state: {
        ...wished.state!,
        tasks: [RINSED.taskId, 'finish.tape', 'finish.sand-p1500', 'finish.sand-p2000'].map((taskId) => ({
          taskId,
          endedAt: '2026-05-16T07:00',
        })),
      },
    };
    const ticked = withTick(before, { task: piece, atMs: NOW, productId: null, cans: 0, minutes });
    const left = planned(ticked).finish;
    expect(left.map((t) => t.id)).toEqual(['finish.sand-p3000', 'finish.compound', 'finish.polish']);
    expect(left[0]!.minutes).toBe(35 - minutes);
    expect(planned(before).finish[0]!.minutes).toBe(35);
  });
  it('says the task as it is: its grit and how many square metres', () => {
    const [tape, first] = planned(wished).visits.flatMap((v) => v.tasks);
    expect(tape!.detail!.code).toBe('finish-tape');
    expect(first).toMatchObject({
      kind: 'polish',
      handsOn: true,
      detail: { code: 'finish-flat', params: { grit: 1500, passes: 1 } },
    });
  });
  it('takes the hands of the jobs after it, and keeps out of the hands of those before', () => {
    const p = planned(wished);
    const other = planned(wished, aroundOf(wished, [{ job: { ...wished }, plan: p }]));
    for (const a of handsOf(p))
      for (const b of handsOf(other)) expect(a.startMs < b.endMs && b.startMs < a.endMs).toBe(false);
    expect(handsOf(other).length).toBeGreaterThan(0);
  });
  it('wet paper raises no dust that keeps another job from spraying', () => {
    expect(aroundOf(wished, [{ job: wished, plan: planned(wished) }]).dust).toEqual([]);
  });
});

describe('a mend without paint', () => {
  it('has its hours once its film may be sanded, and a visit of its own', () => {
    const p = planned(withRun(whole));
    const [mend] = p.mends;
    expect(mend!.tasks.map((t) => t.startsAt === null)).not.toContain(true);
    expect(ms(mend!.tasks[0]!.startsAt!)).toBeGreaterThanOrEqual(ms(mend!.at!));
    expect(taskIds(p, 'mend').map((id) => id.replace(/~.*/, ''))).toEqual(
      expect.arrayContaining(mend!.tasks.map((t) => t.id)),
    );
    keepsHands(p);
  });
  it('comes before the finish, which waits for it', () => {
    const p = planned(withRun(wished));
    const last = Math.max(...spans(p, 'mend').map((s) => s.endMs));
    const first = Math.min(...spans(p, 'finish').map((s) => s.startMs));
    expect(spans(p, 'finish').length).toBeGreaterThan(0);
    expect(first).toBeGreaterThanOrEqual(last);
    keepsHands(p);
  });
  it('while coats are still to come it has none', () => {
    const open = withRun({ ...whole, state: { coats: coats.slice(0, 5), activations: [] } });
    const p = planned(open);
    expect(p.mends.flatMap((m) => m.tasks.map((t) => t.startsAt)).every((x) => x === null)).toBe(true);
    expect(taskIds(p, 'mend')).toEqual([]);
  });
  it('has none where nobody has time', () => {
    const p = planned({ ...withRun(whole), freeHours: hours({}) });
    expect(p.mends[0]!.tasks.every((t) => t.startsAt === null && t.endsAt === null)).toBe(true);
    expect(ms(p.mends[0]!.at!) - NOW).toBeGreaterThan(HOUR);
  });
});
