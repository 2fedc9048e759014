/**
 * Readings correct the coming hours: by hand on futures that differ by a constant, and on the stand-in's hidden worlds,
 * where the corrected air must come nearer to what then really came. Widths and memory are from memory.
 */
import { describe, expect, it } from 'vitest';
import type { ForecastMember } from '@/model/forecast';
import type { Place } from '@/model/place';
import { CLIMATE_CARDS, type Climate } from '@/standins/climates';
import { PAST_H, simulatedWorld } from '@/standins/weather';
import { HOUR } from '../time/instant';
import { atPart, type AtPart } from './at-part';
import { dewPointC } from './moist';
import { correctedBy, effectiveOf, fading, picksOf, readingsUsed, weightsOf } from './readings';

const T0 = Date.UTC(2026, 4, 16);
const HOURS = 49;
const line = (airC: number, windMs = 3): ForecastMember => {
  const all = (x: number): number[] => new Array<number>(HOURS).fill(x);
  return {
    airTempC: all(airC),
    rhPct: all(60),
    windMs: all(windMs),
    gustMs: all(windMs * 1.5),
    rainMm: all(0),
    cloudFrac: all(1),
  };
};
const carport: Place = { tz: 'UTC', lat: 53, lon: 0, shelter: 'carport' };
const part = { absorptance: 0.6, backFree: true, flatFrac: 0, massKJm2K: 0.01 };
const airOf = (members: ForecastMember[], central: ForecastMember): AtPart =>
  atPart({ startMs: T0, hours: HOURS, members, central }, carport, part);
/** Fifty futures from 10 to 19.8 °C, the expected one at 15. */
const fifty = airOf(
  Array.from({ length: 50 }, (_, m) => line(10 + m / 5)),
  line(15),
);
const NOW = T0 + 12 * HOUR;
const at = (air: AtPart, row: number, h: number): number => air.airC[row * air.nodes + 2 * h]!;
const centralRow = fifty.rows - 1;

describe('which readings count', () => {
  it('of each quantity the newest and those two hours apart or more; none of the future, none older than 18 h', () => {
    const readings = [
      { ms: NOW - 20 * HOUR, airC: 1 },
      { ms: NOW - 5 * HOUR, airC: 2, rhPct: 50 },
      { ms: NOW - 1.5 * HOUR, airC: 3 },
      { ms: NOW - HOUR, airC: 4 },
      { ms: NOW, airC: 5 },
      { ms: NOW + HOUR, airC: 6 },
    ];
    expect(readingsUsed(readings, NOW).map((s) => [s.q, s.value])).toEqual([
      ['airC', 5],
      ['airC', 2],
      ['rhPct', 50],
    ]);
  });
  it('one of six hours ago counts 1/e', () => {
    expect(fading(6)).toBeCloseTo(0.3679, 4);
    expect(fading(-2)).toBe(1);
  });
});

describe('weights', () => {
  it('a reading of 12 °C, sure to 1 K: a future at 13 weighs e^−½ of one at 12, one at 14 e^−2', () => {
    const w = weightsOf(fifty, readingsUsed([{ ms: NOW, airC: 12 }], NOW), NOW);
    expect(w[15]! / w[10]!).toBeCloseTo(Math.exp(-0.5), 6);
    expect(w[20]! / w[10]!).toBeCloseTo(Math.exp(-2), 6);
    expect(w.reduce((a, b) => a + b, 0)).toBeCloseTo(1, 12);
  });
  it('Kish 1965: equal weights are worth their number, one alone is worth one, half and half two', () => {
    expect(effectiveOf(new Float64Array(50).fill(0.02))).toBeCloseTo(50, 9);
    expect(effectiveOf(Float64Array.of(1, 0, 0))).toBe(1);
    expect(effectiveOf(Float64Array.of(0.5, 0.5, 0))).toBe(2);
  });
  it('each future comes as often as its weight asks, in order', () => {
    expect(picksOf(Float64Array.of(0.5, 0.25, 0.25, 0))).toEqual([0, 0, 1, 2]);
    expect(picksOf(new Float64Array(4).fill(0.25))).toEqual([0, 1, 2, 3]);
    expect(picksOf(Float64Array.of(0, 1, 0))).toEqual([1, 1, 1]);
  });
});

