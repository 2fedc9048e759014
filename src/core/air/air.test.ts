import psychrolib from 'psychrolib';
import { describe, expect, it } from 'vitest';
import type { ForecastMember } from '@/model/forecast';
import { dewOfLnPressureC, dewPointC, satPressurePa } from './moist';
import { absorptanceOf, panelExcessK } from './panel';
import { clearSkyWm2, cloudFactor, sunElevationDeg } from './sun';
import { HEIGHT_FACTOR } from './shelter';
import { dress, rmsTempK, windWithError } from './dress';
import { normalQuantile } from '../numerics/stats';
import { ensembleOf } from './ensemble';
import { atPart } from './at-part';

psychrolib.SetUnitSystem(psychrolib.SI);

describe('moist air', () => {
  it('saturation pressure is 611.2 Pa at 0 °C, 2339 Pa at 20, 4246 Pa at 30 (ASHRAE Fundamentals, thermodynamic properties of moist air)', () => {
    expect(Math.abs(satPressurePa(0.01) - 611.65)).toBeLessThan(0.7);
    expect(satPressurePa(20)).toBeGreaterThan(2337);
    expect(satPressurePa(20)).toBeLessThan(2341);
    expect(satPressurePa(30)).toBeGreaterThan(4243);
    expect(satPressurePa(30)).toBeLessThan(4250);
  });
  it('air of 20 °C and 50 % has its dew point at 9.3 °C (ASHRAE psychrometric chart)', () => {
    expect(dewPointC(20, 0.5)).toBeCloseTo(9.27, 1);
  });
  it('agrees with psychrolib to 0.02 % in pressure and 0.02 K in dew point over −20…45 °C', () => {
    let n = 0;
    for (let t = -20; t <= 45; t += 0.37) {
      expect(Math.abs(satPressurePa(t) / psychrolib.GetSatVapPres(t) - 1)).toBeLessThan(2e-4);
      for (let rh = 0.15; rh <= 1; rh += 0.21) {
        expect(Math.abs(dewPointC(t, rh) - psychrolib.GetTDewPointFromRelHum(t, rh))).toBeLessThan(0.02);
        expect(
          Math.abs(dewOfLnPressureC(Math.log(psychrolib.GetSatVapPres(t) * rh)) - dewPointC(t, rh)),
        ).toBeLessThan(0.01);
        n++;
      }
    }
    expect(n).toBeGreaterThan(600);
  });
  it('3 K over the dew point means at most 81 % humidity at 5 °C, 83 % at 20, 84 % at 30 (identity)', () => {
    for (const [t, rh] of [
      [5, 0.81],
      [20, 0.83],
      [30, 0.84],
    ] as const) {
      expect(satPressurePa(t - 3) / satPressurePa(t)).toBeCloseTo(rh, 2);
    }
  });
  it('refuses humidity that is not a number', () =>
    expect(() => dewPointC(20, Number.NaN)).toThrow(RangeError));
});

describe('sun and panel', () => {
  it('stands at zenith 50.11° in the NREL SPA example (2003-10-17 12:30:30 UTC−7, Golden), within 0.02°', () => {
    const el = sunElevationDeg(Date.UTC(2003, 9, 17, 19, 30, 30), 39.742476, -105.1786);
    expect(Math.abs(90 - el - 50.11162)).toBeLessThan(0.02);
  });
  it('gives about 1037 W/m² overhead (Haurwitz 1945) and a quarter of it under full cloud (Kasten & Czeplak 1980)', () => {
    expect(clearSkyWm2(90)).toBeCloseTo(1098 * Math.exp(-0.057), 3);
    expect(clearSkyWm2(-5)).toBe(0);
    expect(cloudFactor(1)).toBeCloseTo(0.25, 9);
  });
  it('black in 800 W/m² at 1 m/s is 38 K over the air hung free; on a clear night a flat panel is 3 K under it', () => {
    expect(panelExcessK(800, 0, 1, { absorptance: 0.9, backFree: true })).toBeCloseTo(37.9, 1);
    expect(panelExcessK(0, 1, 1, { absorptance: 0.9, backFree: true })).toBeCloseTo(-3.3, 1);
    expect(panelExcessK(0, 1, 0, { absorptance: 0.9, backFree: true })).toBeCloseTo(-5.5, 1);
    expect(absorptanceOf(1)).toBeCloseTo(0.3, 9);
  });
  it('wind at 1.5 m is 0.67 of the wind at 10 m over open grass (log profile, roughness 0.03 m)', () => {
    expect(HEIGHT_FACTOR).toBeCloseTo(0.673, 3);
  });
});

const line = (n: number): ForecastMember => ({
  airTempC: Array(n).fill(18),
  rhPct: Array(n).fill(60),
  windMs: Array(n).fill(6),
  gustMs: Array(n).fill(9),
  rainMm: Array.from({ length: n }, (_, i) => (i >= 60 && i < 66 ? 1 : 0)),
  cloudFrac: Array(n).fill(0.5),
});

