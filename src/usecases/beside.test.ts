/** Readings of a job beside what was told when they were read. */
import { describe, expect, it } from 'vitest';
import { demo, NOW, steady } from '@/demo/test-kit';
import { HOUR, isoOf } from '@/core/time/instant';
import type { Job } from '@/model/job';
import type { Reading } from '@/model/reading';
import { besideFor } from './beside';
import type { Planning } from './plans';
import { storedJob } from './test-stored';

const TZ = 'Europe/London';
const coated: Job = {
  ...demo('tractor-bonnet'),
  state: { coats: [{ layerId: 'base', coat: 1, endedAt: isoOf(NOW - 5 * HOUR, TZ) }], activations: [] },
};
/** It was told two degrees colder until five hours ago. */
const planning = (readings: readonly Reading[]): Planning =>
  ({
    weather: {
      forecastFor: async (_place: unknown, ms: number) => ({
        forecast: { ...steady(ms < NOW - 5 * HOUR ? 18 : 20), start: isoOf(NOW - 40 * HOUR, TZ) },
        issuedMs: ms < NOW - 5 * HOUR ? 1 : 2,
        source: { kind: 'standin' },
      }),
    },
    readingsFor: () => ({ placeId: null, here: readings, dryPlaceId: null, there: [] }),
  }) as unknown as Planning;

describe('readings beside what was told', () => {
  it('each is held against the forecast that held when it was read', async () => {
    const readings = [
      { ms: NOW - 8 * HOUR, airC: 19 },
      { ms: NOW - 3 * HOUR, airC: 19 },
    ];
    const pairs = await besideFor(storedJob(coated), planning(readings), NOW);
    expect(pairs.map((b) => b.read.airC)).toEqual([19, 19]);
    expect(pairs[1]!.told.airC - pairs[0]!.told.airC).toBeCloseTo(2, 1);
  });
  it('what was read long before the first coat, or while none is on, is left', async () => {
    const early = [{ ms: NOW - 20 * HOUR, airC: 19 }];
    expect(await besideFor(storedJob(coated), planning(early), NOW)).toEqual([]);
    const { state: _none, ...bare } = coated;
    expect(await besideFor(storedJob(bare), planning([{ ms: NOW - HOUR, airC: 19 }]), NOW)).toEqual([]);
  });
  it('is told against the place as it is usual, whatever the job knew of it', async () => {
    const own = { ...coated, place: { ...coated.place, own: { airK: 5 } } };
    const at = [{ ms: NOW - 3 * HOUR, airC: 19 }];
    const [known, usual] = [
      await besideFor(storedJob(own), planning(at), NOW),
      await besideFor(storedJob(coated), planning(at), NOW),
    ];
    expect(known).toEqual(usual);
  });
});
