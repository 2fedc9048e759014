/** The runner against the obvious way: thousands of seeded jobs, skies and starts, every rule held part by part. */
import { describe, expect, it } from 'vitest';
import { HARBOUR_LANE } from '@/demo/jobs';
import { always, demo } from '@/demo/test-kit';
import type { Job, Part, SystemLayer } from '@/model/job';
import { simulatedForecast } from '@/standins/weather';
import { systemFor } from '../../coating/system';
import { Clocks } from '../../drying/clocks';
import { airsForJob } from '../../job-air';
import { uniform } from '../../numerics/random';
import { DAY, HALF_HOUR } from '../../time/instant';
import { draftsOf } from '../work/drafts';
import { workOf } from '../work/work';
import { limitTable } from './limits';
import { Runner } from './runner';
import {
  badHours,
  inTheDark,
  potFaults,
  SLACK_MS,
  tooLate,
  tooSoon,
  twoAtOnce,
  type Judged,
} from './slow-judge';

const draw = uniform(1711);
const upTo = (n: number): number => Math.floor(draw() * n);
const pick = <T>(list: readonly T[]): T => list[upTo(list.length)]!;

const layer = (role: SystemLayer['role'], productId: string, coats: number): SystemLayer => ({
  role,
  productId,
  coats,
});
/** Stretches of every kind: cans that keep, cans that die, cups that keep, cups that die within the hour. */
const STACKS: readonly (readonly SystemLayer[])[] = [
  [layer('base', 'orrin-base', 3), layer('clear', 'halden-2k-gloss', 2)],
  [layer('base', 'orrin-base', 2), layer('clear', 'halden-1k-gloss', 4)],
  [layer('surfacer', 'tamsel-surfacer', 3)],
  [layer('spray-filler', 'tamsel-spray-filler', 2)],
  [layer('epoxy', 'tamsel-epoxy-gun', 2)],
  [layer('colour', 'skerry-enamel', 2)],
  [
    layer('sealer', 'orrin-sealer', 1),
    layer('base', 'orrin-base-gun', 3),
    layer('clear', 'halden-gun-gloss', 2),
  ],
  [layer('colour', 'skerry-single', 3)],
];

function partAt(n: number): Part {
  return {
    id: `p${n}`,
    lengthMm: 150 + upTo(1500),
    widthMm: 100 + upTo(900),
    sides: draw() < 0.8 ? 1 : 2,
    posture: pick(['flat', 'upright'] as const),
    hiddenEdgePct: upTo(15),
    substrate: 'steel',
    condition: 'sound-paint',
    ...(draw() < 0.2 && { count: 1 + upTo(5) }),
  };
}

function jobAt(): Job {
  const parts = Array.from({ length: 1 + upTo(4) }, (_, n) => partAt(n));
  const stack = pick(STACKS);
  // Every third time one part gets all but the last layer.
  const only = draw() < 0.33 && stack.length > 1 ? parts.slice(0, Math.max(1, parts.length - 1)) : parts;
  const layers = stack.map((l, i) => (i === stack.length - 1 ? { ...l, only: only.map((p) => p.id) } : l));
  const { state: _state, shelf: _shelf, ...bare } = demo('tractor-bonnet');
  return {
    ...bare,
    freeHours: always,
    place: { ...HARBOUR_LANE, shelter: pick(['open', 'lean-to', 'garage'] as const), lamp: draw() < 0.5 },
    equipment: { sprayer: 'hvlp', suppliedAir: true, cupMl: pick([250, 600, 1000]) },
    parts,
    system: { layers },
  };
}

/** A session at random under a sky at random, run on the central line from some start. */
function* runsOf(jobs: number, starts: number): Generator<Judged> {
  for (let n = 0; n < jobs; n++) {
    const job = jobAt();
    const nowMs = Date.UTC(2026, 4, 16, 6) + upTo(330) * DAY;
    const { forecast, issuedMs } = simulatedForecast(job.place, nowMs);
    const few = { ...forecast, members: [forecast.members[0]!, forecast.members[0]!] };
    const air = airsForJob({ job, forecast: few, issuedMs, nowMs }).air;
    const [draft] = draftsOf(workOf(job, systemFor(job))).sessions;
    const clocks = new Clocks(air);
    const runner = new Runner({ air, place: job.place }, clocks, (p) => limitTable(air, p), draft!);
    for (let k = 0; k < starts; k++) {
      const startMs = nowMs + upTo(7 * 48) * HALF_HOUR;
      yield {
        air,
        draft: draft!,
        run: runner.run(air.rows - 1, startMs),
        hasLamp: job.place.lamp === true,
        startMs,
      };
    }
  }
}

describe('a session in one future (2,400 seeded runs)', () => {
  const runs = [...runsOf(300, 8)];
  const well = runs.filter((r) => r.run.cause === null);
  const laid = runs.filter((r) => r.run.coats.length === r.draft.steps.length);

  it('they are of every kind: hundreds end well, hundreds do not, for many reasons', () => {
    const causes = new Set(runs.map((r) => r.run.cause));
    expect(well.length).toBeGreaterThan(200);
    expect(runs.length - well.length).toBeGreaterThan(200);
    expect(causes.size).toBeGreaterThan(6);
    expect(laid.reduce((a, r) => a + r.run.trace!.pots.length, 0)).toBeGreaterThan(1000);
    expect(laid.some((r) => r.run.trace!.pots.some((p) => p.isAfterDead))).toBe(true);
  });
  it('no coat before its film is ready, on any part: doses summed minute by minute', () => {
    expect(laid.flatMap(tooSoon)).toEqual([]);
  });
  it('no coat past its maximum on any part, in what ends well', () => {
    expect(well.flatMap(tooLate)).toEqual([]);
  });
  it('hands do one thing at a time: mixing, activating, spraying, rinsing', () => {
    expect(laid.flatMap(twoAtOnce)).toEqual([]);
  });
  it('no cup and no can past its end, and those of a coat add up to what it sprays', () => {
    expect(well.flatMap(potFaults)).toEqual([]);
  });
  it('nothing is sprayed in the dark without a lamp, in what ends well', () => {
    expect(well.flatMap(inTheDark)).toEqual([]);
  });
  it('no unchecked hour between first coat and handle-dry: what ends well minds no half hour of it', () => {
    expect(well.flatMap((r) => badHours(r, -SLACK_MS))).toEqual([]);
  });
  it('and nothing is refused for an hour that does no harm', () => {
    const AIR = new Set(['wind', 'gusts', 'dew-gap', 'humid', 'hot', 'pop', 'cold', 'rain', 'dew']);
    const refused = laid.filter((r) => r.run.cause !== null && AIR.has(r.run.cause));
    expect(refused.length).toBeGreaterThan(100);
    expect(refused.filter((r) => badHours(r, SLACK_MS).length === 0)).toEqual([]);
  });
});
