/** What a place does of its own to wind, air and damp: readings of closed jobs beside what was told for it. */
import { asUsual } from '@/core/sheltering';
import { windFracOf } from '@/core/air/shelter';
import type { Beside, ShelterOwn } from '@/model/beside';
import type { Job } from '@/model/job';
import type { Place } from '@/model/place';
import { counts, differenceItem, timesItem, type LearnedItem } from './learned-item';
import type { StoredJob } from './ports';

/** Places against their kind, and one reading against the forecast: logarithms of wind, K. From memory. */
const WIND = { priorSd: 0.5, readingSd: 0.5 } as const;
const AIR = { priorSd: 1.5, readingSd: 1.5 } as const;
const DAMP = { priorSd: 1, readingSd: 1.5 } as const;
/** Less wind than this tells no share of it, m/s. */
const CALM_MS = 0.3;

/** A place of the workshop by its id; one of a job's own by its name. */
export const placeKey = ({ placeId, place }: Pick<Job, 'placeId' | 'place'>): string =>
  placeId ?? (place.name ?? place.shelter).slice(0, 60);

interface Kind {
  readonly kind: 'wind' | 'air' | 'damp';
  /** What a pair says of it, over a place that is usual of its kind; null where it says nothing. */
  readonly of: (b: Beside, place: Place) => number | null;
}
/** A share of the wind that its owner gave over the usual one of its kind. */
const givenWind = (place: Place): number => {
  const usual = asUsual(place);
  return windFracOf(usual) / windFracOf({ ...usual, windFrac: undefined });
};

const difference = (read: number | undefined, told: number): number | null =>
  read === undefined ? null : read - told;
const KINDS: readonly Kind[] = [
  {
    kind: 'wind',
    of: ({ read, told }, place) =>
      read.windMs === undefined || told.windMs < CALM_MS
        ? null
        : Math.log((givenWind(place) * Math.max(CALM_MS / 2, read.windMs)) / told.windMs),
  },
  { kind: 'air', of: ({ read, told }) => difference(read.airC, told.airC) },
  { kind: 'damp', of: ({ read, told }) => difference(read.dewC, told.dewC) },
];

interface AtPlace {
  readonly key: string;
  readonly name: string;
  readonly shelter: Place['shelter'];
  readonly jobs: readonly StoredJob[];
}

function itemsOf({ key, name, jobs }: AtPlace): LearnedItem[] {
  return KINDS.flatMap(({ kind, of }) => {
    const item = `${kind}:${key}`;
    const told = jobs
      .filter((s) => counts(s, item))
      .map(({ job }) => ({
        job: job.name,
        y: (job.log?.beside ?? []).map((b) => of(b, job.place)).filter((y) => y !== null),
      }))
      .filter((t) => t.y.length > 0);
    if (told.length === 0) return [];
    const named = { item, kind, of: name, jobs: told.map((t) => t.job) };
    const y = told.flatMap((t) => t.y);
    if (kind === 'wind') return [timesItem(named, { y, ...WIND })];
    return [differenceItem(named, { y, ...(kind === 'air' ? AIR : DAMP) })];
  });
}

/** Every place with the jobs that were sprayed in it while it was of the kind it was last. @param closed the last first */
function placesOf(closed: readonly StoredJob[]): AtPlace[] {
  const by = new Map<string, AtPlace>();
  for (const stored of closed.filter((s) => (s.job.log?.beside ?? []).length > 0)) {
    const { place } = stored.job;
    const { shelter } = place;
    const key = placeKey(stored.job);
    const was = by.get(key) ?? { key, name: place.name ?? shelter, shelter, jobs: [] };
    if (was.shelter === shelter) by.set(key, { ...was, jobs: [...was.jobs, stored] });
  }
  return [...by.values()];
}

/** Of every place in which something was read while a closed job was sprayed. */
export const ofShelter = (closed: readonly StoredJob[]): LearnedItem[] => placesOf(closed).flatMap(itemsOf);

const within = (x: number, low: number, high: number): number =>
  Math.min(high, Math.max(low, Math.round(x * 100) / 100));

function ownOf(items: readonly LearnedItem[]): ShelterOwn {
  const of = (kind: Kind['kind']): number | undefined => items.find((x) => x.kind === kind)?.yours;
  const [wind, air, damp] = [of('wind'), of('air'), of('damp')];
  return {
    ...(wind !== undefined && { windTimes: within(wind, 0.05, 5) }),
    ...(air !== undefined && { airK: within(air, -15, 15) }),
    ...(damp !== undefined && { dewK: within(damp, -15, 15) }),
  };
}

/** What was learned of a place, while it was of this kind. */
export interface Sheltering {
  readonly shelter: Place['shelter'];
  readonly own: ShelterOwn;
}

/** By place, as a plan takes it. */
export const ownShelters = (closed: readonly StoredJob[]): ReadonlyMap<string, Sheltering> =>
  new Map(
    placesOf(closed).flatMap((at): [string, Sheltering][] => {
      const items = itemsOf(at);
      return items.length > 0 ? [[at.key, { shelter: at.shelter, own: ownOf(items) }]] : [];
    }),
  );

/**
 * The place with what was learned of it, and nothing learned elsewhere or while it was of another kind. A share of the
 * wind that its owner gave wins.
 */
export function withOwn(place: Place, learnt: Sheltering | undefined): Place {
  const usual = asUsual(place);
  if (!learnt || learnt.shelter !== place.shelter) return usual;
  const { windTimes, ...rest } = learnt.own;
  const own = windTimes === undefined || place.windFrac !== undefined ? rest : { ...rest, windTimes };
  return Object.keys(own).length > 0 ? { ...usual, own } : usual;
}
