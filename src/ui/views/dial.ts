/** The wait of a film as a dial: not yet, now, still bonds, too late; where the hand stands, and what is written. */
import { lateSoonMs } from '@/core/time/film-wait';
import { instantOf, MINUTE } from '@/core/time/instant';
import type { WaitingFilm } from '@/model/waiting';
import { durationOf, type Format } from '@/words/format';

export const DIAL_ZONES = ['early', 'best', 'bonds', 'late'] as const;
export type DialZone = (typeof DIAL_ZONES)[number];

/** Where each zone ends on the arc, 0…1: the same for every wait, so that a glance knows them. */
const ENDS: Readonly<Record<DialZone, number>> = { early: 0.42, best: 0.76, bonds: 0.92, late: 1 };
/** Where a sheet names no end: so long after it is ready the hand has run through what is best, min. */
const OPEN_MIN = 60;

export interface DialView {
  readonly zone: DialZone;
  /** 0…1 along the arc. */
  readonly hand: number;
  /** Zones that are drawn: what has no end has no red. */
  readonly zones: readonly { readonly zone: DialZone; readonly from: number; readonly to: number }[];
  /** Times under the arc, left to right. */
  readonly marks: readonly { readonly at: number; readonly time: string; readonly word: string }[];
  /** For those who do not see it. */
  readonly said: string;
}

interface Bounds {
  readonly endedMs: number;
  readonly earliestMs: number;
  readonly bestMs: number;
  readonly lateMs: number;
}

function boundsOf(film: WaitingFilm): Bounds | null {
  const { endedAt, earliestAt, wetUntil, lateAt } = film;
  if (earliestAt === null) return null;
  const endedMs = instantOf(endedAt);
  const earliestMs = instantOf(earliestAt);
  const lateMs = lateAt === null ? Infinity : Math.max(instantOf(lateAt), earliestMs + MINUTE);
  const named = wetUntil === null ? null : instantOf(wetUntil);
  const usualMs = lateSoonMs(film) ?? earliestMs + OPEN_MIN * MINUTE;
  const bestMs = Math.max(earliestMs, Math.min(named ?? usualMs, lateMs));
  return { endedMs, earliestMs, bestMs, lateMs };
}

const share = (ms: number, fromMs: number, toMs: number): number =>
  Math.min(1, Math.max(0, (ms - fromMs) / Math.max(1, toMs - fromMs)));

/** Time over a zone runs evenly; zones do not share a scale. */
function handAt(nowMs: number, b: Bounds): { zone: DialZone; hand: number } {
  const along = (zone: DialZone, fromMs: number, toMs: number): { zone: DialZone; hand: number } => {
    const from = zone === 'early' ? 0 : ENDS[DIAL_ZONES[DIAL_ZONES.indexOf(zone) - 1]!];
    return { zone, hand: from + share(nowMs, fromMs, toMs) * (ENDS[zone] - from) };
  };
  if (nowMs < b.earliestMs) return along('early', b.endedMs, b.earliestMs);
  if (nowMs < b.bestMs || b.lateMs === Infinity) return along('best', b.earliestMs, b.bestMs);
  if (nowMs < b.lateMs) return along('bonds', b.bestMs, b.lateMs);
  return { zone: 'late', hand: (ENDS.bonds + ENDS.late) / 2 };
}

function zonesOf({ lateMs }: Bounds): DialView['zones'] {
  const all = DIAL_ZONES.map((zone, i) => ({
    zone,
    from: i === 0 ? 0 : ENDS[DIAL_ZONES[i - 1]!],
    to: ENDS[zone],
  }));
  if (Number.isFinite(lateMs)) return all;
  return [all[0]!, { zone: 'best', from: ENDS.early, to: 1 }];
}

const WORDS: Readonly<Record<DialZone, string>> = {
  early: 'Not yet',
  best: 'Now is best',
  bonds: 'Late, it still bonds',
  late: 'Too late: it has lost its bond',
};

/** null where the film's clock is not known. */
export function dialView(film: WaitingFilm, nowMs: number, f: Format): DialView | null {
  const b = boundsOf(film);
  if (!b) return null;
  const isOtherDay = (iso: string): boolean => iso.slice(0, 10) !== film.endedAt.slice(0, 10);
  const at = (iso: string): string => (isOtherDay(iso) ? f.dayTime(iso) : f.time(iso));
  const marks = [
    { at: ENDS.early, time: at(film.earliestAt!), word: 'earliest' },
    ...(film.wetUntil !== null && b.bestMs > b.earliestMs
      ? [{ at: ENDS.best, time: at(film.wetUntil), word: 'best until' }]
      : []),
    ...(film.lateAt !== null ? [{ at: ENDS.bonds, time: at(film.lateAt), word: 'too late' }] : []),
  ];
  const { zone, hand } = handAt(nowMs, b);
  const told = marks.map((m) => `${m.word} ${m.time}`).join(', ');
  return { zone, hand, zones: zonesOf(b), marks, said: `${WORDS[zone]}; ${told}` };
}

/** Longer by less than this is not told. */
const TOLD_OVER = 1.1;

/** What its thickness makes of the wait; null where that is as its sheet has it. */
export const overLine = ({ over }: WaitingFilm): string | null =>
  over < TOLD_OVER ? null : `Its film is thicker than its sheet’s: ${over.toFixed(1)} times as long.`;

/** What was felt made of the wait; null where nothing was. */
export function feltLine({ times, sheetMin }: WaitingFilm): string | null {
  if (times < 1.05) return null;
  return `As you felt it, it takes ${times.toFixed(1)} times its sheet: ${durationOf(sheetMin * times)} instead of ${durationOf(sheetMin)} at the sheet’s own temperature.`;
}
