/** A mend in the plan, worked by hand: its papers, its coats, its waits; what need not wait goes on. */
import { describe, expect, it } from 'vitest';
import { CATALOGUE } from '@/core/coating/catalogue';
import { allTasks, ms, TZ } from '@/demo/test-kit';
import { coatsOf, job, minutes, panel, planned } from '@/demo/work-kit';
import type { Job, SystemLayer } from '@/model/job';
import type { FaultCode } from '@/model/fault';
import type { MendKind } from '@/model/mend';
import type { Plan } from '@/model/plan';
import { freshMendId, noteFault, withoutFault } from './edits/faults';
import { mendJobOf } from './edits/mend-job';
import { mendingNow } from './faults/at-hand';
import { mendSteps } from './faults/mend';
import { takeMend } from './faults/take';
import { withTick } from './schedule/work/tick';
import { HOUR, MINUTE, msOf } from './time/instant';

const layers: SystemLayer[] = [
  { role: 'base', productId: 'orrin-base', coats: 3 },
  { role: 'clear', productId: 'halden-clear', coats: 2 },
];
const CLEAR = CATALOGUE.find(
  (p) => p.kind === 'clear' && p.carrier === 'aerosol' && p.chemistry === '2k-urethane',
)!;
layers[1]!.productId = CLEAR.id;
const at = (clock: string): string => `2026-05-16T${clock}`;
const prepared = [
  'shop',
  's-base.sand',
  's-base.wash',
  's-base.degrease',
  's-base.clean',
  's-base.mask',
  's-base.wipe',
  's-base.tack',
];
const state = (coats: NonNullable<Job['state']>['coats']): NonNullable<Job['state']> => ({
  coats,
  activations: [],
  tasks: prepared.map((taskId) => ({ taskId, endedAt: at('06:00') })),
});
const doors = ['left', 'right'].map((id) => panel(id));
const one = (coats: NonNullable<Job['state']>['coats'], parts = doors): Job =>
  job(layers, { parts, state: state(coats), equipment: { sprayer: 'aerosol', suppliedAir: true } });

/** The job with a fault mended so on some parts. */
function mended(j: Job, kind: MendKind, partIds: readonly string[], code: FaultCode = 'dry-spray'): Job {
  const plan = planned(j);
  const products = new Map(CATALOGUE.map((p) => [p.id, p]));
  const nowMs = msOf(at('07:50'), TZ);
  const m = mendingNow({ job: j, layers: plan.layers, products, spraying: null, only: partIds }, nowMs)!;
  const steps = mendSteps(kind, m)!;
  const taken = takeMend(
    { kind, steps },
    { id: freshMendId(j), layerId: m.layerId, partIds, areaM2: m.areaM2 },
  );
  return noteFault(j, { code, atMs: nowMs, layerId: m.layerId, mend: taken });
}
const laid = (p: Plan): string[] =>
  p.sessions.flatMap((s) =>
    s.rounds.flatMap((r) => r.parts.map((x) => `${r.taskId.replace(/~.*/, '')} ${x.partId}`)),
  );

