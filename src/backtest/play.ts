/** Plays one job through one hidden world under one policy: what was started, what failed, what it all cost. */
import { freeSpans } from '@/core/time/free-hours';
import { DAY, HOUR, MINUTE, type Span } from '@/core/time/instant';
import { looksOf } from '@/core/schedule/decide/looks';
import { memoryOf } from '@/core/schedule/judge/memory';
import { Runner } from '@/core/schedule/judge/runner';
import type { Live } from '@/core/schedule/live';
import type { Job } from '@/model/job';
import { attemptOn, type Asked, type Move, type Policy } from './policies';
import { airOf, DAYS, type Sky } from './world';

export interface Played {
  readonly cost: number;
  readonly starts: number;
  readonly spoiled: number;
  readonly isDone: boolean;
  readonly days: number;
  readonly stated: readonly { readonly chance: number; readonly came: boolean }[];
}

/** What failed is stripped before it is begun again: the next day at the earliest. */
const AGAIN_MS = 20 * HOUR;

/** Whether a session started then goes well in what came, and when it may be handled. */
export function truly(sky: Sky, job: Job, { draft }: Live, startMs: number, free: readonly Span[]) {
  const air = airOf(sky.truth(startMs), job);
  const memory = memoryOf(air, 'energy');
  const runner = new Runner({ air, place: job.place }, memory.clocks, (p) => memory.limitsOf(p), draft);
  const run = runner.run(0, startMs);
  const within = free.find((s) => s.startMs <= startMs && startMs < s.endMs);
  const isLate = within !== undefined && run.handsOffMs > within.endMs + 15 * MINUTE;
  return { isWell: run.cause === null && !isLate, handleMs: run.handleMs, cause: run.cause, isLate };
}

/** The stake of the plan, the same for every policy, money. */
function stakeOf(sky: Sky, job: Job, startMs: number): { live: Live; stake: number } {
  const asked: Asked = { job, sky, nowMs: startMs, free: [], nextLookMs: startMs };
  const attempt = attemptOn(asked, sky.futures(startMs));
  return { live: attempt.live[0]!, stake: attempt.live.reduce((a, l) => a + l.stakes.money, 0) };
}

/** A policy is asked again when its hour has come, with what was issued since. */
function settled(policy: Policy, asked: Asked): Move | null {
  let at = asked;
  for (let n = 0; n < 4; n++) {
    const move = policy(at);
    if (!move || move.startMs <= at.nowMs + 10 * MINUTE) return move;
    at = { ...at, nowMs: move.startMs };
  }
  return null;
}

export function play(sky: Sky, job: Job, policy: Policy): Played {
  const { startMs } = sky.world;
  const untilMs = startMs + DAYS * DAY;
  const free = freeSpans(job.freeHours, job.place.tz, startMs, untilMs);
  const looks = looksOf(free, startMs, untilMs).slice(1);
  const { live, stake } = stakeOf(sky, job, startMs);
  const delay = job.risk.delayPerDay ?? 4;
  const stated: { chance: number; came: boolean }[] = [];
  let spoiled = 0;
  let starts = 0;
  let notBeforeMs = startMs;
  for (const [n, lookMs] of looks.entries()) {
    const nextLookMs = looks[n + 1] ?? untilMs;
    const nowMs = Math.max(lookMs, notBeforeMs);
    if (nowMs >= nextLookMs) continue;
    const move = settled(policy, { job, sky, nowMs, free, nextLookMs });
    if (!move) continue;
    starts++;
    const { isWell, handleMs } = truly(sky, job, live, move.startMs, free);
    if (move.stated !== null) stated.push({ chance: move.stated, came: isWell });
    if (isWell) {
      const days = (handleMs - startMs) / DAY;
      return { cost: spoiled * stake + days * delay, starts, spoiled, isDone: true, days, stated };
    }
    spoiled++;
    notBeforeMs = move.startMs + AGAIN_MS;
  }
  const cost = spoiled * stake + DAYS * delay + stake;
  return { cost, starts, spoiled, isDone: false, days: DAYS, stated };
}
