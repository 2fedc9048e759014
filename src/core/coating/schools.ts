/**
 * Where practitioners differ: each question with its schools, the default first, why, and who would
 * choose otherwise. A choice changes the plan: grit, layers, waits, manner of the first coat.
 * Common practice, no source.
 */
import type { Job } from '@/model/job';
import type { Product } from '@/model/product';
import { variants } from '../records/variants';
import type { Hand } from './character';

export interface SchoolCard {
  readonly id: keyof NonNullable<Job['schools']>;
  readonly options: readonly string[];
}
export const SCHOOLS: readonly SchoolCard[] = [
  { id: 'lastGrit', options: ['by-colour', '320', '400', '600', '800'] },
  { id: 'sealer', options: ['patchy', 'always'] },
  { id: 'baseToClear', options: ['sheet', '30', '60', '180'] },
  { id: 'firstClear', options: ['tack', 'medium'] },
  { id: 'lastEffect', options: ['drop', 'wet'] },
  { id: 'flatting', options: ['as-it-falls', 'flatted'] },
  { id: 'drying', options: ['energy', 'tenth'] },
];
export type SchoolId = SchoolCard['id'];

export function schoolOf(job: Pick<Job, 'schools'>, id: SchoolId): string {
  return job.schools?.[id] ?? SCHOOLS.find((s) => s.id === id)!.options[0]!;
}

/** How this painter lays coats that painters lay differently. */
export const handOf = (job: Pick<Job, 'schools'>): Hand => ({
  firstClear: schoolOf(job, 'firstClear'),
  lastEffect: schoolOf(job, 'lastEffect'),
});

const waited = variants<Product, number>();

/** A base whose clear is given longer than its sheet's least; never longer than its bond. */
function withWait(product: Product, minutes: number): Product {
  if (minutes <= product.nextMinMin) return product;
  return waited(product, minutes, () => {
    const most = product.nextBondMaxMin ?? Infinity;
    const next = Math.min(minutes, most);
    const { nextWetMaxMin, ...rest } = product;
    return {
      ...rest,
      nextMinMin: next,
      ...(nextWetMaxMin !== undefined && { nextWetMaxMin: Math.min(most, Math.max(nextWetMaxMin, next)) }),
    };
  });
}

/** The products as this painter uses them. */
export function schooled(job: Job, products: ReadonlyMap<string, Product>): ReadonlyMap<string, Product> {
  const wait = schoolOf(job, 'baseToClear');
  if (wait === 'sheet') return products;
  return new Map(
    [...products].map(([id, p]) => [
      id,
      p.kind === 'basecoat' || p.kind === 'mid-coat' ? withWait(p, Number(wait)) : p,
    ]),
  );
}
