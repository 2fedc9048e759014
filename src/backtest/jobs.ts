/** The jobs that worlds are played with: small ones of the demo's workshop, in three kinds of place. */
import { DEMO_HOURS, HARBOUR_LANE } from '@/demo/jobs';
import type { FreeHours, Job } from '@/model/job';
import type { Place } from '@/model/place';
import { systemFor } from '@/core/coating/system';
import { draftsOf } from '@/core/schedule/work/drafts';
import { materialsOf } from '@/core/material/materials';
import { shoppedFor } from '@/core/schedule/work/shopping';
import { workOf } from '@/core/schedule/work/work';
import { withZones } from '@/core/surface/zones';
import { HOUR, isoOf } from '@/core/time/instant';
import type { World } from './world';

export const SHELTERS = ['open', 'lean-to', 'garage'] as const;
export type Shelter = (typeof SHELTERS)[number];

const PLACES: Readonly<Record<Shelter, Partial<Place>>> = {
  open: { shelter: 'open' },
  'lean-to': { shelter: 'lean-to' },
  garage: { shelter: 'garage', door: 'open' },
};

const WEEKENDS: FreeHours = {
  weekly: { ...DEMO_HOURS.weekly, mon: [], tue: [], wed: [], thu: [], fri: [] },
  exceptions: [],
};

/** What a day of waiting costs in every world, money. */
export const DELAY_PER_DAY = 4;

export const KINDS = ['one-lot', 'weekends', 'two-sessions'] as const;
export type Kind = (typeof KINDS)[number];

/** What comes before the first session, as ticked: the worlds begin with the part ready to spray. */
function prepared(job: Job, startMs: number): Job {
  const whole = withZones(job);
  const system = systemFor(whole);
  const { sessions } = shoppedFor(draftsOf(workOf(whole, system)), {
    job: whole,
    materials: materialsOf(whole, system),
  });
  const endedAt = isoOf(startMs - HOUR, job.place.tz);
  const tasks = (sessions[0]?.visits ?? []).map((v) => ({ taskId: v.id, endedAt }));
  return { ...job, state: { coats: [], tasks, activations: [] } };
}

/** One panel, sound paint, colour and a two-part clear; with filler below it where there are two sessions. */
export function jobOf(kind: Kind, shelter: Shelter, world: World): Job {
  return prepared(bare(kind, shelter, world), world.startMs);
}

function bare(kind: Kind, shelter: Shelter, { lat, lon }: World): Job {
  const { horizonDeg: _none, ...place } = HARBOUR_LANE;
  const panel: Job['parts'][number] = {
    id: 'panel',
    name: 'Panel',
    lengthMm: 900,
    widthMm: 500,
    sides: 1,
    posture: 'upright',
    hiddenEdgePct: 0,
    substrate: 'steel',
    condition: 'sound-paint',
  };
  const filled =
    kind === 'two-sessions' ? [{ role: 'filler' as const, productId: 'tamsel-filler', coats: 2 }] : [];
  return {
    name: 'Panel',
    place: { ...place, ...PLACES[shelter], lat, lon },
    freeHours: kind === 'weekends' ? WEEKENDS : DEMO_HOURS,
    risk: { rushSafe: 0.5, hourValue: 10, delayPerDay: DELAY_PER_DAY },
    purpose: {
      grade: 'tidy',
      finish: 'gloss',
      colour: { name: 'Moss green', hex: '#55693A', kind: 'solid' },
      exposure: [],
    },
    equipment: { sprayer: 'aerosol', suppliedAir: true },
    parts: [panel],
    budget: { currency: 'GBP', amount: 200 },
    system: {
      layers: [
        ...filled,
        { role: 'base', productId: 'orrin-base', coats: 3 },
        { role: 'clear', productId: 'halden-2k-gloss', coats: 2 },
      ],
    },
  };
}
