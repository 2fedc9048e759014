/**
 * What several tests of whole plans share: the demo's jobs by name, steady weather, and the rules every
 * session keeps.
 */
import { expect } from 'vitest';
import { CATALOGUE } from '@/core/coating/catalogue';
import { dryRate } from '@/core/drying/rate';
import { plan } from '@/core/plan';
import { HOUR, MINUTE, msOf } from '@/core/time/instant';
import type { Forecast, ForecastMember } from '@/model/forecast';
import type { FreeHours, Job } from '@/model/job';
import type { Plan, Session, Task } from '@/model/plan';
import type { Product } from '@/model/product';
import { simulatedForecast } from '@/standins/weather';
import { DEMO_JOBS, DEMO_NOW, HARBOUR_LANE } from './jobs';

export const TZ = HARBOUR_LANE.tz;
export const NOW = msOf(DEMO_NOW, TZ);
export const product = (id: string): Product => CATALOGUE.find((p) => p.id === id)!;
export const ms = (iso: string): number => Date.parse(iso);
export const demo = (id: string): Job => DEMO_JOBS.find((j) => j.id === id)!.job;
export const simulated = (job: Job, nowMs = NOW): Plan => {
  const s = simulatedForecast(job.place, nowMs);
  return plan({ job, ...s, nowMs });
};

export const always: FreeHours = {
  weekly: {
    mon: [['00:00', '24:00']],
    tue: [['00:00', '24:00']],
    wed: [['00:00', '24:00']],
    thu: [['00:00', '24:00']],
    fri: [['00:00', '24:00']],
    sat: [['00:00', '24:00']],
    sun: [['00:00', '24:00']],
  },
  exceptions: [],
};
/** Two equal members of steady weather, so that every future is the central one. */
export function steady(
  tempC: number,
  over: Partial<Record<keyof ForecastMember, number | ((hour: number) => number)>> = {},
  hours = 220,
): Forecast {
  const col = (v: number | ((h: number) => number)): number[] =>
    Array.from({ length: hours }, (_, h) => (typeof v === 'function' ? v(h) : v));
  const member: ForecastMember = {
    airTempC: col(over.airTempC ?? tempC),
    rhPct: col(over.rhPct ?? 50),
    windMs: col(over.windMs ?? 1),
    gustMs: col(over.gustMs ?? 2),
    rainMm: col(over.rainMm ?? 0),
    cloudFrac: col(over.cloudFrac ?? 1),
  };
  return { start: '2026-05-16T00:00:00+01:00', stepMin: 60, members: [member, member] };
}

type ProductOf = (layerId: string | null) => Product;
const coatsOf = (s: Session): readonly Task[] => s.tasks.filter((t) => t.kind === 'coat');

/** Tasks lie inside their session, and two hands do one thing at a time. @returns how many pairs were looked at */
function keepsOrder(session: Session): number {
  for (const t of session.tasks) {
    expect(ms(t.endsAt)).toBeGreaterThanOrEqual(ms(t.startsAt));
    expect(ms(t.startsAt)).toBeGreaterThanOrEqual(ms(session.startsAt) - 1000);
    expect(ms(t.endsAt)).toBeLessThanOrEqual(ms(session.endsAt) + 1000);
  }
  const hands = session.tasks.filter((t) => t.handsOn);
  for (let i = 1; i < hands.length; i++)
    expect(ms(hands[i]!.startsAt)).toBeGreaterThanOrEqual(ms(hands[i - 1]!.endsAt) - 1000);
  return Math.max(0, hands.length - 1);
}

/** The next coat of the same layer: in turn, before its longest and before its forbidden span. */
function keepsItself(a: Task, b: Task, above: Product, gapMin: number): void {
  expect(b.coat).toBe(a.coat! + 1);
  if (above.itselfMaxMin !== undefined) expect(gapMin).toBeLessThanOrEqual(above.itselfMaxMin);
  if (above.itselfForbiddenMin) expect(gapMin).toBeLessThanOrEqual(above.itselfForbiddenMin[0]);
}

/**
 * Waits between coats. Even at 40 °C, where credit ends, the least wait is 2.9 times shorter than the sheet's
 * at 20 °C.
 */
function keepsWaits(p: Plan, s: Session, productOf: ProductOf): number {
  const coats = coatsOf(s);
  const rank = (t: Task): number => p.layers.findIndex((l) => l.id === t.layerId);
  for (let i = 1; i < coats.length; i++) {
    const task = coats[i - 1]!;
    const b = coats[i]!;
    const below = productOf(task.layerId);
    const above = productOf(b.layerId);
    const gapMin = (ms(b.startsAt) - ms(task.endsAt)) / MINUTE;
    const same = rank(task) === rank(b);
    expect(rank(b)).toBeGreaterThanOrEqual(rank(task));
    if (same) keepsItself(task, b, above, gapMin);
    else if (below.nextBondMaxMin !== undefined) expect(gapMin).toBeLessThanOrEqual(below.nextBondMaxMin);
    const least = (same ? above.flashMin : below.nextMinMin) / dryRate('evaporation', 40, 20, 0);
    expect(gapMin).toBeGreaterThanOrEqual(least - 0.1);
  }
  return Math.max(0, coats.length - 1);
}

/** What is activated is sprayed while it lives. */
function keepsPots(session: Session, productOf: ProductOf): number {
  for (const activation of session.activations) {
    const pr = product(activation.productId);
    expect(ms(activation.usableUntil) - ms(activation.at)).toBeLessThanOrEqual(
      pr.potLifeMin! * MINUTE + 1000,
    );
    expect(ms(activation.prudentUntil)).toBeLessThanOrEqual(
      Math.min(ms(activation.usableUntil), ms(activation.at) + 24 * HOUR) + 1000,
    );
    for (const t of coatsOf(session).filter((c) => productOf(c.layerId).id === activation.productId)) {
      expect(ms(t.endsAt)).toBeLessThanOrEqual(ms(activation.usableUntil));
      expect(ms(t.startsAt)).toBeGreaterThanOrEqual(ms(activation.at));
    }
  }
  return session.activations.length;
}

/** The rules of the trade, held against a finished session. @returns how many things were checked */
export function holds(p: Plan, session: Session): number {
  const productOf: ProductOf = (layerId) => product(p.layers.find((l) => l.id === layerId)!.productId);
  for (const c of coatsOf(session)) expect(c.partIds.length).toBeGreaterThan(0);
  expect(session.chance).toBeGreaterThan(0);
  expect(session.chance).toBeLessThan(1);
  return keepsOrder(session) + keepsWaits(p, session, productOf) + keepsPots(session, productOf);
}
