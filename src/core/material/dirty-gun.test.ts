/** The gun is rinsed after its last coat and before another paint, and never between two coats of one. */
import { describe, expect, it } from 'vitest';
import { nextWork } from '@/ui/views/agenda';
import { allTasks, demo, keepsHands, ms, NOW, steady } from '@/demo/test-kit';
import { job, panel } from '@/demo/work-kit';
import type { Job } from '@/model/job';
import type { Plan } from '@/model/plan';
import { plan } from '../plan';
import { plainTick, withTick } from '../schedule/work/tick';
import { systemFor } from '../coating/system';
import { HOUR, isoOf, MINUTE } from '../time/instant';
import { dirtyGun } from './dirty-gun';

const layers = [
  { role: 'base', productId: 'orrin-base-gun', coats: 2 },
  { role: 'clear', productId: 'halden-gun-gloss', coats: 2 },
] as const;
const TZ = 'Europe/London';
const PREPARED = [
  'shop',
  's-base.sand',
  's-base.degrease',
  's-base.clean',
  's-base.mask',
  's-base.wipe',
  's-base.tack',
];

/** So many coats on, the last of them some minutes ago, ten between two. */
function sprayed(count: number, agoMin: number, over: Partial<Job> = {}): Job {
  const order = [
    ['base', 1],
    ['base', 2],
    ['clear', 1],
    ['clear', 2],
  ] as const;
  const coats = order
    .slice(0, count)
    .map(([layerId, coat], i) => ({
      layerId,
      coat,
      endedAt: isoOf(NOW - (agoMin + 20 * (count - 1 - i)) * MINUTE, TZ),
    }));
  const tasks = PREPARED.map((taskId) => ({ taskId, endedAt: isoOf(NOW - 5 * HOUR, TZ) }));
  return job(layers, { parts: [panel('p')], state: { coats, activations: [], tasks }, ...over });
}
const planned = (j: Job): Plan => plan({ job: j, forecast: steady(20), nowMs: NOW });
const rinses = (p: Plan): string[] => allTasks(p).flatMap((t) => (t.kind === 'rinse' ? [t.id] : []));
const gun = (j: Job, nowMs = NOW) => dirtyGun(j, systemFor(j), nowMs);

describe('paint left in the gun', () => {
  it('is none before a coat, none of a can, and none on the next day', () => {
    expect(gun(sprayed(0, 0))).toBeNull();
    expect(gun(sprayed(2, 5))?.product.id).toBe('orrin-base-gun');
    expect(gun(sprayed(2, 5), NOW + 13 * HOUR)).toBeNull();
    const can = demo('tractor-bonnet');
    const coats = [{ layerId: 'base', coat: 1, endedAt: isoOf(NOW, TZ) }];
    expect(gun({ ...can, state: { coats, activations: [] } })).toBeNull();
  });
  it('is rinsed by a tick after the coat, not by one before it, and not by rinsing acid off', () => {
    const j = sprayed(2, 5);
    const ticked = (id: string, ms: number): Job => withTick(j, plainTick(id, 'rinse', ms));
    expect(gun(ticked('rinse.base.c2', NOW))).toBeNull();
    expect(gun(ticked('s-base.rinse', NOW))).toBeNull();
    expect(gun(ticked('s-base.rinse2', NOW))).toBeNull();
    expect(gun(ticked('s-base.rinse', NOW - HOUR))).not.toBeNull();
    expect(gun(ticked('s-base.rinse-acid', NOW))).not.toBeNull();
  });
});

describe('in the plan', () => {
  it('between base and clear it is next, now, and the clear waits until hands are off it', () => {
    const p = planned(sprayed(2, 30));
    expect(nextWork(p)!.task).toMatchObject({ kind: 'rinse', id: 'rinse.base.c2', layerId: 'base' });
    expect(ms(nextWork(p)!.task.startsAt)).toBe(NOW);
    const next = allTasks(p).filter((t) => t.handsOn && t.kind !== 'rinse');
    for (const t of next) expect(ms(t.startsAt)).toBeGreaterThanOrEqual(NOW + 10 * MINUTE);
    keepsHands(p);
  });
  it('between two coats of one paint it is not', () => {
    const p = planned(sprayed(3, 5));
    expect(nextWork(p)!.task.kind).not.toBe('rinse');
    // Its own, after the last coat.
    expect(rinses(p)).toHaveLength(1);
    keepsHands(p);
  });
  it('after the last coat it is still to do, and done it is gone', () => {
    const p = planned(sprayed(4, 2));
    expect(p.sessions).toEqual([]);
    expect(rinses(p)).toEqual(['rinse.clear.c2']);
    const [task] = p.visits[0]!.tasks;
    expect(task!.detail).toMatchObject({ code: 'rinse-now', params: { ml: 150, with: 'wash' } });
    expect(task!.cautions.length).toBeGreaterThan(0);
    expect(rinses(planned(withTick(sprayed(4, 2), plainTick('rinse.clear.c2', 'rinse', NOW))))).toEqual([]);
  });
  it('with another part in a lot of its own that is ready, the gun comes first as well', () => {
    const two = sprayed(2, 2, { parts: [panel('p'), panel('q')] });
    const only = two.state!.coats.map((c) => ({ ...c, partIds: ['p'] }));
    const p = planned({ ...two, state: { ...two.state!, coats: only } });
    keepsHands(p);
  });
});
