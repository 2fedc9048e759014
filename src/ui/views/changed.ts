/** How the plan differs from the one that was agreed to, and why, in words. */
import type { Because, Change, Changed } from '@/core/agreed';
import { instantOf, isoOf } from '@/core/time/instant';
import type { Agreed, GroundKind } from '@/model/agreed';
import type { Plan } from '@/model/plan';
import { counted, durationOf, percentOf, type Format } from '@/words/format';
import { ROLE_NAMES } from '@/words/names';
import { capital, inAList, sessionName, sessionOf, uncapital } from './session-name';

const GROUND_WORDS: Readonly<Record<Exclude<GroundKind, 'parts' | 'done'>, string>> = {
  mends: 'a mend went into the plan, or was taken back',
  'build-up': 'the build-up was changed',
  place: 'the place was changed',
  hours: 'your free hours were changed',
  starts: 'a start was set or let go',
  others: 'the jobs before it in turn take other hours',
  readings: 'something was measured at the place',
  forecast: 'there is a newer forecast',
  worth: 'what it is worth, or how sure it must be, was changed',
  kit: 'the kit, or what is in hand, was changed',
  purpose: 'the purpose or the deadline was changed',
};

/** What only the owner does, on this page, with its effect before his eyes. */
const OWN: ReadonlySet<Because['ground']> = new Set([
  'mends',
  'build-up',
  'place',
  'hours',
  'starts',
  'worth',
  'kit',
  'purpose',
]);

/**
 * He changed it himself and saw what came of it: nothing needs to be told. A mend that is taken may tick the coat it is
 * for.
 */
export function isOwnDoing({ because }: Changed): boolean {
  const isMend = because.some((b) => b.ground === 'mends');
  return because.length > 0 && because.every((b) => OWN.has(b.ground) || (isMend && b.ground === 'done'));
}

interface Said {
  readonly plan: Plan;
  readonly currency: string;
  readonly f: Format;
}

const moreOrLess = (from: number, to: number, words: readonly [string, string]): string =>
  to > from ? words[0] : words[1];

function handleSaid({ from, to }: { from: string; to: string }, f: Format): string {
  const min = (instantOf(to) - instantOf(from)) / 60_000;
  return `Ready to handle ${f.dayTime(to)}, ${durationOf(Math.abs(min))} ${min > 0 ? 'later' : 'sooner'}.`;
}

function layerName(plan: Plan, layerId: string): string {
  const role = plan.layers.find((l) => l.id === layerId)?.role;
  return role ? ROLE_NAMES[role] : layerId;
}

function changeSaid(c: Change, { plan, currency, f }: Said): string {
  const nameOf = (id: string): string => sessionName(plan, sessionOf(plan, id));
  switch (c.kind) {
    case 'start':
      return `${nameOf(c.sessionId)}: ${f.dayTime(c.to)} instead of ${f.dayTime(c.from)}.`;
    case 'no-start':
      return `No start is left in the days that are known; it was ${f.dayTime(c.from)}.`;
    case 'new-session':
      return `${nameOf(c.sessionId)} goes on in a session of its own, ${f.dayTime(c.to)}.`;
    case 'chance':
      return `${percentOf(c.to)}\u00a0% instead of ${percentOf(c.from)}\u00a0% that all of it ends well.`;
    case 'handle':
      return handleSaid(c, f);
    case 'one-more':
      return `${layerName(plan, c.layerId)} gets one coat more: the bond before it was missed.`;
    case 'packs':
      return `${counted(Math.abs(c.to - c.from), 'pack')} ${moreOrLess(c.from, c.to, ['more', 'fewer'])} to buy.`;
    case 'total':
      return `${f.money(Math.abs(c.to - c.from), currency)} ${moreOrLess(c.from, c.to, ['more', 'less'])} in all.`;
  }
}

function becauseSaid(b: Because, f: Format): string {
  switch (b.ground) {
    case 'passed':
      return `the start of ${f.dayTime(b.at)} went by`;
    case 'done':
      return b.coats > 0 ? `${counted(b.coats, 'coat')} went on` : 'the checklist was changed';
    case 'parts':
      return [
        ...(b.gone.length > 0 ? [`${inAList(b.gone)} is out`] : []),
        ...(b.fresh.length > 0 ? [`${inAList(b.fresh)} is new`] : []),
        ...(b.gone.length + b.fresh.length === 0 ? ['a part was changed'] : []),
      ].join(' and ');
    default:
      return GROUND_WORDS[b.ground];
  }
}

export interface ChangedView {
  readonly head: string;
  readonly changes: readonly string[];
  readonly why: string;
  /** The start that was agreed to of a session that moved, where it is still to come. */
  readonly keep: { readonly sessionId: string; readonly at: string } | null;
}

export function changedView(
  changed: Changed,
  was: Agreed,
  of: Said & { nowMs: number; tz: string },
): ChangedView {
  const { f, nowMs, tz } = of;
  const because = changed.because.map((b) => becauseSaid(b, f));
  const moved = changed.changes.find((c) => c.kind === 'start');
  const isAhead = moved !== undefined && instantOf(moved.from) > nowMs;
  return {
    head: `The plan has changed since ${f.dayTime(isoOf(was.atMs, tz))}`,
    changes: changed.changes.map((c) => changeSaid(c, of)),
    why:
      because.length > 0
        ? `${capital(inAList(because.map(uncapital)))}.`
        : 'Nothing but the hour: time went by.',
    keep: isAhead ? { sessionId: moved.sessionId, at: moved.from } : null,
  };
}
