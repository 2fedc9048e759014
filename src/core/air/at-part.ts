/**
 * What the part feels: the ensemble turned into panel temperature, dew gap, humidity, wind and wet
 * on an even half-hour grid, through the place it stands in. One extra row holds the central line.
 */
import type { ForecastMember } from '@/model/forecast';
import type { Place } from '@/model/place';
import { remember } from '../records/remember';
import { courseAt } from './course';
import type { Ensemble } from './ensemble';
import { exposure } from './exposure';
import { dewOfLnPressureC, lnSatPressure } from './moist';
import { bothFacesWm2K, panelExcessK, type Hung } from './panel';
import { indoors, NODES_A_DAY, type Outside } from './indoor';
import { timeConstantH } from './mass';
import {
  AIR_CHANGES,
  doorOf,
  HEIGHT_FACTOR,
  SHELTER_CARDS,
  sizeOf,
  windFracOf,
  type Building,
} from './shelter';
import { clearSkyWm2, cloudFactor, sunAt, type SunAt } from './sun';
import { sunShare } from './sunlit';

export const STEP_MS = 30 * 60_000;

/** Arrays of shape [rows × nodes]; rows = members + 1, the last row is the central line. */
export interface AtPart {
  /** The part it is the air of. */
  readonly part: PartAir;
  readonly startMs: number;
  readonly stepMs: number;
  readonly nodes: number;
  readonly rows: number;
  readonly airC: Float64Array;
  readonly panelC: Float64Array;
  readonly rhFrac: Float64Array;
  /** Panel temperature over the dew point, K. */
  readonly gapK: Float64Array;
  readonly windMs: Float64Array;
  readonly gustMs: Float64Array;
  /** 1 where rain reaches the part or the place itself fails, else 0. */
  readonly rain: Uint8Array;
  readonly flap: Uint8Array;
  /** 1 at dusk where insects fly, else 0. */
  readonly insects: Uint8Array;
  /** What a heater gives, W. */
  readonly heatW: Float64Array;
  /** Sun elevation per node, degrees, shape [nodes]. */
  readonly sunDeg: Float64Array;
}

export interface PartAir extends Hung {
  /** Share of the faces that see the sky: flat 1, upright 0. */
  readonly flatFrac: number;
  /** Heat the part holds for each square metre, kJ/m²K. */
  readonly massKJm2K: number;
}

/**
 * What a place is used for: it is sprayed in as it stands, its heater off; it is left to cure in shut, and warmed where
 * it has a heater.
 */
export type Use = 'spray' | 'cure';

/** Insects fly about sunset, when it is not cold: sun this near the horizon, degrees, and air from, °C. [M] */
const DUSK_DEG = 6;
const INSECTS_FROM_C = 12;

/** ASSUMED: rain lighter than 0.1 mm in the hour leaves no mark. */
const WET_MM = 0.1;

/**
 * What was made from an ensemble lives as long as the ensemble: while a start is moved, neither
 * the weather nor the place changes. A few places are kept, since a blocked week tries them all.
 */
const made = new WeakMap<Ensemble, Map<string, AtPart>>();
const KEPT = 8;

/**
 * The air at the part, from memory where the same was asked before.
 * @param how as in `airAtPart`
 */
export function atPart(ensemble: Ensemble, place: Place, how: PartAir, use: Use = 'spray'): AtPart {
  const { name: _name, loud: _loud, lamp: _lamp, ...seen } = place;
  const key = JSON.stringify([seen, how.absorptance, how.backFree, how.flatFrac, how.massKJm2K, use]);
  const known = made.get(ensemble) ?? new Map<string, AtPart>();
  made.set(ensemble, known);
  return remember(known, key, KEPT, () => airAtPart(ensemble, usedFor(use, place), how));
}

/** The place as it stands in that use: what is shut and heated is nothing else. */
function usedFor(use: Use, place: Place): Place {
  if (use === 'spray') {
    const { heater: _off, ...open } = place;
    return open;
  }
  const { extractM3h: _off, ...still } = place;
  return SHELTER_CARDS[place.shelter].building ? { ...still, door: 'shut' } : still;
}

function blankAir(ensemble: Ensemble, suns: readonly SunAt[], part: PartAir): AtPart {
  const nodes = (ensemble.hours - 1) * 2 + 1;
  const rows = ensemble.members.length + 1;
  const size = rows * nodes;
  return {
    part,
    startMs: ensemble.startMs,
    stepMs: STEP_MS,
    nodes,
    rows,
    airC: new Float64Array(size),
    panelC: new Float64Array(size),
    rhFrac: new Float64Array(size),
    gapK: new Float64Array(size),
    windMs: new Float64Array(size),
    gustMs: new Float64Array(size),
    rain: new Uint8Array(size),
    flap: new Uint8Array(size),
    insects: new Uint8Array(size),
    heatW: new Float64Array(size),
    sunDeg: Float64Array.from(suns, (s) => s.altitudeDeg),
  };
}

