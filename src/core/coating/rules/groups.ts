/** Kinds and chemistries in the groups that the cards speak of. */
import { goesOf, type Chem, type Kind, type ProductPattern } from './card';

/** Strong solvent: it dissolves lacquer and lifts young enamel. */
export const LACQUERS: readonly Chem[] = ['1k-acrylic', '1k-nitro'];
export const TWO_PART: readonly Chem[] = ['2k-urethane', '2k-epoxy'];
/** Films of one part that stay soluble, or take months to harden. */
export const ONE_PART: readonly Chem[] = [
  '1k-acrylic',
  '1k-nitro',
  '1k-alkyd',
  'shellac',
  'cpo',
  'waterborne',
];
/** Strong enough to craze plastic and to lift what is not hard. */
export const STRONG: readonly Chem[] = ['1k-acrylic', '1k-nitro', '2k-urethane', '2k-epoxy'];

export const LEVELLERS: readonly Kind[] = ['filler-primer', 'surfacer'];
export const COLOURS: readonly Kind[] = ['basecoat', 'enamel', 'single-stage'];
/** Everything that is seen. */
export const TOPS: readonly Kind[] = [...COLOURS, 'mid-coat', 'clear'];
/** What lies under a colour and levels, seals or isolates. */
export const PRIMERS: readonly Kind[] = ['filler-primer', 'epoxy-primer', 'surfacer', 'sealer'];
/** Everything that lies under a colour, from what grips to what seals. */
export const UNDERCOATS: readonly Kind[] = [
  'adhesion-promoter',
  'wood-sealer',
  'etch-primer',
  'epoxy-primer',
  'spray-filler',
  'surfacer',
  'filler-primer',
  'sealer',
];
/** Spray filler as what goes on: its styrene lifts, and it wants metal or epoxy. */
export const POLYESTER: ProductPattern = goesOf(['spray-filler'], ['polyester']);
