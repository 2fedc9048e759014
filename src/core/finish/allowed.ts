/** What a film may be finished with at all, by what it is: cards, the first that fits. */
import type { Product } from '@/model/product';
import { isTwoPart } from '../chemistry/cards';

export const FINISH_WAYS = ['never', 'hand-polish', 'polish', 'flat'] as const;
/** The most that is allowed: nothing, polish by hand, polish, flat and polish. */
export type FinishWay = (typeof FINISH_WAYS)[number];

export const FINISH_WHYS = [
  'matte',
  'one-coat',
  'not-a-finish',
  'effect-bare',
  'enamel-soft',
  'one-part-few',
  'one-part-many',
  'two-part',
  'two-part-few',
  'solid-colour',
  'lacquer-colour',
] as const;
export type FinishWhy = (typeof FINISH_WHYS)[number];

export interface Allowed {
  readonly way: FinishWay;
  readonly why: FinishWhy;
  /** So many times its wait before sanding, from and to; null once it is cured through. */
  readonly waits: readonly [number, number] | null;
  /** The coarsest paper; null where none is. */
  readonly coarsestP: number | null;
}

interface Film {
  readonly product: Product;
  readonly coats: number;
}

interface Card extends Allowed {
  readonly is: (film: Film) => boolean;
}

const FINISHES: ReadonlySet<Product['kind']> = new Set(['clear', 'single-stage', 'enamel', 'basecoat']);
const EFFECTS: ReadonlySet<string> = new Set(['metallic', 'pearl', 'flake', 'candy']);
const isEffect = ({ product }: Film): boolean => EFFECTS.has(product.effect ?? 'none');
/** A one-part clear of so many coats carries fine paper. */
const MANY_COATS = 4;

/** Two coats of a two-part clear are polished at most. Common practice, no source. */
const FLATTED_COATS = 3;

/** From memory, as the trade has it. */
const CARDS: readonly Card[] = [
  card('never', 'matte', ({ product }) => product.gloss === 'matte' || product.gloss === 'satin'),
  card('never', 'not-a-finish', ({ product }) => !FINISHES.has(product.kind)),
  card('never', 'one-coat', ({ product, coats }) => product.kind === 'clear' && coats < 2),
  card('never', 'effect-bare', (film) => film.product.kind !== 'clear' && isEffect(film)),
  card('hand-polish', 'enamel-soft', ({ product }) => product.kind === 'enamel', { waits: null }),
  card('hand-polish', 'lacquer-colour', ({ product }) => product.kind === 'basecoat', { waits: [2, 2] }),
  card('flat', 'solid-colour', ({ product }) => product.kind === 'single-stage' && isTwoPart(product), {
    waits: [2, 2],
    coarsestP: 1500,
  }),
  card('polish', 'two-part-few', ({ product, coats }) => isTwoPart(product) && coats < FLATTED_COATS),
  card('flat', 'two-part', ({ product }) => isTwoPart(product), { coarsestP: 800 }),
  card('flat', 'one-part-many', ({ coats }) => coats >= MANY_COATS, { coarsestP: 1500 }),
  card('hand-polish', 'one-part-few', () => true, { waits: [1, 1] }),
];

function card(
  way: FinishWay,
  why: FinishWhy,
  is: Card['is'],
  { waits = [1, 2], coarsestP = null }: Partial<Pick<Card, 'waits' | 'coarsestP'>> = {},
): Card {
  return { way, why, is, waits, coarsestP };
}

export function allowedOn(film: Film): Allowed {
  const { way, why, waits, coarsestP } = CARDS.find((c) => c.is(film))!;
  return { way, why, waits, coarsestP };
}
