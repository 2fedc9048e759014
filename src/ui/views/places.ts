/** What is shown of a place: its line, the table of outside, place and part, its sun in words. */
import { doorOf, SHELTER_CARDS, windFracOf } from '@/core/air/shelter';
import { sunOfDay, sunSpans, type PlaceHour, type PlaceSun } from '@/core/place-air';
import type { Preset } from '@/core/air/presets';
import { round1 } from '@/core/numerics/round';
import { dayStart, isoOf } from '@/core/time/instant';
import { COMPASS } from '@/model/lists';
import type { Job } from '@/model/job';
import type { Place } from '@/model/place';
import type { Compared, ComparedHour } from './forecast-chart';
import type { KeptPlace } from '@/usecases/ports';
import type { Format } from '@/words/format';
import { DOOR_NAMES, SHELTER_NAMES } from '@/words/place-names';
import { signedGap } from './signed-gap';

const SIDES: Readonly<Record<(typeof COMPASS)[number], string>> = {
  N: 'north',
  NE: 'north-east',
  E: 'east',
  SE: 'south-east',
  S: 'south',
  SW: 'south-west',
  W: 'west',
  NW: 'north-west',
};
export const COMPASS_NAMES = SIDES;

/** The eighth a direction belongs to. @param deg from north by east */
export const compassOf = (deg: number): (typeof COMPASS)[number] =>
  COMPASS[Math.round((((deg % 360) + 360) % 360) / 45) % 8]!;
export const degOf = (side: (typeof COMPASS)[number]): number => COMPASS.indexOf(side) * 45;

/** The sun of the day that is on there. */
export const sunToday = (place: Place, nowMs: number): PlaceSun[] =>
  sunOfDay(place, dayStart(nowMs, place.tz));

export const placeName = (place: Place): string => place.name ?? SHELTER_NAMES[place.shelter];

/** “garage, door half open; looks south-east; 2.8 × 4.2 m; 53.4° N, 12 m up” */
export function placeSummary(place: Place, f: Format): string {
  const { building, roofed } = SHELTER_CARDS[place.shelter];
  const door = building ? `, door ${DOOR_NAMES[doorOf(place)]}` : '';
  const looks = place.facing !== undefined && roofed ? [`open to the ${SIDES[compassOf(place.facing)]}`] : [];
  const floor =
    place.widthM !== undefined && place.depthM !== undefined
      ? [`${f.length(place.widthM * 1000)} × ${f.length(place.depthM * 1000)}`]
      : [];
  const up = place.elevationM === undefined ? '' : `, ${Math.round(place.elevationM)} m up`;
  const where = `${Math.abs(place.lat).toFixed(1)}° ${place.lat >= 0 ? 'N' : 'S'}, ${Math.abs(place.lon).toFixed(1)}° ${place.lon >= 0 ? 'E' : 'W'}${up}`;
  return [`${SHELTER_NAMES[place.shelter]}${door}`, ...looks, ...floor, where].join('; ');
}

/** “wind × 0.78, air +0.7 °C, dew point +0.2 °C”; null where nothing was learned of it. */
export function ownSaid({ own }: Place, f: Format): string | null {
  if (!own) return null;
  const { windTimes, airK, dewK } = own;
  const said = [
    ...(windTimes === undefined ? [] : [`wind × ${windTimes.toFixed(2)}`]),
    ...(airK === undefined ? [] : [`air ${signedGap(airK, f)}`]),
    ...(dewK === undefined ? [] : [`dew point ${signedGap(dewK, f)}`]),
  ];
  return said.length === 0 ? null : said.join(', ');
}

export interface MadeRow {
  readonly name: string;
  readonly out: string;
  /** What the place does to it. */
  readonly how: string;
  readonly here: string;
}

function airHow(place: Place): string {
  const { building, lagH } = SHELTER_CARDS[place.shelter];
  if (place.measured) return 'measured';
  if (building) return 'walls, floor';
  return lagH > 0 ? `lag ${lagH * 60} min` : 'as outside';
}

