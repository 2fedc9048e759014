/** Rooms with walls, by hand sums: heat of the air changed, a heater against walls and ground, a flame's water, a spun-up state. */
import { describe, expect, it } from 'vitest';
import { AIR_W_PER_M3K, FLAME_KG_PER_KWH, indoors, type Heater, type Outside } from './indoor';
import { dewPointC, satPressurePa } from './moist';
import { SHELTER_CARDS } from './shelter';

const GARAGE = SHELTER_CARDS.garage.building!;
const ROOM = { widthM: 3, depthM: 6, heightM: 2.4 };

interface Given {
  readonly airC?: (h: number) => number;
  readonly changes?: number;
  readonly days?: number;
  readonly sunWm2?: number;
}
function outside({ airC = () => 10, changes = 0.4, days = 10, sunWm2 = 0 }: Given = {}): Outside {
  const n = days * 48;
  const at = (of: (h: number) => number): Float64Array =>
    Float64Array.from({ length: n }, (_, i) => of(i / 2));
  const air = at(airC);
  return {
    airC: air,
    vapourPa: air.map((c) => 0.7 * satPressurePa(Math.min(c, 10))),
    changes: at(() => changes),
    sunWm2: at(() => sunWm2),
    groundC: air.reduce((a, b) => a + b, 0) / n,
  };
}
const last = (x: Float64Array): number => x.at(-1)!;

describe('a room with walls', () => {
  it('270 m³ an hour (160 cfm) changed over 10 K take 0.9 kW away (identity)', () => {
    expect(AIR_W_PER_M3K * 270 * 10).toBeCloseTo(904.5, 1);
  });
  it('steady weather is steady inside, at the temperature outside', () => {
    const inside = indoors(outside(), ROOM, GARAGE, null);
    expect(Math.abs(last(inside.airC) - 10)).toBeLessThan(1e-9);
    expect(inside.heatKWh).toBe(0);
  });
  it('2 kW in a shut garage of 3 × 6 × 2.4 m settle 14.6 K over outside: 5.8 W/K by air, 122.4 through walls and roof, 8.9 into the ground', () => {
    const heater: Heater = { kW: 2, setC: 60, isFlame: false };
    const inside = indoors(outside({ days: 60 }), ROOM, GARAGE, heater);
    const air = AIR_W_PER_M3K * 0.4 * 43.2;
    const ground = 1 / (1 / (79.2 / 0.13) + 1 / 9);
    expect(air + 122.4 + ground).toBeCloseTo(137.1, 0);
    expect(last(inside.airC) - 10).toBeCloseTo(2000 / (air + 122.4 + ground), 2);
    expect(inside.heatKWh).toBeCloseTo(2 * 24 * 60, 6);
  });
  it('a heated cure holds its set-point and takes no more than it needs: 10 K over outside, about 1.4 kW', () => {
    const inside = indoors(outside({ days: 60 }), ROOM, GARAGE, { kW: 3, setC: 20, isFlame: false });
    expect(last(inside.airC)).toBeCloseTo(20, 6);
    expect(inside.heatKWh / (60 * 24)).toBeGreaterThan(1.3);
    expect(inside.heatKWh / (60 * 24)).toBeLessThan(1.45);
  });
  it('with the door open the same heater is lost: 2 kW do 2 K at sixty changes an hour', () => {
    const heater: Heater = { kW: 2, setC: 60, isFlame: false };
    const inside = indoors(outside({ changes: 60, days: 60 }), ROOM, GARAGE, heater);
    const all = AIR_W_PER_M3K * 60 * 43.2 + 122.4 + 1 / (1 / (79.2 / 0.13) + 1 / 9);
    expect(last(inside.airC) - 10).toBeCloseTo(2000 / all, 2);
    expect(2000 / all).toBeCloseTo(2, 1);
  });
  it('a flame of 3 kW adds 0.37 kg of water an hour: 390 Pa at three changes, and the dew point rises by 5 K', () => {
    expect(FLAME_KG_PER_KWH * 3).toBeCloseTo(0.372, 3);
    const out = outside({ changes: 3 });
    const flame = indoors(out, ROOM, GARAGE, { kW: 3, setC: 90, isFlame: true });
    const electric = indoors(out, ROOM, GARAGE, { kW: 3, setC: 90, isFlame: false });
    const more = last(flame.vapourPa) - last(electric.vapourPa);
    // 372 g in 129.6 m³ are 2.87 g/m³; 461.5 J/kgK × 293 K × 0.00287 kg/m³ = 388 Pa.
    expect(more).toBeCloseTo(388, 0);
    const dew = (pa: number, air: number): number => dewPointC(air, pa / satPressurePa(air));
    const [f, e] = [flame, electric].map((x) => dew(last(x.vapourPa), last(x.airC)));
    expect(f! - e!).toBeGreaterThan(5);
    expect(f! - e!).toBeLessThan(6.5);
  });
  it('a shut garage swings by less and later than the day outside, and its first day is like its second', () => {
    const airC = (h: number): number => 10 - 6 * Math.cos((2 * Math.PI * (h - 3)) / 24);
    const inside = indoors(outside({ airC }), ROOM, GARAGE, null).airC;
    const day = (d: number): number[] => [...inside.slice(d * 48, (d + 1) * 48)];
    const swing = Math.max(...day(1)) - Math.min(...day(1));
    expect(swing).toBeGreaterThan(1);
    expect(swing).toBeLessThan(6);
    // Warmest outside at 15:00.
    expect(day(1).indexOf(Math.max(...day(1))) / 2).toBeGreaterThan(15);
    day(0).forEach((c, i) => expect(Math.abs(c - day(1)[i]!)).toBeLessThan(0.15));
  });
  it('sun through a thin roof warms a tent by some kelvin at 700 W/m² with its door open, and by more with it shut', () => {
    const tent = SHELTER_CARDS.tent.building!;
    const room = { widthM: 3, depthM: 3, heightM: 2.2 };
    const at = (changes: number): number =>
      last(indoors(outside({ changes, sunWm2: 700 }), room, tent, null).airC) - 10;
    expect(at(16)).toBeGreaterThan(1);
    expect(at(16)).toBeLessThan(6);
    expect(at(0.5)).toBeGreaterThan(at(16));
  });
  it('what the air cannot hold does not stay in it', () => {
    const wet = outside({ changes: 1 });
    const inside = indoors(wet, ROOM, GARAGE, { kW: 3, setC: 12, isFlame: true });
    inside.airC.forEach((c, i) => expect(inside.vapourPa[i]!).toBeLessThanOrEqual(satPressurePa(c) * 1.0005));
  });
});
