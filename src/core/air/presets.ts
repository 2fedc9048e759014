/** Places to begin with: what is usual of each kind stands on its shelter's card, from memory, editable. */
import type { Place, Shelter } from '@/model/place';

export const PRESETS = [
  'open',
  'shade',
  'carport',
  'lean-to',
  'balcony',
  'garage',
  'garage-heated',
  'shed',
  'tent',
  'enclosure',
  'cellar',
  'hall',
] as const;
export type Preset = (typeof PRESETS)[number];

/** A small fan heater, kW, and where it holds, °C. [M] */
const USUAL_HEATER = { kW: 2, setC: 22, kind: 'electric' } as const;

const KINDS: Readonly<Record<Preset, Shelter>> = {
  open: 'open',
  shade: 'shade',
  carport: 'carport',
  'lean-to': 'lean-to',
  balcony: 'balcony',
  garage: 'garage',
  'garage-heated': 'garage',
  shed: 'shed',
  tent: 'tent',
  enclosure: 'enclosure',
  cellar: 'cellar',
  hall: 'hall',
};

/** Where it is comes from the person; the rest is usual. */
export function presetPlace(preset: Preset, { tz, lat, lon }: Pick<Place, 'tz' | 'lat' | 'lon'>): Place {
  const place: Place = { tz, lat, lon, shelter: KINDS[preset] };
  return preset === 'garage-heated' ? { ...place, heater: { ...USUAL_HEATER } } : place;
}

export const usualHeater = (): NonNullable<Place['heater']> => ({ ...USUAL_HEATER });