/** Steps in which the cover is tabulated: the grid asks tens of thousands of times. */
const CLOUD_STEPS = 200;

/** What one future does at this place. */
interface Through {
  readonly place: Place;
  readonly how: PartAir;
  /** Clear-sky irradiance per node, W/m². */
  readonly clear: Float64Array;
  readonly clouds: Float64Array;
  /** Share of the sun that reaches the part, and whether it is dusk with insects; shape [nodes]. */
  readonly lit: Float64Array;
  readonly dusk: Uint8Array;
  /** Wind at the part over that of the average direction; shape [nodes]. */
  readonly exposed: Float64Array;
  /** The air that was measured, where that is taken. */
  readonly measured: AirInside | null;
}

/** Air changes an hour that a fan makes. */
function fanChanges(place: Place): number {
  const size = sizeOf(place);
  return size ? (place.extractM3h ?? 0) / (size.widthM * size.depthM * size.heightM) : 0;
}

/** The weather outside at each node of one future. */
interface OutsideNow extends Omit<Outside, 'vapourPa'> {
  /** Logarithm of the vapour pressure, ln Pa. */
  readonly lnVapour: Float64Array;
  readonly windMs: Float64Array;
  readonly cloudFrac: Float64Array;
}

function outsideOf(nodes: number, member: ForecastMember, { place, clear, clouds }: Through): OutsideNow {
  const blank = (): Float64Array => new Float64Array(nodes);
  const out = {
    airC: blank(),
    lnVapour: blank(),
    changes: blank(),
    sunWm2: blank(),
    windMs: blank(),
    cloudFrac: blank(),
  };
  const { still, perMs } = AIR_CHANGES[doorOf(place)];
  const fan = fanChanges(place);
  let sum = 0;
  for (let i = 0; i < nodes; i++) {
    // Odd nodes lie half way between two hours; even ones take the hour twice.
    const h = i >> 1;
    const g = h + (i & 1);
    const air = (member.airTempC[h]! + member.airTempC[g]!) / 2;
    const rh = Math.min(1, Math.max(0.01, (member.rhPct[h]! + member.rhPct[g]!) / 200));
    const wind = (member.windMs[h]! + member.windMs[g]!) / 2;
    const cloud = (member.cloudFrac[h]! + member.cloudFrac[g]!) / 2;
    out.airC[i] = air;
    out.lnVapour[i] = lnSatPressure(air) + Math.log(rh);
    out.windMs[i] = wind;
    out.cloudFrac[i] = cloud;
    out.changes[i] = still + perMs * wind + fan;
    out.sunWm2[i] = clear[i]! > 0 ? clear[i]! * clouds[Math.round(cloud * CLOUD_STEPS)]! : 0;
    sum += air;
  }
  return { ...out, groundC: sum / nodes };
}

interface AirInside {
  readonly airC: Float64Array;
  readonly lnVapour: Float64Array;
  readonly heatW?: Float64Array;
}

/** Under a roof without walls: the air follows with a lag, the vapour is that of outside. */
function underARoof(out: OutsideNow, lagH: number): AirInside {
  if (lagH === 0) return out;
  const follow = 1 - Math.exp(-0.5 / lagH);
  const airC = new Float64Array(out.airC.length);
  let air = out.airC[0]!;
  // It has lived through the first hours already.
  for (let i = Math.min(NODES_A_DAY, airC.length) - 1; i >= 0; i--) air += follow * (out.airC[i]! - air);
  for (let i = 0; i < airC.length; i++) {
    air += follow * (out.airC[i]! - air);
    airC[i] = air;
  }
  return { airC, lnVapour: out.lnVapour };
}

/** As it was measured, steady or by the hour of the day. */
function asMeasured(nodes: number, startMs: number, { tz, measured }: Place): AirInside | null {
  if (!measured) return null;
  const { course } = measured;
  const at = (i: number): { airC: number; rhPct: number } =>
    course ? courseAt(course, startMs + i * STEP_MS, tz) : measured;
  const airC = new Float64Array(nodes);
  const lnVapour = new Float64Array(nodes);
  for (let i = 0; i < nodes; i++) {
    const now = at(i);
    airC[i] = now.airC;
    lnVapour[i] = lnSatPressure(now.airC) + Math.log(now.rhPct / 100);
  }
  return { airC, lnVapour };
}

function inARoom(out: OutsideNow, place: Place, building: Building): AirInside {
  const vapourPa = out.lnVapour.map(Math.exp);
  const { heater } = place;
  const warms = heater ? { ...heater, isFlame: heater.kind === 'flame' } : null;
  const inside = indoors({ ...out, vapourPa }, sizeOf(place)!, building, warms);
  return { airC: inside.airC, lnVapour: inside.vapourPa.map(Math.log), heatW: inside.heatW };
}

