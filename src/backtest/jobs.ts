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

const { weekly } = DEMO_HOURS;

type Hours = FreeHours['weekly'];
const eachDay = (spans: Hours['mon']): Hours => ({
  mon: spans,
  tue: spans,
  wed: spans,
  thu: spans,
  fri: spans,
  sat: spans,
  sun: spans,
});

/** What a day of waiting costs in every world, money. */
export const DELAY_PER_DAY = 4;

/** A way to play: the hours that are free, how much there is to paint, and whether the work may be parted. */
interface KindCard {
  readonly name: string;
  readonly hours: Hours;
  /** Panels of each job. */
  readonly panels: readonly number[];
  readonly isFilled: boolean;
  readonly isParted: boolean;
}

const PLAIN: KindCard = {
  name: 'One lot, evenings and weekends',
  hours: weekly,
  panels: [1],
  isFilled: false,
  isParted: false,
};

const CARDS = {
  'one-lot': PLAIN,
  weekends: {
    ...PLAIN,
    name: 'One lot, weekends only',
    hours: { ...weekly, mon: [], tue: [], wed: [], thu: [], fri: [] },
  },
  'two-sessions': { ...PLAIN, name: 'Two sessions: filler, then base and clear', isFilled: true },
  'base-tonight': {
    ...PLAIN,
    name: 'Base tonight, clear tomorrow: an hour every evening',
    hours: eachDay([['18:00', '19:00']]),
    isParted: true,
  },
  'two-lots': {
    ...PLAIN,
    name: 'Two lots: eight panels, two and a half hours every evening',
    hours: eachDay([['18:00', '20:30']]),
    panels: [8],
    isParted: true,
  },
  'two-jobs': { ...PLAIN, name: 'Two jobs, one painter, one place', panels: [3, 1] },
} satisfies Record<string, KindCard>;

export type Kind = keyof typeof CARDS;
export const KINDS = Object.keys(CARDS) as Kind[];
export const kindCard = (kind: Kind): KindCard => CARDS[kind];

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

/** Panels of sound paint, colour and a two-part clear; with filler below where it is filled. */
export function jobsOf(kind: Kind, shelter: Shelter, world: World): Job[] {
  const card = kindCard(kind);
  return card.panels.map((panels, i) =>
    prepared(
      { ...bare(card, shelter, world), name: `Panels ${i + 1}`, parts: partsOf(panels) },
      world.startMs,
    ),
  );
}

const partsOf = (panels: number): Job['parts'] =>
  Array.from({ length: panels }, (_, i) => ({
    id: `panel-${i + 1}`,
    name: `Panel ${i + 1}`,
    lengthMm: 900,
    widthMm: 500,
    sides: 1,
    posture: 'upright',
    hiddenEdgePct: 0,
    substrate: 'steel',
    condition: 'sound-paint',
  }));

function bare(
  { hours, isFilled }: KindCard,
  shelter: Shelter,
  { lat, lon }: World,
): Omit<Job, 'name' | 'parts'> {
  const { horizonDeg: _none, ...place } = HARBOUR_LANE;
  const filled = isFilled ? [{ role: 'filler' as const, productId: 'tamsel-filler', coats: 2 }] : [];
  return {
    place: { ...place, ...PLACES[shelter], lat, lon },
    freeHours: { weekly: hours, exceptions: [] },
    risk: { rushSafe: 0.5, hourValue: 10, delayPerDay: DELAY_PER_DAY },
    purpose: {
      grade: 'tidy',
      finish: 'gloss',
      colour: { name: 'Moss green', hex: '#55693A', kind: 'solid' },
      exposure: [],
    },
    equipment: { sprayer: 'aerosol', suppliedAir: true },
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
