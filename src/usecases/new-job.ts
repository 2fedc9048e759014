/** A new job: a plain panel to start from, in the workshop's own place and hours. */
import type { FreeHours, Job, Place } from '@/model/job';
import { ownUse } from './own-use';
import type { JobStore } from './ports';

/** First-run place: the user corrects it on Surface. Coordinates of the zone's rough middle would be a guess; these are asked for. */
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

/** A job named by number, with the place, hours, kit, money, prices and schools of the newest job there is, and what the logs say of his use: what its owner chose is his default. */
export function newJob(store: JobStore, id: string, nowMs: number): Job {
  const jobs = store.list();
  const last = jobs.at(-1)?.job;
  const habit = ownUse(store);
  const taken = new Set(jobs.map((j) => j.job.name));
  let n = 1;
  while (taken.has(n === 1 ? 'New job' : `New job ${n}`)) n++;
  const job: Job = {
    name: n === 1 ? 'New job' : `New job ${n}`,
    place: last?.place ?? DEFAULT_PLACE,
    purpose: {
      grade: 'tidy',
      finish: 'gloss',
      colour: { name: 'Grey green', hex: '#6E7F76', kind: 'solid' },
      exposure: ['sun'],
    },
    equipment: last?.equipment ?? { sprayer: 'aerosol', suppliedAir: false },
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
    freeHours: last?.freeHours ?? DEFAULT_HOURS,
    budget: last?.budget ?? { currency: 'GBP', amount: 120 },
    risk: { rushSafe: 0.5 },
    ...(last?.schools ? { schools: last.schools } : {}),
    ...(last?.prices ? { prices: last.prices } : {}),
    ...(habit ? { habit } : {}),
  };
  store.insert(id, job, nowMs);
  return job;
}
