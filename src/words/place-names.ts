/** Names of places, doors, skies and rain. */
import type { CARRIES, DOORS, HEATERS, RAINS } from '@/model/lists';
import type { Place } from '@/model/place';
import type { Sky } from '@/model/weather';

export const SKY_NAMES: Readonly<Record<Sky, string>> = {
  clear: 'clear',
  'some-cloud': 'some cloud',
  cloudy: 'mostly cloud',
  overcast: 'overcast',
};
export const RAIN_NAMES: Readonly<Record<(typeof RAINS)[number], string>> = {
  none: 'no rain',
  showers: 'showers',
  spell: 'rain from–to',
};
export const SHELTER_NAMES: Readonly<Record<Place['shelter'], string>> = {
  open: 'in the open',
  shade: 'shade of a tree or a wall',
  carport: 'carport',
  'lean-to': 'lean-to',
  balcony: 'balcony',
  tent: 'tent',
  enclosure: 'blow-up enclosure',
  shed: 'shed',
  garage: 'garage',
  cellar: 'cellar',
  hall: 'hall',
};
export const DOOR_NAMES: Readonly<Record<(typeof DOORS)[number], string>> = {
  open: 'open',
  half: 'half open',
  shut: 'shut',
};
export const HEATER_NAMES: Readonly<Record<(typeof HEATERS)[number], string>> = {
  electric: 'electric',
  flue: 'flame, with a flue',
  flame: 'flame, no flue',
};
export const PRESET_NAMES: Readonly<Record<Place['shelter'] | 'garage-heated', string>> = {
  ...SHELTER_NAMES,
  'garage-heated': 'garage, heated for the cure',
};
export const CARRY_NAMES: Readonly<Record<(typeof CARRIES)[number], string>> = {
  'handle-dry': 'once handle-dry',
  'at-once': 'wet, the whole rack',
};
/** Where that is, for sentences. */
export const SHELTER_WHERE: Readonly<Record<string, string>> = {
  open: 'in the open',
  carport: 'under a carport',
  'lean-to': 'under a lean-to',
  shade: 'in the shade of a tree or a wall',
  balcony: 'on a balcony',
  tent: 'in a tent',
  enclosure: 'in a blow-up enclosure',
  shed: 'in a shed with its door open',
  garage: 'in a garage with its door open',
  cellar: 'in a cellar',
  hall: 'in a hall',
};
