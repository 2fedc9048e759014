/** A place cut through from its back to its open side, to scale: what the drawing puts where, in px. */
import { apartDeg, edgeDeg, horizonAt, PART_HEIGHT_M, profileDeg } from '@/core/air/sunlit';
import { SHELTER_CARDS, doorOf, sizeOf, type Room } from '@/core/air/shelter';
import type { PlaceSun } from '@/core/place-air';
import type { Place } from '@/model/place';
import { isFullHour, isoOf } from '@/core/time/instant';

export const SECTION = { width: 440, height: 276, ground: 234, left: 44 } as const;
const MOST_SCALE = 62;
/** Room kept to the open side and above, m: for the sun, the wind and what stands opposite. */
const BESIDE_M = 3.4;
const ABOVE_M = 1.5;
/** What stands opposite is drawn so far off, m. */
const OPPOSITE_M = 2.6;
/** Nothing bounds an open place: so much of it is drawn, m. */
const OPEN_ROOM: Room = { widthM: 4, depthM: 3.4, heightM: 2.4 };
const SUN_R_M = 3;
/** What stands opposite keeps this from the edge, px. */
const MARGIN_PX = 22;

export interface Point {
  readonly x: number;
  readonly y: number;
}
export interface Block {
  readonly x: number;
  readonly y: number;
  readonly w: number;
  readonly h: number;
}
export interface Wall extends Block {
  readonly of: 'brick' | 'board' | 'cloth' | 'post' | 'earth' | 'leaf';
}
export interface SunMark extends Point {
  readonly label: string;
  readonly isIn: boolean;
}
export interface PlaceSection {
  readonly scale: number;
  readonly walls: readonly Wall[];
  readonly roof: readonly Point[] | null;
  readonly part: Block & { readonly legs: readonly (readonly [Point, Point])[] };
  readonly sun: readonly SunMark[];
  /** Where the sun comes from when it reaches the part. */
  readonly beam: readonly Point[] | null;
  readonly opposite: (Block & { readonly deg: number }) | null;
  readonly heater: Point | null;
  readonly lamp: Point | null;
  readonly fan: Point | null;
  readonly inside: Point;
  readonly outside: Point;
  readonly metre: readonly [Point, Point];
  /** Nothing is drawn above this. */
  readonly top: number;
}

interface Frame {
  readonly place: Place;
  readonly size: Room;
  readonly scale: number;
  readonly x: (m: number) => number;
  readonly y: (m: number) => number;
}

function frameOf(place: Place): Frame {
  const size = sizeOf(place) ?? OPEN_ROOM;
  const { width, ground, left } = SECTION;
  const wide = (width - left - 8) / (size.depthM + BESIDE_M);
  const high = (ground - 14) / (size.heightM + ABOVE_M);
  const scale = Math.min(MOST_SCALE, wide, high);
  // In the open the sun goes round the part: it stands in the middle.
  const isOpen = !SHELTER_CARDS[place.shelter].roofed;
  const fromPx = isOpen ? width / 2 - (size.depthM / 2) * scale : left;
  return { place, size, scale, x: (m) => fromPx + m * scale, y: (m) => ground - m * scale };
}

const block = (
  { x, y, scale }: Frame,
  fromM: number,
  topM: number,
  size: readonly [number, number],
): Block => ({ x: x(fromM), y: y(topM), w: size[0] * scale, h: size[1] * scale });

const THICK_M = 0.18;
const HEAD_M = 2;
/** How far a door that is half open or shut hangs down from its head, 0…1. */
const DOOR_DOWN = { open: 0, half: 0.5, shut: 1 } as const;

/** The side with the door: what is over its head, and as much of the door as is shut. */
function doorSide(f: Frame, of: Wall['of']): Wall[] {
  const { depthM, heightM } = f.size;
  const headM = Math.min(HEAD_M, heightM - 0.1);
  const over = { ...block(f, depthM, heightM, [THICK_M, heightM - headM]), of };
  const down = DOOR_DOWN[doorOf(f.place)] * headM;
  return down > 0 ? [over, { ...block(f, depthM, headM, [THICK_M * 0.6, down]), of: 'board' }] : [over];
}

