/** What to do. */
import { MEND_TASKS } from './faults/mend-tasks';
import { FINISH_TASKS, padUnder } from './finish-tasks';
import { teller, type Reader, type Sentences } from './reader';

const dentsOf = (count: number): string => (count === 1 ? 'the dent' : `the ${count} dents`);

const RINSES: Readonly<Record<string, string>> = { wash: 'gun wash', reducer: 'its reducer' };
/** Where the round over all faces is part of the rest, what each face has had by then. */
const withTheRound = (p: Reader): string =>
  p.n('restMin') > p.n('minutes') + 1 ? `; by its next coat each face has had ${p.s('restMin')} min` : '';
const paintsOf = (count: number): string => (count === 1 ? 'one paint' : `${count} paints`);

/** What is done with a cup before it is sprayed. @param standMin minutes it has to stand, 0 for none */
const stirred = (standMin: number): string =>
  `stir to the bottom, ${standMin > 0 ? `let it stand ${standMin} min, ` : ''}strain, write the time on the cup. Hardener off the rims, tins shut at once.`;

const crossing = (p: Reader): string => (p.n('passes') > 1 ? `, ${p.n('passes')} passes, crossing` : '');

export const TASKS: Sentences = {
  ...MEND_TASKS,
  ...FINISH_TASKS,
  'finish-flat': (p, f) =>
    `P${p.s('grit')} wet ${padUnder(p)}, ${f.area(p.n('areaM2'))}${crossing(p)}; stay off the taped edges. Rinse, dry and look: stop when it is one even dull.`,
  'finish-compound': (p, f) =>
    `Compound ${padUnder(p)}, ${f.area(p.n('areaM2'))}${crossing(p)}: 40 × 40 cm at a time, slow, warm and never hot, until no scratch shows in raking light.`,
  'finish-polish': (p, f) =>
    `Polish ${padUnder(p)}, ${f.area(p.n('areaM2'))}${crossing(p)}; wipe off and look again by daylight.`,
  'sand-strip': (p, f) =>
    `Take the failing clear off wholly, ${f.area(p.n('areaM2'))}, feather the edges: ${p.s('ladder')}.`,
  'sand-wet': (p, f) =>
    `Sand ${p.s('ladder')}, finish wet, ${f.area(p.n('areaM2'))}; guide coat, ${p.n('round') === 1 ? 'a soft pad round the tubes' : 'block the flats, spare the edges'}.`,
  'sand-block': (p, f) =>
    `Sand ${p.s('ladder')} dry, ${f.area(p.n('areaM2'))}; guide coat, ${p.n('round') === 1 ? 'a soft pad round the tubes' : 'block the flats, spare the edges'}.`,
  'dull-wet': (p, f) =>
    `Sand ${p.s('ladder')} wet, ${f.area(p.n('areaM2'))}: even dullness only, no block and no guide coat; stop before it is thin.`,
  'sand-dry': (p, f) => `Sand dry ${p.s('ladder')}, ${f.area(p.n('areaM2'))}, no shine left.`,
  'key-metal': (p, f) =>
    `Key the bare metal with ${p.s('ladder')}, ${f.area(p.n('areaM2'))}: even scratches all over, then no bare hand on it.`,
  'wash-bloom': (p, f) =>
    `Wash the epoxy with water and a soft pad, ${f.area(p.n('areaM2'))}: bloom off before any paper; dry it wholly.`,
  'rung-strip': (p, f) =>
    `P${p.s('grit')}: take the failing clear off wholly, ${f.area(p.n('areaM2'))}, until no edge is felt.`,
  'rung-first': (p, f) => `P${p.s('grit')}, ${f.area(p.n('areaM2'))}: level, feather every edge.`,
  'rung-guide': (p, f) =>
    p.n('round') === 1
      ? `Guide coat on, P${p.s('grit')}${p.n('wet') ? ' wet' : ''} on a soft pad round the tubes, ${f.area(p.n('areaM2'))}, until it is gone.`
      : `Guide coat on, block with P${p.s('grit')}${p.n('wet') ? ' wet' : ''}, ${f.area(p.n('areaM2'))}, until it is gone; spare the edges.`,
  'rung-next': (p, f) =>
    `P${p.s('grit')}${p.n('wet') ? ' wet' : ''}, ${f.area(p.n('areaM2'))}, across the P${p.s('before')} marks until they are gone.`,
  'rung-last': (p, f) =>
    `P${p.s('grit')}${p.n('wet') ? ' wet' : ''}, ${f.area(p.n('areaM2'))}: the P${p.s('before')} marks gone, no shine left, then stop.`,
  'test-fit': (p) =>
    `Test fit ${p.n('parts') === 1 ? 'the part' : 'every part'} where it goes, with its fittings, before any paint; mark what rubs.`,
  vacuum: (p, f) => `Brush and vacuum ${f.area(p.n('areaM2'))}; no water, no solvent on raw wood.`,
  wash: (p, f) =>
    `Wash ${f.area(p.n('areaM2'))} with detergent and water, edges and crevices too; rinse, dry wholly.`,
  'release-wax': (p, f) =>
    `Release wax off ${f.area(p.n('areaM2'))}, twice, a fresh cloth each time, until water sheets: paper would drive it in.`,
  'degrease-first': (p, f) =>
    `Degrease ${f.area(p.n('areaM2'))} before the first paper, or grease is sanded in: one wet cloth on, one dry cloth off.`,
  'rust-convert': () =>
    'Converter into the pits only, as its sheet says; let it work. Gloves and goggles: acid.',
  'rust-rinse': () => 'Rinse the acid off wholly, twice: what is left stops epoxy and polyester curing.',
  'rust-dry': () =>
    'Dry it now, cloth and warm air, seams and edges too: bright steel rusts again in minutes.',
  'rung-bright': (p, f) =>
    `P${p.s('grit')}, ${f.area(p.n('areaM2'))}: to bright metal, no brown left but in the pits.`,
  'tack-and-card': () =>
    'Tack off without pressure. Test card with the gun at the tilt you will use: an even ellipse.',
  'tack-between': () => 'Blow off, crevices too, and tack lightly: no solvent on a fresh film, it drags.',
  'blow-off': () => 'Blow off only: clear is never tacked.',
  'blow-only': () => 'Blow off only: clear is never tacked, nor wiped while it bonds. Test card.',
  'strip-down': (p) =>
    `${p.s('count')} ${p.n('count') === 1 ? 'fitting' : 'fittings'} off, each into its lettered bag${p.n('renewed') > 0 ? `; new clips or gaskets for ${p.n('renewed')} of them at hand first` : ''}.`,
  'dent-key': (p) =>
    `P80 over ${dentsOf(p.n('count'))} and half as far out again, nothing more of the panel.`,
  'dent-key-metal': (p) =>
    `Grind ${dentsOf(p.n('count'))} and half as far out again with P80 to bare metal: filler holds on nothing else. Not the whole panel.`,
  'dent-key-plastic': (p) =>
    `Roughen ${dentsOf(p.n('count'))} with P80, no heat in it; its maker's promoter where its sheet asks for one.`,
  'dent-key-epoxy': (p) =>
    `Scuff the epoxy over ${dentsOf(p.n('count'))} with P180, never through to the zinc: filler goes on the epoxy.`,
  'dent-feather': () =>
    'Feather the edge of the filler with P180 and P320 until no step is felt; blow off. Only the surround.',
  'fill-plastic': (p) =>
    `Filler made for this plastic, no other, round ${p.s('round')} of ${p.s('rounds')}: ${p.s('pasteG')} g, mixed as its sheet says; ${p.s('hardMin')} min until it can be blocked.`,
  fill: (p) =>
    `Body filler, round ${p.s('round')} of ${p.s('rounds')}: ${p.s('pasteG')} g with about 2 % cream, pressed in thin; ${p.s('hardMin')} min until it can be blocked.`,
  'clean-twice': (p, f) =>
    `Degrease ${f.area(p.n('areaM2'))} twice, a fresh cloth each time: silicone is feared. Water must sheet, not bead.`,
  scrub: (p, f) =>
    `Scrub ${f.area(p.n('areaM2'))} with a fine pad and cleaner until it is even and dull, along the grain; no paper, it cuts the texture.`,
  scuff: (p, f) => `Scuff P${p.s('grit')} by hand, ${f.area(p.n('areaM2'))}, even and dull.`,
  clean: (p, f) => `Degrease ${f.area(p.n('areaM2'))}: one wet cloth on, one dry cloth off while wet.`,
  mask: () => 'Mask what stays, cover what overspray can reach, back-mask soft edges.',
  'mask-again': () => 'Look over the masking; renew what lifted or got wet.',
  'tack-and-warm': () =>
    'Tack off without pressure. Cans to hand warmth; spray the test card at the tilt you will use.',
  'clean-last': (p, f) =>
    `Wipe ${f.area(p.n('areaM2'))} once more, what was touched since: one wet cloth on, one dry cloth off.`,
  'tack-fresh': () => 'Blow off and tack lightly; no solvent on a film that still bonds. Test card.',
  'scuff-late': (p, f) =>
    `The bond is gone: scuff ${f.area(p.n('areaM2'))} evenly dull, then one more coat of the same before going on.`,
  shop: (p) =>
    `Buy what is missing: ${paintsOf(p.n('products'))}, with paper and cleaner; the list is on Shopping.`,
  'shop-first': (p) =>
    p.n('products') === 0
      ? 'Buy paper, cleaner, tape and protection; the list is on Shopping. Colour and clear wait.'
      : `Buy paper, cleaner, tape, protection and ${paintsOf(p.n('products'))} for below; the list is on Shopping. Colour and clear wait.`,
  'shop-later': (p) =>
    `What lies below stands: buy colour and clear now, ${paintsOf(p.n('products'))}; the list is on Shopping.`,
  tape: () => 'Tape the pattern; press the edge down, cover the rest.',
  untape: () => 'Pull the tape, slowly, back over itself, before the next film bridges it.',
  'mix-keeps': (p, f) =>
    `Pour ${p.s('product')}, ${p.s('ratio')} by volume, ${f.volume(p.n('ml'))} in all; stir to the bottom, strain.`,
  'mix-anew': (p, f) =>
    `The last cup is dead: rinse the gun, then mix ${p.s('product')} anew, ${p.s('ratio')} by volume, ${f.volume(p.n('ml'))} in all; ${stirred(p.n('standMin'))}`,
  'activate-next': (p) =>
    `Can ${p.s('nth')} of ${p.s('product')}, now that the last runs low: pin in twice, shake 2 min, write the time on it.`,
  rinse: (p, f) =>
    `Flush the gun of ${p.s('product')} with about ${f.volume(p.n('ml'))} of ${RINSES[p.s('with')]}: cup, needle, cap, until it comes clear.`,
  'rinse-now': (p, f) =>
    `Flush the gun of ${p.s('product')} now, what is left in it sets: about ${f.volume(p.n('ml'))} of ${RINSES[p.s('with')]} through cup, needle, cap, until it comes clear.`,
  mix: (p, f) =>
    `Mix ${p.s('product')}, ${p.s('ratio')} by volume, ${f.volume(p.n('ml'))} in all; ${stirred(p.n('standMin'))}`,
  activate: (p) =>
    `Activate ${p.n('cans') === 1 ? 'one can' : `${p.s('cans')} cans, the second only when the first runs low,`} of ${p.s('product')}: pin in twice, shake 2 min, write the time on it.`,
  flash: (p, f) =>
    `Leave it ${p.s('minutes')} min${withTheRound(p)} (sheet ${p.s('sheetMin')} min at ${f.temp(p.n('refC'))}; panel ${f.temp(p.n('panelC'))}).`,
  'flash-to-next': (p, f) =>
    `Leave it ${p.s('minutes')} min before the next product${withTheRound(p)} (sheet ${p.s('sheetMin')} min at ${f.temp(p.n('refC'))}; panel ${f.temp(p.n('panelC'))}).`,
  dry: (p, f) =>
    `Leave it until dust-free. Keep it over ${f.temp(p.n('minC'))} and ${f.gap(p.n('gapK'))} above the dew point.`,
  bake: (p, f) =>
    `Bake, stage ${p.s('stage')} of ${p.s('of')}: slowly up to ${f.temp(p.n('tempC'))} at the part, ${p.s('minutes')} min there, then let it cool. It stays soft until the last stage; touch nothing on it.`,
  'move-handle-dry': () =>
    'Carry the parts over to where they dry, by their edges and backs; lay nothing on them.',
  'move-at-once': () =>
    'Carry the whole rack over, level and slowly, before dust settles on it; touch nothing wet.',
  'move-off': (p) =>
    `Heater off and cold, door open, ${p.s('minutes')} min of air through it before anything is opened.`,
  'move-heated': () =>
    'Once it no longer smells of solvent: door shut, heater on, set as the place says, nobody inside.',
  unmask: (p) =>
    `Tape off, about ${p.s('minutes')} min after the last coat, pulled back over itself; cut the edge if hard.`,
  'unmask-cut': () => 'Tape off. It has been on for hours: cut the edge first, pull back over itself.',
  'manner-first-light': (p, f) =>
    `Coat ${p.s('coat')} of ${p.s('coats')}: edges first, then a light coat; patchy is right. About ${f.volume(p.n('ml'))}.`,
  'manner-medium': (p, f) =>
    `Coat ${p.s('coat')} of ${p.s('coats')}: medium wet, half overlap, edges first. About ${f.volume(p.n('ml'))}.`,
  'manner-drop': (p, f) =>
    `Coat ${p.s('coat')} of ${p.s('coats')}: light drop coat from further off, one direction. About ${f.volume(p.n('ml'))}.`,
  'manner-tack': (p, f) =>
    `Coat ${p.s('coat')} of ${p.s('coats')}: tack-light, edges first. About ${f.volume(p.n('ml'))}.`,
  'manner-full-wet': (p, f) =>
    `Coat ${p.s('coat')} of ${p.s('coats')}: full wet, half overlap, wet edge alive. About ${f.volume(p.n('ml'))}.`,
  'manner-even': (p, f) =>
    `Coat ${p.s('coat')} of ${p.s('coats')}: even, same speed and distance; matte cannot be polished. About ${f.volume(p.n('ml'))}.`,
  'manner-closed': (p, f) =>
    `Coat ${p.s('coat')} of ${p.s('coats')}: closed and even all over, edges first; no mist before it. About ${f.volume(p.n('ml'))}.`,
  'manner-candy': (p, f) =>
    `Coat ${p.s('coat')} of ${p.s('coats')}: light and even, the same speed and distance as every other on all parts; no stop inside a face. About ${f.volume(p.n('ml'))}.`,
  'manner-flake': (p, f) =>
    `Coat ${p.s('coat')} of ${p.s('coats')}: from about ${f.length(300)}, all passes in one direction, stirred each time${p.n('tipMm') > 0 ? `, tip ${p.s('tipMm')} mm` : ''}. About ${f.volume(p.n('ml'))}.`,
  'manner-thin': (p, f) =>
    `Coat ${p.s('coat')} of ${p.s('coats')}: thin and closed, not wet. About ${f.volume(p.n('ml'))}.`,
};

export const sayTask = teller(TASKS);
