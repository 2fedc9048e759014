import { describe, expect, it } from 'vitest';
import { forecastFaults, forecastSchema } from '@/model/forecast';
import { HOUR } from '@/core/time/instant';
import { AHEAD_H, issuedAt, PAST_H, simulatedForecast } from './weather';

const HOME = { lat: 53.42, lon: -3.08 };
const T0 = Date.UTC(2026, 4, 16, 6, 50);

describe('the simulated weather service', () => {
  it('issues every six hours, a day back and ten ahead, in the exchanged shape', () => {
    const { forecast, issuedMs } = simulatedForecast(HOME, T0);
    expect(issuedMs).toBe(Date.UTC(2026, 4, 16, 6));
    expect(issuedAt(T0 + 5 * HOUR)).toBe(issuedMs);
    expect(forecastSchema.safeParse(forecast).success).toBe(true);
    expect(forecastFaults(forecast)).toEqual([]);
    expect(forecast.members[0]!.airTempC).toHaveLength(PAST_H + AHEAD_H);
  });
  it('the hours already gone do not change with the next issue; the hours ahead do', () => {
    const a = simulatedForecast(HOME, T0).forecast.members[0]!;
    const b = simulatedForecast(HOME, T0 + 6 * HOUR).forecast.members[0]!;
    // b starts six hours later; hours 6…24 of a are 0…18 of b and were past for both.
    for (let i = 6; i <= PAST_H; i++) expect(b.airTempC[i - 6]).toBe(a.airTempC[i]);
    expect(a.airTempC.slice(120, 160).some((t, i) => t !== b.airTempC[114 + i])).toBe(true);
  });
  it('a year of it is a climate: July warmer than January, days warmer than nights, some rain, all in range', () => {
    const mean = (month: number, hour: number): number => {
      let s = 0;
      let n = 0;
      for (let d = 1; d <= 28; d += 3) {
        s += simulatedForecast(HOME, Date.UTC(2026, month, d, hour)).forecast.members[0]!.airTempC[
          PAST_H - 1
        ]!;
        n++;
      }
      return s / n;
    };
    expect(mean(6, 12)).toBeGreaterThan(mean(0, 12) + 6);
    expect(mean(6, 14)).toBeGreaterThan(mean(6, 3) + 3);
    let wet = 0;
    let hours = 0;
    for (let d = 0; d < 360; d += 10)
      for (const r of simulatedForecast(HOME, T0 + d * 24 * HOUR).forecast.members[0]!.rainMm) {
        hours++;
        if (r > 0) wet++;
      }
    expect(wet / hours).toBeGreaterThan(0.02);
    expect(wet / hours).toBeLessThan(0.3);
  });
  it('another place has other weather, the same place always the same', () => {
    expect(simulatedForecast({ lat: 40, lon: 20 }, T0).forecast.members[0]!.airTempC).not.toEqual(
      simulatedForecast(HOME, T0).forecast.members[0]!.airTempC,
    );
    expect(simulatedForecast(HOME, T0)).toEqual(simulatedForecast({ ...HOME }, T0));
  });
});
