/** Edits of a place, in the workshop or in a job. */
import type { Job } from '@/model/job';
import type { Place } from '@/model/place';
import { presetPlace, usualHeater, type Preset } from '../air/presets';

export type PlaceEdit = (place: Place) => Place;
/** What is changed; undefined takes a figure back to what is usual. */
export type PlacePatch = { readonly [K in keyof Place]?: Place[K] | undefined };

export const patched =
  (patch: PlacePatch): PlaceEdit =>
  (place) =>
    Object.fromEntries(
      Object.entries({ ...place, ...patch }).filter(([, v]) => v !== undefined),
    ) as unknown as Place;

/** Another kind of place: what was said of the walls, door, wind and heat of the one before does not hold for it. */
export const inShelter =
  (shelter: Place['shelter']): PlaceEdit =>
  (place) => {
    const {
      door: _d,
      widthM: _w,
      depthM: _l,
      heightM: _h,
      windFrac: _f,
      measured: _m,
      own: _o,
      ...rest
    } = place;
    const { heater: _heater, extractM3h: _fan, rackM2: _rack, ...kept } = rest;
    return { ...kept, shelter };
  };

/** Begun from what is usual of a kind; where it is and its name stay. */
export const fromPreset =
  (preset: Preset): PlaceEdit =>
  (place) => ({ ...inShelter(place.shelter)(place), ...presetPlace(preset, place) });

const DAY_LONG = ['00:00', '24:00'] as const;

/** Hours in which a compressor may run; the whole day says nothing. */
export const withLoud =
  (end: 'from' | 'to', clock: string): PlaceEdit =>
  (place) => {
    const [from, to] = place.loud ?? DAY_LONG;
    const loud: [string, string] = end === 'from' ? [clock, to] : [from, clock];
    const isWhole = loud[0] === DAY_LONG[0] && loud[1] === DAY_LONG[1];
    return patched({ loud: isWhole ? undefined : loud })(place);
  };

/** A heater, or none. */
export const withHeater = (isOn: boolean): PlaceEdit => patched({ heater: isOn ? usualHeater() : undefined });

/** How high things stand to one of the eight sides, degrees; all level says nothing. */
export const withHorizon =
  (at: number, deg: number): PlaceEdit =>
  (place) => {
    const now = place.horizonDeg ?? new Array<number>(8).fill(0);
    const next = now.map((d, i) => (i === at ? deg : d));
    return patched({ horizonDeg: next.some((d) => d > 0) ? next : undefined })(place);
  };

/** The place of a job described by itself: it is no longer the workshop's. */
export function editPlace(job: Job, edit: PlaceEdit): Job {
  const { placeId: _was, ...own } = job;
  return { ...own, place: edit(job.place) };
}

/** A place of the workshop, to spray in. */
export const takePlace = (job: Job, placeId: string, place: Place): Job => ({ ...job, placeId, place });

/** Where it dries; undefined for where it is sprayed. */
export function dryWhere(job: Job, dryIn: Job['dryIn']): Job {
  const { dryIn: _was, ...rest } = job;
  return dryIn ? { ...rest, dryIn } : rest;
}
