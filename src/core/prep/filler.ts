/** Body filler for dents: volume, hardener, layers, working time. */
import { dentAreaM2 } from '../surface/dents';

/** Paste, g/ml: a golf ball of 41 cm³ weighs 45–75 g by make. From memory; the tin says. */
export const FILLER_G_PER_ML = 1.5;
/** Cream hardener, g/ml. From memory. */
export const CREAM_G_PER_ML = 1.15;
/** Hardener by mass: about 2 %, sheets say 1–3. Common practice. */
export const HARDENER_FRAC = 0.02;
export const HARDENER_RANGE = [0.01, 0.03] as const;
/** Thickest layer, mm. From the typical sheet. */
export const LAYER_MM = 2.5;
/** Share mixed beyond the hollow: what is sanded off again and stays on the knife. From memory. */
export const OVERFILL = 1.5;

export interface Dent {
  readonly lengthMm: number;
  readonly widthMm: number;
  readonly depthMm: number;
}
export interface FillerPlan {
  readonly hollowMl: number;
  readonly pasteMl: number;
  readonly pasteG: number;
  readonly hardenerG: readonly [number, number, number];
  readonly hardenerMl: number;
  readonly layers: number;
  readonly workMin: readonly [number, number];
  readonly areaM2: number;
}

/** A dent as half an ellipsoid's bowl: ½ · (π/4·a·b) · depth, the elliptic paraboloid. Identity of geometry. */
export function dentMl(d: Dent): number {
  if (!(d.lengthMm > 0 && d.widthMm > 0 && d.depthMm > 0))
    throw new RangeError('dentMl: needs measures above 0');
  return ((Math.PI / 8) * d.lengthMm * d.widthMm * d.depthMm) / 1000;
}

/** @param tempC of the part and the paste; hardening doubles its pace per 10 °C (common practice) */
export function fillerPlan(dents: readonly Dent[], tempC: number): FillerPlan | null {
  if (dents.length === 0) return null;
  const hollowMl = dents.reduce((a, d) => a + dentMl(d), 0);
  const pasteMl = hollowMl * OVERFILL;
  const pasteG = pasteMl * FILLER_G_PER_ML;
  const pace = Math.pow(2, (20 - tempC) / 10);
  return {
    hollowMl,
    pasteMl,
    pasteG,
    hardenerG: [pasteG * HARDENER_RANGE[0], pasteG * HARDENER_FRAC, pasteG * HARDENER_RANGE[1]],
    hardenerMl: (pasteG * HARDENER_FRAC) / CREAM_G_PER_ML,
    layers: Math.max(...dents.map((d) => Math.ceil(d.depthMm / LAYER_MM - 1e-9))),
    workMin: [3 * pace, 6 * pace],
    areaM2: dentAreaM2(dents),
  };
}
