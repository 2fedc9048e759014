/** When no start suits: the place in which the same job would find one, tried out in full, or that none would. */
import type { Job } from '@/model/job';
import type { Notice } from '@/model/marks';
import type { Material } from '@/model/plan';
import { BY_SHELTER } from './air/shelter';
import { airForJob, type AirRequest } from './job-air';
import { schedule, type Scheduled } from './schedule/schedule';
import type { System } from './seams/seam';

/** Less than an even chance is no way out. */
const LEAST_CHANCE = 0.5;
const STUCK = new Set(['no-window', 'no-free-stretch', 'no-chain']);

/** Blocked by the week, not by the build-up. */
export const isStuck = (s: Scheduled): boolean => s.blockers.some((b) => STUCK.has(b.code));

/** From least to most shelter: the first that would do is the least to ask of anybody. */
export function placeThatWouldOpen(
  request: AirRequest,
  system: System,
  materials: readonly Material[],
): Notice {
  const { job, nowMs } = request;
  for (const shelter of BY_SHELTER.filter((s) => s !== job.place.shelter)) {
    const moved: Job = { ...job, place: { ...job.place, shelter } };
    const air = airForJob({ ...request, job: moved });
    const s = schedule({ job: moved, system, materials, air, nowMs });
    const first = s.sessions[0];
    if (s.blockers.length === 0 && first && s.chance !== null && s.chance >= LEAST_CHANCE)
      return { code: 'place-would-open', params: { shelter, at: first.startsAt, chance: s.chance } };
  }
  return { code: 'no-place-would-open', params: {} };
}
