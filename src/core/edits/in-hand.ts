/** What is here already: loose cans, what was set aside from the shelf, consumables, own prices, own use. */
import type { Job } from '@/model/job';
import { sameTint } from '../coating/tint';

type Aside = NonNullable<Job['shelf']>[number];
/** An ingredient, and the colour it is wanted in; undefined for what has none. */
export interface WantedOf {
  readonly ingredientId: string;
  readonly colour: string | undefined;
}

/** In hand without an item of the shelf: a colour that is not named is the job's. */
const isLoose = (s: Aside, { ingredientId, colour }: WantedOf): boolean =>
  s.productId === ingredientId &&
  s.stockId === undefined &&
  (s.colour === undefined || colour === undefined || sameTint(s.colour, colour));

export function looseMl(job: Job, wanted: WantedOf): number {
  return (job.shelf ?? []).filter((s) => isLoose(s, wanted)).reduce((a, s) => a + s.remainingMl, 0);
}

function withShelf(job: Job, shelf: readonly Aside[]): Job {
  const { shelf: _was, ...rest } = job;
  return shelf.length > 0 ? { ...rest, shelf: [...shelf] } : rest;
}
const tinted = (colour: string | undefined): Pick<Aside, 'colour'> =>
  colour === undefined ? {} : { colour };

export function setLoose(job: Job, wanted: WantedOf, ml: number): Job {
  const left = (job.shelf ?? []).filter((s) => !isLoose(s, wanted));
  const loose = { productId: wanted.ingredientId, remainingMl: ml, ...tinted(wanted.colour) };
  return withShelf(job, ml > 0 ? [...left, loose] : left);
}

/** Some of an item of the shelf set aside; 0 puts it back. */
export function setAside(job: Job, wanted: WantedOf, stockId: string, ml: number): Job {
  const left = (job.shelf ?? []).filter((s) => s.stockId !== stockId);
  const aside = { productId: wanted.ingredientId, remainingMl: ml, ...tinted(wanted.colour), stockId };
  return withShelf(job, ml > 0 ? [...left, aside] : left);
}

export const setPrice = (job: Job, key: string, price: number): Job => ({
  ...job,
  prices: { ...job.prices, [key]: price },
});

export function setHave(job: Job, consumableId: string, has: boolean): Job {
  const { have = [], ...rest } = job;
  const others = have.filter((x) => x !== consumableId);
  const next = has ? [...others, consumableId] : others;
  return next.length > 0 ? { ...rest, have: next } : rest;
}

/** Bought in two trips, or all at once, which is the default and is not kept. Starts no longer fit and go. */
export function setStaged(job: Job, staged: boolean): Job {
  const { buying: _was, starts: _starts, ...rest } = job;
  return staged ? { ...rest, buying: 'staged' } : rest;
}

/** The chance of running out that is allowed; the usual one is not kept. */
export function setRunOut(job: Job, runOut: number, usual: number): Job {
  const { runOut: _was, ...risk } = job.risk;
  return { ...job, risk: runOut === usual ? risk : { ...risk, runOut } };
}

/** Own use reckoned with, or not; null takes it out. */
export function setHabit(job: Job, habit: Job['habit'] | null): Job {
  const { habit: _was, ...rest } = job;
  return habit ? { ...rest, habit } : rest;
}
