/**
 * What a rule card is: what lies below, what goes on it, the verdict and how the two are joined. Cards run
 * from the particular to the general: the first that fits a seam decides it. A card names the kinds it is
 * about, so that each refusal has a reason of its own. Common practice without source unless a card says
 * otherwise; what the trade does not settle is unknown.
 */
import type { Surface } from '@/model/ground';
import type { Mark } from '@/model/marks';
import type { SeamRecord } from '@/model/plan';
import type { Product } from '@/model/product';

export type Below = { readonly surface: Surface } | { readonly product: Product };
export type Kind = Product['kind'];
export type Chem = Product['chemistry'];
export type Effect = NonNullable<Product['effect']>;

export interface SurfacePattern {
  readonly substrate?: readonly Surface['substrate'][];
  readonly condition?: readonly Surface['condition'][];
  readonly film?: readonly NonNullable<Surface['film']>[];
}
export interface ProductPattern {
  readonly kind?: readonly Kind[];
  readonly chemistry?: readonly Chem[];
  readonly effect?: readonly Effect[];
}

/** 'colour' stands for the last grit before the colour, by grade and colour. */
export type GritRule = number | 'colour';

export interface RuleCard {
  readonly code: string;
  readonly on: { readonly surface: SurfacePattern } | { readonly product: ProductPattern };
  readonly goes: ProductPattern;
  readonly verdict: SeamRecord['verdict'];
  readonly join: SeamRecord['join'];
  readonly wayOut?: string;
  readonly grit?: GritRule;
  readonly wet?: boolean;
  readonly mark?: Mark;
}

type On = RuleCard['on'];
/** How a seam that holds is joined: keyed with a paper, dry or wet, or inside the window of what lies below. */
export type Join = Pick<RuleCard, 'join' | 'grit' | 'wet'>;

export const sanded = (grit: GritRule): Join => ({ join: 'sanded', grit });
export const sandedWet = (grit: GritRule): Join => ({ join: 'sanded', grit, wet: true });
export const scuffed = (grit: GritRule): Join => ({ join: 'scuffed', grit });
export const scuffedWet = (grit: GritRule): Join => ({ join: 'scuffed', grit, wet: true });
export const FRESH: Join = { join: 'wet-on-wet' };

export const surface = (
  substrate: SurfacePattern['substrate'],
  condition?: SurfacePattern['condition'],
): On => ({ surface: { ...(substrate && { substrate }), ...(condition && { condition }) } });
export const over = (kind: readonly Kind[], chemistry?: readonly Chem[]): On => ({
  product: { kind, ...(chemistry && { chemistry }) },
});
export const overChem = (...chemistry: Chem[]): On => ({ product: { chemistry } });
export const goes = (...kind: Kind[]): ProductPattern => ({ kind });
export const goesOf = (kind: readonly Kind[], chemistry: readonly Chem[]): ProductPattern => ({
  kind,
  chemistry,
});

export const no = (code: string, on: On, what: ProductPattern, wayOut: string): RuleCard => ({
  code,
  on,
  goes: what,
  verdict: 'no',
  join: 'none',
  wayOut,
});
export const ok = (code: string, on: On, what: ProductPattern, join: Join): RuleCard => ({
  code,
  on,
  goes: what,
  verdict: 'ok',
  ...join,
});
/** How it is joined, and what to do about the doubt. */
interface Care extends Join {
  readonly wayOut: string;
}
export const by = (join: Join, wayOut: string): Care => ({ ...join, wayOut });
export const care = (code: string, on: On, what: ProductPattern, how: Care): RuleCard => ({
  code,
  on,
  goes: what,
  verdict: 'care',
  ...how,
});
/** The trade does not settle it: a test patch does, and a decision in writing. */
export const unknown = (code: string, on: On, what: ProductPattern): RuleCard => ({
  code,
  on,
  goes: what,
  verdict: 'unknown',
  join: 'none',
  wayOut: 'patch-and-decide',
});

const within = <T>(list: readonly T[] | undefined, value: T | undefined): boolean =>
  list === undefined || (value !== undefined && list.includes(value));

const fitsProduct = (pattern: ProductPattern, product: Product): boolean =>
  within(pattern.kind, product.kind) &&
  within(pattern.chemistry, product.chemistry) &&
  within(pattern.effect, product.effect ?? 'none');

const fitsSurface = (pattern: SurfacePattern, { substrate, condition, film }: Surface): boolean =>
  within(pattern.substrate, substrate) && within(pattern.condition, condition) && within(pattern.film, film);

/** Does a card speak of this pair. */
export function fits({ on, goes: what }: RuleCard, below: Below, above: Product): boolean {
  if (!fitsProduct(what, above)) return false;
  if ('surface' in below) return 'surface' in on && fitsSurface(on.surface, below.surface);
  return 'product' in on && fitsProduct(on.product, below.product);
}