describe('corrected air', () => {
  it('without a reading that counts there is nothing to correct', () => {
    expect(correctedBy(fifty, [], NOW)).toBeNull();
    expect(correctedBy(fifty, [{ ms: NOW - 30 * HOUR, airC: 12 }], NOW)).toBeNull();
  });
  it('17 °C where 15 was expected: the futures near 17 are planned on, and the expected line goes to 17 and fades', () => {
    const { air, said } = correctedBy(fifty, [{ ms: NOW, airC: 17 }], NOW)!;
    expect(said.isWidened).toBe(false);
    expect(said.effective).toBeGreaterThan(15);
    expect(said.off.airC).toBeCloseTo(2, 6);
    const members = Array.from({ length: 50 }, (_, m) => at(air, m, 12));
    expect(members.reduce((a, b) => a + b, 0) / 50).toBeCloseTo(17, 0);
    expect(at(air, centralRow, 12)).toBeCloseTo(17, 6);
    // Six hours on, 1/e of two degrees is left.
    expect(at(air, centralRow, 18)).toBeCloseTo(15 + 2 * Math.exp(-1), 6);
    // The dew gap follows the panel, which goes with the air.
    const k = centralRow * air.nodes + 24;
    expect(air.gapK[k]).toBeCloseTo(air.panelC[k]! - dewPointC(air.airC[k]!, air.rhFrac[k]!), 3);
    expect(air.panelC[k]! - fifty.panelC[k]!).toBeCloseTo(2, 6);
    // What was told stands as it was.
    expect(at(fifty, centralRow, 12)).toBe(15);
  });
  it('25 °C where none of fifty is over 19.8: under 15 count, so all are moved by ten and spread wider instead', () => {
    const { air, said } = correctedBy(fifty, [{ ms: NOW, airC: 25 }], NOW)!;
    expect(said.isWidened).toBe(true);
    expect(said.effective).toBeLessThan(15);
    const spread = (a: AtPart, h: number): number => at(a, 49, h) - at(a, 0, h);
    // 10 K over 1.5 × 2.9 K of spread: 2.3 times as wide at the reading.
    expect(spread(air, 12) / spread(fifty, 12)).toBeCloseTo(2.29, 1);
    expect(spread(air, 40) / spread(fifty, 40)).toBeLessThan(1.05);
    expect(at(air, centralRow, 12)).toBeCloseTo(25, 6);
    expect(at(air, centralRow, 40)).toBeLessThan(15.2);
  });
  it('a surface thermometer moves the part alone; more wind raises gusts with it, and no wind is under nothing', () => {
    const { air } = correctedBy(fifty, [{ ms: NOW, panelC: 18, windMs: 0 }], NOW)!;
    const k = centralRow * air.nodes + 24;
    expect(air.panelC[k]).toBeCloseTo(18, 6);
    expect(air.airC[k]).toBe(15);
    expect(Math.min(...air.windMs)).toBeGreaterThanOrEqual(0);
    expect(air.gustMs[k]).toBeGreaterThanOrEqual(air.windMs[k]!);
    const more = correctedBy(fifty, [{ ms: NOW, windMs: fifty.windMs[k]! + 1 }], NOW)!.air;
    expect(more.gustMs[k]! - fifty.gustMs[k]!).toBeCloseTo(1, 6);
  });
});

describe('on hidden worlds', () => {
  const SPOT = { lat: 53.4, lon: -3.1 };
  it('three hours after a reading the expected air is nearer to what came, in every climate', () => {
    for (const climate of Object.keys(CLIMATE_CARDS) as Climate[]) {
      let before = 0;
      let after = 0;
      for (let n = 0; n < 40; n++) {
        const issuedMs = Date.UTC(2026, 3, 1 + 3 * n);
        const world = simulatedWorld(SPOT, climate, issuedMs);
        const members = world.members();
        const mean = (h: number): number => members.reduce((a, m) => a + m.airTempC[h]!, 0) / members.length;
        const central = { ...members[0]!, airTempC: members[0]!.airTempC.map((_, h) => mean(h)) };
        const startMs = issuedMs - PAST_H * HOUR;
        const air = atPart(
          { startMs, hours: central.airTempC.length, members, central },
          { ...carport, ...SPOT },
          part,
        );
        const truth = world.truth().airTempC;
        const readH = PAST_H + 24;
        const nowMs = startMs + readH * HOUR;
        const made = correctedBy(air, [{ ms: nowMs, airC: truth[readH]! }], nowMs)!.air;
        const laterK = (air.rows - 1) * air.nodes + 2 * (readH + 3);
        before += (air.airC[laterK]! - truth[readH + 3]!) ** 2;
        after += (made.airC[laterK]! - truth[readH + 3]!) ** 2;
      }
      expect([climate, Math.sqrt(after / before) < 0.8]).toEqual([climate, true]);
    }
  });
});
