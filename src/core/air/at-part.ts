/**
 * What the part feels: the ensemble turned into panel temperature, dew gap, humidity, wind and wet
 * on an even half-hour grid, through the place it stands in. One extra row holds the central line.
 */
import type { ForecastMember } from '@/model/forecast';
import type { Place } from '@/model/job';
import { remember } from '../records/remember';
import type { Ensemble } from './ensemble';
import { dewOfLnPressureC, lnSatPressure } from './moist';
import { panelExcessK, type Hung } from './panel';
import { HEIGHT_FACTOR, SHELTER_CARDS, type ShelterCard } from './shelter';
import { clearSkyWm2, cloudFactor, sunElevationDeg } from './sun';

export const STEP_MS = 30 * 60_000;

/** Arrays of shape [rows × nodes]; rows = members + 1, the last row is the central line. */
export interface AtPart {
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
  /** Sun elevation per node, degrees, shape [nodes]. */
  readonly sunDeg: Float64Array;
}

export interface PartAir extends Hung {
  /** Share of the faces that see the sky, 0…1. */
  readonly flatFrac: number;
}

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
export function atPart(ensemble: Ensemble, place: Place, how: PartAir): AtPart {
  const key = JSON.stringify([
    place.shelter,
    place.lat,
    place.lon,
    how.absorptance,
    how.backFree,
    how.flatFrac,
  ]);
  const known = made.get(ensemble) ?? new Map<string, AtPart>();
  made.set(ensemble, known);
  return remember(known, key, KEPT, () => airAtPart(ensemble, place, how));
}

function blankAir(ensemble: Ensemble, place: Place): AtPart {
  const nodes = (ensemble.hours - 1) * 2 + 1;
  const rows = ensemble.members.length + 1;
  const size = rows * nodes;
  return {
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
    sunDeg: Float64Array.from({ length: nodes }, (_, i) =>
      sunElevationDeg(ensemble.startMs + i * STEP_MS, place.lat, place.lon),
    ),
  };
}

/** Steps in which the cover is tabulated: the grid asks tens of thousands of times. */
const CLOUD_STEPS = 200;

/** What one future does at this place. */
interface Through {
  readonly card: ShelterCard;
  readonly how: PartAir;
  /** Clear-sky irradiance per node, W/m². */
  readonly clear: Float64Array;
  readonly clouds: Float64Array;
}

/** Fills one row from one future. */
function fillRow(
  air: AtPart,
  row: number,
  member: ForecastMember,
  { card, how, clear, clouds }: Through,
): void {
  const follow = card.lagH > 0 ? 1 - Math.exp(-0.5 / card.lagH) : 1;
  const factor = HEIGHT_FACTOR * card.windFrac;
  let inside = member.airTempC[0]!;
  for (let i = 0; i < air.nodes; i++) {
    // Odd nodes lie half way between two hours; even ones take the hour twice.
    const h = i >> 1;
    const g = h + (i & 1);
    const k = row * air.nodes + i;
    const out = (member.airTempC[h]! + member.airTempC[g]!) / 2;
    const rh = Math.min(1, Math.max(0.01, (member.rhPct[h]! + member.rhPct[g]!) / 200));
    const lnV = lnSatPressure(out) + Math.log(rh);
    inside += follow * (out - inside);
    const outside = (member.windMs[h]! + member.windMs[g]!) / 2;
    const wind = outside * factor;
    const cloud = (member.cloudFrac[h]! + member.cloudFrac[g]!) / 2;
    const sun = clear[i]! > 0 ? clear[i]! * clouds[Math.round(cloud * CLOUD_STEPS)]! * card.sunFrac : 0;
    const panel = inside + panelExcessK(sun, card.skyFrac * how.flatFrac * (1 - cloud), wind, how);
    air.airC[k] = inside;
    air.rhFrac[k] = Math.min(1, Math.exp(lnV - lnSatPressure(inside)));
    air.windMs[k] = wind;
    air.gustMs[k] = ((member.gustMs[h]! + member.gustMs[g]!) / 2) * factor;
    air.panelC[k] = panel;
    air.gapK[k] = panel - dewOfLnPressureC(lnV);
    air.rain[k] = !card.roofed && member.rainMm[h]! > WET_MM ? 1 : 0;
    air.flap[k] = card.outsideMaxMs !== null && outside > card.outsideMaxMs ? 1 : 0;
  }
}

/**
 * @param how absorptance 0…1, whether air passes the back, and the share of faces that see the sky (flat 1, upright 0)
 */
function airAtPart(ensemble: Ensemble, place: Place, how: PartAir): AtPart {
  const air = blankAir(ensemble, place);
  const through = {
    card: SHELTER_CARDS[place.shelter],
    how,
    clear: air.sunDeg.map(clearSkyWm2),
    clouds: Float64Array.from({ length: CLOUD_STEPS + 1 }, (_, i) => cloudFactor(i / CLOUD_STEPS)),
  };
  const futures = [...ensemble.members, ensemble.central];
  futures.forEach((member, row) => fillRow(air, row, member, through));
  return air;
}
