/** For tests: seeded small weeks of starts with their own luck, and what one session after another comes to, by the book. */
import { uniform } from '../../numerics/random';
import type { StartOption } from '../judge/start-option';
import type { Ground, SearchInput } from './chains';

const HOUR = 3_600_000;
const DAY = 24 * HOUR;
export const FUTURES = 5;
const draws = uniform(91);
const upTo = (n: number): number => Math.floor(draws() * n);

/** A start with its own luck: which of five futures end well, and when the film can be sanded in each. */
function option(startMs: number): StartOption {
  const ok = new Uint32Array(4);
  const readyMs = new Float64Array(FUTURES);
  const latestMs = new Float64Array(FUTURES);
  for (let m = 0; m < FUTURES; m++) {
    const well = draws() < 0.7;
    if (well) ok[0]! |= 1 << m;
    readyMs[m] = well ? startMs + (2 + upTo(20)) * HOUR : -Infinity;
    latestMs[m] = well ? startMs + (10 + upTo(40)) * HOUR : Infinity;
  }
  const endMs = startMs + (1 + upTo(4)) * HOUR;
  return {
    startMs,
    sprayMs: startMs,
    firstCoatMs: startMs + HOUR / 2,
    lastCoatMs: startMs + HOUR,
    ok,
    good: 0,
    of: FUTURES,
    counted: true,
    centralOk: true,
    centralCause: null,
    handsOffMs: endMs,
    endMs,
    handleMs: endMs + upTo(30) * HOUR,
    centralReadyMs: startMs + (2 + upTo(20)) * HOUR,
    centralLatestMs: startMs + (10 + upTo(40)) * HOUR,
    laid: true,
    readyMs,
    latestMs,
    handlesMs: readyMs,
    causes: new Map(),
    free: true,
    opens: upTo(3) * 4 - 4,
    verdict: draws() < 0.5 ? 'good' : 'inside',
  };
}

/** What a session finds after the one before; every second week it must be sprayed while that still bonds. */
function groundAfter(last: StartOption, bonds: boolean): Ground {
  return {
    readyMs: last.readyMs,
    latestMs: bonds ? last.latestMs : null,
    centralReadyMs: Math.max(last.centralReadyMs, last.endMs),
    centralLatestMs: bonds ? last.centralLatestMs : Infinity,
  };
}

export function week(sessions: number, starts: number): SearchInput {
  const candidates = Array.from({ length: sessions }, () => {
    const hours = new Set<number>();
    while (hours.size < starts) hours.add(upTo(120));
    return [...hours].sort((a, b) => a - b).map((h) => option(h * HOUR));
  });
  const bonds = draws() < 0.5;
  const first: Ground | null =
    draws() < 0.5
      ? {
          readyMs: new Float64Array(FUTURES).map(() => upTo(40) * HOUR),
          latestMs: null,
          centralReadyMs: upTo(30) * HOUR,
          centralLatestMs: Infinity,
        }
      : null;
  return {
    nowMs: 0,
    candidates,
    pinned: Array.from({ length: sessions }, () => draws() < 0.2),
    stakes: Array.from({ length: sessions }, () => ({ materials: 0, hours: 0, money: 10 + upTo(90) })),
    groundOf: (_k, last) => (last ? groundAfter(last, bonds) : first),
    // Half a future each way, and no week to be drawn towards.
    pools: Array.from({ length: sessions }, () => ({ mean: 0.5, pull: 0 })),
    rushSafe: upTo(11) / 10,
    worth: { delayPerDay: upTo(9), edge: 2 },
    lateDays: (handlesMs) => Math.max(0, (handlesMs.at(-1)! - 60 * HOUR) / DAY),
    latePerDay: upTo(2) * 30,
  };
}

/** In one future: whether a session ends well, and how long it waits for its ground. A start later than a day is lost. */
export function fate(
  candidates: readonly StartOption[],
  start: StartOption,
  ground: Ground | null,
  m: number,
) {
  const isOk = (s: StartOption): boolean => (s.ok[0]! >> m) % 2 !== 0;
  const bonds = (s: StartOption): boolean => !ground?.latestMs || s.firstCoatMs <= ground.latestMs[m]!;
  if (!ground || ground.readyMs[m]! <= start.startMs) return { well: isOk(start) && bonds(start), waited: 0 };
  const later = candidates.filter((c) => c.startMs >= ground.readyMs[m]!)[0];
  if (!later || later.startMs - start.startMs > DAY) return { well: false, waited: 0 };
  return { well: isOk(later) && bonds(later), waited: (later.startMs - start.startMs) / DAY };
}

/**
 * What a session costs after the one before, by the book, money; null where it may not be. Two money a start that is
 * not good; 4 to the 2r − 1 for safety; a future that waits for its ground costs its delay, not the stake.
 */
export function stepCost(
  input: SearchInput,
  k: number,
  last: StartOption | null,
  start: StartOption,
): number | null {
  const ground = input.groundOf(k, last);
  if (last && start.startMs < last.endMs) return null;
  if (ground && !input.pinned[k]) {
    if (start.startMs < ground.centralReadyMs || start.firstCoatMs > ground.centralLatestMs) return null;
  }
  const fates = [...Array(FUTURES).keys()].map((m) => fate(input.candidates[k]!, start, ground, m));
  const own = fates.filter((x) => x.well).length;
  const lost = (1 - (own + 0.5) / (FUTURES + 1)) * input.stakes[k]!.money;
  const waited = (fates.reduce((a, f) => a + f.waited, 0) / FUTURES) * input.worth.delayPerDay;
  const safety = Math.exp(Math.log(4) * (2 * input.rushSafe - 1));
  return safety * (lost + waited) + (start.verdict === 'good' ? 0 : 2) + start.opens;
}

/** What the end of the last session costs, money. */
export function endCost(input: SearchInput, last: StartOption): number {
  const days = Math.max(0, last.handleMs) / DAY;
  return days * input.worth.delayPerDay + Math.max(0, days - 2.5) * input.latePerDay;
}
