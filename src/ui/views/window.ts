/**
 * What the window stage shows: the session looked at, its limits, the hours lost to each reason, the
 * assumptions behind it.
 */
import { dayStart, HOUR, instantOf } from '@/core/time/instant';
import type { Plan, Session } from '@/model/plan';
import type { Suit } from '@/model/starts';
import type { Product } from '@/model/product';
import { percentOf, type Format } from '@/words/format';
import { breakText } from '@/words/breaks';
import { CAUSE_LIMITS } from '@/words/names';
import { inAList, sessionOf } from './session-name';

/** Reasons shown, and days ahead that can be leafed to. */
const REASONS_SHOWN = 5;
const DAYS_AHEAD = 13;

export type StartOption = Plan['startOptions'][number]['options'][number];
export const causeName = (cause: string): string => CAUSE_LIMITS[cause] ?? cause;

/** Whole hours, as they are said. */
export const hoursText = (hours: number): string => `${Math.round(hours)} h`;

/** Hours of the week lost to each reason, most first, by the first reason of a stretch. */
export function lostHours(suit: Suit): { cause: string; hours: number }[] {
  const by = new Map<string, number>();
  for (const s of suit.spans) {
    const cause = s.reasons[0];
    if (s.verdict !== 'no' || cause === undefined) continue;
    by.set(cause, (by.get(cause) ?? 0) + (instantOf(s.endsAt) - instantOf(s.startsAt)) / HOUR);
  }
  const all = [...by].map(([cause, hours]) => ({ cause, hours })).sort((a, b) => b.hours - a.hours);
  return all.slice(0, REASONS_SHOWN);
}

export interface WindowView {
  /** Sessions that can be looked at. */
  readonly ids: readonly string[];
  readonly id: string | null;
  readonly session: Session | undefined;
  readonly suit: Suit | undefined;
  readonly options: readonly StartOption[];
  /** The product whose limits the ribbon draws: the last of the session. */
  readonly limits: Product;
}

/** @param picked the session the owner looks at; the first where he has not chosen or it is gone */
export function windowView(plan: Plan, products: readonly Product[], picked: string | null): WindowView {
  const ids = plan.suits.map((s) => s.sessionId);
  const id = picked !== null && ids.includes(picked) ? picked : (ids[0] ?? null);
  const last = sessionOf(plan, id ?? '').layerIds.at(-1);
  const productId = plan.layers.find((l) => l.id === last)?.productId;
  return {
    ids,
    id,
    session: plan.sessions.find((s) => s.id === id),
    suit: plan.suits.find((s) => s.sessionId === id),
    options: plan.startOptions.find((o) => o.sessionId === id)?.options ?? [],
    limits: products.find((p) => p.id === productId) ?? products[0]!,
  };
}

const SHOWN_ASSUMPTIONS: ReadonlySet<string> = new Set([
  'hour-value',
  'delay-per-day',
  'dew-gap',
  'members',
  'shelter',
  'coats-before-forecast',
]);
type Assumption = Plan['assumptions'][number];

export const windowAssumptions = (plan: Plan): Assumption[] =>
  plan.assumptions.filter((a) => SHOWN_ASSUMPTIONS.has(a.what));

/** The figure of an assumption with its unit. */
export function assumedValue({ value, unit }: Assumption, currency: string, f: Format): string {
  if (typeof value !== 'number') return value;
  if (unit === currency) return f.money(value, unit);
  return unit === 'K' ? f.gap(value) : `${value}`;
}

/** "80 %", and "just inside" where it is no more than that. */
export const oddsText = (o: StartOption): string =>
  `${percentOf(o.chance)} %${o.verdict === 'inside' ? ', just inside' : ''}`;

interface Now {
  readonly ms: number;
  readonly tz: string;
}
/** Midnight of the day of a session; today where there is none. */
export const dayOf = (session: Session | undefined, { ms, tz }: Now): number =>
  dayStart(session ? instantOf(session.startsAt) : ms, tz);

/** One day on a phone. */
export interface DayView {
  readonly startMs: number;
  readonly noonMs: number;
  readonly starts: readonly StartOption[];
  readonly isFirst: boolean;
  readonly isLast: boolean;
  /** Midnight of the day before and of the day after. */
  readonly before: number;
  readonly after: number;
}

/** @param dayMs midnight of the day @param untilMs when what is known ends: no day is leafed to that begins later */
export function dayView(
  options: readonly StartOption[],
  dayMs: number,
  now: Now,
  untilMs: number = Infinity,
): DayView {
  const { tz } = now;
  const first = dayStart(now.ms, tz);
  const noonMs = dayMs + 12 * HOUR;
  const after = dayStart(noonMs + 24 * HOUR, tz);
  return {
    startMs: dayMs,
    noonMs,
    starts: options.filter((o) => dayStart(instantOf(o.at), tz) === dayMs),
    isFirst: dayMs <= first,
    isLast: dayMs >= first + DAYS_AHEAD * 24 * HOUR || after >= untilMs,
    before: dayStart(noonMs - 24 * HOUR, tz),
    after,
  };
}

/** When each can is activated, or the cups are mixed, of one product. */
function beginsOf(atTimes: readonly string[], isGun: boolean, f: Format): string {
  const times = atTimes.map((at) => f.time(at));
  const isOne = times.length === 1;
  if (isGun) return isOne ? `mix ${times[0]}` : `mix ${times.length} times from ${times[0]}`;
  return `activate ${isOne ? 'one can' : 'cans'} ${inAList(times)}`;
}

/** The start in one line: first coat, activations, hands off. */
export function startLine(session: Session, products: readonly Product[], f: Format): string {
  const ids = [...new Set(session.activations.map((a) => a.productId))];
  const begins = ids.map((id) => {
    const isGun = products.find((p) => p.id === id)?.carrier === 'gun';
    const times = session.activations.filter((a) => a.productId === id).map((a) => a.at);
    return `, ${beginsOf(times, isGun, f)}`;
  });
  const shared = session.shares.map((s) => {
    const name = products.find((p) => p.id === s.productId)?.name ?? s.productId;
    return `, ${name} from the can activated ${f.dayTime(s.at)}`;
  });
  return `First coat ${f.time(session.sprayAt)}${[...shared, ...begins].join('')}, last coat on by ${f.time(session.handsOffAt)}.`;
}

/** “This start does not do: it ends 40 min after your free hours.” */
export const brokenSaid = ({ breaks }: Pick<Session, 'breaks'>): string =>
  `This start does not do: ${inAList(breaks.map((b) => breakText(b.why, b.min ?? 0)))}.`;

/** What spoils it in most futures, two at most; empty when nothing does. */
export function spoilers(s: Session): string {
  const [, of] = s.oksOf;
  return s.failures
    .slice(0, 2)
    .map((x) => `${causeName(x.cause)} (${x.members} of ${of})`)
    .join(', ');
}

/** A check with the value that is expected, and whether it is within its limits. */
export function valuedChecks(
  s: Session,
): { check: Session['tasks'][number]['checks'][number]; ok: boolean }[] {
  const first = s.tasks.find((t) => t.kind === 'coat');
  return (first?.checks ?? [])
    .filter((c) => 'value' in c.params)
    .map((check) => {
      const { value, min = -Infinity, max = Infinity } = check.params;
      return { check, ok: Number(value) >= Number(min) && Number(value) <= Number(max) };
    });
}
