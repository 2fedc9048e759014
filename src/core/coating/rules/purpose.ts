/** What a product is not for, whatever lies below: met before any rule of the ground itself. */
import { METALS, PLASTICS, TIMBER } from '@/model/substrates';
import { goes, no, over, surface, type Kind, type ProductPattern, type RuleCard } from './card';
import { TOPS, UNDERCOATS } from './groups';

const effect = (...list: NonNullable<ProductPattern['effect']>): ProductPattern => ({
  kind: ['mid-coat'],
  effect: list,
});
const UNDER: readonly Kind[] = [...UNDERCOATS, 'heat-paint'];
const ANY_SURFACE = { surface: {} } as const;
const NOT_TIMBER = [...METALS, ...PLASTICS, 'fibreglass'] as const;
const NOT_PLASTIC = [...METALS, ...TIMBER, 'fibreglass'] as const;
const NOT_METAL = [...PLASTICS, ...TIMBER, 'fibreglass'] as const;

// A table stays a table: one card a line.
// prettier-ignore
export const PURPOSE_CARDS: readonly RuleCard[] = [
  no('does-not-rust', surface(NOT_METAL, ['rust']), goes(...UNDER, ...TOPS), 'say-what-it-is'),
  // What shines through or stands out of its coat wants its own ground.
  no('candy-needs-metallic', ANY_SURFACE, effect('candy'), 'add-metallic-ground'),
  no('flake-needs-ground', ANY_SURFACE, effect('flake'), 'add-base-ground'),
  no('pearl-needs-ground', ANY_SURFACE, effect('pearl'), 'add-base-ground'),
  no('mid-needs-ground', ANY_SURFACE, effect('none', 'solid', 'metallic'), 'add-base-ground'),
  no('candy-needs-metallic', over(UNDER), effect('candy'), 'add-metallic-ground'),
  no('flake-needs-ground', over(UNDER), effect('flake'), 'add-base-ground'),
  no('pearl-needs-ground', over(UNDER), effect('pearl'), 'add-base-ground'),
  no('mid-needs-ground', over(UNDER), effect('none', 'solid', 'metallic'), 'add-base-ground'),
  no('candy-needs-metallic', { product: { kind: ['basecoat', 'mid-coat', 'enamel', 'single-stage'], effect: ['none', 'solid'] } }, effect('candy'), 'add-metallic-ground'),
  // Heat paint hardens in the heat, on metal or on its own primer.
  no('heat-on-what-melts', surface(NOT_METAL), goes('heat-paint'), 'strip-to-metal'),
  no('zinc-and-heat', surface(['galvanised']), goes('heat-paint'), 'remove-layer'),
  no('filler-under-heat', surface(METALS, ['filled']), goes('heat-paint'), 'strip-to-metal'),
  no('heat-paint-needs-metal', surface(METALS, ['e-coat', 'sound-paint', 'failing-clear', 'chipped', 'unknown-paint', 'rust']), goes('heat-paint'), 'strip-to-metal'),
  no('heat-needs-metal-under', over([...UNDERCOATS, ...TOPS]), goes('heat-paint'), 'strip-to-metal'),
  // What belongs on one substrate, and at the bottom.
  no('sealer-is-for-wood', surface(NOT_TIMBER), goes('wood-sealer'), 'remove-layer'),
  no('etch-is-for-metal', surface(NOT_METAL), goes('etch-primer'), 'remove-layer'),
  no('promoter-is-for-plastic', surface(NOT_PLASTIC), goes('adhesion-promoter'), 'remove-layer'),
  no('etch-bites-metal', over([...UNDER, ...TOPS]), goes('etch-primer'), 'move-to-bottom'),
  no('promoter-on-plastic-only', over([...UNDER, ...TOPS]), goes('adhesion-promoter'), 'move-to-bottom'),
  no('grain-is-below', over([...UNDER, ...TOPS].filter((kind) => kind !== 'wood-sealer')), goes('wood-sealer'), 'move-to-bottom'),
];
