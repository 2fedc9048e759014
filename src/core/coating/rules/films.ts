/** Old paint of a known kind: what a rub with thinner, or its history, told. */
import { PAINTED } from '@/model/substrates';
import type { Surface } from '@/model/ground';
import {
  by,
  care,
  goes,
  goesOf,
  no,
  ok,
  sanded,
  sandedWet,
  scuffedWet,
  unknown,
  type RuleCard,
} from './card';
import { COLOURS, LACQUERS, PRIMERS, TWO_PART } from './groups';

type Film = NonNullable<Surface['film']>;
const film = (...list: Film[]): RuleCard['on'] => ({ surface: { condition: PAINTED, film: list } });
/** Neither chipped nor flaking: the film itself is what the paint goes on. */
const whole = (...list: Film[]): RuleCard['on'] => ({ surface: { condition: ['sound-paint'], film: list } });
const OVER = [...PRIMERS, ...COLOURS, 'clear'] as const;
const WATER = goesOf(OVER, ['waterborne']);

// A table stays a table: one card a line.
// prettier-ignore
export const SOFT_CARDS: readonly RuleCard[] = [
  // Softens under thinner: nothing with solvent stands on it, and epoxy only if a patch says so.
  unknown('epoxy-over-soft', film('soft'), goes('epoxy-primer')),
  no('paint-softens', film('soft'), goes('etch-primer', 'filler-primer', 'surfacer', 'sealer', ...COLOURS), 'strip-it'),
  no('clear-over-soft', film('soft'), goes('clear'), 'strip-it'),
];

// prettier-ignore
export const FILM_CARDS: readonly RuleCard[] = [
  // Dissolves: lacquer.
  care('two-part-over-nitro', film('nitro'), goesOf(OVER, TWO_PART), by(sanded(400), 'days-thin-and-patch')),
  care('nitro-melts-in', film('nitro'), goesOf(OVER, ['1k-nitro']), by(sandedWet(600), 'thin-and-patch')),
  unknown('acrylic-over-nitro', film('nitro'), goesOf(OVER, ['1k-acrylic'])),
  care('enamel-over-lacquer', film('nitro', 'lacquer'), goesOf(OVER, ['1k-alkyd']), by(sandedWet(600), 'test-card')),
  unknown('water-over-nitro', film('nitro'), WATER),
  care('two-part-over-old-lacquer', film('lacquer'), goesOf(OVER, TWO_PART), by(sanded(400), 'days-thin-and-patch')),
  care('lacquer-melts-in', film('lacquer'), goesOf(OVER, ['1k-acrylic']), by(sandedWet(600), 'thin-and-patch')),
  unknown('nitro-over-acrylic', film('lacquer'), goesOf(OVER, ['1k-nitro'])),
  care('water-as-barrier', film('lacquer'), goesOf(['filler-primer'], ['waterborne']), by(sanded(400), 'patch-first')),
  unknown('water-over-lacquer', film('lacquer'), WATER),
  // Oil: hard after months, and still lifted by what is strong.
  care('two-part-over-old-enamel', film('enamel'), goesOf(OVER, TWO_PART), by(sanded(400), 'weeks-and-test-patch')),
  care('lacquer-over-old-enamel', film('enamel'), goesOf(OVER, LACQUERS), by(sanded(400), 'patch-or-barrier')),
  ok('enamel-over-old-enamel', film('enamel'), goesOf(OVER, ['1k-alkyd']), sandedWet(400)),
  care('water-as-barrier', film('enamel'), goesOf(['filler-primer'], ['waterborne']), by(sanded(400), 'patch-first')),
  unknown('water-over-oil', film('enamel'), WATER),
  care('varnish-isolated', film('varnish'), goes('epoxy-primer'), by(sanded(320), 'days-thin-and-patch')),
  care('enamel-over-varnish', film('varnish'), goesOf(OVER, ['1k-alkyd']), by(sandedWet(400), 'test-card')),
  no('varnish-lifts', film('varnish'), goesOf(OVER, LACQUERS), 'isolate-with-epoxy'),
  no('varnish-not-isolated', film('varnish'), goesOf(OVER, ['2k-urethane']), 'isolate-with-epoxy'),
  unknown('water-over-varnish', film('varnish'), WATER),
  // Spirit dissolves it, and an old polish holds wax.
  ok('shellac-on-shellac', { surface: { substrate: ['wood', 'mdf'], condition: PAINTED, film: ['shellac'] } }, goes('wood-sealer'), sanded(320)),
  care('old-polish-dewaxed', film('shellac'), goes('epoxy-primer'), by(sanded(320), 'dewax-and-patch')),
  unknown('over-old-polish', film('shellac'), goes('filler-primer', 'surfacer', 'sealer', ...COLOURS, 'clear')),
  care('water-over-water', film('waterborne'), WATER, by(sanded(400), 'test-card')),
  unknown('solvent-over-water', film('waterborne'), goes(...OVER)),
  // Powder and whatever thinner does nothing to.
  ok('powder-keyed', whole('powder'), goesOf(PRIMERS, ['1k-acrylic', ...TWO_PART]), sanded(320)),
  care('colour-on-powder', whole('powder'), goes(...COLOURS), by(sandedWet('colour'), 'test-card')),
  unknown('clear-on-powder', whole('powder'), goes('clear')),
  ok('baked-takes-primer', whole('baked'), goesOf(PRIMERS, ['1k-acrylic', ...TWO_PART]), sanded(400)),
  care('water-over-baked', whole('baked'), WATER, by(sanded(400), 'test-card')),
  ok('baked-takes-colour', whole('baked'), goes(...COLOURS), sandedWet('colour')),
  ok('flow-coat', whole('baked'), goes('clear'), scuffedWet(1000)),
];
