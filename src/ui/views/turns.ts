/** The bench planned together, in words: each turn, whom it gives way to, and what the whole order gives up. */
import type { BenchJob } from '@/usecases/bench';
import type { Together, TogetherRow } from '@/usecases/together';
import { durationOf, percentOf, type Format } from '@/words/format';
import { inAList } from './session-name';

/** Less than this is nothing, money and hours. */
const NOTHING = 0.005;

export interface TurnLine {
  readonly id: string;
  readonly name: string;
  readonly when: string;
  /** What it would be alone, and whom it gives way to; null where it is the same. */
  readonly gives: string | null;
  /** What it takes along from others; null for nothing. */
  readonly along: string | null;
}

/** Jobs of the bench that stand in turn, in their order. */
export const idsInTurn = (jobs: readonly BenchJob[]): string[] =>
  jobs
    .filter((j) => j.job.turn !== undefined)
    .sort((a, b) => a.job.turn! - b.job.turn!)
    .map((j) => j.id);

/** One with its neighbour; the same order where there is none. @param by −1 earlier, 1 later */
export function swapped(ids: readonly string[], id: string, by: -1 | 1): string[] {
  const at = ids.indexOf(id);
  const other = ids[at + by];
  if (at < 0 || other === undefined) return [...ids];
  const out = [...ids];
  out[at + by] = id;
  out[at] = other;
  return out;
}

function startSaid({ startsAt, chance }: TogetherRow['now'], f: Format): string {
  if (startsAt === null) return 'no start in the days that are known';
  return `${f.dayTime(startsAt)}, ${percentOf(chance ?? 0)}\u00a0%`;
}

type Names = (ids: readonly string[]) => string;

/** Whom it gives way to; null where it is as it would be alone. */
function waySaid(
  { alone, now, because, givesUp, currency }: TogetherRow,
  names: Names,
  f: Format,
): string | null {
  if (because.length === 0 || (alone.startsAt === now.startsAt && givesUp < NOTHING)) return null;
  const price = givesUp < NOTHING ? 'at no cost' : `which costs it ${f.money(givesUp, currency)}`;
  return `Alone ${startSaid(alone, f)}; gives way to ${names(because)}, ${price}.`;
}

/** What it takes along from others; null for nothing. */
function alongSaid(
  { saves, cansOf, currency, sharesTrip }: TogetherRow,
  names: Names,
  f: Format,
): string | null {
  const can =
    cansOf.length > 0
      ? [
          `Sprays from the can activated for ${names(cansOf)}, so that fewer are opened: saves ${f.money(saves, currency)}.`,
        ]
      : [];
  const trip = sharesTrip ? ['What it needs is bought on the trip of one above.'] : [];
  const said = [...can, ...trip];
  return said.length > 0 ? said.join(' ') : null;
}

export function turnLines({ rows }: Together, f: Format): TurnLine[] {
  const nameOf = new Map(rows.map((r) => [r.id, r.name]));
  const names: Names = (ids) => inAList(ids.map((id) => nameOf.get(id) ?? id));
  return rows.map((r) => ({
    id: r.id,
    name: r.name,
    when: startSaid(r.now, f),
    gives: waySaid(r, names, f),
    along: alongSaid(r, names, f),
  }));
}

/** How good an order is, by what it comes to and what no order can come to less than; nothing where no other was looked at. */
function bestSaid({ hours, atLeast }: Pick<Together, 'hours' | 'atLeast'>): string {
  if (atLeast === null) return '';
  if (hours - atLeast < NOTHING) return ' No other order gives up less.';
  const least = atLeast < NOTHING ? '' : ` None gives up less than ${worth(atLeast)}.`;
  return ` Not every order could be tried.${least}`;
}

const worth = (hours: number): string => durationOf(Math.max(1, 60 * hours));

/** What an order comes to. */
export function orderSaid(told: Pick<Together, 'hours' | 'atLeast' | 'rows'>): string {
  const { hours, rows } = told;
  if (rows.every((r) => r.givesUp < NOTHING)) return 'There is room for all: together they give nothing up.';
  const all =
    hours < NOTHING
      ? 'Together they save more than they give up.'
      : `In all, less what is saved, they give up what ${worth(hours)} of your time is worth.`;
  return `${all}${bestSaid(told)}`;
}
