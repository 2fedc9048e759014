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
import { WEEKDAYS } from '@/model/lists';
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

const WHOLE_DAY: [string, string] = ['00:00', '24:00'];
export const always: FreeHours = {
  weekly: Object.fromEntries(WEEKDAYS.map((d) => [d, [WHOLE_DAY]])) as FreeHours['weekly'],
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

/** Tasks lie inside their session. @returns how many were looked at */
function keepsOrder(session: Session): number {
  for (const t of session.tasks) {
    expect(ms(t.endsAt)).toBeGreaterThanOrEqual(ms(t.startsAt));
    expect(ms(t.startsAt)).toBeGreaterThanOrEqual(ms(session.startsAt) - 1000);
    expect(ms(t.endsAt)).toBeLessThanOrEqual(ms(session.endsAt) + 1000);
  }
  return session.tasks.length;
}

/** Two hands do one thing at a time, in visits and sessions alike. @returns how many pairs were looked at */
export function keepsHands(p: Plan): number {
  const hands = [...p.visits, ...p.sessions]
    .flatMap((x) => x.tasks)
    .filter((t) => t.handsOn)
    .sort((a, b) => ms(a.startsAt) - ms(b.startsAt));
  for (let i = 1; i < hands.length; i++)
    expect(ms(hands[i]!.startsAt)).toBeGreaterThanOrEqual(ms(hands[i - 1]!.endsAt) - 1000);
  return Math.max(0, hands.length - 1);
}

/** One part in one coat. */
interface Laid {
  readonly layerId: string;
  readonly coat: number;
  readonly fromMs: number;
  readonly toMs: number;
}

/** The coats of every part of a session, in order. */
function laidBy(s: Session): Map<string, Laid[]> {
  const parts = new Map<string, Laid[]>();
  for (const { taskId, parts: of } of s.rounds) {
    const [layerId, coat] = taskId.split('~')[0]!.split('.c') as [string, string];
    for (const { partId, startsAt, endsAt } of of) {
      const laid = { layerId, coat: Number(coat), fromMs: ms(startsAt), toMs: ms(endsAt) };
      parts.set(partId, [...(parts.get(partId) ?? []), laid]);
    }
  }
  return parts;
}

/**
 * Waits between two coats of one part. Even at 40 °C, where credit ends, the least wait is 2.4 times shorter
 * than the sheet's at 20 °C for what evaporates.
 */
function keepsWait(a: Laid, b: Laid, productOf: ProductOf): void {
  const below = productOf(a.layerId);
  const above = productOf(b.layerId);
  const gapMin = (b.fromMs - a.toMs) / MINUTE;
  const isSame = a.layerId === b.layerId;
  if (isSame) expect(b.coat).toBe(a.coat + 1);
  if (isSame && above.itselfMaxMin !== undefined) expect(gapMin).toBeLessThanOrEqual(above.itselfMaxMin);
  if (isSame && above.itselfForbiddenMin) expect(gapMin).toBeLessThanOrEqual(above.itselfForbiddenMin[0]);
  if (!isSame && below.nextBondMaxMin !== undefined) expect(gapMin).toBeLessThanOrEqual(below.nextBondMaxMin);
  const least = (isSame ? above.flashMin : below.nextMinMin) / dryRate('evaporation', 40, 20, 0);
  expect(gapMin).toBeGreaterThanOrEqual(least - 0.1);
}

/** @returns how many pairs of coats were looked at, part by part */
function keepsWaits(s: Session, productOf: ProductOf): number {
  let pairs = 0;
  for (const coats of laidBy(s).values())
    for (let i = 1; i < coats.length; i++) {
      keepsWait(coats[i - 1]!, coats[i]!, productOf);
      pairs++;
    }
  return pairs;
}

/** What is activated or mixed lives no longer than its label, and every coat from it is sprayed while one lives. */
function keepsPots(session: Session, productOf: ProductOf): number {
  for (const activation of session.activations) {
    const pr = product(activation.productId);
    expect(ms(activation.usableUntil) - ms(activation.at)).toBeLessThanOrEqual(
      pr.potLifeMin! * MINUTE + 1000,
    );
    expect(ms(activation.prudentUntil)).toBeLessThanOrEqual(
      Math.min(ms(activation.usableUntil), ms(activation.at) + 24 * HOUR) + 1000,
    );
  }
  for (const t of coatsOf(session)) {
    const mine = session.activations.filter((a) => a.productId === productOf(t.layerId).id);
    if (mine.length === 0) continue;
    const open = mine.filter((a) => ms(a.at) <= ms(t.startsAt) && ms(a.usableUntil) >= ms(t.endsAt));
    expect(open.length).toBeGreaterThan(0);
  }
  return session.activations.length;
}

/** Cups add up to what their coats spray; no cup is used past its end. */
function keepsMixes(session: Session): number {
  for (const mix of session.mixes) {
    expect(mix.coats.length).toBeGreaterThan(0);
    if (mix.usableUntil !== null) expect(ms(mix.usedBy)).toBeLessThanOrEqual(ms(mix.usableUntil));
  }
  const ids = new Set(session.mixes.flatMap((m) => m.coats));
  const sprayed = coatsOf(session)
    .filter((t) => ids.has(t.id.split('~')[0]!))
    .reduce((a, t) => a + Number(t.detail.params.ml), 0);
  const mixed = session.mixes.reduce((a, m) => a + m.ml, 0);
  if (session.mixes.length > 0) expect(mixed).toBeGreaterThanOrEqual(sprayed - coatsOf(session).length);
  return session.mixes.length;
}

/** The rules of the trade, held against a finished session. @returns how many things were checked */
export function holds(p: Plan, session: Session): number {
  const productOf: ProductOf = (layerId) => product(p.layers.find((l) => l.id === layerId)!.productId);
  for (const c of coatsOf(session)) if (!c.id.includes('~')) expect(c.partIds.length).toBeGreaterThan(0);
  expect(session.chance).toBeGreaterThan(0);
  expect(session.chance).toBeLessThan(1);
  const pots = keepsPots(session, productOf) + keepsMixes(session);
  return keepsOrder(session) + keepsHands(p) + keepsWaits(session, productOf) + pots;
}

/** Every task of a plan, in visits and sessions. */
export const allTasks = (p: Plan): Task[] => [...p.visits, ...p.sessions].flatMap((x) => [...x.tasks]);
