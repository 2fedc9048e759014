/**
 * What a place does to the weather before it reaches the part. All shares are of the open air; from memory, editable
 * where the place says its own.
 */
import type { Place, Shelter } from '@/model/place';

/** Floor across and along, and height, m. */
export interface Room {
  readonly widthM: number;
  readonly depthM: number;
  readonly heightM: number;
}
/** Walls and a roof with air of their own. */
export interface Building {
  /** Heat through walls and roof, W/m²K. */
  readonly uWm2K: number;
  /** Heat that walls and floor hold, kJ/m²K of their inside. */
  readonly massKJm2K: number;
  /** The floor lies on the ground, or is in it: heat through it, W/m²K. */
  readonly groundWm2K: number;
  /** Sun that gets in through windows and a thin roof, m² of open sky per m² of floor. */
  readonly glassFrac: number;
}

export interface ShelterCard {
  /** Keeps rain and falling dew off. */
  readonly roofed: boolean;
  /** Wind at the part over wind at 1.5 m in the open, 0…1; with the door open. */
  readonly windFrac: number;
  /** Share of sun that reaches the part, 0…1. */
  readonly sunFrac: number;
  /** Share of the open sky an exposed flat face sees, 0…1. */
  readonly skyFrac: number;
  /** Without walls: the air under the roof follows outside with this lag, hours. */
  readonly lagH: number;
  /** Highest mean wind outside at 10 m before the place itself makes dust, m/s, or null. */
  readonly outsideMaxMs: number | null;
  /** Floor across and along, and height, where the place says none, m; null where there is no roof. */
  readonly sizeM: readonly [width: number, depth: number, height: number] | null;
  readonly building: Building | null;
}

const OPEN = {
  windFrac: 1,
  sunFrac: 1,
  skyFrac: 1,
  lagH: 0,
  outsideMaxMs: null,
  sizeM: null,
  building: null,
} as const;
const INSIDE = { roofed: true, sunFrac: 0, skyFrac: 0, lagH: 0 } as const;
const BRICK: Building = { uWm2K: 2, massKJm2K: 110, groundWm2K: 0.5, glassFrac: 0.02 };
const BOARDS: Building = { uWm2K: 2.5, massKJm2K: 18, groundWm2K: 0.3, glassFrac: 0.05 };
const CLOTH: Building = { uWm2K: 6, massKJm2K: 4, groundWm2K: 1, glassFrac: 0.12 };

export const SHELTER_CARDS: Readonly<Record<Shelter, ShelterCard>> = {
  open: { ...OPEN, roofed: false },
  shade: { ...OPEN, roofed: false, windFrac: 0.7, sunFrac: 0.15, skyFrac: 0.5 },
  carport: { ...OPEN, roofed: true, windFrac: 0.75, sunFrac: 0.2, skyFrac: 0.2, sizeM: [3, 5, 2.3] },
  'lean-to': {
    ...OPEN,
    roofed: true,
    windFrac: 0.5,
    sunFrac: 0.15,
    skyFrac: 0.15,
    lagH: 0.5,
    sizeM: [4, 2.8, 2.2],
  },
  balcony: {
    ...OPEN,
    roofed: true,
    windFrac: 0.8,
    sunFrac: 0.4,
    skyFrac: 0.2,
    lagH: 0.3,
    sizeM: [3, 1.5, 2.4],
  },
  tent: { ...INSIDE, windFrac: 0.2, sunFrac: 0.35, outsideMaxMs: 5, sizeM: [3, 3, 2.2], building: CLOTH },
  enclosure: { ...INSIDE, windFrac: 0.1, sunFrac: 0.3, outsideMaxMs: 6, sizeM: [4, 3, 2.2], building: CLOTH },
  shed: { ...INSIDE, windFrac: 0.2, outsideMaxMs: 7, sizeM: [2.4, 3, 2.1], building: BOARDS },
  garage: { ...INSIDE, windFrac: 0.25, outsideMaxMs: 7, sizeM: [3, 6, 2.4], building: BRICK },
  cellar: {
    ...INSIDE,
    windFrac: 0.05,
    outsideMaxMs: null,
    sizeM: [4, 5, 2.1],
    building: { ...BRICK, uWm2K: 0.6, massKJm2K: 200, groundWm2K: 1.2, glassFrac: 0 },
  },
  hall: {
    ...INSIDE,
    windFrac: 0.15,
    outsideMaxMs: 9,
    sizeM: [12, 20, 5],
    building: { ...BRICK, uWm2K: 1, massKJm2K: 120, glassFrac: 0.03 },
  },
};

/** Places that are tried where the chosen one finds no start, from least to most shelter. */
export const BY_SHELTER: readonly Shelter[] = ['open', 'carport', 'lean-to', 'tent', 'garage'];

/** Air changes an hour in still air, and more for each m/s of wind at 10 m, by how the door stands. [M] */
export const AIR_CHANGES = {
  open: { still: 6, perMs: 5 },
  half: { still: 3, perMs: 2 },
  shut: { still: 0.4, perMs: 0.15 },
} as const;
/** Wind at the part with the door half open or shut over that with it open. [M] */
const DOOR_WIND = { open: 1, half: 0.6, shut: 0.1 } as const;

export const doorOf = (place: Pick<Place, 'door'>): keyof typeof AIR_CHANGES => place.door ?? 'open';

/** Wind at the part over wind at 1.5 m in the open; what its owner gave wins over what was read, that over its kind. */
export function windFracOf(place: Pick<Place, 'shelter' | 'door' | 'windFrac' | 'own'>): number {
  const card = SHELTER_CARDS[place.shelter];
  return (
    (place.windFrac ?? card.windFrac * (place.own?.windTimes ?? 1)) *
    (card.building ? DOOR_WIND[doorOf(place)] : 1)
  );
}

/** Floor and height of a place, its own or the usual ones of its kind, m; null where nothing bounds it. */
export function sizeOf(place: Pick<Place, 'shelter' | 'widthM' | 'depthM' | 'heightM'>): Room | null {
  const usual = SHELTER_CARDS[place.shelter].sizeM;
  if (!usual) return null;
  const [widthM, depthM, heightM] = usual;
  return {
    widthM: place.widthM ?? widthM,
    depthM: place.depthM ?? depthM,
    heightM: place.heightM ?? heightM,
  };
}

/**
 * Wind at 1.5 m over wind at 10 m on open grass: log profile, roughness length 0.03 m
 * (identity: ln(1.5/0.03)/ln(10/0.03) = 0.673).
 */
export const HEIGHT_FACTOR = Math.log(1.5 / 0.03) / Math.log(10 / 0.03);
