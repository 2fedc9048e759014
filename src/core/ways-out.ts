/**
 * When no start suits: more hours in which the same job would find one, or another place, each tried out in
 * full; or that none would.
 */
import type { Job } from '@/model/job';
import { WEEKDAYS } from '@/model/lists';
import type { Notice } from '@/model/marks';
import type { Material } from '@/model/plan';
import { usualHeater } from './air/presets';
import { BY_SHELTER, SHELTER_CARDS } from './air/shelter';
import { airsForJob, type AirRequest } from './job-air';
import { editPlace, inShelter, patched } from './edits/place';
import { schedule, type Scheduled } from './schedule/schedule';
import type { System } from './seams/seam';

/** Less than an even chance is no way out. */
const LEAST_CHANCE = 0.5;
const STUCK = new Set(['no-window', 'no-free-stretch', 'no-window-ready', 'no-chain']);

/** Blocked by the week, not by the build-up. */
export const isStuck = (s: Scheduled): boolean => s.blockers.some((b) => STUCK.has(b.code));

interface Asked {
  readonly request: AirRequest;
  readonly system: System;
  readonly materials: readonly Material[];
}

/** The first session and the chance of the same job otherwise; null when that is no way out. */
function triedWith({ request, system, materials }: Asked, job: Job): { at: string; chance: number } | null {
  const airs = airsForJob({ ...request, job });
  const s = schedule({ job, system, materials, ...airs, nowMs: request.nowMs, isQuick: true });
  const first = s.sessions[0];
  if (s.blockers.length > 0 || !first || s.chance === null || s.chance < LEAST_CHANCE) return null;
  return { at: first.startsAt, chance: s.chance };
}

type Weekday = (typeof WEEKDAYS)[number];
const WEEKEND: readonly Weekday[] = ['sat', 'sun'];
/** Hours that are asked for on such a day. */
const DAYTIME: [string, string] = ['08:00', '19:00'];

/** From least to most to ask of anybody. */
const MORE_HOURS: readonly { readonly code: string; readonly days: readonly Weekday[] }[] = [
  { code: 'weekend-would-open', days: WEEKEND },
  { code: 'days-would-open', days: WEEKDAYS },
];

function withHours(job: Job, days: readonly Weekday[]): Job {
  const more = Object.fromEntries(days.map((d) => [d, [...job.freeHours.weekly[d], DAYTIME]]));
  return { ...job, freeHours: { ...job.freeHours, weekly: { ...job.freeHours.weekly, ...more } } };
}

function hoursThatWouldOpen(asked: Asked): Notice[] {
  for (const { code, days } of MORE_HOURS) {
    const found = triedWith(asked, withHours(asked.request.job, days));
    if (found) return [{ code, params: { ...found, from: DAYTIME[0], to: DAYTIME[1] } }];
  }
  return [];
}

/** The first that would do is the least to ask. */
function placeThatWouldOpen(asked: Asked): Notice[] {
  // What was measured in one place says nothing of another.
  const { readings: _here, ...request } = asked.request;
  const { job } = request;
  for (const shelter of BY_SHELTER.filter((s) => s !== job.place.shelter)) {
    const found = triedWith({ ...asked, request }, editPlace(job, inShelter(shelter)));
    if (found) return [{ code: 'place-would-open', params: { shelter, ...found } }];
  }
  return [];
}

/** Small things, the cheapest first: a lamp for the evening; a room that is shut and heated for the cure. */
const SMALL_CHANGES: readonly { readonly code: string; readonly change: (job: Job) => Job | null }[] = [
  { code: 'lamp-would-open', change: (j) => (j.place.lamp ? null : editPlace(j, patched({ lamp: true }))) },
  { code: 'heat-would-open', change: heated },
];

/** Shut and heated after the last coat; null where there is no room to heat, or it dries elsewhere already. */
function heated(job: Job): Job | null {
  if (job.dryIn || !SHELTER_CARDS[job.place.shelter].building) return null;
  const heater = job.place.heater ?? usualHeater();
  return { ...editPlace(job, patched({ heater })), dryIn: { kind: 'heated' } };
}

function smallThatWouldOpen(asked: Asked): Notice[] {
  for (const { code, change } of SMALL_CHANGES) {
    const changed = change(asked.request.job);
    const found = changed && triedWith(asked, changed);
    if (found) return [{ code, params: { ...found } }];
  }
  return [];
}

/** @returns what would open it, the smallest change first, both where both would; or that nothing of it does */
export function waysOut(request: AirRequest, system: System, materials: readonly Material[]): Notice[] {
  const asked = { request, system, materials };
  const out = [...smallThatWouldOpen(asked), ...hoursThatWouldOpen(asked), ...placeThatWouldOpen(asked)];
  return out.length > 0 ? out : [{ code: 'no-place-would-open', params: {} }];
}
