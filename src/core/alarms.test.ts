/** Who is called when: the moments of a plan, each once, late ones told as late, old ones not at all. */
import { describe, expect, it } from 'vitest';
import { CATALOGUE } from '@/core/coating/catalogue';
import { TZ } from '@/demo/test-kit';
import { job, panel, planned } from '@/demo/work-kit';
import type { Job, SystemLayer } from '@/model/job';
import { sayAlarm } from '@/words/sentences/alarms';
import { alarmKey, alarmsOf, dueNow, type Alarm } from './alarms';
import { instantOf, MINUTE, msOf } from './time/instant';

const layers: SystemLayer[] = [
  { role: 'base', productId: 'orrin-base', coats: 3 },
  { role: 'clear', productId: 'halden-2k-gloss', coats: 2 },
];
const at = (clock: string): string => `2026-05-16T${clock}`;
const inMs = (clock: string): number => msOf(at(clock), TZ);
const with3 = (state: Partial<NonNullable<Job['state']>> = {}): Job =>
  job(layers, {
    parts: [panel('p')],
    equipment: { sprayer: 'aerosol', suppliedAir: true },
    state: {
      coats: [1, 2, 3].map((coat) => ({ layerId: 'base', coat, endedAt: at('07:46') })),
      activations: [],
      ...state,
    },
  });
const alarmsFor = (j: Job): Alarm[] => {
  const plan = planned(j);
  return alarmsOf(
    { plan, job: j, products: CATALOGUE },
    plan.waiting?.earliestAt ? instantOf(plan.waiting.earliestAt) : null,
  );
};
const of = (list: readonly Alarm[], kind: Alarm['kind']): Alarm => list.find((a) => a.kind === kind)!;

describe('the moments of a plan', () => {
  const all = alarmsFor(with3());
  it('the clear: two minutes before its time, at it, and when four fifths of the bond are over', () => {
    // 20 min after 07:46 by the sheet at 20 °C; a bond of 24 h.
    expect(Math.abs(of(all, 'coat-now').atMs - inMs('08:06'))).toBeLessThan(MINUTE);
    expect(of(all, 'coat-now').atMs - of(all, 'coat-soon').atMs).toBe(2 * MINUTE);
    expect(Math.abs(of(all, 'late-soon').atMs - (inMs('07:46') + 0.8 * 1440 * MINUTE))).toBeLessThan(
      2 * MINUTE,
    );
    expect(sayAlarm(of(all, 'coat-now'), 0)).toBe('Coat 1 of Halden 2K clear may go on now.');
  });
  it('tape off is one of them, and they come in order', () => {
    expect(of(all, 'untape').atMs).toBeGreaterThan(of(all, 'coat-now').atMs);
    expect(all.map((a) => a.atMs)).toEqual([...all.map((a) => a.atMs)].sort((a, b) => a - b));
  });
  it('a can that was activated: half an hour and ten minutes before its life ends, while it is needed', () => {
    const activated = alarmsFor(
      with3({ activations: [{ productId: 'halden-2k-gloss', at: at('07:48'), cans: 1 }] }),
    );
    const lifeMin = CATALOGUE.find((p) => p.id === 'halden-2k-gloss')!.potLifeMin!;
    expect(of(activated, 'pot-half-hour').atMs).toBe(inMs('07:48') + (lifeMin - 30) * MINUTE);
    expect(of(activated, 'pot-ten').atMs - of(activated, 'pot-half-hour').atMs).toBe(20 * MINUTE);
    const done = [1, 2].map((coat) => ({ layerId: 'clear', coat, endedAt: at('07:49') }));
    const none = alarmsFor(
      with3({
        coats: [...with3().state!.coats, ...done],
        activations: [{ productId: 'halden-2k-gloss', at: at('07:48'), cans: 1 }],
      }),
    );
    expect(none.some((a) => a.kind === 'pot-ten')).toBe(false);
    // Everything is on: what the film asks for is told instead.
    expect(none.map((a) => a.kind)).toContain('dust-free');
  });
  it('before a session half an hour to lay everything out', () => {
    const fresh = alarmsFor(with3({ coats: [] }));
    const [session] = planned(with3({ coats: [] })).sessions;
    expect(of(fresh, 'start-soon').atMs).toBe(instantOf(session!.startsAt) - 30 * MINUTE);
  });
});

describe('calling', () => {
  const a: Alarm = { id: 'base.c2', kind: 'coat-now', atMs: inMs('08:00'), of: 'Orrin base', coat: 2 };
  const none = new Map<string, number>();
  it('not before its moment, once after it, and no more when it is old', () => {
    expect(dueNow([a], none, a.atMs - 1)).toEqual([]);
    expect(dueNow([a], none, a.atMs)).toEqual([a]);
    expect(dueNow([a], new Map([[alarmKey(a), a.atMs]]), a.atMs + MINUTE)).toEqual([]);
    expect(dueNow([a], none, a.atMs + 21 * MINUTE)).toEqual([]);
    // “Two minutes to go” is wrong ten minutes later.
    const soon: Alarm = { ...a, kind: 'coat-soon' };
    expect(dueNow([soon], none, a.atMs + 2 * MINUTE)).toEqual([soon]);
    expect(dueNow([soon], none, a.atMs + 10 * MINUTE)).toEqual([]);
  });
  it('after sleep it says how late it is', () => {
    expect(dueNow([a], none, a.atMs + 8 * MINUTE)).toEqual([a]);
    expect(sayAlarm(a, 8)).toBe('Coat 2 of Orrin base may go on now. That was 8 minutes ago.');
  });
  it('again where the moment moved on, not where it trembles', () => {
    const called = new Map([[alarmKey(a), a.atMs]]);
    expect(dueNow([{ ...a, atMs: a.atMs + 30_000 }], called, a.atMs + 40_000)).toEqual([]);
    const later = { ...a, atMs: a.atMs + 2 * MINUTE };
    expect(dueNow([later], called, later.atMs)).toEqual([later]);
  });
});