describe('the ensemble', () => {
  const T0 = Date.UTC(2026, 4, 16);
  it('spreads as published for day 1 and day 7: 1.5 and 3.5 K within a fifth (fifty members, seed 42)', () => {
    const members = dress(line(200), { startMs: T0, issuedMs: T0, seed: 42 });
    for (const [h, want] of [
      [24, 1.5],
      [168, 3.5],
    ] as const) {
      // Nine neighbouring hours and fifty members, so that the sampling error is near a tenth.
      const errs = members.flatMap((m) =>
        [-16, -12, -8, -4, 0, 4, 8, 12, 16].map((d) => (m.airTempC[h + d]! - 18) / rmsTempK(h + d)),
      );
      const rms = Math.sqrt(errs.reduce((a, b) => a + b * b, 0) / errs.length);
      expect(rmsTempK(h)).toBe(want);
      expect(rms).toBeGreaterThan(0.8);
      expect(rms).toBeLessThan(1.2);
    }
  });
  it('does not touch hours before the issue, and repeats itself for a seed', () => {
    const a = dress(line(80), { startMs: T0, issuedMs: T0 + 10 * 3_600_000, seed: 5 });
    const b = dress(line(80), { startMs: T0, issuedMs: T0 + 10 * 3_600_000, seed: 5 });
    expect(a).toEqual(b);
    expect(a.every((m) => m.airTempC[9] === 18 && m.windMs[9] === 6)).toBe(true);
    expect(a.some((m) => m.airTempC[30] !== 18)).toBe(true);
  });
  it('an imported ensemble is used as it is, with its median as the central line', () => {
    const two = [
      { ...line(5), airTempC: [1, 1, 1, 1, 1] },
      { ...line(5), airTempC: [3, 3, 3, 3, 3] },
      { ...line(5), airTempC: [9, 9, 9, 9, 9] },
    ];
    const e = ensembleOf(
      { start: '2026-05-16T00:00Z', stepMin: 60, members: two },
      { startMs: T0, issuedMs: T0, seed: 1 },
    );
    expect(e.members).toBe(two);
    expect(e.central.airTempC[2]).toBe(3);
  });
});

describe('what the part feels', () => {
  const T0 = Date.UTC(2026, 4, 16);
  const place = { tz: 'Europe/London', lat: 53.4, lon: -3.1 } as const;
  const e = ensembleOf(
    { start: '2026-05-16T00:00Z', stepMin: 60, members: [line(72)] },
    { startMs: T0, issuedMs: T0, seed: 1 },
  );
  it('a roof keeps the rain off, the open does not', () => {
    const how = { absorptance: 0.7, backFree: true, flatFrac: 1, massKJm2K: 2.9 };
    const open = atPart(e, { ...place, shelter: 'open' }, how);
    const roofed = atPart(e, { ...place, shelter: 'lean-to' }, how);
    const row = (open.rows - 1) * open.nodes;
    expect(open.rain[row + 61 * 2]).toBe(1);
    expect(roofed.rain.some((x) => x === 1)).toBe(false);
    expect(open.windMs[row]).toBeCloseTo(6 * HEIGHT_FACTOR, 9);
    expect(roofed.windMs[row]).toBeCloseTo(3 * HEIGHT_FACTOR, 9);
  });
  it('the dew gap of air at 18 °C and 60 % is 7.8 K when the panel is at air temperature', () => {
    const shade = atPart(
      e,
      { ...place, shelter: 'garage' },
      { absorptance: 0.7, backFree: true, flatFrac: 1, massKJm2K: 2.9 },
    );
    expect(shade.gapK[(shade.rows - 1) * shade.nodes + 4]).toBeCloseTo(
      18 - psychrolib.GetTDewPointFromRelHum(18, 0.6),
      1,
    );
  });
});

describe('wind that errs', () => {
  it('keeps its mean, errs upward further than downward, and in proportion to itself', () => {
    const z = Array.from({ length: 2001 }, (_, i) => normalQuantile((i + 0.5) / 2001));
    for (const wind of [3, 9]) {
      const futures = z.map((x) => windWithError(wind, 1.5, x));
      const mean = futures.reduce((a, b) => a + b, 0) / futures.length;
      const sd = Math.sqrt(futures.reduce((a, b) => a + (b - mean) ** 2, 0) / futures.length);
      expect(mean).toBeCloseTo(wind, 1);
      expect(sd).toBeCloseTo((1.5 * (wind + 1)) / 4, 1);
      expect(windWithError(wind, 1.5, 2) - wind).toBeGreaterThan(wind - windWithError(wind, 1.5, -2));
    }
    expect(windWithError(0.2, 2.5, -3)).toBe(0.1);
  });
});
