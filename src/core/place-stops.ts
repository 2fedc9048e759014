/**
 * What a place itself stops: no spraying behind a shut door, no part that one cannot walk round with a gun, no heat
 * without a heater.
 */
import type { Job, Part } from '@/model/job';
import type { Notice } from '@/model/marks';
import { doorOf, SHELTER_CARDS } from './air/shelter';

/** Room for the arm that swings past each end of a part, mm. [M] */
const SWING_MM = 800;

/** Its longest side, mm. */
const longestMm = ({ lengthMm, widthMm }: Part): number => Math.max(lengthMm, widthMm);

/** The part does not fit with room to swing; only where the floor was measured. */
function tooLarge({ parts, place }: Job): Notice[] {
  const { building } = SHELTER_CARDS[place.shelter];
  if (!building || place.widthM === undefined || place.depthM === undefined) return [];
  const floorMm = 1000 * Math.max(place.widthM, place.depthM);
  return parts
    .filter((p) => longestMm(p) + 2 * SWING_MM > floorMm)
    .map((p) => ({
      code: 'part-too-large',
      params: { part: p.name ?? p.id, partMm: longestMm(p), swingMm: SWING_MM, floorMm },
    }));
}

/** Shut in and heated, where there is nothing to shut or to heat with; and what does not go in where it is to dry. */
function dryStops({ parts, place, dryIn }: Job): Notice[] {
  if (!dryIn) return [];
  if (dryIn.kind === 'heated') {
    const { building } = SHELTER_CARDS[place.shelter];
    return building && place.heater ? [] : [{ code: 'no-heater', params: {} }];
  }
  const { widthM, depthM, name = 'it' } = dryIn.place;
  if (widthM === undefined || depthM === undefined) return [];
  const floorMm = 1000 * Math.hypot(widthM, depthM);
  return parts
    .filter((p) => longestMm(p) > floorMm)
    .map((p) => ({
      code: 'part-too-large-to-dry',
      params: { part: p.name ?? p.id, partMm: longestMm(p), floorMm: Math.floor(floorMm), place: name },
    }));
}

export function placeStops(job: Job): Notice[] {
  const { place } = job;
  const isShut = SHELTER_CARDS[place.shelter].building !== null && doorOf(place) === 'shut';
  return [...(isShut ? [{ code: 'place-shut', params: {} }] : []), ...tooLarge(job), ...dryStops(job)];
}