const WALLS: Readonly<Record<Place['shelter'], (f: Frame) => Wall[]>> = {
  open: () => [],
  shade: (f) => [{ ...block(f, -0.9, 2.6, [0.8, 2.6]), of: 'leaf' }],
  carport: (f) => [
    { ...block(f, 0, f.size.heightM, [0.1, f.size.heightM]), of: 'post' },
    { ...block(f, f.size.depthM - 0.1, f.size.heightM, [0.1, f.size.heightM]), of: 'post' },
  ],
  'lean-to': (f) => [
    { ...block(f, -0.5, f.size.heightM + 1.3, [0.5, f.size.heightM + 1.3]), of: 'brick' },
    { ...block(f, f.size.depthM - 0.1, f.size.heightM, [0.1, f.size.heightM]), of: 'post' },
  ],
  balcony: (f) => [
    { ...block(f, -0.4, f.size.heightM + 1, [0.4, f.size.heightM + 1]), of: 'brick' },
    { ...block(f, f.size.depthM - 0.05, 1, [0.05, 1]), of: 'post' },
  ],
  tent: (f) => [{ ...block(f, -0.05, f.size.heightM * 0.8, [0.05, f.size.heightM * 0.8]), of: 'cloth' }],
  enclosure: (f) => [{ ...block(f, -0.2, f.size.heightM * 0.8, [0.2, f.size.heightM * 0.8]), of: 'cloth' }],
  shed: (f) => [
    { ...block(f, -THICK_M, f.size.heightM, [THICK_M, f.size.heightM]), of: 'board' },
    ...doorSide(f, 'board'),
  ],
  garage: (f) => [
    { ...block(f, -THICK_M, f.size.heightM, [THICK_M, f.size.heightM]), of: 'brick' },
    ...doorSide(f, 'brick'),
  ],
  hall: (f) => [
    { ...block(f, -0.3, f.size.heightM, [0.3, f.size.heightM]), of: 'brick' },
    ...doorSide(f, 'brick'),
  ],
  cellar: (f) => [
    { ...block(f, -0.9, f.size.heightM + 0.1, [0.9, f.size.heightM + 0.1]), of: 'earth' },
    { ...block(f, -THICK_M, f.size.heightM, [THICK_M, f.size.heightM]), of: 'brick' },
    ...doorSide(f, 'brick'),
  ],
};

/** Outline of the roof, from its back to its open side. */
function roofOf({ place, size, x, y }: Frame): Point[] | null {
  const { depthM: d, heightM: h } = size;
  const at = (m: number, up: number): Point => ({ x: x(m), y: y(up) });
  switch (place.shelter) {
    case 'open':
    case 'shade':
      return null;
    case 'lean-to':
      return [at(0, h + 0.75), at(d + 0.25, h + 0.02), at(d + 0.25, h - 0.1), at(0, h + 0.6)];
    case 'tent':
      return [
        at(-0.1, h * 0.8),
        at(d / 2, h + 0.5),
        at(d + 0.1, h * 0.8),
        at(d, h * 0.8),
        at(d / 2, h + 0.42),
        at(0, h * 0.8),
      ];
    case 'enclosure':
      return [
        at(-0.2, h * 0.8),
        at(d * 0.25, h + 0.2),
        at(d * 0.75, h + 0.2),
        at(d + 0.1, h * 0.8),
        at(d * 0.74, h),
        at(d * 0.26, h),
      ];
    case 'shed':
      return [at(-0.3, h + 0.35), at(d + 0.35, h), at(d + 0.35, h - 0.1), at(-0.3, h + 0.25)];
    default:
      return [at(-0.25, h + 0.16), at(d + 0.25, h + 0.16), at(d + 0.25, h), at(-0.25, h)];
  }
}

const PART_M = 1.1;
function partOf(f: Frame): PlaceSection['part'] {
  const mid = f.size.depthM / 2;
  const on = { ...block(f, mid - PART_M / 2, PART_HEIGHT_M + 0.06, [PART_M, 0.07]) };
  const leg = (m: number, by: number): [Point, Point] => [
    { x: f.x(mid + m), y: f.y(PART_HEIGHT_M - 0.02) },
    { x: f.x(mid + m + by), y: f.y(0) },
  ];
  return { ...on, legs: [leg(-0.35, -0.15), leg(-0.35, 0.1), leg(0.35, -0.1), leg(0.35, 0.15)] };
}

/** A label stands to the right of its mark, px. */
const LABEL = { from: 10, to: 50, half: 6 } as const;
const MARK_R = 5;

/** Hours where they hide neither a mark nor one another. */
function labelled(marks: readonly SunMark[]): SunMark[] {
  const kept: SunMark[] = [];
  for (const m of marks) {
    const beside = (p: Point): boolean => p.x > m.x + LABEL.from - MARK_R && p.x < m.x + LABEL.to;
    const onMark = marks.some((p) => p !== m && beside(p) && Math.abs(p.y - m.y) < LABEL.half + MARK_R);
    const onLabel = kept.some(
      (k) =>
        k.label !== '' && Math.abs(k.y - m.y) < 2 * LABEL.half && Math.abs(k.x - m.x) < LABEL.to - LABEL.from,
    );
    kept.push(onMark || onLabel ? { ...m, label: '' } : m);
  }
  return kept;
}

