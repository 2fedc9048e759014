/**
 * What the part feels: the ensemble turned into panel temperature, dew gap, humidity, wind and wet
 * on an even half-hour grid, through the place it stands in. One extra row holds the central line.
 */
import type { Place } from '@/model/job';
import type { Ensemble } from './ensemble';
import { dewOfLnPressureC, lnSatPressure } from './moist';
import { panelExcessK } from './panel';
import { HEIGHT_FACTOR, SHELTER_CARDS } from './shelter';
import { clearSkyWm2, cloudFactor, sunElevationDeg } from './sun';

export const STEP_MS = 30 * 60_000;

/** Arrays of shape [rows × nodes]; rows = members + 1, the last row is the central line. */
export interface AtPart {
  readonly startMs: number; readonly stepMs: number; readonly nodes: number; readonly rows: number;
  readonly airC: Float64Array; readonly panelC: Float64Array; readonly rhFrac: Float64Array;
  /** Panel temperature over the dew point, K. */
  readonly gapK: Float64Array;
  readonly windMs: Float64Array; readonly gustMs: Float64Array;
  /** 1 where rain reaches the part or the place itself fails, else 0. */
  readonly rain: Uint8Array; readonly flap: Uint8Array;
  /** Sun elevation per node, degrees, shape [nodes]. */
  readonly sunDeg: Float64Array;
}

export interface PartAir { readonly absorptance: number; readonly backFree: boolean; readonly flatFrac: number }

/** ASSUMED: rain lighter than 0.1 mm in the hour leaves no mark. */
const WET_MM = 0.1;

/**
 * @param how absorptance 0…1, whether air passes the back, and the share of faces that see the sky (flat 1, upright 0)
 */
export function atPart(e: Ensemble, place: Place, how: PartAir): AtPart {
  const card = SHELTER_CARDS[place.shelter];
  const nodes = (e.hours - 1) * 2 + 1, rows = e.members.length + 1, size = rows * nodes;
  const a: AtPart = {
    startMs: e.startMs, stepMs: STEP_MS, nodes, rows,
    airC: new Float64Array(size), panelC: new Float64Array(size), rhFrac: new Float64Array(size), gapK: new Float64Array(size),
    windMs: new Float64Array(size), gustMs: new Float64Array(size), rain: new Uint8Array(size), flap: new Uint8Array(size),
    sunDeg: Float64Array.from({ length: nodes }, (_, i) => sunElevationDeg(e.startMs + i * STEP_MS, place.lat, place.lon)),
  };
  const clear = a.sunDeg.map(clearSkyWm2);
  const follow = card.lagH > 0 ? 1 - Math.exp(-0.5 / card.lagH) : 1;
  const factor = HEIGHT_FACTOR * card.windFrac;
  for (let r = 0; r < rows; r++) {
    const m = r < e.members.length ? e.members[r]! : e.central;
    const o = r * nodes;
    let inside = m.airTempC[0]!;
    for (let i = 0; i < nodes; i++) {
      const h = i >> 1, half = i & 1;
      const mid = (xs: readonly number[]): number => (half ? (xs[h]! + xs[h + 1]!) / 2 : xs[h]!);
      const out = mid(m.airTempC), rh = Math.min(1, Math.max(0.01, mid(m.rhPct) / 100));
      const lnV = lnSatPressure(out) + Math.log(rh);
      inside += follow * (out - inside);
      const outside = mid(m.windMs), wind = outside * factor, cloud = mid(m.cloudFrac);
      a.airC[o + i] = inside;
      a.rhFrac[o + i] = Math.min(1, Math.exp(lnV - lnSatPressure(inside)));
      a.windMs[o + i] = wind;
      a.gustMs[o + i] = mid(m.gustMs) * factor;
      a.panelC[o + i] = inside + panelExcessK(clear[i]! > 0 ? clear[i]! * cloudFactor(cloud) * card.sunFrac : 0, how.absorptance, card.skyFrac * how.flatFrac * (1 - cloud), wind, how.backFree);
      a.gapK[o + i] = a.panelC[o + i]! - dewOfLnPressureC(lnV);
      a.rain[o + i] = !card.roofed && m.rainMm[h]! > WET_MM ? 1 : 0;
      a.flap[o + i] = card.outsideMaxMs !== null && outside > card.outsideMaxMs ? 1 : 0;
    }
  }
  return a;
}
