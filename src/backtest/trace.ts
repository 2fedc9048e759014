/** Every look of a world with what was seen and what a start would have come to: what a policy can be learned from. */
import { looksOf } from '@/core/schedule/decide/looks';
import { pooledChance } from '@/core/schedule/decide/odds';
import { freeSpans } from '@/core/time/free-hours';
import { DAY } from '@/core/time/instant';
import type { Job } from '@/model/job';
import { ALONE, attemptOn } from './seen';
import { sessionCans, truly } from './truly';
import { DAYS, type Sky } from './world';

export interface Trace {
  /** Days since the world began. */
  readonly day: number;
  /** Best chance before the next look; null where there is no start. */
  readonly chance: number | null;
  /** What came of that start, and days until it may be handled. */
  readonly came: boolean;
  readonly handleDay: number;
  /** Best chance in the next one, two, four and all days after this look. */
  readonly ahead: readonly number[];
  readonly stake: number;
  /** Cans that are lost if that start fails. */
  readonly cans: number;
}

const AHEAD_DAYS = [1, 2, 4, 14] as const;

export function tracesOf(sky: Sky, job: Job): Trace[] {
  const { startMs } = sky.world;
  const untilMs = startMs + DAYS * DAY;
  const free = freeSpans(job.freeHours, job.place.tz, startMs, untilMs);
  const looks = looksOf(free, startMs, untilMs).slice(1);
  return looks.map((nowMs, n): Trace => {
    const nextLookMs = looks[n + 1] ?? untilMs;
    const { live, input } = attemptOn({ job, sky, nowMs, free, nextLookMs, ...ALONE }, sky.futures(nowMs));
    const first = live[0]!;
    const seen = input.candidates[0]!.map((o) => ({
      startMs: o.startMs,
      chance: pooledChance(o.good, o.of, first.pool),
    }));
    const here = seen.filter((o) => o.startMs < nextLookMs);
    const best = here.reduce<(typeof seen)[number] | null>(
      (a, o) => (a && a.chance >= o.chance ? a : o),
      null,
    );
    const came = best && truly({ sky, job, draft: first.draft, free }, best.startMs);
    return {
      day: (nowMs - startMs) / DAY,
      chance: best?.chance ?? null,
      came: came?.isWell ?? false,
      handleDay: came?.isWell ? (came.run.handleMs - startMs) / DAY : DAYS,
      ahead: AHEAD_DAYS.map((d) =>
        Math.max(
          0,
          ...seen.filter((o) => o.startMs >= nextLookMs && o.startMs < nowMs + d * DAY).map((o) => o.chance),
        ),
      ),
      stake: first.stakes.money,
      cans: sessionCans(first.draft),
    };
  });
}
