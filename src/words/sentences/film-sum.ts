/** A film as the sum it is: how many coats make how much. */
import type { Format } from '../format';
import type { Reader } from './reader';

/** 2 coats, 44 µm. */
export const filmSum = (p: Reader, f: Format): string =>
  `${p.s('coats')} coat${p.n('coats') === 1 ? '' : 's'}, ${f.film(p.n('builtUm'))}`;
