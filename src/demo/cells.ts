/** Every cell of the rules: each kind of paint over each surface that can be, and over each kind of paint. */
import type { Below, RuleCard } from '@/core/coating/rules/card';
import { ruleFor } from '@/core/coating/rules/rules';
import type { Surface } from '@/model/ground';
import { CONDITIONS, FILMS, SUBSTRATES } from '@/model/lists';
import type { Product } from '@/model/product';
import { isMetal, isPainted } from '@/model/substrates';
import { PAINT_KINDS } from './paint-kinds';

export interface Cell {
  readonly below: Below;
  readonly above: Product;
  readonly card: RuleCard | null;
}

const isOdd = ({ substrate, condition }: Surface): boolean =>
  condition === 'e-coat' && !isMetal({ substrate });
/** Old paint that is named is no longer unknown. */
const hasFilm = ({ condition }: Surface): boolean =>
  condition === 'e-coat' || (isPainted({ condition }) && condition !== 'unknown-paint');

/** Every substrate in every condition; an old paint of every kind, and of none that is known. */
export const EVERY_SURFACE: readonly Surface[] = SUBSTRATES.flatMap((substrate) =>
  CONDITIONS.flatMap((condition): Surface[] => {
    const bare: Surface = { substrate, condition };
    if (isOdd(bare)) return [];
    return hasFilm(bare) ? [bare, ...FILMS.map((film): Surface => ({ ...bare, film }))] : [bare];
  }),
);

export function everyCell(): Cell[] {
  const grounds: Below[] = [
    ...EVERY_SURFACE.map((surface) => ({ surface })),
    ...PAINT_KINDS.map(({ product }) => ({ product })),
  ];
  return PAINT_KINDS.flatMap(({ product: above }) =>
    grounds.map((below) => ({ below, above, card: ruleFor(below, above) })),
  );
}
