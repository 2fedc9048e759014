/** What the close-up of a session shows: its stretch of hours, its tasks by kind, words for them. */
import { instantOf, MINUTE, minutesBetween } from '@/core/time/instant';
import type { Plan, Session, Task } from '@/model/plan';
import { durationOf, percentOf, type Format } from '@/words/format';
import type { Stretch } from './ribbon';
import { tightestPot, type TightestPot } from './tightest-pot';

const HOUR = 60 * MINUTE;
const HALF_HOUR = HOUR / 2;
/** Least hours that are drawn. */
const LEAST_H = 3;

export const PREP: ReadonlySet<Task['kind']> = new Set([
  'strip-down',
  'fit',
  'fill',
  'sand',
  'clean',
  'mask',
  'tack',
]);
const PREP_WORDS: Readonly<Record<string, string>> = { 'strip-down': 'off' };
export const prepWord = (t: Task): string => PREP_WORDS[t.kind] ?? t.kind;

export interface CloseUpView extends Stretch {
  readonly hours: readonly number[];
  readonly prep: readonly Task[];
  readonly flashes: readonly Task[];
  readonly coats: readonly Task[];
  readonly pot: TightestPot | null;
  /** Clock labels read off the session's own offset, whatever zone the reader is in. */
  readonly clock: (ms: number) => string;
}

export function closeUpView(plan: Pick<Plan, 'layers'>, session: Session): CloseUpView {
  const startMs = instantOf(session.startsAt);
  const fromMs = Math.floor((startMs - 5 * MINUTE) / HALF_HOUR) * HALF_HOUR;
  const toMs = Math.max(instantOf(session.endsAt) + 25 * MINUTE, fromMs + LEAST_H * HOUR);
  const firstHour = Math.ceil(fromMs / HOUR) * HOUR;
  const offsetMs = instantOf(`${session.startsAt.slice(0, 19)}Z`) - startMs;
  return {
    fromMs,
    toMs,
    hours: Array.from({ length: Math.floor((toMs - firstHour) / HOUR) + 1 }, (_, i) => firstHour + i * HOUR),
    prep: session.tasks.filter((t) => PREP.has(t.kind)),
    flashes: session.tasks.filter((t) => t.kind === 'flash'),
    coats: session.tasks.filter((t) => t.kind === 'coat'),
    pot: tightestPot(plan, session),
    clock: (ms) => new Date(ms + offsetMs).toISOString().slice(11, 16),
  };
}

/** B2: the layer's letter and the coat. */
export const coatMark = (t: Task): string => `${(t.layerId ?? '').charAt(0).toUpperCase()}${t.coat}`;

/** Dust-free, and until when it stays under cover. */
export function afterWords(s: Session, f: Format): [string, string] {
  const otherDay = s.handleAt.slice(0, 10) !== s.startsAt.slice(0, 10) ? `, ${f.day(s.handleAt)}` : '';
  return [`dust-free ${f.time(s.dustFreeAt)}`, `under cover to ${f.time(s.handleAt)}${otherDay}`];
}

/** What is said beside the life of a pot: how long all coats take from it, and when it is dead. */
export function potWords(
  { act, last }: TightestPot,
  name: string | null,
  f: Format,
): { coats: string; dead: string } {
  const minutes = Math.round(minutesBetween(act.at, last.endsAt));
  return {
    coats: `all coats in ${minutes} min, prudent to ${f.time(act.prudentUntil)}`,
    dead: `${name === null ? '' : `${name}: `}dead ${f.dayTime(act.usableUntil)}`,
  };
}

/** The odds of the session from another start on; the nearest that is offered within the half hour. */
export function oddsAt(
  { startOptions }: Pick<Plan, 'startOptions'>,
  sessionId: string,
  atMs: number,
): string {
  const offered = startOptions.find((o) => o.sessionId === sessionId)?.options ?? [];
  const off = (o: { readonly at: string }): number => Math.abs(instantOf(o.at) - atMs);
  const [nearest] = [...offered].sort((a, b) => off(a) - off(b));
  return nearest && off(nearest) <= HALF_HOUR
    ? `${percentOf(nearest.chance)}\u00a0%`
    : 'none is offered then';
}

/** A session dragged by half hours. @param odds of it there */
export function dragWords(
  byHalfHours: number,
  startMs: number,
  told: { readonly clock: (ms: number) => string; readonly odds: (ms: number) => string },
): string {
  const way = byHalfHours > 0 ? 'later' : 'earlier';
  const atMs = startMs + byHalfHours * HALF_HOUR;
  return `${way} by ${durationOf(Math.abs(byHalfHours) * 30)}: start ${told.clock(atMs)}, ${told.odds(atMs)}`;
}

/** Half hours that a drag over some share of the drawing comes to. */
export const draggedHalfHours = (share: number, { fromMs, toMs }: Stretch): number =>
  Math.round((share * (toMs - fromMs)) / HALF_HOUR);

/** The share of the drawing that some half hours take. */
export const shareOfHalfHours = (byHalfHours: number, { fromMs, toMs }: Stretch): number =>
  (byHalfHours * HALF_HOUR) / (toMs - fromMs);

/** The session in words, for those who cannot see it. */
export function closeUpInWords(s: Session, f: Format): string {
  const tasks = s.tasks.map((t) => `${f.time(t.startsAt)} ${t.kind}${t.coat ? ` ${t.coat}` : ''}`);
  return `Session close up: ${tasks.join(', ')}`;
}
