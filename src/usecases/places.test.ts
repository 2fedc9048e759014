/** Places of the workshop and the jobs that take theirs from there. */
import { describe, expect, it } from 'vitest';
import { demo } from '@/demo/test-kit';
import type { Job } from '@/model/job';
import type { Place } from '@/model/place';
import { changePlace, placeRows, withPlace } from './places';
import type { JobStore, KeptPlace, PlaceStore, StoredJob } from './ports';
import { storedJob } from './test-stored';

const yard: Place = { tz: 'Europe/London', lat: 53.4, lon: -3.1, shelter: 'open', name: 'Yard' };
const shed: Place = { ...yard, shelter: 'shed', name: 'Shed' };

function mapPlaces(...kept: KeptPlace[]): PlaceStore {
  const rows = new Map(kept.map((k) => [k.id, k]));
  return {
    list: () => [...rows.values()],
    add: (id, place) => void rows.set(id, { id, place }),
    change: (id, place) => rows.has(id) && Boolean(rows.set(id, { id, place })),
    remove: (id) => rows.delete(id),
    restore: () => false,
  };
}
/** As far as places ask of it. */
function jobsOf(jobs: Readonly<Record<string, Job>>) {
  const rows = new Map(Object.entries(jobs));
  const asStored = ([id, job]: [string, Job]): StoredJob => storedJob(job, id);
  const store: Pick<JobStore, 'list' | 'update' | 'closed'> = {
    closed: () => ({ rows: [], total: 0 }),
    list: () => [...rows].map(asStored),
    update: (id, _version, job) => {
      rows.set(id, job);
      return { kind: 'saved', version: 2, job, steps: { undo: 'place', redo: null } };
    },
  };
  return { store: store as JobStore, of: (id: string): Job => rows.get(id)! };
}

const plain: Job = { ...demo('tractor-bonnet'), placeId: 'yard', place: yard };
const closed: Job = {
  ...plain,
  name: 'Done',
  log: { used: [], outcomes: [], note: '', closedAt: '2026-05-01T10:00' },
};
const driesThere: Job = {
  ...plain,
  name: 'Dries there',
  placeId: 'shed',
  place: shed,
  dryIn: { kind: 'elsewhere', placeId: 'yard', place: yard, carry: 'handle-dry' },
};
const own: Job = (({ placeId: _p, ...rest }) => ({ ...rest, name: 'Its own' }))(plain);

describe('places of the workshop', () => {
  it('names the open jobs that spray or dry in each', () => {
    const { store } = jobsOf({ plain, closed, driesThere, own });
    const rows = placeRows(mapPlaces({ id: 'yard', place: yard }, { id: 'shed', place: shed }), store);
    expect(rows.map((r) => [r.id, r.usedBy.map((j) => j.id)])).toEqual([
      ['yard', ['plain', 'driesThere']],
      ['shed', ['driesThere']],
    ]);
  });
  it('a place described anew is so in every open job that takes it from there, and in no other', () => {
    const jobs = jobsOf({ plain, closed, driesThere, own });
    const places = mapPlaces({ id: 'yard', place: yard });
    const lit = { ...yard, lamp: true };
    expect(changePlace({ places, jobs: jobs.store }, { id: 'yard', place: lit }, 5)).toBe(2);
    expect(places.list()[0]!.place.lamp).toBe(true);
    expect(jobs.of('plain').place.lamp).toBe(true);
    expect(jobs.of('driesThere').dryIn).toMatchObject({ place: { lamp: true } });
    expect(jobs.of('driesThere').place).toEqual(shed);
    expect(jobs.of('closed').place.lamp).toBeUndefined();
    expect(jobs.of('own').place.lamp).toBeUndefined();
  });
  it('of a place that is not there nothing is changed', () => {
    const jobs = jobsOf({ plain });
    expect(changePlace({ places: mapPlaces(), jobs: jobs.store }, { id: 'yard', place: shed }, 5)).toBeNull();
    expect(jobs.of('plain')).toBe(plain);
    expect(withPlace(own, { id: 'yard', place: shed })).toBe(own);
  });
});
