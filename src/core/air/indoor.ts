/**
 * Air in a room with walls, half hour by half hour: quick air between the weather, the walls' own heat and a heater;
 * walls and floor that follow over hours to days; vapour that comes in with the air and from a flame. It starts from a
 * state that has lived through the first day several times over, so that no plan begins in a room of this morning.
 */
import { lnSatPressure } from './moist';
import type { Building, Room } from './shelter';

/** Heat that a cubic metre of air takes away for a kelvin at one change an hour, W/K: 1.2 kg/m³ × 1005 J/kgK ÷ 3600 s. */
export const AIR_W_PER_M3K = (1.2 * 1005) / 3600;
/** From air to walls and floor, W/m²K (ISO 6946: surface resistance inside 0.13 m²K/W). */
const INSIDE_WM2K = 1 / 0.13;
/** Water of an unvented flame, kg per kWh: 1.6 kg for each kilogram of propane of 12.9 kWh (identity). */
export const FLAME_KG_PER_KWH = 1.6 / 12.9;
/** Days the room lives through before the first hour, each like the first. */
const SPUN_UP_DAYS = 6;
const STEP_H = 0.5;
export const NODES_A_DAY = 24 / STEP_H;

/** What warms a room. */
export interface Heater {
  readonly kW: number;
  readonly setC: number;
  /** An unvented flame: its water stays in the room. */
  readonly isFlame: boolean;
}
/** Outside, at each half hour. */
export interface Outside {
  readonly airC: Float64Array;
  /** Vapour pressure, Pa. */
  readonly vapourPa: Float64Array;
  /** Air changes an hour that the wind and the door make. */
  readonly changes: Float64Array;
  /** Sun on level ground, W/m². */
  readonly sunWm2: Float64Array;
  /** Mean of the ground under the floor, °C. */
  readonly groundC: number;
}
export interface Inside {
  readonly airC: Float64Array;
  readonly vapourPa: Float64Array;
  /** What the heater gives, W. */
  readonly heatW: Float64Array;
  /** Over all hours, kWh. */
  readonly heatKWh: number;
}

/** What a room lets through and holds. */
interface Conductances {
  readonly volumeM3: number;
  readonly floorM2: number;
  readonly wallsWK: number;
  readonly massWK: number;
  readonly groundWK: number;
  /** Share of the way walls and floor go in half an hour. */
  readonly follow: number;
}

function conductancesOf({ widthM, depthM, heightM }: Room, building: Building): Conductances {
  const floorM2 = widthM * depthM;
  const wallsM2 = 2 * (widthM + depthM) * heightM + floorM2;
  const insideM2 = wallsM2 + floorM2;
  const massWK = INSIDE_WM2K * insideM2;
  const groundWK = building.groundWm2K * floorM2;
  const holdsJK = building.massKJm2K * 1000 * insideM2;
  return {
    volumeM3: floorM2 * heightM,
    floorM2,
    wallsWK: building.uWm2K * wallsM2,
    massWK,
    groundWK,
    follow: 1 - Math.exp((-(massWK + groundWK) * STEP_H * 3600) / holdsJK),
  };
}

/** Half an hour of the room. */
interface State {
  wallsC: number;
  vapourPa: number;
}

/** Vapour of a kilogram of water in a cubic metre, Pa (ideal gas: R 461.5 J/kgK at 293 K). */
const PA_PER_KG_M3 = 461.5 * 293;

interface Step {
  readonly outC: number;
  readonly outPa: number;
  readonly changes: number;
  readonly sunWm2: number;
}

function stepped(
  state: State,
  { outC, outPa, changes, sunWm2 }: Step,
  how: {
    readonly g: Conductances;
    readonly building: Building;
    readonly heater: Heater | null;
    readonly groundC: number;
  },
): { airC: number; heatW: number } {
  const { g, building, heater, groundC } = how;
  const airWK = AIR_W_PER_M3K * changes * g.volumeM3;
  const all = airWK + g.wallsWK + g.massWK;
  const sunW = building.glassFrac * g.floorM2 * sunWm2;
  const free = ((airWK + g.wallsWK) * outC + g.massWK * state.wallsC + sunW) / all;
  const wantedW = heater ? Math.max(0, (heater.setC - free) * all) : 0;
  const heatW = heater ? Math.min(heater.kW * 1000, wantedW) : 0;
  const airC = free + heatW / all;
  const restC = (g.massWK * airC + g.groundWK * groundC) / (g.massWK + g.groundWK);
  state.wallsC += g.follow * (restC - state.wallsC);
  const waterKgH = heater?.isFlame ? (heatW / 1000) * FLAME_KG_PER_KWH : 0;
  const madePa = changes > 0 ? (waterKgH / (changes * g.volumeM3)) * PA_PER_KG_M3 : 0;
  const to = outPa + madePa;
  const vapour = state.vapourPa + (1 - Math.exp(-changes * STEP_H)) * (to - state.vapourPa);
  // What the air cannot hold runs down the walls.
  state.vapourPa = Math.min(vapour, Math.exp(lnSatPressure(airC)));
  return { airC, heatW };
}

/** @param heater null for none */
export function indoors(out: Outside, room: Room, building: Building, heater: Heater | null): Inside {
  const n = out.airC.length;
  const g = conductancesOf(room, building);
  const how = { g, building, heater, groundC: out.groundC };
  const state: State = { wallsC: out.groundC, vapourPa: out.vapourPa[0]! };
  const at = (i: number): Step => ({
    outC: out.airC[i]!,
    outPa: out.vapourPa[i]!,
    changes: out.changes[i]!,
    sunWm2: out.sunWm2[i]!,
  });
  const day = Math.min(NODES_A_DAY, n);
  for (let i = 0; i < SPUN_UP_DAYS * day; i++) stepped(state, at(i % day), how);
  const inside = { airC: new Float64Array(n), vapourPa: new Float64Array(n), heatW: new Float64Array(n) };
  let heatWh = 0;
  for (let i = 0; i < n; i++) {
    const { airC, heatW } = stepped(state, at(i), how);
    inside.airC[i] = airC;
    inside.vapourPa[i] = state.vapourPa;
    inside.heatW[i] = heatW;
    heatWh += heatW * STEP_H;
  }
  return { ...inside, heatKWh: heatWh / 1000 };
}