/** The air in the place, before sun and sky act on the part. */
function airInside(out: OutsideNow, { place, measured }: Through): AirInside {
  if (measured) return measured;
  const { building, lagH } = SHELTER_CARDS[place.shelter];
  return building ? inARoom(out, place, building) : underARoof(out, lagH);
}

/** The same vapour with another dew point, ln Pa. */
const dewShifted = (lnVapour: number, dewK: number): number =>
  dewK === 0 ? lnVapour : lnSatPressure(dewOfLnPressureC(lnVapour) + dewK);

/** Fills one row from one future. */
function fillRow(air: AtPart, row: number, member: ForecastMember, through: Through): void {
  const { place, how } = through;
  const card = SHELTER_CARDS[place.shelter];
  const { airK = 0, dewK = 0 } = place.own ?? {};
  const factor = HEIGHT_FACTOR * windFracOf(place);
  const out = outsideOf(air.nodes, member, through);
  const inside = airInside(out, through);
  let panel = Number.NaN;
  for (let i = 0; i < air.nodes; i++) {
    const h = i >> 1;
    const k = row * air.nodes + i;
    const inC = inside.airC[i]! + airK;
    const lnV = dewShifted(inside.lnVapour[i]!, dewK);
    const intoIt = factor * through.exposed[i]!;
    const wind = out.windMs[i]! * intoIt;
    const sky = card.skyFrac * how.flatFrac * (1 - out.cloudFrac[i]!);
    const goal = inC + panelExcessK(out.sunWm2[i]! * through.lit[i]!, sky, wind, how);
    panel = Number.isNaN(panel) ? goal : panel + panelFollow(how, wind) * (goal - panel);
    air.airC[k] = inC;
    air.rhFrac[k] = Math.min(1, Math.exp(lnV - lnSatPressure(inC)));
    air.windMs[k] = wind;
    air.gustMs[k] = ((member.gustMs[h]! + member.gustMs[h + (i & 1)]!) / 2) * intoIt;
    air.panelC[k] = panel;
    air.gapK[k] = panel - dewOfLnPressureC(lnV);
    air.rain[k] = !card.roofed && member.rainMm[h]! > WET_MM ? 1 : 0;
    air.insects[k] = through.dusk[i] === 1 && inC >= INSECTS_FROM_C ? 1 : 0;
    air.heatW[k] = inside.heatW?.[i] ?? 0;
    air.flap[k] = card.outsideMaxMs !== null && out.windMs[i]! > card.outsideMaxMs ? 1 : 0;
  }
}

/** Share of the way a part goes to its balance in half an hour, 0…1. */
function panelFollow(how: PartAir, windMs: number): number {
  const halfHours = 0.5 / timeConstantH(how.massKJm2K, bothFacesWm2K(windMs, how));
  // Thin sheet is there: what is left is a thousandth.
  return halfHours > 7 ? 1 : 1 - Math.exp(-halfHours);
}

/** The sun at each node. */
function sunsOf({ startMs, hours }: Ensemble, { lat, lon }: Place): SunAt[] {
  return Array.from({ length: (hours - 1) * 2 + 1 }, (_, i) => sunAt(startMs + i * STEP_MS, lat, lon));
}

/** By the direction of the hour a node lies in; 1 where it is not known. */
function exposedAt(nodes: number, place: Place, fromDeg: Ensemble['windFromDeg']): Float64Array {
  return Float64Array.from({ length: nodes }, (_, i) => {
    const from = fromDeg?.[i >> 1];
    return from === undefined ? 1 : exposure(place, from);
  });
}

/** Nodes at which the sun goes down. */
function duskOf(place: Place, sunDeg: Float64Array): Uint8Array {
  const isOne = (i: number): boolean => {
    const falls = i + 1 < sunDeg.length ? sunDeg[i + 1]! < sunDeg[i]! : sunDeg[i]! < sunDeg[i - 1]!;
    return falls && Math.abs(sunDeg[i]!) <= DUSK_DEG;
  };
  return Uint8Array.from(sunDeg, (_, i) => (place.insects === true && isOne(i) ? 1 : 0));
}

/** @param how the part is, and how it hangs */
function airAtPart(ensemble: Ensemble, place: Place, how: PartAir): AtPart {
  const suns = sunsOf(ensemble, place);
  const air = blankAir(ensemble, suns, how);
  const through = {
    place,
    how,
    exposed: exposedAt(air.nodes, place, ensemble.windFromDeg),
    measured: asMeasured(air.nodes, air.startMs, place),
    lit: Float64Array.from(suns, (s) => sunShare(place, s)),
    dusk: duskOf(place, air.sunDeg),
    clear: air.sunDeg.map(clearSkyWm2),
    clouds: Float64Array.from({ length: CLOUD_STEPS + 1 }, (_, i) => cloudFactor(i / CLOUD_STEPS)),
  };
  const futures = [...ensemble.members, ensemble.central];
  futures.forEach((member, row) => fillRow(air, row, member, through));
  return air;
}
