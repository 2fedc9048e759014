/** What places make of the weather, by hand: a fan, insects at dusk, shut and heated. Shares are from memory. */
import { describe, expect, it } from 'vitest';
import type { ForecastMember } from '@/model/forecast';
import type { Place } from '@/model/place';
import { atPart, type AtPart } from './air/at-part';
import { paintC } from './air/paint-temperature';
import { presetPlace, PRESETS } from './air/presets';
import { placeHours } from './place-air';

const T0 = Date.UTC(2026, 5, 21);
const HOURS = 73;
const line = (over: Partial<ForecastMember> = {}): ForecastMember => {
  const all = (x: number): number[] => new Array<number>(HOURS).fill(x);
  return {
    airTempC: all(14),
    rhPct: all(60),
    windMs: all(3),
    gustMs: all(5),
    rainMm: all(0),
    cloudFrac: all(1),
    ...over,
  };
};
const garage: Place = { tz: 'UTC', lat: 53, lon: 0, shelter: 'garage', widthM: 3, depthM: 6, heightM: 2.4 };
const hours = (place: Place, l = line(), use: 'spray' | 'cure' = 'spray') =>
  placeHours({ place, line: l, startMs: T0, use });
const PART = { absorptance: 0.6, backFree: true, flatFrac: 1, massKJm2K: 3 };
const airAt = (place: Place, l = line()): AtPart =>
  atPart({ startMs: T0, hours: HOURS, members: [l], central: l }, place, PART);

describe('what a place makes of the weather', () => {
  it('every kind that can be begun with has air for every hour', () => {
    for (const preset of PRESETS) {
      const place = presetPlace(preset, { tz: 'UTC', lat: 53, lon: 0 });
      const all = hours(place);
      expect(all).toHaveLength(HOURS);
      for (const h of all)
        expect([h.airC, h.panelC, h.rhPct, h.gapK, h.windMs].every(Number.isFinite)).toBe(true);
    }
  });
  it('a fan of 20,000 m³/h in 43 m³ (463 changes an hour) makes the room as it is outside; a small one hardly', () => {
    const swing = line({
      airTempC: Array.from({ length: HOURS }, (_, h) => 14 - 6 * Math.cos((2 * Math.PI * h) / 24)),
    });
    const off = (extractM3h?: number): number => {
      const all = hours({ ...garage, door: 'half', ...(extractM3h ? { extractM3h } : {}) }, swing).slice(24);
      return Math.max(...all.map((h) => Math.abs(h.airC - h.outC)));
    };
    // 463 changes are 6.7 kW/K against 0.12 by walls and 0.6 by what they hold: under a tenth of the swing.
    expect(off(20_000)).toBeLessThan(0.6);
    expect(off(50)).toBeGreaterThan(2);
  });
  it('the heater is off while it is sprayed; shut to cure it holds what it is set to', () => {
    const heated: Place = { ...garage, heater: { kW: 3, setC: 22, kind: 'electric' } };
    expect(hours(heated).at(-1)!.airC).toBeCloseTo(14, 1);
    expect(hours(heated, line(), 'cure').at(-1)!.airC).toBeCloseTo(22, 5);
    expect(hours(heated, line(), 'cure').at(-1)!.windMs).toBeLessThan(hours(heated).at(-1)!.windMs);
    // A flame's water stays: 22 °C with the vapour of outside and more.
    const flame: Place = { ...garage, heater: { kW: 3, setC: 22, kind: 'flame' } };
    expect(hours(flame, line(), 'cure').at(-1)!.rhPct).toBeGreaterThan(
      hours(heated, line(), 'cure').at(-1)!.rhPct + 10,
    );
  });
  it('insects fly about sunset when it is 12 °C or more, and at no sunrise', () => {
    const yard: Place = { tz: 'UTC', lat: 53, lon: 0, shelter: 'open', insects: true };
    const at = (l: ForecastMember): number[] => {
      const { insects, nodes } = airAt(yard, l);
      return [...insects.slice(0, nodes)].flatMap((x, i) => (x === 1 && i < 48 ? [i / 2] : []));
    };
    const dusk = at(line());
    // At 53° N on 21 June the sun sets about 20:25 UTC and stands within 6° for an hour before and after.
    expect(Math.min(...dusk)).toBeGreaterThanOrEqual(19);
    expect(Math.max(...dusk)).toBeLessThanOrEqual(21.5);
    expect(dusk.length).toBeGreaterThanOrEqual(3);
    expect(at(line({ airTempC: new Array<number>(HOURS).fill(11) }))).toEqual([]);
    expect([...airAt({ ...yard, insects: false }).insects].every((x) => x === 0)).toBe(true);
  });
  it('cans that stand there follow its air: each half hour they go 1 − e^−0.625 of the way, 46.5 %', () => {
    const step = line({ airTempC: Array.from({ length: HOURS }, (_, h) => (h < 24 ? 20 : 10)) });
    const air = airAt({ tz: 'UTC', lat: 53, lon: 0, shelter: 'carport' }, step);
    expect(paintC(air, T0 + 20 * 3_600_000)).toBeCloseTo(20, 9);
    // The air is 15 at 23:30 and 10 from 24:00 on: 17.68, 14.11, 12.20.
    expect(paintC(air, T0 + 24.5 * 3_600_000)).toBeCloseTo(12.2, 2);
    expect(paintC(air, T0 + 40 * 3_600_000)).toBeCloseTo(10, 2);
  });
  it('wind into the open side of a lean-to is 1.4 of the usual, from behind 0.6, from the side as usual; unknown, as usual', () => {
    const leanTo: Place = { tz: 'UTC', lat: 53, lon: 0, shelter: 'lean-to', facing: 90 };
    const from = (deg: number | null, place = leanTo): number => {
      const l = line();
      const told = deg === null ? {} : { windFromDeg: new Array<number>(HOURS).fill(deg) };
      const air = atPart({ startMs: T0, hours: HOURS, members: [l], central: l, ...told }, place, PART);
      return air.windMs[10]!;
    };
    const usual = from(null);
    expect(usual).toBeCloseTo(3 * 0.673 * 0.5, 2);
    expect(from(90) / usual).toBeCloseTo(1.4, 6);
    expect(from(270) / usual).toBeCloseTo(0.6, 6);
    expect(from(0) / usual).toBeCloseTo(1, 6);
    const { facing: _f, ...unknown } = leanTo;
    expect(from(90, unknown)).toBeCloseTo(usual, 9);
    expect(
      from(90, { ...leanTo, shelter: 'garage' }) / from(null, { ...leanTo, shelter: 'garage' }),
    ).toBeCloseTo(1.5, 6);
  });
});
