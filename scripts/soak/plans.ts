/** Plans of jobs at random: each one made, whole and possible. */
import { plan } from '@/core/plan';
import { uniform } from '@/core/numerics/random';
import { HOUR, instantOf, msOf } from '@/core/time/instant';
import type { Plan } from '@/model/plan';
import { simulatedForecast } from '@/standins/weather';
import { randomJob } from './random-job';

export interface PlanFigures {
  readonly plans: number;
  readonly planned: number;
  readonly faults: readonly string[];
  readonly slowestMs: number;
  readonly residentMb: number;
}
const MOST_TOLD = 20;
/** From April to September most of the time, and the winter too. */
const SUMMER_H = 24 * 180;
const MB = 1024 * 1024;

/** The first figure that is none; JSON would make a null of it. */
function notFinite(at: unknown, path = 'plan'): string | null {
  if (typeof at === 'number') return Number.isFinite(at) ? null : path;
  if (typeof at !== 'object' || at === null) return null;
  for (const [key, below] of Object.entries(at)) {
    const bad = notFinite(below, `${path}.${key}`);
    if (bad !== null) return bad;
  }
  return null;
}

/** What cannot be in a plan, in words; null for a possible one. */
export function impossible(made: Plan): string | null {
  const bad = notFinite(made);
  if (bad !== null) return `${bad} is no figure`;
  if (made.chance !== null && !(made.chance >= 0 && made.chance <= 1)) return `a chance of ${made.chance}`;
  if (made.materials.some((m) => m.needMl < 0 || m.cost < 0)) return 'a need or cost below nought';
  let before = -Infinity;
  for (const s of made.sessions) {
    const [start, off, handle] = [s.startsAt, s.handsOffAt, s.handleAt].map(instantOf) as [
      number,
      number,
      number,
    ];
    // Masking may still come off when the part can be handled already.
    if (!(start < off && start < handle)) return `a session that ends before it starts (${s.startsAt})`;
    if (start < before) return `a session before the last one ended (${s.startsAt})`;
    before = off;
  }
  if (made.kind === 'planned' && made.blockers.length > 0) return 'planned, and blocked';
  return null;
}

/** Each plan has a seed of its own, by which it is made again. */
export function randomPlans(plans: number, firstSeed: number): PlanFigures {
  const faults: string[] = [];
  let planned = 0;
  let slowestMs = 0;
  for (let n = 0; n < plans; n++) {
    const seed = firstSeed + n;
    const chance = uniform(seed);
    const from = performance.now();
    try {
      const job = randomJob(chance);
      const nowMs = msOf('2026-04-01T08:00', job.place.tz) + Math.floor(chance() * 1.3 * SUMMER_H) * HOUR;
      const made = plan({ job, nowMs, ...simulatedForecast(job.place, nowMs) });
      if (made.kind === 'planned') planned++;
      const why = impossible(made);
      if (why !== null && faults.length < MOST_TOLD) faults.push(`seed ${seed}: ${why}`);
    } catch (e) {
      if (faults.length < MOST_TOLD) faults.push(`seed ${seed}: ${String(e)}`);
    }
    slowestMs = Math.max(slowestMs, performance.now() - from);
  }
  return { plans, planned, faults, slowestMs, residentMb: process.memoryUsage().rss / MB };
}
