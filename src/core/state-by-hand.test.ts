/** What was done, whenever, on whichever parts: the plan goes on from there. Worked by hand. */
import { describe, expect, it } from 'vitest';
import { ms, NOW } from '@/demo/test-kit';
import { coatsOf, job, minutes, panel, planned } from '@/demo/work-kit';
import type { Job, SystemLayer } from '@/model/job';
import type { JobState } from '@/model/state';
import { partTaskId, withoutTick, withTick } from './schedule/work/tick';
import { MINUTE } from './time/instant';

const layers: SystemLayer[] = [
  { role: 'filler', productId: 'tamsel-filler', coats: 2 },
  { role: 'base', productId: 'orrin-base', coats: 2 },
  { role: 'clear', productId: 'halden-2k-gloss', coats: 2 },
];
const parts = ['a', 'b', 'c'].map((id) => panel(id));
type Coat = JobState['coats'][number];
const coat = (layerId: string, n: number, at: string, partIds?: string[]): Coat => ({
  layerId,
  coat: n,
  endedAt: `2026-05-${at}`,
  ...(partIds && { partIds }),
});
const filler = [coat('filler', 1, '15T18:00'), coat('filler', 2, '15T18:20')];
const withCoats = (coats: Coat[], over: Partial<JobState> = {}): Job =>
  job(layers, { parts, state: { coats, activations: [], ...over } });

describe('a part that fell out', () => {
  it('one part has a base coat less: it gets it first, the others wait for it, all get the clear', () => {
    const p = planned(
      withCoats([...filler, coat('base', 1, '16T07:30'), coat('base', 2, '16T07:45', ['a', 'b'])]),
    );
    const s = p.sessions[0]!;
    expect(coatsOf(s).map((t) => [t.id, t.partIds])).toEqual([
      ['base.c2', ['c']],
      ['clear.c1', ['a', 'b', 'c']],
      ['clear.c2', ['a', 'b', 'c']],
    ]);
    const [base, clear] = s.rounds;
    // 20 min by the sheet, more for the thicker last coat, on c alone: the others have waited long enough.
    const onC = clear!.parts.find((x) => x.partId === 'c')!;
    expect(minutes(base!.parts[0]!.endsAt, onC.startsAt)).toBeGreaterThanOrEqual(20);
  });
  it('one part is still at its filler while the base of the others waits: they go on now, it comes later', () => {
    const ab = ['a', 'b'];
    const p = planned(
      withCoats([
        coat('filler', 1, '15T18:00'),
        coat('filler', 2, '15T18:20', ab),
        coat('base', 1, '16T07:30', ab),
      ]),
    );
    expect(p.kind).toBe('planned');
    expect(p.sessions.map((s) => s.id)).toEqual(['s-base', 's-filler-later', 's-base-later']);
    const [now, ground, later] = p.sessions;
    for (const t of coatsOf(now!)) expect(t.partIds).toEqual(ab);
    for (const t of [...coatsOf(ground!), ...coatsOf(later!)]) expect(t.partIds).toEqual(['c']);
    expect(ms(now!.startsAt)).toBeLessThan(NOW + 30 * MINUTE);
    expect(ms(later!.startsAt)).toBeGreaterThan(ms(ground!.endsAt));
  });
  it('a part that is ticked by itself counts for itself; the end of the round counts for the rest; one tick back takes the coat back', () => {
    const first = withCoats(filler);
    const task = coatsOf(planned(first).sessions[0]!)[0]!;
    expect(task.id).toBe('base.c1');
    const tick = (j: Job, t: typeof task, atMs: number): Job =>
      withTick(j, { task: t, atMs, productId: null, cans: 0 });
    const one = tick(first, { ...task, id: partTaskId(task.id, 'b'), partIds: ['b'] }, NOW);
    expect(coatsOf(planned(one).sessions[0]!)[0]!.partIds).toEqual(['a', 'c']);
    const all = tick(one, task, NOW + 5 * MINUTE);
    const base = all.state!.coats.filter((c) => c.layerId === 'base');
    expect(base.map((c) => c.partIds)).toEqual([['b'], ['a', 'c']]);
    expect(withoutTick(all, 'base.c1', null).state!.coats).toEqual(filler);
  });
});

describe('what was opened', () => {
  const base = [coat('base', 1, '16T07:00'), coat('base', 2, '16T07:10')];
  const open = (at: string) => [{ productId: 'halden-2k-gloss', at: `2026-05-${at}`, cans: 1 }];
  it('one coat takes off only what that coat used: the can of this morning does for the second coat', () => {
    const p = planned(
      withCoats([...filler, ...base, coat('clear', 1, '16T07:45')], { activations: open('16T07:38') }),
    );
    expect(p.sessions[0]!.activations).toEqual([]);
  });
  it('a can that died with its label leads to another one, not to a job blocked for ever', () => {
    const p = planned(withCoats([...filler, ...base], { activations: open('13T07:38') }));
    expect(p.kind).toBe('planned');
    expect(p.sessions[0]!.activations).toHaveLength(1);
  });
});

describe('preparation done early', () => {
  const sanded = (minutesDone?: number): JobState => ({
    coats: [],
    activations: [],
    tasks: [
      { taskId: 'shop', endedAt: '2026-05-15T20:00' },
      { taskId: 's-filler.sand', endedAt: '2026-05-15T20:00', ...(minutesDone && { minutes: minutesDone }) },
    ],
  });
  const large = ['a', 'b', 'c'].map((id) => panel(id, { lengthMm: 1500, widthMm: 1000 }));
  const sandMin = (state?: JobState): number =>
    planned(job(layers, { parts: large, ...(state && { state }) }))
      .visits.flatMap((v) => v.tasks)
      .filter((t) => t.id.startsWith('s-filler.sand'))
      .reduce((a, t) => a + minutes(t.startsAt, t.endsAt), 0);
  it('half an hour of it is half an hour less; all of it is gone', () => {
    const whole = sandMin();
    expect(whole).toBeGreaterThan(60);
    expect(sandMin(sanded(30))).toBe(whole - 30);
    expect(sandMin(sanded())).toBe(0);
  });
});
