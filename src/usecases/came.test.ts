/** Hours are kept once they are over, once each, from the forecast that held then. */
import { describe, expect, it } from 'vitest';
import { demo, NOW, steady } from '@/demo/test-kit';
import { HOUR, DAY, isoOf } from '@/core/time/instant';
import type { AirHour } from '@/model/came';
import type { Forecast } from '@/model/forecast';
import type { Job } from '@/model/job';
import { NO_READINGS } from '@/model/reading';
import { cameFor } from './came';
import type { Planning } from './plans';
import { storedJob } from './test-stored';

const TZ = 'Europe/London';
const coated = (agoH: number): Job => ({
  ...demo('tractor-bonnet'),
  state: { coats: [{ layerId: 'base', coat: 1, endedAt: isoOf(NOW - agoH * HOUR, TZ) }], activations: [] },
});

function workshop(forecastAt: (nowMs: number) => Forecast | null) {
  const kept = new Map<number, AirHour>();
  const asked: number[] = [];
  const planning = {
    weather: {
      forecastFor: async (_place: unknown, nowMs: number) => {
        asked.push(nowMs);
        return { forecast: forecastAt(nowMs), issuedMs: nowMs, source: { kind: 'standin' } };
      },
    },
    readingsFor: () => NO_READINGS,
    came: {
      of: () => [...kept.values()].sort((a, b) => a.ms - b.ms),
      keep: (_id: string, hours: readonly AirHour[]) => hours.forEach((h) => kept.set(h.ms, h)),
    },
  } as unknown as Planning;
  return { planning, kept, asked };
}
/** Steady weather that begins a day before. */
const from = (nowMs: number, c: number): Forecast => ({ ...steady(c), start: isoOf(nowMs - 26 * HOUR, TZ) });

describe('the air as it came', () => {
  it('is nothing before a coat is on', async () => {
    const { planning, asked } = workshop((ms) => from(ms, 20));
    const { state: _state, ...bare } = demo('stand-mixer');
    expect(await cameFor(storedJob(bare), planning, NOW)).toEqual([]);
    expect(asked).toEqual([]);
  });
  it('is kept hour by hour up to now, and asked for once', async () => {
    const { planning, kept, asked } = workshop((ms) => from(ms, 20));
    const first = await cameFor(storedJob(coated(5)), planning, NOW);
    expect(first.length).toBe(kept.size);
    expect(first.at(-1)!.ms + HOUR).toBeLessThanOrEqual(NOW);
    expect(NOW - first.at(-1)!.ms).toBeLessThan(2 * HOUR);
    expect(NOW - first[0]!.ms).toBeGreaterThan(7 * HOUR);
    const times = asked.length;
    expect(await cameFor(storedJob(coated(5)), planning, NOW)).toEqual(first);
    expect(asked.length).toBe(times);
    await cameFor(storedJob(coated(5)), planning, NOW + 2 * HOUR);
    expect(kept.size).toBe(first.length + 2);
  });
  it('takes each day from the forecast of that day: a cold spell stands in it', async () => {
    const isCold = (ms: number): boolean => ms < NOW - 2 * DAY + HOUR;
    const { planning } = workshop((ms) => from(ms, isCold(ms) ? 6 : 20));
    const hours = await cameFor(storedJob(coated(4 * 24)), planning, NOW);
    const mean = (list: readonly AirHour[]): number => list.reduce((a, h) => a + h.panelC, 0) / list.length;
    expect(mean(hours.filter((h) => h.ms < NOW - 3 * DAY))).toBeLessThan(15);
    expect(
      mean(hours.filter((h) => h.ms > NOW - DAY)) - mean(hours.filter((h) => h.ms < NOW - 3 * DAY)),
    ).toBeGreaterThan(8);
  });
  it('does not get everything at once, and nothing where nobody told a forecast', async () => {
    const { planning } = workshop((ms) => from(ms, 20));
    const job = storedJob(coated(24 * 45));
    const first = await cameFor(job, planning, NOW);
    expect(first.length).toBeGreaterThan(24 * 30);
    expect(first.length).toBeLessThanOrEqual(24 * 31);
    expect((await cameFor(job, planning, NOW)).length).toBeGreaterThan(24 * 44);
    const full = workshop((ms) => from(ms, 20));
    full.planning.came.keep = () => {
      throw new Error('disk full');
    };
    expect((await cameFor(storedJob(coated(5)), full.planning, NOW)).length).toBeGreaterThan(5);
    const none = workshop(() => null);
    expect(await cameFor(job, none.planning, NOW)).toEqual([]);
  });
});
