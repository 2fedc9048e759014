/** From the starts of one attempt to the decision laid bare: when news comes, what each start knows and costs. */
import { DAY, HOUR, isFullHour, MINUTE, type Span } from '../../time/instant';
import type { StartOption } from '../judge/start-option';
import { findsGround, safetyFactor, type Ground, type SearchInput } from '../search/chains';
import { redoMinutes } from '../search/stakes';
import type { LateBy } from '../search/deadlines';
import type { Worth } from '../search/worth';
import type { Draft } from '../work/draft';
import { isInDoubt, likenessOf, type Fate } from './likeness';
import { knownBy } from './information';
import { pooledChance, type Pool } from './odds';
import type { Offer, Problem, Stage } from './problem';

/** What is asked of a look at the sky: before each stretch of free hours, and in a long one again. */
const LOOK_EVERY_MS = 6 * HOUR;
/** Starts this near to one another hear the same news. ASSUMED. */
const BLOCK_MS = 2 * HOUR;
/** Keying a film whose bond is gone by, hours. From memory. */
const KEYING_HOURS = 0.75;

/** What the sessions of one attempt are to the decision. */
export interface Sessions extends Omit<SearchInput, 'lateDays' | 'worth'> {
  readonly drafts: readonly Draft[];
  readonly late: LateBy;
  readonly worth: Worth;
  /** No start on a smaller chance, 0…1. */
  readonly least: number;
  /** What giving up costs where the owner says, money. */
  readonly unfinished: number | undefined;
  readonly free: readonly Span[];
  readonly untilMs: number;
  /** When hands have taken the film off again, begun then. */
  readonly strippedMs: (fromMs: number, minutes: number) => number;
}

/** Instants at which the sky is looked at anew; the first is now. */
export function looksOf(free: readonly Span[], nowMs: number, untilMs: number): number[] {
  const looks = [nowMs];
  for (const { startMs, endMs } of free)
    for (let t = Math.max(startMs, nowMs); t < Math.min(endMs, untilMs); t += LOOK_EVERY_MS)
      if (t > looks.at(-1)! + HOUR) looks.push(t);
  return looks;
}

/** The last look at or before an instant. */
function lookAt(looks: readonly number[], ms: number): number {
  let look = 0;
  while (look + 1 < looks.length && looks[look + 1]! <= ms) look++;
  return look;
}

/** Blocks that fit between two looks at most. */
const BLOCKS = 64;

interface Timed {
  readonly looks: readonly number[];
  readonly nowMs: number;
  /** The futures differ, so that a later look knows more. */
  readonly hasNews: boolean;
}

function placed(
  startMs: number,
  { looks, nowMs, hasNews }: Timed,
): Pick<Offer, 'atMs' | 'look' | 'block' | 'known'> {
  const look = lookAt(looks, startMs);
  const seenMs = looks[look]!;
  const nth = Math.min(BLOCKS - 1, Math.floor((startMs - seenMs) / BLOCK_MS));
  const known = look === 0 || !hasNews ? 0 : knownBy(startMs - nowMs, startMs - seenMs);
  return { atMs: startMs, look, block: look * BLOCKS + nth, known };
}

/** Until when a session may begin on a film that bonds, ms. */
const bondsUntil = (ground: Ground | null, { prepMin }: Draft): number =>
  ground ? ground.centralLatestMs - prepMin * MINUTE : Infinity;

/** Days of waiting until an instant, money. */
const waitedFor = ({ nowMs, worth }: Sessions, untilMs: number): number =>
  (Math.max(0, untilMs - nowMs) / DAY) * worth.delayPerDay;

/** Late costs, those of a start that is only just inside, cans beyond the usual; after the last the days it took. */
function owesOf(s: Sessions, k: number, o: StartOption): number {
  const late = s.late(k, o.handleMs) * s.latePerDay;
  const edge = o.verdict === 'good' ? 0 : s.worth.edge;
  const isLast = k === s.drafts.length - 1;
  return late + edge + o.opens + (isLast ? waitedFor(s, o.handleMs) : 0);
}

function offerOf(s: Sessions, at: { k: number; o: StartOption; timed: Timed; pool: Pool }): Offer | null {
  const { k, o, timed, pool } = at;
  const isLast = k === s.drafts.length - 1;
  const ground = isLast ? null : s.groundOf(k + 1, o);
  const owes = owesOf(s, k, o);
  if (!Number.isFinite(owes)) return null;
  const softMs = Number.isFinite(o.centralReadyMs) ? o.centralReadyMs : o.endMs;
  return {
    ...placed(o.startMs, timed),
    chance: pooledChance(o.good, o.of, pool),
    owes,
    nextMs: isLast ? Infinity : (ground?.centralReadyMs ?? o.endMs),
    untilMs: isLast ? Infinity : bondsUntil(ground, s.drafts[k + 1]!),
    againMs: s.strippedMs(Math.max(softMs, o.endMs), redoMinutes(s.drafts[k]!)),
  };
}

/** Whether the first session's ground takes it. */
const isReached = (k: number, o: StartOption, { groundOf, pinned }: Sessions): boolean =>
  k > 0 || pinned[0] === true || findsGround(o, groundOf(0, null));

/** What leaving session k and all after it undone costs: the owner's figure, or what it would all cost again. */
function neverOf(s: Sessions, k: number): number {
  const late = Math.max(...s.drafts.map((_, i) => (i < k ? 0 : s.late(i, s.untilMs)))) * s.latePerDay;
  const undone = s.stakes.slice(k).reduce((a, x) => a + x.money, 0);
  return (s.unfinished ?? undone) + waitedFor(s, s.untilMs) + late;
}

/** The coat that goes on once more where a bond was missed, and keying what is there, money. */
function missedOf(s: Sessions, k: number): number {
  const steps = s.drafts[k]!.steps;
  const once = s.stakes[k]!.materials / Math.max(1, steps.length);
  return once + KEYING_HOURS * s.worth.hour;
}

function stageOf(s: Sessions, k: number, timed: Timed): Stage {
  const pool = s.pools[k]!;
  const offers = s.candidates[k]!.flatMap((o) =>
    isReached(k, o, s) ? (offerOf(s, { k, o, timed, pool }) ?? []) : [],
  );
  return {
    offers,
    fails: safetyFactor(s.rushSafe) * s.stakes[k]!.money,
    missed: missedOf(s, k),
    never: neverOf(s, k),
  };
}

function fatesOf(s: Sessions, timed: Timed): Fate[] {
  // The session with most starts tells most about the week.
  const most = s.candidates.reduce((a, c) => (c.length > a.length ? c : a), []);
  // On full hours, so that a finer grid tells the same.
  const hourly = most.filter((o) => isFullHour(o.startMs));
  return hourly.map((o) => ({ ...placed(o.startMs, timed), ok: o.ok, of: o.of }));
}

export interface Laid {
  readonly problem: Problem;
  readonly looks: readonly number[];
}

export function problemOf(s: Sessions): Laid {
  const looks = looksOf(s.free, s.nowMs, s.untilMs);
  const hasNews = s.candidates.some(isInDoubt);
  const timed = { looks, nowMs: s.nowMs, hasNews };
  const { shared, tie } = likenessOf(fatesOf(s, timed));
  const stages = s.drafts.map((_, k) => stageOf(s, k, timed));
  return {
    looks,
    problem: {
      stages,
      // What is seen now is known: the first news says nothing of the next.
      ties: looks.map((_, l) => (l < 2 ? 0 : tie)),
      shared,
      least: s.pinned.includes(true) ? 0 : s.least,
    },
  };
}
