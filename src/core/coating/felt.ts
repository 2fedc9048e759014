/** What was felt at the masking moves the waits of that paint on this job: never under its sheet, never past its bond. */
import type { Job } from '@/model/job';
import type { Product } from '@/model/product';
import { feltTimes } from '../numerics/felt-times';
import { variants } from '../records/variants';

type Sense = NonNullable<NonNullable<Job['state']>['senses']>[number];

/** The tightest of the answers on one paint. */
function timesOf(senses: readonly Sense[]): number {
  const doses = (felt: Sense['felt']): number[] => senses.filter((s) => s.felt === felt).map((s) => s.dose);
  const above = Math.max(0, ...doses('strings'));
  const below = Math.min(Infinity, ...doses('dry').filter((d) => d > above));
  return above === 0 ? 1 : feltTimes(above, below);
}

/** By product, where it is not once: as felt on this job, else as learned from those before. */
export function feltBy({
  state,
  flashOwn = {},
}: Pick<Job, 'state' | 'flashOwn'>): ReadonlyMap<string, number> {
  const senses = state?.senses ?? [];
  const ids = [...new Set(senses.map((s) => s.productId))];
  const all = ids.map((id): [string, number] => [id, timesOf(senses.filter((s) => s.productId === id))]);
  // What is felt today wins over what was felt before.
  const before = Object.entries(flashOwn).filter(([id]) => !ids.includes(id));
  return new Map([...all, ...before].filter(([, times]) => times > 1));
}

const sheets = new WeakMap<Product, Product>();
const slowed = variants<Product, number>();

/** The product as its sheet has it, whatever was felt. */
export const asOnSheet = (p: Product): Product => sheets.get(p) ?? p;

/** Share of a maximum that a wait may grow to. From memory. */
const MOST_OF_MAX = 0.9;

function slower(product: Product, times: number): Product {
  const made = slowed(product, times, () => waitingLonger(product, times));
  sheets.set(made, product);
  return made;
}

function waitingLonger(product: Product, times: number): Product {
  const within = (minutes: number, mostMin: number | undefined): number =>
    Math.max(minutes, Math.min(minutes * times, MOST_OF_MAX * (mostMin ?? Infinity)));
  const itselfMin = product.itselfMaxMin ?? product.itselfForbiddenMin?.[0];
  const nextMinMin = within(product.nextMinMin, product.nextBondMaxMin);
  const wetMin = product.nextWetMaxMin;
  return {
    ...product,
    flashMin: within(product.flashMin, itselfMin),
    nextMinMin,
    ...(wetMin !== undefined && { nextWetMaxMin: Math.max(wetMin, nextMinMin) }),
  };
}

/** The products with what was felt of them. */
export function withFelt(job: Job, products: ReadonlyMap<string, Product>): ReadonlyMap<string, Product> {
  const felt = feltBy(job);
  if (felt.size === 0) return products;
  return new Map([...products].map(([id, p]) => [id, felt.has(id) ? slower(p, felt.get(id)!) : p]));
}
