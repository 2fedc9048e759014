/** Contradictions within one sheet that no single field can show. */
import type { Product } from '@/model/product';
import { isTwoPart } from '../chemistry/cards';

export interface SheetFault {
  readonly field: string;
  readonly code: string;
  readonly params: Record<string, string | number>;
}

type Figure = { [K in keyof Product]-?: NonNullable<Product[K]> extends number ? K : never }[keyof Product];
/** Figures of which the first may not be above the second. */
const IN_ORDER: readonly (readonly [low: Figure, high: Figure])[] = [
  ['nextMinMin', 'nextBondMaxMin'],
  ['nextMinMin', 'nextWetMaxMin'],
  ['nextWetMaxMin', 'nextBondMaxMin'],
  ['flashMin', 'itselfMaxMin'],
  ['dustFreeMin', 'touchDryMin'],
  ['touchDryMin', 'handleMin'],
  ['tempMinC', 'tempMaxC'],
  ['handleMin', 'cureMin'],
  ['shelfOpenMonths', 'shelfClosedMonths'],
  ['filmLeastUm', 'filmMostUm'],
  ['filmUmPerCoat', 'filmMostUm'],
  ['filmSessionMostUm', 'filmMostUm'],
];
const ENDS = ['itselfForbiddenMin', 'tipMm'] as const;

function orderFaults(product: Product): SheetFault[] {
  const figures = IN_ORDER.map(([lowName, field]) => ({
    field,
    low: product[lowName],
    high: product[field],
    lowName,
  }));
  const ranges = ENDS.map((field) => ({
    field,
    low: product[field]?.[0],
    high: product[field]?.[1],
    lowName: `${field}[0]`,
  }));
  return [...figures, ...ranges].flatMap(({ field, low, high, lowName }) => {
    if (low === undefined || high === undefined || low <= high) return [];
    return [{ field, code: 'max-before-min', params: { low, high, lowName } }];
  });
}

/** A ratio and a pot life go with a hardener, and with nothing else. */
function mixFaults(product: Product): SheetFault[] {
  const twoPart = isTwoPart(product);
  const found: (readonly [boolean, string, string])[] = [
    [
      twoPart && product.mix !== undefined && !(product.mix.hardener > 0),
      'mix.hardener',
      'ratio-without-hardener',
    ],
    [
      !twoPart && product.mix !== undefined && product.mix.hardener > 0,
      'mix.hardener',
      'hardener-in-one-part',
    ],
    [!twoPart && product.potLifeMin !== undefined, 'potLifeMin', 'pot-life-of-one-part'],
    [twoPart && product.potLifeMin === undefined, 'potLifeMin', 'no-pot-life'],
    [
      (product.inductionMin ?? 0) > 0 && (product.inductionMin ?? 0) >= (product.potLifeMin ?? 0),
      'inductionMin',
      'induction-outlives-pot',
    ],
  ];
  return found.flatMap(([is, field, code]) => (is ? [{ field, code, params: {} }] : []));
}

/** Empty when the sheet holds together. */
export function sheetFaults(p: Product): SheetFault[] {
  return [...orderFaults(p), ...mixFaults(p)];
}
