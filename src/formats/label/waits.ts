/** Waits by the words beside them, and the windows of the next coat: the least is taken long, the most short. */
import { NEXT, type Clause } from './clause';
import type { Finds, LabelField } from './finds';
import { anyOf, MONTH_MIN, type TimeSpan } from './quantities';

interface WaitWord {
  readonly field: LabelField;
  readonly say: RegExp;
  readonly take: 'hi' | 'lo';
}
const WAITS: readonly WaitWord[] = [
  {
    field: 'potLifeMin',
    say: anyOf([
      /pot[- ]?life|working life/,
      /(?:use|usable|spray|apply)\b[^.]*\b(?:of|after|once) (?:activation|activated|mixing|mixed|pressing)/,
      /after activation|once activated|can (?:stays|remains) usable/,
    ]),
    take: 'lo',
  },
  { field: 'sandMin', say: /sand(?:able|ed|ing)?\b|flat(?:ted|ting)?\b|rubbed down/, take: 'hi' },
  { field: 'dustFreeMin', say: /dust[- ]?(?:dry|free)/, take: 'hi' },
  {
    field: 'touchDryMin',
    say: /touch[- ]?dry|dry to (?:the )?touch|tack[- ]?free|surface dry|touchable/,
    take: 'hi',
  },
  {
    field: 'handleMin',
    say: /(?:ready|dry|safe) (?:to|for) (?:be )?handl|handl(?:e|ing|eable)|assembl|dry to fit/,
    take: 'hi',
  },
  {
    field: 'cureMin',
    say: anyOf([
      /full(?:y)? (?:cure|hard|dry|through)|(?:complete|full) (?:cure|hardness)/,
      /cured after|hardens? (?:fully|through)/,
    ]),
    take: 'hi',
  },
  {
    field: 'flashMin',
    say: /flash|between (?:the )?coats|each coat (?:for|dry)|intercoat|wait[^.]*before the next coat/,
    take: 'hi',
  },
];

/** A figure just after its word is nearer than one just before it. */
const gap = (s: TimeSpan, at: number): number =>
  s.at >= at ? s.at - at : (at - s.at - s.text.length) * 1.6 + 1;

function nearest(list: readonly TimeSpan[], at: number): TimeSpan | null {
  return list.reduce<TimeSpan | null>(
    (best, s) => (best === null || gap(s, at) < gap(best, at) ? s : best),
    null,
  );
}

/** True when another wait's word lies nearer to this stretch. */
function isOwned(low: string, timeSpan: TimeSpan, mine: WaitWord, at: number): boolean {
  return WAITS.some((w) => {
    if (w === mine) return false;
    const k = low.search(w.say);
    return k >= 0 && gap(timeSpan, k) < gap(timeSpan, at);
  });
}

/** Words before figures belong to them: each stretch takes the nearest word that names a wait. */
export function readWaits({ text, low, times }: Clause, finds: Finds, inWindow: boolean): void {
  for (const w of WAITS) {
    const at = low.search(w.say);
    if (at < 0 || times.length === 0 || (inWindow && w.field === 'flashMin')) continue;
    const timeSpan = nearest(
      times.filter((t) => !isOwned(low, t, w, at)),
      at,
    );
    if (timeSpan)
      finds.add(w.field, w.take === 'hi' ? timeSpan.hi : timeSpan.lo, text, [timeSpan.lo, timeSpan.hi]);
  }
}

export function readShelfLife({ text, low, times }: Clause, finds: Finds): void {
  const shelf = /shelf[- ]?life|storage|best before|keeps? (?:for )?|unopened|once opened|after opening/.test(
    low,
  );
  if (!shelf || /pot/.test(low)) return;
  for (const s of times.filter((x) => x.lo >= MONTH_MIN)) {
    const around = low.slice(Math.max(0, s.at - 40), s.at + s.text.length + 25);
    const opened = /open(?:ed|ing)/.test(around) && !/unopened/.test(low);
    const months = [s.lo / MONTH_MIN, s.hi / MONTH_MIN] as const;
    finds.add(opened ? 'shelfOpenMonths' : 'shelfClosedMonths', Math.round(months[0]), text, months);
  }
}

/** "not between 1 and 24 h", "within 1 h or after 48 h": a span in which another coat lifts. */
function readForbidden({ text, low, times }: Clause, finds: Finds): boolean {
  const [first, second] = times;
  const never = /(?:not|never|avoid)[^.]*between/.test(low) && first !== undefined && first.lo !== first.hi;
  const either = /within|before|inside/.test(low) && /\bor\b[^.]*(?:after|wait)/.test(low);
  const split = either ? second : undefined;
  const end = never ? first : split;
  if (!first || !end) return false;
  finds.add('itselfForbiddenMin', [first.lo, end.hi], text);
  finds.add('itselfMaxMin', first.lo, text);
  return true;
}

/** "20 min to 24 h", "after 30 min and within 24 h": from when and until when the next goes on. */
function readFromUntil({ text, low, times }: Clause, finds: Finds): boolean {
  const first = times[0]!;
  const second = times[1];
  const until = /(?:up to|within|no later|at most|latest|max|and within|until|but)/;
  if (second && until.test(low.slice(first.at))) {
    finds.add('nextMinMin', first.hi, text, [first.lo, first.hi]);
    finds.add('nextBondMaxMin', second.lo, text);
    return true;
  }
  // A range of one to six and more is a window, not a doubt.
  if (first.lo === first.hi || first.hi / Math.max(first.lo, 1) < 6) return false;
  finds.add('nextMinMin', first.lo, text);
  finds.add('nextBondMaxMin', first.hi, text);
  return true;
}

/** The wait between coats of one kind, said in words that could also mean the next product. */
const isPlainFlash = ({ low, times }: Clause): boolean =>
  /sand|flash|between coats/.test(low) &&
  times.length === 1 &&
  !/re-?coat|over-?coat|top-?coat|clear-?coat/.test(low);

/**
 * "recoat within 1 h or after 48 h", "not between 1 and 24 h", "20 min to 24 h", "after 30 min", "within 24
 * h". True when it was a window.
 */
export function readWindow(clause: Clause, finds: Finds): boolean {
  const { text, low, times } = clause;
  const first = times[0];
  if (!NEXT.test(low) || !first) return false;
  if (readForbidden(clause, finds)) return true;
  if (isPlainFlash(clause)) return false;
  if (readFromUntil(clause, finds)) return true;
  const lead = `${low.slice(0, first.at).trimEnd()} `;
  if (!/(?:within|before|no later than|up to|inside|max\.?|latest)\s*$/.test(lead)) {
    finds.add('nextMinMin', first.hi, text, [first.lo, first.hi]);
    return true;
  }
  const itself =
    /re-?coat|second coat|further coats?|another coat/.test(low) && !/clear|top-?coat|colou?r|base/.test(low);
  finds.add(itself ? 'itselfMaxMin' : 'nextBondMaxMin', first.lo, text);
  return true;
}
