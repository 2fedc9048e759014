/** Stated against come true: a dressed line, and the stand-in's own futures, on worlds that neither has seen. */
import { describe, expect, it } from 'vitest';
import { dress } from '@/core/air/dress';
import { HEIGHT_FACTOR } from '@/core/air/shelter';
import { HOUR } from '@/core/time/instant';
import { chanceOf } from '@/core/numerics/stats';
import type { ForecastMember } from '@/model/forecast';
import { CLIMATES, type Climate } from './climates';
import { PAST_H, simulatedWorld } from './weather';

const LAT: Readonly<Record<Climate, number>> = { oceanic: 52, inland: 45, dry: 33, humid: 14, northern: 63 };
const STRETCH_H = 4;

type Good = (m: ForecastMember, i: number) => boolean;
/** In the open: warm, dry, nearly still, no rain; under a roof that halves the wind: no rain to fear. */
const inTheOpen: Good = (m, i) =>
  m.airTempC[i]! >= 10 &&
  m.airTempC[i]! <= 30 &&
  m.rhPct[i]! <= 82 &&
  m.windMs[i]! * HEIGHT_FACTOR <= 3 &&
  m.rainMm[i]! <= 0.1;
const underARoof: Good = (m, i) =>
  m.airTempC[i]! >= 12 && m.airTempC[i]! <= 30 && m.rhPct[i]! <= 80 && m.windMs[i]! * HEIGHT_FACTOR <= 3;
const noRain: Good = (m, i) => m.rainMm[i]! <= 0.1;

interface Band {
  cases: number;
  stated: number;
  came: number;
}
interface Worlds {
  readonly each: number;
  readonly stepDays: number;
  readonly futures: (world: ReturnType<typeof simulatedWorld>, issuedH: number) => ForecastMember[];
}

/** Bands of ten points, over five climates and leads of six hours to eight days. */
function bandsOf(good: Good, { each, stepDays, futures }: Worlds): Band[] {
  const bands = Array.from({ length: 10 }, (): Band => ({ cases: 0, stated: 0, came: 0 }));
  for (const climate of CLIMATES)
    for (let k = 0; k < each; k++) {
      const issuedH = Math.floor((Date.UTC(2027, 0, 3) / HOUR + k * stepDays * 24) / 6) * 6;
      const world = simulatedWorld({ lat: LAT[climate], lon: 100.5 + (k % 60) }, climate, issuedH * HOUR);
      const truth = world.truth();
      const members = futures(world, issuedH);
      const holds = (m: ForecastMember, from: number): boolean =>
        Array.from({ length: STRETCH_H }, (_, d) => good(m, from + d)).every(Boolean);
      for (let i = PAST_H + 6; i < PAST_H + 198; i += 8) {
        const p = chanceOf(members.filter((m) => holds(m, i)).length, members.length);
        const band = bands[Math.min(9, Math.floor(p * 10))]!;
        band.cases++;
        band.stated += p;
        band.came += holds(truth, i) ? 1 : 0;
      }
    }
  return bands;
}

/** Largest gap between stated and come true, in points, over bands of at least so many cases. */
function worstGap(bands: readonly Band[], least: number): { gap: number; bands: number } {
  const full = bands.filter((b) => b.cases >= least);
  const gaps = full.map((b) => (100 * Math.abs(b.stated - b.came)) / b.cases);
  return { gap: Math.max(...gaps), bands: full.length };
}

const dressed: Worlds['futures'] = (world, issuedH) =>
  dress(world.line(), { startMs: (issuedH - PAST_H) * HOUR, issuedMs: issuedH * HOUR, seed: issuedH % 9973 });

describe('what is stated comes true', () => {
  it('a dressed line: in bands of at least 300 cases within 5 points, in the open and under a roof', () => {
    for (const good of [inTheOpen, underARoof]) {
      const { gap, bands } = worstGap(bandsOf(good, { each: 110, stepDays: 3.25, futures: dressed }), 300);
      expect(bands).toBeGreaterThanOrEqual(8);
      expect(gap).toBeLessThan(5);
    }
  }, 120_000);
  it('for wind alone, at 2.5 and 3 m/s at the part, within 7 points', () => {
    for (const limitMs of [2.5, 3]) {
      const calm: Good = (m, i) => m.windMs[i]! * HEIGHT_FACTOR <= limitMs;
      const { gap, bands } = worstGap(bandsOf(calm, { each: 110, stepDays: 3.25, futures: dressed }), 300);
      expect(bands).toBeGreaterThanOrEqual(6);
      expect(gap).toBeLessThan(7);
    }
  }, 120_000);
  it('the stand-in’s fifty futures and its truth cannot be told apart: in bands of at least 150 cases within 7 points', () => {
    const members: Worlds['futures'] = (world) => world.members();
    const { gap, bands } = worstGap(bandsOf(inTheOpen, { each: 14, stepDays: 26, futures: members }), 150);
    expect(bands).toBeGreaterThanOrEqual(2);
    expect(gap).toBeLessThan(7);
  }, 120_000);
  it('a dry line does not promise a dry week: rain is born in some futures, and dies in others', () => {
    const n = 240;
    const flat = (x: number): number[] => Array<number>(n).fill(x);
    const line = (rain: number[]): ForecastMember => ({
      airTempC: flat(15),
      rhPct: flat(70),
      windMs: flat(3),
      gustMs: flat(5),
      rainMm: rain,
      cloudFrac: flat(0.6),
    });
    const share = (rain: number[], from: number, to: number): number => {
      const members = dress(line(rain), { startMs: 0, issuedMs: 0, seed: 11 });
      return members.filter((m) => m.rainMm.slice(from, to).some((mm) => mm > 0.1)).length / members.length;
    };
    expect(share(flat(0), 0, 6)).toBeLessThan(0.2);
    expect(share(flat(0), 120, 144)).toBeGreaterThan(0.25);
    const spell = flat(0).map((_mm, i) => (i >= 130 && i < 136 ? 1 : 0));
    expect(share(spell, 130, 136)).toBeLessThan(0.85);
    expect(share(spell, 130, 136)).toBeGreaterThan(share(flat(0), 130, 136));
    expect(noRain(line(spell), 130)).toBe(false);
  });
});