/** Outside beside the part at one hour. */
export function madeRows(place: Place, hour: PlaceHour, f: Format): MadeRow[] {
  const { roofed, skyFrac } = SHELTER_CARDS[place.shelter];
  const temp = (c: number): string => f.temp(round1(c));
  const gap = round1(hour.gapK);
  return [
    {
      name: 'Wind',
      out: f.speed(hour.outMs),
      how: `× ${(0.673 * windFracOf(place)).toFixed(2)}`,
      here: f.speed(hour.windMs),
    },
    { name: 'Air', out: temp(hour.outC), how: airHow(place), here: temp(hour.airC) },
    { name: 'Humidity', out: f.pct(hour.outRhPct / 100), how: '', here: f.pct(hour.rhPct / 100) },
    { name: 'Panel', out: '', how: skyFrac > 0 ? `sky × ${skyFrac}` : 'no sky', here: temp(hour.panelC) },
    { name: 'Over dew point', out: '', how: '', here: f.gap(gap) },
    {
      name: 'Rain',
      out: hour.rainMm > 0.05 ? 'rain' : 'none',
      how: roofed ? 'roofed' : 'open',
      here: roofed || hour.rainMm <= 0.05 ? 'none' : 'rain',
    },
  ];
}

/** “on the part 05:35–09:10”; null where nobody said which way it looks. */
export function sunSaid(place: Place, sun: readonly PlaceSun[], f: Format): string | null {
  const { roofed, sunFrac } = SHELTER_CARDS[place.shelter];
  if (roofed && place.facing === undefined) return null;
  if (sun.length === 0) return 'The sun does not rise.';
  const spans = sunSpans(sun);
  if (spans.length === 0)
    return sunFrac < 0.3 && !roofed ? 'No sun on the part: shade.' : 'No sun on the part today.';
  const at = (ms: number): string => f.time(isoOf(ms, place.tz));
  return `Sun on the part ${spans.map((s) => `${at(s.fromMs)}–${at(s.toMs)}`).join(', ')}.`;
}

/** Choices of where a job is sprayed and where it dries, beside the workshop's places. */
export const OWN_PLACE = 'own';
export const DRY_HERE = 'here';
export const DRY_HEATED = 'heated';
const DRY_KEPT = 'kept';

interface Choices {
  readonly options: readonly string[];
  readonly names: Readonly<Record<string, string>>;
}

export function placeChoices({ placeId, place }: Job, rows: readonly KeptPlace[]): Choices {
  const names = Object.fromEntries(rows.map((r) => [r.id, placeName(r.place)]));
  // While the list is on its way, or after it was taken off there, it goes by the name the job has.
  const isMissing = placeId !== undefined && !(placeId in names);
  const here = isMissing ? { [placeId]: placeName(place) } : {};
  const all = { ...names, ...here, [OWN_PLACE]: 'a place of its own' };
  return { options: Object.keys(all), names: all };
}

export function dryNames(job: Job, rows: readonly KeptPlace[]): Choices & { readonly value: string } {
  const { dryIn } = job;
  const others = rows.filter((r) => r.id !== job.placeId);
  const names: Record<string, string> = {
    [DRY_HERE]: 'where it is sprayed',
    [DRY_HEATED]: 'there, shut and heated',
    ...Object.fromEntries(others.map((r) => [r.id, `in ${placeName(r.place)}`])),
  };
  if (dryIn?.kind !== 'elsewhere')
    return { options: Object.keys(names), names, value: dryIn ? DRY_HEATED : DRY_HERE };
  const value = dryIn.placeId ?? DRY_KEPT;
  const all = { ...names, [value]: names[value] ?? `in ${placeName(dryIn.place)}` };
  return { options: Object.keys(all), names: all, value };
}

export const USES = ['spray', 'cure'] as const;
export const USE_NAMES = { spray: 'as it is sprayed in', cure: 'shut, to cure' } as const;

interface LinesAsked {
  readonly what: Compared;
  readonly tz: string;
  readonly fromMs: number;
  /** hours */
  readonly most: number;
}

/** Outside beside a part in the place, hour by hour. */
export function placeLines(
  hours: readonly PlaceHour[],
  { what, tz, fromMs, most }: LinesAsked,
  f: Format,
): ComparedHour[] {
  const pair = (h: PlaceHour): [number, number] =>
    ({
      temp: [h.outC, h.panelC] as [number, number],
      rh: [h.outRhPct / 100, h.rhPct / 100] as [number, number],
      wind: [h.outMs, h.windMs] as [number, number],
    })[what];
  return hours
    .filter((h) => h.ms >= fromMs)
    .slice(0, most)
    .map((h) => {
      const [out, here] = pair(h);
      return { ms: h.ms, label: f.dayTime(isoOf(h.ms, tz)), out, here };
    });
}

/** The hour that is on; the first where it has not begun. */
export const hourOf = (hours: readonly PlaceHour[], nowMs: number): PlaceHour | null =>
  hours.findLast((h) => h.ms <= nowMs) ?? hours[0] ?? null;

/** The beginning a place looks like. */
export function presetOf({ shelter, heater }: Place): Preset {
  return shelter === 'garage' && heater ? 'garage-heated' : shelter;
}
