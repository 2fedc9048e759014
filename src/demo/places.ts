/** Places of the Harbour Lane workshop: invented, told so. */
import type { Place } from '@/model/place';
import { HARBOUR_LANE } from './jobs';

/** One behind the house, with a heater for the cure. */
const BACK_ROOM: Place = {
  name: 'Back room',
  tz: 'Europe/London',
  lat: 53.42,
  lon: -3.08,
  elevationM: 12,
  shelter: 'garage',
  widthM: 2.8,
  depthM: 4.2,
  heightM: 2.3,
  facing: 135,
  fuseA: 13,
  lamp: true,
  heater: { kW: 2, setC: 22, kind: 'electric', perKWh: 0.28 },
};
const YARD: Place = {
  name: 'Yard, open',
  tz: 'Europe/London',
  lat: 53.42,
  lon: -3.08,
  elevationM: 12,
  shelter: 'open',
  horizonDeg: [10, 5, 5, 10, 25, 35, 40, 25],
  insects: true,
};

export const DEMO_PLACES: readonly { readonly id: string; readonly place: Place }[] = [
  { id: 'lean-to', place: HARBOUR_LANE },
  { id: 'yard', place: YARD },
  { id: 'back-room', place: BACK_ROOM },
];
