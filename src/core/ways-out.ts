/**
 * When no start suits: a small thing in the same place, a product that stands more, more hours, or another place in
 * which the same job would find one, each tried out in full; or that none would.
 */
import type { Job } from '@/model/job';
import { WEEKDAYS } from '@/model/lists';
import type { Notice } from '@/model/marks';
import type { Material } from '@/model/plan';
import type { Product } from '@/model/product';
import { usualHeater } from './air/presets';
import { BY_SHELTER, SHELTER_CARDS } from './air/shelter';
import { airsForJob, type AirRequest } from './job-air';
import { systemFor } from './coating/system';
import { editPlace, inShelter, patched } from './edits/place';
import { NOTHING_AROUND, type Around } from './schedule/around';
import { schedule, type Scheduled } from './schedule/schedule';
import { materialsOf } from './material/materials';
import type { System } from './seams/seam';
import { widerSwaps } from './wider-products';

/** Less than an even chance is no way out. */
const LEAST_CHANCE = 0.5;
const STUCK = new Set(['no-window', 'no-free-stretch', 'no-window-ready', 'no-chain']);

/** Blocked by the week, not by the build-up. */
export const isStuck = (s: Scheduled): boolean => s.blockers.some((b) => STUCK.has(b.code));

/** What is asked, and what other jobs take of the week. */
type StuckRequest = AirRequest & { readonly around?: Around; readonly catalogue?: readonly Product[] };

interface Asked {
  readonly request: StuckRequest;
  readonly system: System;
  readonly materials: readonly Material[];
}

/** The first session and the chance of the same job otherwise; null when that is no way out. */
function triedWith({ request, system, materials }: Asked, job: Job): { at: string; chance: number } | null {
  const airs = airsForJob({ ...request, job });
  const around = request.around && { around: request.around };
  const s = schedule({ job, system, materials, ...airs, nowMs: request.nowMs, isQuick: true, ...around });
  const first = s.sessions[0];
  if (s.blockers.length > 0 || !first || s.chance === null || s.chance < LEAST_CHANCE) return null;
  return { at: first.startsAt, chance: s.chance };
}

/** With another product in it: built up and counted anew; null where that does not hold. */
function rebuilt(asked: Asked, job: Job): Asked | null {
  const system = systemFor(job, asked.request.catalogue);
  return system.blockers.length > 0 ? null : { ...asked, system, materials: materialsOf(job, system) };
}

/** The first product that opens it in place of another. */
function otherProduct(asked: Asked): Notice[] {
  for (const { job, product, instead } of widerSwaps(asked.request.job, asked.system)) {
    const other = rebuilt(asked, job);
    const found = other && triedWith(other, job);
    if (found) return [{ code: 'product-would-open', params: { product, instead, ...found } }];
  }
  return [];
}

/** The same job otherwise, and what is said where that opens it. */
interface Change {
  readonly code: string;
  /** null where it is so already, or cannot be. */
  readonly job: Job | null;
  readonly params?: Notice['params'];
}

/** @param changes from least to most to ask of anybody */
function firstThatOpens(asked: Asked, changes: readonly Change[]): Notice[] {
  for (const { code, job, params } of changes) {
    const found = job && triedWith(asked, job);
    if (found) return [{ code, params: { ...params, ...found } }];
  }
  return [];
}

/** Shut and heated after the last coat; null where there is no room to heat, or it dries elsewhere already. */
function heated(job: Job): Job | null {
  if (job.dryIn || !SHELTER_CARDS[job.place.shelter].building) return null;
  const heater = job.place.heater ?? usualHeater();
  return { ...job, place: patched({ heater })(job.place), dryIn: { kind: 'heated' } };
}

/** Small things in the same place: a lamp for the evening, heat for the cure. */
const smallChanges = (job: Job): Change[] => [
  {
    code: 'lamp-would-open',
    job: job.place.lamp ? null : { ...job, place: patched({ lamp: true })(job.place) },
  },
  { code: 'heat-would-open', job: heated(job) },
];

type Weekday = (typeof WEEKDAYS)[number];
const WEEKEND: readonly Weekday[] = ['sat', 'sun'];
/** Hours that are asked for on such a day. */
const DAYTIME: [string, string] = ['08:00', '19:00'];

function withHours(job: Job, days: readonly Weekday[]): Job {
  const more = Object.fromEntries(days.map((d) => [d, [...job.freeHours.weekly[d], DAYTIME]]));
  return { ...job, freeHours: { ...job.freeHours, weekly: { ...job.freeHours.weekly, ...more } } };
}

function moreHours(job: Job): Change[] {
  const params = { from: DAYTIME[0], to: DAYTIME[1] };
  return [
    { code: 'weekend-would-open', job: withHours(job, WEEKEND), params },
    { code: 'days-would-open', job: withHours(job, WEEKDAYS), params },
  ];
}

const otherPlaces = (job: Job): Change[] =>
  BY_SHELTER.filter((s) => s !== job.place.shelter).map((shelter) => ({
    code: 'place-would-open',
    job: editPlace(job, inShelter(shelter)),
    params: { shelter },
  }));

/** @returns what would open it, the smallest change first, one of each kind; or that nothing of it does */
export function waysOut(request: StuckRequest, system: System, materials: readonly Material[]): Notice[] {
  const { job } = request;
  const here = { request, system, materials };
  // What was measured in one place says nothing of another.
  const { readings: _here, around, ...rest } = request;
  // Hands are taken everywhere, the air of a place only there.
  const elsewhere = { ...rest, ...(around && { around: { ...NOTHING_AROUND, hands: around.hands } }) };
  const out = [
    ...firstThatOpens(here, smallChanges(job)),
    ...otherProduct(here),
    ...firstThatOpens(here, moreHours(job)),
    ...firstThatOpens({ ...here, request: elsewhere }, otherPlaces(job)),
  ];
  return out.length > 0 ? out : [{ code: 'no-place-would-open', params: {} }];
}
