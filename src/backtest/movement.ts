/**
 * How a stated chance moves from issue to issue, against how the decision expects it to: Saturdays at ten, seen from
 * further and further off on hidden worlds. Between two looks the mean stays; how far it spreads follows from ρ².
 */
import { freeSpans } from '@/core/time/free-hours';
import { DAY, HOUR } from '@/core/time/instant';
import { HERMITE_15 } from '@/core/numerics/normal';
import { pooledChance } from '@/core/schedule/decide/odds';
import { knownBy, seenLater } from '@/core/schedule/decide/information';
import { Tried } from '@/core/schedule/judge/start-option';
import type { Job } from '@/model/job';
import { ALONE, attemptOn } from './seen';
import { saturdaysAtTen } from './saturdays';
import { mean, seOf } from './summary';
import { DAYS, type Sky } from './world';

/** Hours before the start at which it is looked at. */
export const LOOKS_H = [146, 98, 74, 50, 26, 8, 2] as const;

/** A start seen twice. */
export interface Seen {
  readonly fromH: number;
  readonly toH: number;
  readonly before: number;
  readonly after: number;
}

interface Look {
  readonly chance: number;
  /** Its central line holds, so that it would be offered. */
  readonly isOffered: boolean;
}

/** All futures of the start, whether or not it would be offered then: what turned bad must not drop out. */
function lookAt(sky: Sky, job: Job, atMs: number, nowMs: number): Look {
  const { startMs } = sky.world;
  const free = freeSpans(job.freeHours, job.place.tz, startMs, startMs + DAYS * DAY);
  const { live, shared } = attemptOn(
    { job, sky, nowMs, free, nextLookMs: nowMs, ...ALONE },
    sky.futures(nowMs),
  );
  const { air } = shared.request;
  const tried = new Tried(air, live[0]!.runner, atMs);
  const { good } = tried.futures(Infinity);
  return { chance: pooledChance(good, air.rows - 1, live[0]!.pool), isOffered: tried.central.cause === null };
}

/** Every look at which a Saturday is offered, and the next one. */
export function movementsOf(sky: Sky, job: Job): Seen[] {
  const { startMs } = sky.world;
  return saturdaysAtTen(job.place.tz, startMs, startMs + DAYS * DAY).flatMap((atMs) => {
    const looks = LOOKS_H.map((h) => {
      const nowMs = atMs - h * HOUR;
      return nowMs < startMs ? null : lookAt(sky, job, atMs, nowMs);
    });
    return LOOKS_H.slice(1).flatMap((toH, i): Seen[] => {
      const [before, after] = [looks[i]!, looks[i + 1]!];
      if (!before?.isOffered || !after) return [];
      return [{ fromH: LOOKS_H[i]!, toH, before: before.chance, after: after.chance }];
    });
  });
}

/** Enough to tell a variance from. */
const NODES = HERMITE_15;

/** Variance of the chance at the next look, as the decision has it. */
export function expectedVariance({ fromH, toH, before }: Pick<Seen, 'fromH' | 'toH' | 'before'>): number {
  const seen = seenLater(before, knownBy(fromH * HOUR, toH * HOUR));
  return NODES.x.reduce((a, x, i) => a + NODES.w[i]! * (seen(x) - before) ** 2, 0);
}

export interface Movement {
  readonly fromH: number;
  readonly toH: number;
  readonly cases: number;
  /** Mean of after less before, and its standard error. */
  readonly drift: number;
  readonly driftSe: number;
  /** Root mean square of the movement, as it came and as it is expected. */
  readonly came: number;
  readonly expected: number;
}

export function summed(seen: readonly Seen[]): Movement[] {
  return LOOKS_H.slice(1).map((toH, i) => {
    const fromH = LOOKS_H[i]!;
    const mine = seen.filter((s) => s.fromH === fromH);
    const moves = mine.map((s) => s.after - s.before);
    return {
      fromH,
      toH,
      cases: mine.length,
      drift: mean(moves),
      driftSe: seOf(moves),
      came: Math.sqrt(mean(moves.map((m) => m * m))),
      expected: Math.sqrt(mean(mine.map(expectedVariance))),
    };
  });
}
