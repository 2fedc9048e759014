/** Plays the jobs of one painter through one hidden world under one policy: what was started, what failed, what it cost. */
import { NOTHING_AROUND, type Around } from '@/core/schedule/around';
import { looksOf } from '@/core/schedule/decide/looks';
import { freeSpans } from '@/core/time/free-hours';
import { DAY, HOUR, MINUTE, type Span } from '@/core/time/instant';
import type { Job } from '@/model/job';
import { DELAY_PER_DAY } from './jobs';
import { KEEPERS } from './kept';
import { POLICIES, type Move } from './policies';
import { attemptOn, type Asked } from './seen';
import { nextMs, ticked, truly, wastedCans, type Truth } from './truly';
import { DAYS, type Sky } from './world';

/** What a start was said to be, and what came of it. */
export interface Stated {
  readonly chance: number;
  readonly came: boolean;
}

/** Sums over the jobs of a world; days are those of the job that took longest. */
export interface Played {
  readonly cost: number;
  readonly starts: number;
  readonly spoiled: number;
  /** Cans that were for nothing. */
  readonly wasted: number;
  readonly isDone: boolean;
  readonly days: number;
  readonly stated: readonly Stated[];
}

/** What failed is stripped before it is begun again: the next day at the earliest. */
export const AGAIN_MS = 20 * HOUR;

/** How far a job has been played. */
interface Going {
  job: Job;
  notBeforeMs: number;
  starts: number;
  spoiled: number;
  wasted: number;
  lost: number;
  /** When it may be handled; Infinity until it is done. */
  doneMs: number;
  readonly stated: Stated[];
}

export interface Game {
  readonly sky: Sky;
  readonly policy: string;
  readonly isParted: boolean;
}

interface Playing extends Game {
  readonly free: readonly Span[];
}

interface Look {
  readonly lookMs: number;
  readonly nextLookMs: number;
}

const isLeft = (g: Going): boolean => g.doneMs === Infinity;

const askedOf = (g: Going, game: Playing, look: Look, around: Around): Asked => ({
  job: g.job,
  sky: game.sky,
  nowMs: Math.max(look.lookMs, g.notBeforeMs),
  free: game.free,
  nextLookMs: look.nextLookMs,
  around,
  isParted: game.isParted,
});

/** A policy is asked again when its hour has come, with what was issued since. */
function settled(policy: string, asked: Asked): Move | null {
  let at = asked;
  for (let n = 0; n < 4; n++) {
    const move = POLICIES[policy]!(at);
    if (!move || move.startMs <= at.nowMs + 10 * MINUTE) return move;
    at = { ...at, nowMs: move.startMs };
  }
  return null;
}

/** What a start and its outcome do to a job. */
function began(g: Going, move: Move, truth: Truth): void {
  const [first, next] = move.of.live;
  const { isWell, run } = truth;
  g.starts++;
  g.wasted += wastedCans(first!.draft, truth);
  if (move.stated !== null) g.stated.push({ chance: move.stated, came: isWell });
  if (!isWell) {
    g.spoiled++;
    g.lost += first!.stakes.money;
    g.notBeforeMs = move.startMs + AGAIN_MS;
    return;
  }
  g.job = ticked(g.job, first!.draft, run, next?.draft);
  if (!next) g.doneMs = run.handleMs;
  g.notBeforeMs = nextMs(first!.draft, run);
}

const withTaken = (around: Around, spans: readonly Span[]): Around => ({
  ...around,
  hands: [...around.hands, ...spans],
  wet: [...around.wet, ...spans],
});

/** Hands and still air that a session took; one that was lost is over where it was left. */
const tookOf = (startMs: number, { run }: Truth): Span => ({
  startMs,
  endMs: Number.isFinite(run.dustFreeMs) ? Math.max(run.dustFreeMs, run.handsOffMs) : run.handsOffMs,
});

/** Who is asked first: as they stand, or where jobs are planned together the order that is expected to cost least. */
function inTurn(left: readonly Going[], game: Playing, look: Look, around: Around): readonly Going[] {
  const keeper = KEEPERS[game.policy];
  const [a, b] = left;
  if (!keeper || !a || !b) return left;
  const costOf = (first: Going, second: Going): number => {
    const kept = keeper(askedOf(first, game, look, around));
    return kept.cost + keeper(askedOf(second, game, look, withTaken(around, kept.spans))).cost;
  };
  return costOf(b, a) < costOf(a, b) - 1e-9 ? [b, a] : [a, b];
}

/** One look at all that is left. @returns what was taken by what was begun */
function lookOnce(left: readonly Going[], game: Playing, look: Look, before: Around): Around {
  let taken = before;
  let kept: Span[] = [];
  for (const g of inTurn(left, game, look, before)) {
    const asked = askedOf(g, game, look, withTaken(taken, kept));
    if (asked.nowMs >= look.nextLookMs) continue;
    const move = settled(game.policy, asked);
    if (!move) {
      kept = [...kept, ...(KEEPERS[game.policy]?.(asked).spans ?? [])];
      continue;
    }
    const { draft } = move.of.live[0]!;
    const truth = truly({ sky: game.sky, job: g.job, draft, free: game.free }, move.startMs);
    began(g, move, truth);
    taken = withTaken(taken, [tookOf(move.startMs, truth)]);
  }
  return taken;
}

/** What would have to be paid and done again for what is not on at the end, money. */
function undoneOf(g: Going, game: Playing, endMs: number): number {
  const look = { lookMs: endMs - HOUR, nextLookMs: endMs };
  const whole = { ...game, isParted: false };
  const asked = askedOf({ ...g, notBeforeMs: 0 }, whole, look, NOTHING_AROUND);
  return attemptOn(asked, game.sky.futures(asked.nowMs)).live.reduce((a, l) => a + l.stakes.money, 0);
}

const going = (job: Job, startMs: number): Going => ({
  job,
  notBeforeMs: startMs,
  starts: 0,
  spoiled: 0,
  wasted: 0,
  lost: 0,
  doneMs: Infinity,
  stated: [],
});

export function play(game: Game, jobs: readonly Job[]): Played {
  const { startMs } = game.sky.world;
  const untilMs = startMs + DAYS * DAY;
  const { freeHours, place } = jobs[0]!;
  const free = freeSpans(freeHours, place.tz, startMs, untilMs);
  const looks = looksOf(free, startMs, untilMs).slice(1);
  const playing = { ...game, free };
  const all = jobs.map((job) => going(job, startMs));
  let around: Around = NOTHING_AROUND;
  for (const [n, lookMs] of looks.entries()) {
    const left = all.filter(isLeft);
    if (left.length === 0) break;
    around = lookOnce(left, playing, { lookMs, nextLookMs: looks[n + 1] ?? untilMs }, around);
  }
  const sum = (of: (g: Going) => number): number => all.reduce((a, g) => a + of(g), 0);
  const daysOf = (g: Going): number => (isLeft(g) ? DAYS : (g.doneMs - startMs) / DAY);
  const undone = sum((g) => (isLeft(g) ? undoneOf(g, playing, untilMs) : 0));
  return {
    cost: sum((g) => g.lost + daysOf(g) * DELAY_PER_DAY) + undone,
    starts: sum((g) => g.starts),
    spoiled: sum((g) => g.spoiled),
    wasted: sum((g) => g.wasted),
    isDone: !all.some(isLeft),
    days: Math.max(...all.map(daysOf)),
    stated: all.flatMap((g) => g.stated),
  };
}
