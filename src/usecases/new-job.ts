/** A new job: a plain panel to start from, in the workshop's own place and hours. */
import { boughtJob } from '@/core/edits/bought';
import type { Bought } from '@/model/bought';
import type { FreeHours, Job } from '@/model/job';
import type { Place } from '@/model/place';
import { freeName, namesOf } from './free-name';
import { closedJobs } from './learned-item';
import { ownFaults } from './own-faults';
import { ownPace } from './own-hands';
import { ownUse, ownWaits } from './own-use';
import { inOwnPlaces } from './places';
import type { JobStore } from './ports';

/**
 * First-run place: the user corrects it on Surface. Coordinates of the zone's rough middle would be a guess;
 * these are asked for.
 */
export const DEFAULT_PLACE: Place = {
  name: 'My place',
  tz: 'Europe/London',
  lat: 53.4,
  lon: -3.1,
  shelter: 'carport',
};
export const DEFAULT_HOURS: FreeHours = {
  weekly: {
    mon: [['17:00', '20:30']],
    tue: [['17:00', '20:30']],
    wed: [['17:00', '20:30']],
    thu: [['17:00', '20:30']],
    fri: [['17:00', '20:30']],
    sat: [['08:00', '20:00']],
    sun: [['09:00', '19:00']],
  },
  exceptions: [],
};

/** What a job begins with that nobody has said anything of yet. */
const PLAIN: Pick<Job, 'purpose' | 'parts' | 'risk'> = {
  purpose: {
    grade: 'tidy',
    finish: 'gloss',
    colour: { name: 'Grey green', hex: '#6E7F76', kind: 'solid' },
    exposure: ['sun'],
  },
  parts: [
    {
      id: 'part-1',
      name: 'Panel',
      lengthMm: 600,
      widthMm: 400,
      sides: 1,
      posture: 'flat',
      hiddenEdgePct: 5,
      substrate: 'steel',
      condition: 'bare',
    },
  ],
  risk: { rushSafe: 0.5 },
};

/** What its owner chose in the newest job there is, is his default. */
function inherited(
  last: Job | undefined,
): Pick<Job, 'place' | 'equipment' | 'freeHours' | 'budget'> & Partial<Job> {
  if (!last)
    return {
      place: DEFAULT_PLACE,
      equipment: { sprayer: 'aerosol', suppliedAir: false },
      freeHours: DEFAULT_HOURS,
      budget: { currency: 'GBP', amount: 120 },
    };
  const { place, placeId, dryIn, equipment, freeHours, budget, schools, prices } = last;
  const chosen = {
    ...(placeId ? { placeId } : {}),
    ...(dryIn ? { dryIn } : {}),
    ...(schools ? { schools } : {}),
    ...(prices ? { prices } : {}),
  };
  // Air-fed protection is asked anew: last time's breathing air is not this time's.
  return { place, equipment: { ...equipment, suppliedAir: false }, freeHours, budget, ...chosen };
}

/**
 * A job named by number, with the place, hours, kit, money, prices and schools of the newest job there is,
 * and what the logs say of its owner's use.
 */
export function newJob(store: JobStore, id: string, nowMs: number): Job {
  const job = plainJob(store);
  store.insert(id, job, nowMs);
  return job;
}

/** Of something bought that shows a fault; named as it was called, or by number after it. */
export function newMendOfBought(store: JobStore, id: string, bought: Bought, nowMs: number): Job {
  const name = freeName(namesOf(store), (n) => (n === 1 ? bought.name : `${bought.name.slice(0, 110)} ${n}`));
  const job = boughtJob(plainJob(store), { ...bought, name }, nowMs);
  store.insert(id, job, nowMs);
  return job;
}

function plainJob(store: JobStore): Job {
  const last = store.newest()?.job;
  const closed = closedJobs(store);
  const { habit } = ownUse(closed, last?.equipment.sprayer ?? 'aerosol');
  const flashOwn = ownWaits(closed);
  const handsOwn = ownPace(closed);
  const faultsOwn = ownFaults(closed);
  return {
    name: freeName(namesOf(store), (n) => (n === 1 ? 'New job' : `New job ${n}`)),
    ...PLAIN,
    ...inOwnPlaces(inherited(last), closed),
    ...(habit ? { habit } : {}),
    ...(Object.keys(flashOwn).length > 0 ? { flashOwn } : {}),
    ...(Object.keys(handsOwn).length > 0 ? { handsOwn } : {}),
    ...(faultsOwn.length > 0 ? { faultsOwn } : {}),
  };
}
