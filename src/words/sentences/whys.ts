/** Why a layer is there, and what another start is better at. */
import { teller, type Sentences } from './reader';

export const WHYS: Sentences = {
  'alternative-safer': () => 'safer, later',
  'alternative-sooner': () => 'done sooner',
  'alternative-other-day': () => 'another day',
  'alternative-later': () => 'later the same day',
  'why-heat': (p) => `${p.s('product')}: over 90 °C only heat paint lasts.`,
  'why-promoter': (p) => `${p.s('product')}: holds on raw plastic.`,
  'why-etch': (p) => `${p.s('product')}: grips bare metal.`,
  'why-filler-level': (p) => `${p.s('product')}: levels sanded ground, three coats to block.`,
  'why-filler-even': (p) => `${p.s('product')}: one even ground, two coats.`,
  'why-base': (p) => `${p.s('product')}: three thin coats hide and flash quickly.`,
  'why-base-metallic': (p) => `${p.s('product')}: four thin coats, the last a drop coat.`,
  'why-two-pack-clear': (p) => `${p.s('product')}: hard and fuel-proof; you have air-fed protection.`,
  'why-seal': (p) => `${p.s('product')}: stops the wood drinking.`,
  'why-epoxy': (p) => `${p.s('product')}: isolates and seals what lies there.`,
  'why-sealer': (p) => `${p.s('product')}: one even ground before the colour.`,
  'why-surfacer': (p) => `${p.s('product')}: levels in two coats, does not sink.`,
  'why-ground': (p) => `${p.s('product')}: the ground that the colour shines through to.`,
  'why-candy': (p) => `${p.s('product')}: depth by the number of coats.`,
  'why-flake': (p) => `${p.s('product')}: over its ground, then plenty of clear.`,
  'why-enamel': (p) => `${p.s('product')}: colour and gloss in one can, for what works and is touched in.`,
  'why-blend': () => 'Colour only where it is mended, faded out; clear over the whole panel, to its edges.',
  'why-single-stage': (p) => `${p.s('product')}: colour and gloss in one, no clear.`,
  'why-one-pack-clear': (p) => `${p.s('product')}: no isocyanate, as no air-fed protection is at hand.`,
};

export const sayWhy = teller(WHYS);
