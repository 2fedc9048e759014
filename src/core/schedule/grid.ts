/** Which starts of a session are tried: coarsely over the days ahead, finely where that may matter. */
import { DAY, HALF_HOUR, HOUR, isFullHour, MINUTE, type Span } from '../time/instant';
import { isFree, type StartOption } from './judge/start-option';
import { holdsUp } from './live';
import type { Shared } from './shared';

const FIVE_MIN = 5 * MINUTE;
export const toFiveMin = (ms: number): number => Math.ceil(ms / FIVE_MIN) * FIVE_MIN;
const QUARTER = HALF_HOUR / 2;

/** How far apart starts are at first, by how far ahead they lie. From memory. */
const GRID: readonly { readonly untilMs: number; readonly stepMs: number }[] = [
  { untilMs: 6 * HOUR, stepMs: QUARTER },
  { untilMs: 3 * DAY, stepMs: HALF_HOUR },
  { untilMs: Infinity, stepMs: HOUR },
];

const QUARTERS: typeof GRID = [{ untilMs: Infinity, stepMs: QUARTER }];

interface Asked extends Pick<Shared, 'free' | 'untilMs'> {
  readonly request: Pick<Shared['request'], 'nowMs' | 'isFine'>;
}

/**
 * Now, the free instants of the grid and every full hour besides, the beginning of each stretch of free hours.
 * @param also when the work before is done, a start set by hand
 */
export function startsOf({ request, free, untilMs }: Asked, also: readonly number[]): number[] {
  const { nowMs, isFine = false } = request;
  const first = toFiveMin(nowMs);
  const asked = [...also, ...free.map((s) => toFiveMin(s.startMs))];
  const starts = new Set([first, ...asked.filter((t) => Number.isFinite(t) && t >= first && t < untilMs)]);
  let t = nowMs;
  for (const { untilMs: endMs, stepMs } of isFine ? QUARTERS : GRID)
    for (t = Math.ceil(t / stepMs) * stepMs; t < Math.min(nowMs + endMs, untilMs); t += stepMs)
      if (isFullHour(t) || isFree(free, t, t)) starts.add(t);
  return [...starts].sort((a, b) => a - b);
}

/** The start of a stretch that goes well in most futures, the first of several; null where none holds or all are sure. */
function bestIn({ startMs, endMs }: Span, options: readonly StartOption[]): StartOption | null {
  let best: StartOption | null = null;
  for (const o of options)
    if (o.startMs >= startMs && o.startMs < endMs && o.free && holdsUp(o) && (!best || o.good > best.good))
      best = o;
  return best && best.good < best.of ? best : null;
}

/** Half of what lies between, in quarters of an hour; nothing where they lie that near or there is no other. */
const halfWay = (gapMs: number): number =>
  Number.isFinite(gapMs) ? Math.floor(gapMs / 2 / QUARTER) * QUARTER : 0;

/** Free hours in pieces, each with a best start of its own. */
const PIECE_MS = 2 * HOUR;
const piecesOf = (free: readonly Span[]): Span[] =>
  free.flatMap(({ startMs, endMs }) =>
    Array.from({ length: Math.ceil((endMs - startMs) / PIECE_MS) }, (_, i) => ({
      startMs: startMs + i * PIECE_MS,
      endMs: Math.min(endMs, startMs + (i + 1) * PIECE_MS),
    })),
  );

/** So many pieces are looked at more finely, those that promise most: what is poor gains nothing by a quarter. */
const PIECES_FINER = 16;

/** Half way from the best starts to those beside them, down to a quarter of an hour. */
export function finerStarts(options: readonly StartOption[], free: readonly Span[]): number[] {
  const tried = options.map((o) => o.startMs);
  const best = piecesOf(free)
    .flatMap((piece) => bestIn(piece, options) ?? [])
    .sort((a, b) => b.good - a.good || a.startMs - b.startMs)
    .slice(0, PIECES_FINER);
  const finer = best.flatMap(({ startMs }) => {
    const before = tried.findLast((t) => t < startMs) ?? -Infinity;
    const after = tried.find((t) => t > startMs) ?? Infinity;
    const near = [startMs - halfWay(startMs - before), startMs + halfWay(after - startMs)];
    return near.filter((t) => t !== startMs && isFree(free, t, t));
  });
  return [...new Set(finer)];
}
