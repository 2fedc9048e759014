/**
 * The slow, obvious way beside the fast one: tables of "next bad half hour" against a look at every node,
 * doses against sums over minutes.
 */
import { describe, expect, it } from 'vitest';
import { HARBOUR_LANE } from '@/demo/jobs';
import { simulatedForecast } from '@/standins/weather';
import { atPart } from '../../air/at-part';
import { DARK_BELOW_DEG } from '../../air/dark';
import { ensembleOf } from '../../air/ensemble';
import { dewPointC } from '../../air/moist';
import { CATALOGUE } from '../../coating/catalogue';
import { Clocks } from '../../drying/clocks';
import { dryRate } from '../../drying/rate';
import { uniform } from '../../numerics/random';
import { HOUR, MINUTE, msOf } from '../../time/instant';
import { causeAt, GUST_MAX_MS, limitTable } from './limits';

const now = Date.UTC(2026, 4, 16, 6, 50);
const { forecast, issuedMs } = simulatedForecast(HARBOUR_LANE, now);
const air = atPart(
  ensembleOf(forecast, { startMs: msOf(forecast.start, HARBOUR_LANE.tz), issuedMs, seed: 1 }),
  { ...HARBOUR_LANE, shelter: 'open' },
  { absorptance: 0.7, backFree: true, flatFrac: 1, massKJm2K: 2.9 },
);
const draw = uniform(23);
const pick = (n: number): number => Math.floor(draw() * n);

describe('limits, judged node by node', () => {
  it.each(['orrin-base', 'halden-2k-gloss', 'tamsel-filler'])(
    'the table of %s names the same first bad half hour as a look at each in turn',
    (id) => {
      const p = CATALOGUE.find((x) => x.id === id)!;
      const t = limitTable(air, p);
      let bad = 0;
      for (let n = 0; n < 200; n++) {
        const row = pick(air.rows);
        const from = pick(air.nodes);
        const stage = (['laid', 'open', 'wet', 'soft'] as const)[pick(4)]!;
        const broken = (i: number): boolean => {
          const k = row * air.nodes + i;
          if (stage === 'laid') return air.panelC[k]! > p.tempMaxC;
          if (stage === 'open')
            return air.windMs[k]! > p.windMaxMs || air.gustMs[k]! > GUST_MAX_MS || air.flap[k] === 1;
          const dewC = dewPointC(air.airC[k]!, air.rhFrac[k]!);
          if (stage === 'wet') return air.rhFrac[k]! > p.rhMaxFrac || air.panelC[k]! - dewC < p.dewGapMinK;
          // Common practice: a sun that lifts the panel above 40 °C pops solvent through the skin.
          return (
            air.panelC[k]! < p.tempMinC || air.rain[k] === 1 || air.panelC[k]! <= dewC || air.panelC[k]! > 40
          );
        };
        let slow = from;
        while (slow < air.nodes && !broken(slow)) slow++;
        expect(t.nextBad[stage][row * air.nodes + from]).toBe(slow);
        if (slow < air.nodes) {
          bad++;
          expect(causeAt(t, stage, { row, node: slow })).toBeTruthy();
        }
      }
      expect(bad).toBeGreaterThan(50);
    },
  );
});

describe('limits that no sheet names', () => {
  it('too dark is the sun a degree below the horizon; gusts over 5 m/s carry dust. Common practice and memory', () => {
    expect(DARK_BELOW_DEG).toBe(-1);
    expect(GUST_MAX_MS).toBe(5);
  });
});

describe('stages, summed minute by minute', () => {
  it('a handle-dry found by the running integral is within 3 min of a sum over minutes of the rate at the panel', () => {
    const p = CATALOGUE.find((x) => x.id === 'halden-2k-gloss')!;
    const clock = new Clocks(air).of(p);
    let counted = 0;
    for (let n = 0; n < 25; n++) {
      const row = pick(air.rows);
      const from = air.startMs + (Math.round(draw() * 90) * HOUR) / 2;
      const fast = clock.stageAt('handle', row, from);
      if (!Number.isFinite(fast)) continue;
      let dose = 0;
      let at = from;
      while (dose < p.handleMin && at < from + 120 * HOUR) {
        const x = (at + MINUTE / 2 - air.startMs) / air.stepMs;
        const i = Math.min(air.nodes - 2, Math.floor(x));
        const f = x - i;
        const k = row * air.nodes + i;
        // Rates, not temperatures, run straight between two half hours: the same rule the integral is made with.
        dose +=
          dryRate('cure', air.panelC[k]!, p.refTempC, p.tempMinC) * (1 - f) +
          dryRate('cure', air.panelC[k + 1]!, p.refTempC, p.tempMinC) * f;
        at += MINUTE;
      }
      expect(Math.abs(fast - at) / MINUTE).toBeLessThan(3);
      counted++;
    }
    expect(counted).toBeGreaterThan(8);
  });
});
