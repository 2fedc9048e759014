/** Plays one job through one hidden world under one policy: what was started, what failed, what it all cost. */
import { looksOf } from '@/core/schedule/decide/looks';
import { memoryOf } from '@/core/schedule/judge/memory';
import type { Run } from '@/core/schedule/judge/run';
import { Runner } from '@/core/schedule/judge/runner';
import { LATE_OFF_MS } from '@/core/schedule/judge/start-option';
import type { Draft } from '@/core/schedule/work/draft';
import { freeSpans } from '@/core/time/free-hours';
import { DAY, HOUR, isoOf, MINUTE, type Span } from '@/core/time/instant';
import type { Job, JobState } from '@/model/job';
import { DELAY_PER_DAY } from './jobs';
import { attemptOn, type Asked, type Move, type Policy } from './policies';
import { airOf, DAYS, type Sky } from './world';

/** What a start was said to be, and what came of it. */
export interface Stated {
  readonly chance: number;
  readonly came: boolean;
}

export interface Played {
  readonly cost: number;
  readonly starts: number;
  readonly spoiled: number;
  readonly isDone: boolean;
  readonly days: number;
  readonly stated: readonly Stated[];
}

/** What failed is stripped before it is begun again: the next day at the earliest. */
export const AGAIN_MS = 20 * HOUR;

/** Sanding between two sessions, by hand, and what comes with it: the next free hour but two. ASSUMED. */
const BETWEEN_MS = 2 * HOUR;

interface Sprayed {
  readonly sky: Sky;
  readonly job: Job;
  readonly draft: Draft;
  readonly free: readonly Span[];
}

/** What a session started then comes to in what really came. */
export function truly({ sky, job, draft, free }: Sprayed, startMs: number): { isWell: boolean; run: Run } {
  const air = airOf(sky.truth(startMs), job);
  const memory = memoryOf(air, 'energy');
  const runner = new Runner({ air, place: job.place }, memory.clocks, (p) => memory.limitsOf(p), draft);
  const run = runner.run(air.rows - 1, startMs);
  const within = free.find((s) => s.startMs <= startMs && startMs < s.endMs);
  const isLate = within !== undefined && run.handsOffMs > within.endMs + LATE_OFF_MS;
  return { isWell: run.cause === null && !isLate, run };
}

/** The job with a session ticked, and the work before the next one done. */
function ticked(job: Job, draft: Draft, run: Run, next: Draft | undefined): Job {
  const at = (ms: number): string => isoOf(ms, job.place.tz);
  const state: JobState = job.state ?? { coats: [], activations: [] };
  const coats = draft.steps.map((s, k) => ({
    layerId: s.layerId,
    coat: s.coat,
    endedAt: at(run.coats[k]!.endMs),
    partIds: [...s.partIds],
  }));
  const visits = (next?.visits ?? []).map((v) => ({ taskId: v.id, endedAt: at(run.readyMs + BETWEEN_MS) }));
  return {
    ...job,
    state: { ...state, coats: [...state.coats, ...coats], tasks: [...(state.tasks ?? []), ...visits] },
  };
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

/** How far a world has been played. */
interface Going {
  job: Job;
  /** Sessions that are left, by their drafts at the beginning. */
  left: readonly Draft[];
  notBeforeMs: number;
  starts: number;
  spoiled: number;
  lost: number;
  handleMs: number;
  readonly stated: Stated[];
}

interface Game {
  readonly sky: Sky;
  readonly policy: Policy;
  readonly free: readonly Span[];
  /** By session, money. */
  readonly stakes: ReadonlyMap<string, number>;
}

/** One look: nothing, or a start and what comes of it. */
function lookOnce(g: Going, game: Game, lookMs: number, nextLookMs: number): void {
  const { sky, policy, free } = game;
  const nowMs = Math.max(lookMs, g.notBeforeMs);
  if (nowMs >= nextLookMs) return;
  const move = settled(policy, { job: g.job, sky, nowMs, free, nextLookMs });
  if (!move) return;
  const [draft, ...rest] = g.left;
  g.starts++;
  const { isWell, run } = truly({ sky, job: g.job, draft: draft!, free }, move.startMs);
  if (move.stated !== null) g.stated.push({ chance: move.stated, came: isWell });
  if (!isWell) {
    g.spoiled++;
    g.lost += game.stakes.get(draft!.id) ?? 0;
    g.notBeforeMs = move.startMs + AGAIN_MS;
    return;
  }
  g.job = ticked(g.job, draft!, run, rest[0]);
  g.left = rest;
  g.handleMs = run.handleMs;
  g.notBeforeMs = rest.length > 0 ? run.readyMs + BETWEEN_MS : run.handleMs;
}

export function play(sky: Sky, job: Job, policy: Policy): Played {
  const { startMs } = sky.world;
  const untilMs = startMs + DAYS * DAY;
  const free = freeSpans(job.freeHours, job.place.tz, startMs, untilMs);
  const looks = looksOf(free, startMs, untilMs).slice(1);
  const { live } = attemptOn(
    { job, sky, nowMs: startMs, free: [], nextLookMs: startMs },
    sky.futures(startMs),
  );
  // The stake of the plan is the same for every policy.
  const stakes = new Map(live.map((l) => [l.draft.id, l.stakes.money]));
  const game: Game = { sky, policy, free, stakes };
  const g: Going = {
    job,
    left: live.map((l) => l.draft),
    notBeforeMs: startMs,
    starts: 0,
    spoiled: 0,
    lost: 0,
    handleMs: startMs,
    stated: [],
  };
  for (const [n, lookMs] of looks.entries())
    if (g.left.length > 0) lookOnce(g, game, lookMs, looks[n + 1] ?? untilMs);
  const { starts, spoiled, stated, lost } = g;
  const isDone = g.left.length === 0;
  const days = isDone ? (g.handleMs - startMs) / DAY : DAYS;
  const undone = g.left.reduce((a, d) => a + (stakes.get(d.id) ?? 0), 0);
  const cost = lost + days * DELAY_PER_DAY + undone;
  return { cost, starts, spoiled, isDone, days, stated };
}