describe('colour again on one of two doors', () => {
  // One coat of three is on both; the left one went dry.
  const before = one([{ layerId: 'base', coat: 1, endedAt: at('07:40') }]);
  const after = mended(before, 'colour-again', ['left']);
  const p = planned(after);

  it('the right door goes on today with what it was to get, the left one gets three coats of its own', () => {
    expect(p.blockers).toEqual([]);
    expect(laid(p).sort()).toEqual(
      [
        'base.c2 right',
        'base.c3 right',
        'clear.c1 right',
        'clear.c2 right',
        'base-m1.c1 left',
        'base-m1.c2 left',
        'base-m1.c3 left',
        'clear.c1 left',
        'clear.c2 left',
      ].sort(),
    );
    expect(p.sessions.map((s) => s.partIds)).toEqual([['right'], ['left']]);
    expect(p.sessions[0]!.sprayAt.slice(0, 10)).toBe('2026-05-16');
  });
  it('the left one is sanded with P800, blown and tacked, never wiped with solvent', () => {
    const left = allTasks(p).filter(
      (t) => t.partIds.length === 1 && t.partIds[0] === 'left' && t.layerId === null,
    );
    const codes = left.map((t) => t.detail.code);
    expect(codes).toContain('mend-sand');
    expect(left.find((t) => t.kind === 'sand')!.detail.params.grit).toBe(800);
    expect(codes.filter((c) => /clean|degrease|wipe/.test(c))).toEqual([]);
    expect(codes).toContain('mend-blow');
    expect(codes).toContain('mend-tack');
  });
  it('not before it is dry to the touch, 20 min at 20 °C after its coat', () => {
    const sand = allTasks(p).find((t) => t.detail.code === 'mend-sand')!;
    expect(ms(sand.startsAt)).toBeGreaterThanOrEqual(msOf(at('07:40'), TZ) + 20 * MINUTE);
  });
  it('clear and base are bought for what is left: three coats of base on the left, two on the right', () => {
    const base = p.materials.find((m) => m.productId === 'orrin-base')!;
    const was = planned(before).materials.find((m) => m.productId === 'orrin-base')!;
    // Before: coats 2 and 3 on both doors. Now: three on one and two on the other.
    expect(base.sprayMl / was.sprayMl).toBeGreaterThan(1.15);
    expect(base.sprayMl / was.sprayMl).toBeLessThan(1.35);
  });
  it('taken back the plan is the one there was', () => {
    const back = withoutFault(after, after.state!.faults![0]!);
    expect(planned(back)).toEqual(planned(before));
  });
  it('a part that is taken out takes its mend with it; a build-up that was changed leaves it out', () => {
    const gone = planned({ ...after, parts: after.parts.filter((x) => x.id !== 'left') });
    expect(gone.blockers).toEqual([]);
    expect(gone.layers.some((l) => l.mend)).toBe(false);
    const other: SystemLayer[] = [{ role: 'colour', productId: 'skerry-enamel', coats: 2 }];
    const changed = planned({ ...after, system: { layers: other } });
    expect(changed.layers.map((l) => l.id)).toEqual(['colour']);
  });
  it('ticked, its coats count for it; at the end nothing is left to spray', () => {
    let j = after;
    for (let k = 0; k < 20 && planned(j).sessions.length > 0; k++) {
      const task = planned(j).sessions[0]!.tasks.find((t) => t.kind === 'coat')!;
      j = withTick(j, { task, atMs: ms(task.endsAt), productId: null, cans: 0 });
    }
    expect(planned(j).sessions).toEqual([]);
    expect(j.state!.coats).toHaveLength(10);
  });
});

describe('a flow coat on the clear of the only door', () => {
  const all = [1, 2, 3].map((coat) => ({ layerId: 'base', coat, endedAt: at('06:30') }));
  const clears = [1, 2].map((coat) => ({ layerId: 'clear', coat, endedAt: at('07:30') }));
  const door = one([...all, ...clears], [panel('left')]);
  const p = planned(mended(door, 'flow-coat', ['left'], 'orange-peel'));

  it('nothing was left to spray; now there is a session with two coats of clear', () => {
    expect(planned(door).sessions).toEqual([]);
    expect(laid(p)).toEqual(['clear-m1.c1 left', 'clear-m1.c2 left']);
  });
  it('its paper waits until the clear may be sanded, and it is degreased: it is hard then', () => {
    const sand = allTasks(p).find((t) => t.detail.code === 'mend-sand')!;
    const readyMs = msOf(at('07:30'), TZ) + (CLEAR.sandMin ?? CLEAR.handleMin) * MINUTE;
    expect(ms(sand.startsAt)).toBeGreaterThanOrEqual(readyMs - MINUTE);
    expect(ms(sand.startsAt)).toBeLessThan(readyMs + 48 * HOUR);
    expect(allTasks(p).some((t) => t.detail.code === 'mend-degrease')).toBe(true);
  });
});

it('one coat more goes on wet, in the same session as the rest, before the clear', () => {
  const base = [1, 2, 3].map((coat) => ({ layerId: 'base', coat, endedAt: at('07:50') }));
  const p = planned(mended(one(base, [panel('left')]), 'one-more', ['left'], 'poor-hiding'));
  expect(laid(p)).toEqual(['base-m1.c1 left', 'clear.c1 left', 'clear.c2 left']);
  expect(p.sessions).toHaveLength(1);
  const [more] = coatsOf(p.sessions[0]!);
  expect(minutes(at('07:50') + ':00+01:00', more!.startsAt)).toBeGreaterThanOrEqual(10);
  expect(allTasks(p).some((t) => t.kind === 'sand')).toBe(false);
});