/** Where the cut looks: to the open side, in the open to where the sun stands highest; null where nobody said. */
function cutTowards({ facing, shelter, lat }: Place): number | null {
  if (facing !== undefined) return facing;
  if (SHELTER_CARDS[shelter].roofed) return null;
  return lat >= 0 ? 180 : 0;
}

function sunMarks(f: Frame, sun: readonly PlaceSun[], tz: string): SunMark[] {
  const facing = cutTowards(f.place);
  if (facing === null) return [];
  const isOpen = !SHELTER_CARDS[f.place.shelter].roofed;
  const mid = { x: f.x(f.size.depthM / 2), y: f.y(PART_HEIGHT_M) };
  const r = SUN_R_M * f.scale;
  const marks = sun
    .filter((s) => isFullHour(s.ms) && (isOpen || apartDeg(s.azimuthDeg, facing) < 90))
    .map((s): SunMark => {
      const a = (profileDeg(facing, s) * Math.PI) / 180;
      return {
        x: mid.x + r * Math.cos(a),
        y: mid.y - r * Math.sin(a),
        label: isoOf(s.ms, tz).slice(11, 16),
        isIn: s.isIn,
      };
    });
  return labelled(marks.filter((m) => m.y > 8));
}

/** The way the light takes to the part: from what stands opposite up to the edge of roof or door. */
function beamOf(f: Frame): Point[] | null {
  const { place, size, scale } = f;
  const { roofed } = SHELTER_CARDS[place.shelter];
  if (place.facing === undefined || !roofed || doorOf(place) === 'shut') return null;
  const from = horizonAt(place.horizonDeg, place.facing);
  const to = Math.min(edgeDeg(place), 88);
  if (to <= from) return null;
  const mid = { x: f.x(size.depthM / 2), y: f.y(PART_HEIGHT_M) };
  const r = SUN_R_M * scale - 12;
  const at = (deg: number): Point => {
    const a = (deg * Math.PI) / 180;
    return { x: mid.x + r * Math.cos(a), y: mid.y - r * Math.sin(a) };
  };
  const steps = 8;
  return [mid, ...Array.from({ length: steps + 1 }, (_, i) => at(from + ((to - from) * i) / steps))];
}

function oppositeOf(f: Frame): PlaceSection['opposite'] {
  const { place, size } = f;
  const facing = cutTowards(place);
  const deg = facing === null ? 0 : horizonAt(place.horizonDeg, facing);
  if (deg < 1) return null;
  const at = Math.min(f.x(size.depthM + OPPOSITE_M), SECTION.width - MARGIN_PX);
  const awayM = (at - f.x(size.depthM / 2)) / f.scale;
  const topM = Math.min(
    PART_HEIGHT_M + Math.tan((deg * Math.PI) / 180) * awayM,
    size.heightM + ABOVE_M - 0.2,
  );
  return { x: at, y: f.y(topM), w: 0.16 * f.scale, h: topM * f.scale, deg: Math.round(deg) };
}

/** Room for what is said of the wind outside, px. */
const WIND_PX = 100;
/** What is drawn at the top has a little air over it, px. */
const HEAD_PX = 16;

function topOf(walls: readonly Wall[], roof: readonly Point[] | null, sun: readonly SunMark[]): number {
  const ys = [...walls, ...(roof ?? []), ...sun].map((p) => p.y);
  return Math.max(0, Math.min(SECTION.ground - 3 * HEAD_PX, ...ys) - HEAD_PX);
}

/** @param sun of a day, as the place has it */
export function placeSection(place: Place, sun: readonly PlaceSun[]): PlaceSection {
  const f = frameOf(place);
  const { size, scale, x, y } = f;
  const { building } = SHELTER_CARDS[place.shelter];
  const walls = WALLS[place.shelter](f);
  const roof = roofOf(f);
  const marks = sunMarks(f, sun, place.tz);
  const stands = oppositeOf(f);
  return {
    scale,
    top: topOf(walls, roof, marks),
    walls,
    roof,
    part: partOf(f),
    sun: marks,
    beam: beamOf(f),
    opposite: stands,
    heater: building && place.heater ? { x: x(0.45), y: y(0.02) } : null,
    lamp: place.lamp === true ? { x: x(size.depthM * 0.5), y: y(size.heightM - 0.12) } : null,
    fan: place.extractM3h ? { x: x(0.14), y: y(size.heightM - 0.45) } : null,
    inside: { x: x(size.depthM / 2), y: y(PART_HEIGHT_M) },
    outside: { x: Math.min(x(size.depthM + 0.45), (stands?.x ?? SECTION.width) - WIND_PX), y: y(0.72) },
    metre: [
      { x: x(0), y: SECTION.ground + 18 },
      { x: x(1), y: SECTION.ground + 18 },
    ],
  };
}
