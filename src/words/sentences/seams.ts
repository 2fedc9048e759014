/** Why a seam holds or does not, and the way out. */
import { surfaceOf } from '@/model/ground';
import { surfaceName } from '../names';
import { ON_LAYERS } from './on-layers';
import { ON_SURFACES } from './on-surfaces';
import { teller, type Sentences } from './reader';

/** What lies below, from a reason's params: a surface as steel/bare, or a product's name. */
function belowName(text: string): string {
  const surface = surfaceOf(text);
  return surface ? surfaceName(surface) : text;
}

export const REASONS: Sentences = {
  ...ON_SURFACES,
  ...ON_LAYERS,
  'seam-overridden': (p) =>
    `You took ${p.s('above')} over ${belowName(p.s('below'))} on yourself; the rule says it does not hold.`,
  'seam-decided': (p) =>
    `Nobody knows ${p.s('above')} over ${belowName(p.s('below'))}; you decided after a test patch: ${p.s('why')}.`,
  'pair-not-known': (p) => `No rule says whether ${p.s('above')} holds over ${belowName(p.s('below'))}.`,
};

export const WAYS_OUT: Sentences = {
  'pe-maker-only': () => 'Leave it, or ask the maker of the plastic.',
  'remove-layer': () => 'Take this layer out.',
  'add-promoter': () => 'Add an adhesion promoter under it.',
  'light-first-coat': () => 'Light first coat, or a promoter under it.',
  'strip-to-metal': () => 'Strip to bare metal, or take another product.',
  'add-etch': () => 'Add an etch or epoxy primer under it.',
  'ask-part-sheet': () => 'Ask the sheet of the panel; else prime first.',
  'etch-bare-spots-only': () => 'Keep etch to the bare spots.',
  'add-colour': () => 'Add a colour under the clear.',
  'rub-test': () => 'Rub a hidden spot with thinner for 30 s: if it softens, isolate with epoxy.',
  'add-filler': () => 'Add a filler primer under it.',
  'spot-etch-bare': () => 'Spot-prime the bare metal with etch or epoxy, then this.',
  'weeks-and-test-patch': () => 'Wait weeks and try a test patch, or take another product.',
  'one-of-both': () => 'Take etch or epoxy, not both.',
  'move-to-bottom': () => 'Move it to the bottom, or take it out.',
  'ask-sheet': () => 'Read its sheet, or put a filler between.',
  'days-and-thin-coats': () => 'Give it days to dry and keep the first coats thin.',
  'test-card': () => 'Spray a test card first.',
  'add-epoxy': () => 'Add an epoxy primer under it.',
  'ask-sheet-zinc': () => 'Read its sheet for zinc, or take epoxy.',
  'release-wax-and-pinholes': () => 'Degrease twice for release wax, glaze the pinholes, or take epoxy.',
  'add-wood-sealer': () => 'Add a wood sealer or a two-part primer under it.',
  'epoxy-instead': () => 'Take epoxy instead of etch.',
  'seal-with-two-pack': () => 'Seal it with epoxy or 2K first, or keep the first coats dry.',
  'rinse-and-same-day': () => 'Rinse acid off and dry; prime the same day.',
  'bright-then-epoxy': () => 'Sand to bright metal, then epoxy.',
  'strip-or-epoxy': () => 'Strip to bare, or lay epoxy between.',
  'isolate-with-epoxy': () => 'Isolate it with epoxy, after a rub test.',
  'add-metallic-ground': () => 'Add a metallic base under it.',
  'add-surfacer': () => 'Seal it with surfacer or epoxy first.',
  'mask-when-cured': () => 'Mask only when cured; clear between is safer.',
  'scuff-600': () => 'Scuff P600 first.',
  'say-what-it-is': () => 'Say on Surface what lies on it.',
  'add-base-ground': () => 'Add the base it is made for under it.',
  'rubber-leave': () => 'Leave it unpainted, or take it off before painting.',
  'thin-on-texture': () => 'Scrub, do not sand; few thin coats; try the float test on a sliver.',
  'plastic-filler': () => 'Take filler made for plastic.',
  'patch-and-decide': () =>
    'Spray a test patch where nobody looks, let it cure, cross-cut and tape it; then write down what you decide. Or change one of the two.',
  'degrease-warm': () => 'Degrease cold, warm it, degrease again; prime it warm and dry.',
  'ask-sheet-metal': () => 'Read its sheet for this metal, dull every spot, and test a patch.',
  'plating-off-or-epoxy': () => 'Have the plating taken off, or see what epoxy does on a patch.',
  'edges-twice': () => 'Seal cut edges twice and sand between.',
  'bare-plastic-only': () => 'Keep it to the bare plastic.',
  'strip-it': () => 'Take the old paint off to what holds, then say on Surface what is there.',
  'rub-test-panel': () =>
    'Rub a hidden spot with thinner for 30 s: if black comes off, it all has to come off.',
  'ground-to-metal': () => 'Grind that spot to bright metal, and fill on that.',
  'strip-and-start': () => 'Strip it and start with a primer.',
  'days-thin-and-patch': () => 'Days of drying, thin first coats, and a test patch before.',
  'thin-and-patch': () => 'Thin first coats, and a test patch before.',
  'patch-first': () => 'A test patch first.',
  'patch-or-barrier': () => 'A test patch first, or epoxy as a barrier.',
  'dewax-and-patch': () => 'Take the wax off with spirit, change cloths often; then a test patch.',
  'spot-epoxy-zinc': () => 'Epoxy on the bare zinc, then this.',
  'spot-promoter': () => 'Promoter on the bare plastic, then this.',
  'spot-seal': () => 'Seal the bare spots with two-part primer, then this.',
  'ask-sheet-water': () => 'Read both sheets, and test a card.',
};

export const saySeam = teller(REASONS);
export const sayWayOut = teller(WAYS_OUT);