it('soft film taken off takes its layer with it: colour and clear are laid anew, and nothing counts as on', () => {
  const all = [1, 2, 3].map((coat) => ({ layerId: 'base', coat, endedAt: at('06:30') }));
  const clears = [1, 2].map((coat) => ({ layerId: 'clear', coat, endedAt: at('07:30') }));
  const p = planned(mended(one([...all, ...clears], [panel('left')]), 'take-off', ['left'], 'no-hardener'));
  expect(p.layers.map((l) => l.id)).toEqual(['base-m1', 'clear-m1']);
  expect(laid(p)).toEqual(['base-m1.c1 left', 'base-m1.c2 left', 'clear-m1.c1 left', 'clear-m1.c2 left']);
});

describe('a run in the first of two coats of clear, cut down and polished', () => {
  const base = [1, 2, 3].map((coat) => ({ layerId: 'base', coat, endedAt: at('06:30') }));
  const clears = (n: number) =>
    Array.from({ length: n }, (_, i) => ({ layerId: 'clear', coat: i + 1, endedAt: at('07:30') }));
  const going = mended(one([...base, ...clears(1)], [panel('left')]), 'run-ladder', ['left'], 'runs');
  it('the second coat goes on as it was to; the run waits until all is on', () => {
    const p = planned(going);
    expect(laid(p)).toEqual(['clear.c2 left']);
    expect(p.mends).toHaveLength(1);
    expect(p.mends[0]!.at).toBeNull();
    expect(p.mends[0]!.tasks.map((t) => t.detail.code)).toEqual([
      'mend-sand',
      'mend-sand',
      'mend-sand',
      'mend-polish',
    ]);
    expect(p.mends[0]!.tasks.map((t) => t.detail.params.grit)).toEqual([1000, 1500, 2000, undefined]);
  });
  it('once all is on it says from when: twice until it may be sanded, at 20 °C by the sheet', () => {
    const whole = { ...going, state: { ...going.state!, coats: [...base, ...clears(2)] } };
    const [m] = planned(whole).mends;
    const waitMin = Math.max(2 * CLEAR.sandMin!, CLEAR.polishMin ?? 0);
    expect((ms(m!.at!) - msOf(at('07:30'), TZ)) / MINUTE).toBeCloseTo(waitMin, -1);
  });
  it('ticked task by task it is gone', () => {
    let j: Job = { ...going, state: { ...going.state!, coats: [...base, ...clears(2)] } };
    for (const { id } of planned(j).mends[0]!.tasks)
      j = withTick(j, {
        task: { id, kind: 'sand', layerId: null, coat: null },
        atMs: msOf(at('07:50'), TZ),
        productId: null,
        cans: 0,
      });
    expect(planned(j).mends).toEqual([]);
  });
});

describe('finished work that shows a fault', () => {
  const base = [1, 2, 3].map((coat) => ({ layerId: 'base', coat, endedAt: '2026-05-01T10:00' }));
  const clears = [1, 2].map((coat) => ({ layerId: 'clear', coat, endedAt: '2026-05-01T12:00' }));
  const closed: Job = {
    ...one([...base, ...clears], [panel('left', { deadline: '2026-05-02' })]),
    turn: 2,
    log: { closedAt: '2026-05-03T10:00', used: [], outcomes: [], note: '' },
  };
  const fresh = mendJobOf(mended(closed, 'flow-coat', ['left'], 'orange-peel'));
  it('is mended in a job of its own that knows what lies on it: only the mend is left to spray', () => {
    expect(fresh.name).toBe(`${closed.name}, mended`);
    expect(fresh).not.toHaveProperty('log');
    expect(fresh).not.toHaveProperty('turn');
    expect(fresh.parts[0]).not.toHaveProperty('deadline');
    const p = planned({ ...fresh, equipment: { ...fresh.equipment, suppliedAir: true } });
    expect(laid(p)).toEqual(['clear-m1.c1 left', 'clear-m1.c2 left']);
  });
  it('asks for the protection anew', () => {
    expect(fresh.equipment.suppliedAir).toBe(false);
  });
});
