import { describe, expect, it } from 'vitest';
import { CATALOGUE } from '../coating/catalogue';
import { atPart } from '../air/at-part';
import { ensembleOf } from '../air/ensemble';
import { HOUR, MINUTE } from '../time/instant';
import { Clocks } from './clocks';
import { dryRate, limitRate, stageOf, waterFactor } from './rate';

const product = (id: string) => CATALOGUE.find((p) => p.id === id)!;
const T0 = Date.UTC(2026, 4, 16);

/** A garage (no sun, no sky) at one steady temperature, so that the panel is at it too. */
const steady = (tempC: number, hours = 96) => {
  const flat = (x: number): number[] => Array(hours).fill(x);
  const m = {
    airTempC: flat(tempC),
    rhPct: flat(50),
    windMs: flat(1),
    gustMs: flat(2),
    rainMm: flat(0),
    cloudFrac: flat(1),
  };
  const e = ensembleOf(
    { start: '2026-05-16T00:00Z', stepMin: 60, members: [m, m] },
    { startMs: T0, issuedMs: T0, seed: 1 },
  );
  return atPart(
    e,
    { tz: 'UTC', lat: 53, lon: 0, shelter: 'cellar', windFrac: 0.25 },
    { absorptance: 0.6, backFree: true, flatFrac: 0, massKJm2K: 2.9 },
  );
};

describe('drying rates (Arrhenius identities on the energies stated)', () => {
  it('solvent leaves 1.72 times faster at 30 than at 20 °C (40 kJ/mol)', () =>
    expect(dryRate('evaporation', 30, 20, 0)).toBeCloseTo(1.72, 2));
  it('cure runs 2.1 times faster at 30 than at 20 °C (55 kJ/mol), near the rule of half the time per 10 °C', () =>
    expect(dryRate('cure', 30, 20, 10)).toBeCloseTo(2.1, 1));
  it('from 20 to 60 °C an energy of 55 kJ/mol gives × 15, but no credit is given above 40 °C', () => {
    expect(Math.exp((55_000 / 8.314462618) * (1 / 293.15 - 1 / 333.15))).toBeCloseTo(15, 0);
    expect(dryRate('cure', 60, 20, 10)).toBe(dryRate('cure', 40, 20, 10));
    expect(dryRate('cure', 40, 20, 10)).toBeGreaterThan(dryRate('cure', 39, 20, 10));
    expect(dryRate('cure', 60, 20, 10)).toBeCloseTo(4.23, 1);
  });
  it('an enamel takes up oxygen and a two-part film reacts: both cure; a lacquer and shellac only lose their solvent', () => {
    const mode = (id: string): string => stageOf(product(id), 'handle').mode;
    const enamel = CATALOGUE.find((p) => p.chemistry === '1k-alkyd')!;
    const shellac = CATALOGUE.find((p) => p.chemistry === 'shellac')!;
    expect(stageOf(enamel, 'handle').mode).toBe('cure');
    expect(stageOf(enamel, 'flash').mode).toBe('evaporation');
    expect(stageOf(shellac, 'handle').mode).toBe('evaporation');
    expect(mode('halden-2k-gloss')).toBe('cure');
    expect(mode('orrin-base')).toBe('evaporation');
  });
  it('cure stands still below the sheet’s minimum while solvent goes on leaving', () => {
    expect(dryRate('cure', 9.9, 20, 10)).toBe(0);
    expect(dryRate('evaporation', 5, 20, 10)).toBeGreaterThan(0.3);
  });
  it('a maximum shrinks in heat and never stretches in the cold', () => {
    expect(limitRate('cure', 5, 20)).toBe(1);
    expect(limitRate('cure', 30, 20)).toBeGreaterThan(2);
  });
  it('water leaves twice as fast into dry air as at the sheet’s 50 %, half as fast at 75 %, not at all into full air', () => {
    expect(waterFactor(0)).toBe(2);
    expect(waterFactor(0.5)).toBe(1);
    expect(waterFactor(0.75)).toBe(0.5);
    expect(waterFactor(1)).toBe(0);
    for (const wrong of [-0.01, 1.01, Number.NaN]) expect(() => waterFactor(wrong)).toThrow('waterFactor');
  });
  it('refuses a temperature that is not a number', () =>
    expect(() => dryRate('cure', Number.NaN, 20, 10)).toThrow(RangeError));
});

describe('stage clocks', () => {
  const base = product('orrin-base');
  const clear = product('halden-2k-gloss');
  it('at the reference temperature a flash of 10 min takes 10 min', () => {
    const a = steady(20);
    const at = new Clocks(a).of(base).stageAt('flash', a.rows - 1, T0 + 10 * HOUR);
    expect((at - T0 - 10 * HOUR) / MINUTE).toBeCloseTo(10, 1);
  });
  it('at 12 °C the same flash takes 15.9 min, at 28 °C 6.5 (worked by hand from E/R = 4811 K)', () => {
    for (const [t, min] of [
      [12, 10 * Math.exp(4810.9 * (1 / 285.15 - 1 / 293.15))],
      [28, 10 * Math.exp(4810.9 * (1 / 301.15 - 1 / 293.15))],
    ] as const) {
      const a = steady(t);
      const at = new Clocks(a).of(base).stageAt('flash', 0, T0 + 10 * HOUR);
      expect((at - T0 - 10 * HOUR) / MINUTE).toBeCloseTo(min, 0);
    }
  });
  it('a 2K clear in a cold night is never handle-dry within the forecast', () => {
    const a = steady(8);
    expect(new Clocks(a).of(clear).stageAt('handle', 0, T0)).toBe(Infinity);
  });
  it('an activated can dies after its label’s 48 h at 10 °C and sooner at 30 °C, never later', () => {
    const cold = new Clocks(steady(10)).of(clear).potEndsAt(0, T0);
    const hot = new Clocks(steady(30)).of(clear).potEndsAt(0, T0);
    expect((cold - T0) / HOUR).toBe(48);
    expect((hot - T0) / HOUR).toBeLessThan(24);
    expect(new Clocks(steady(20)).of(base).potEndsAt(0, T0)).toBe(Infinity);
  });
  it('the bond of the base ends after 24 h in the cold, not later', () => {
    expect((new Clocks(steady(5)).of(base).maxAt(1440, 0, T0) - T0) / HOUR).toBe(24);
  });
});
