/** Cautions: what, then what to do. The first sentence is the heading. */
import type { CautionCode } from '@/core/cautions/shown';
import type { Caution } from '@/model/plan';
import { durationOf, type Format } from '../format';
import { breakText } from '../breaks';
import { CAUSE_LIMITS, groundName } from '../names';
import { filmSum } from './film-sum';
import { headAndBody, type Told } from './head';
import { sayLadder } from './ladder';
import { teller, type Say } from './reader';

/** What does the work of a product without its isocyanate. */
const INSTEAD: Readonly<Record<string, string>> = {
  surfacer: 'a 1K filler primer',
  sealer: 'a 1K filler primer, or no sealer',
  'single-stage': 'a 1K base with a 1K clear, or an enamel',
  clear: 'a 1K clear',
};

const WHY_NOT: Readonly<Record<string, string>> = {
  activated:
    'It is activated: for a hidden return after a test card at most, never for what is seen, and for no other day.',
  expired: 'It is past its time: a test card decides, and nothing is planned on it.',
  spoiled:
    'It looks spoiled. Hardener that is cloudy, skinned or swollen goes to the hazardous waste; paint that is lumpy too.',
  mislabelled: 'It stands in a tin with another’s label: nobody knows what it is, so it goes on nothing.',
};

export const CAUTIONS: Readonly<Record<CautionCode, Say>> = {
  isocyanate: (p) => `Isocyanate in ${p.s('product')}. Air-fed mask, skin covered, nobody downwind.`,
  'isocyanate-no-air': (p) =>
    `${p.s('product')} holds isocyanate. Without air-fed protection take ${INSTEAD[p.s('kind')] ?? 'a one-part product'}, or a paint shop.`,
  'old-paint-lead': () =>
    'Lead in old paint? Swab it. If so: wet only, masked, no children near; bag the dust.',
  'rub-test': () => 'Rub test first. Old paint may lift under fresh solvent.',
  'skin-sensitiser': () => 'Epoxy sensitises skin. Nitrile gloves, sleeves down, change gloves when wet.',
  'etch-acid': () => 'Etch primer is acid. Goggles and gloves, rinse splashes at once.',
  'solvent-vapour': () => 'Solvent vapour. Vapour and particle filter as the sheet says, air moving through.',
  'close-place': (p) =>
    `Vapour stays in a ${p.s('shelter')}. It burns and poisons, and sinks. Both ends open, clean air pushed in, nothing that sparks; no heater while you spray and until it has gone.`,
  'heater-off': () =>
    'Heater off and cold, door open, before you spray. It is for the cure: it goes on again once the vapour is out.',
  fuse: (p) =>
    p.n('alone') > 0
      ? `${p.n('fuseA')} A is too little. ${p.n('heaterA') > p.n('fuseA') ? `The heater alone draws ${p.s('heaterA')} A` : `The compressor alone draws ${p.s('compressorA')} A`}: take another socket, or a smaller one.`
      : `One socket, ${p.s('fuseA')} A. Heater ${p.s('heaterA')} A and compressor ${p.s('compressorA')} A together trip it: one at a time.`,
  'dusty-place': (p) =>
    `A dusty floor. Sweep and vacuum it the day before${p.n('hasLeads') > 0 ? '; no water on it while leads lie there' : ', and damp it an hour before: it holds the dust but makes the air more humid'}.`,
  ignition: () => 'Vapour burns. No flame, heater, pilot light, charger or motor within reach of it.',
  'test-card': (p) => `Several makers in one stack (${p.s('makers')}). Spray a test card first.`,
  'finish-differs': (p) =>
    `${p.s('product')} dries ${p.s('gloss')}, the job asks for ${p.s('finish')}. Swap one.`,
  'base-without-clear': (p) => `${p.s('product')} wears fast without a clear. Add one.`,
  'effect-differs': (p) => `The colour is ${p.s('kind')}, the base is not. Swap the base.`,
  'over-budget': (p, f) =>
    `It comes to ${f.money(p.n('total'), p.s('currency'))}, over ${f.money(p.n('budget'), p.s('currency'))}. Fewer coats, or another clear.`,
  'session-risk': (p) =>
    `It fails in ${p.s('members')} of ${p.s('of')} futures: ${CAUSE_LIMITS[p.s('cause')] ?? p.s('cause')}. Look again that morning.`,
  'start-outside': (p) =>
    `This start does not do: ${breakText(p.s('why'), p.n('min'))}. Move it, or let it be chosen.`,
  'past-deadline': (p, f) =>
    `Not ready by ${f.day(`${p.s('deadline')}T00:00`)}. Handle-dry ${f.dayTime(p.s('at'))}; free hours earlier, or fewer layers.`,
  'matte-outdoors': (p) => `${p.s('product')} fades and streaks outdoors. Take 2K matte, or satin.`,
  'brake-fluid': (p) =>
    `Brake fluid attacks this too. ${p.s('product')} stands it for minutes: wipe splashes and rinse with water at once.`,
  'hot-oil': (p) =>
    `Hot oil softens it. ${p.s('product')} goes soft under oil in time; a two-part top stands it.`,
  'blend-limits': (p) =>
    `A fade has to match by eye. Hold a sprayed card to the part in daylight first; each coat of colour a hand further out than the last, in all ${p.n('times').toFixed(1)} times the paint of the spot alone (counted)${p.s('kind') === 'solid' ? '' : '; in a metallic or pearl the fade shows from some side'}. Clear goes to the panel’s edge or a sharp line, never out in the middle.`,
  flexing: () => 'It flexes. Flexible primer, or the additive its sheet names.',
  'chips-one-pack': (p) =>
    `${p.s('product')} chips easily. 2K clear holds better; keep a can for touching in.`,
  silicone: () =>
    'Wax or silicone feared. Degrease twice with fresh cloths, and let water sheet before you sand.',
  'filler-peroxide': () =>
    'Filler cream is peroxide. Goggles and gloves; keep scraps from rags and paint, they can heat up.',
  'matte-not-polished': (p) =>
    `A ${p.s('finish')} clear is never polished. Leave it as it falls, or take gloss.`,
  'film-too-thin': (p, f) =>
    `Thin film. ${p.s('product')}: ${filmSum(p, f)}; ${f.film(p.n('leastUm'))} is the least that lasts. ${p.s('enough')} coats would do.`,
  'film-too-thick': (p, f) =>
    `Thick film. ${p.s('product')}: ${filmSum(p, f)} in all; over ${f.film(p.n('mostUm'))} it cracks and chips sooner.`,
  'film-in-a-session': (p, f) =>
    `Thick for one session. ${p.s('product')}: ${filmSum(p, f)}; over ${f.film(p.n('mostUm'))} solvent stays in it. Longer flashes, or two sessions.`,
  'primer-shade': (p) => {
    const head = `${p.s('product')}: ${p.s('coats')} coat${p.n('coats') === 1 ? ' does' : 's do'} not hide grey.`;
    const over = p.n('best') < p.n('grey') ? `; over ${p.s('shade')} primer ${p.s('best')}` : '';
    return `${head} It takes ${p.s('grey')}${over}.`;
  },
  'seam-overridden': (p) => `A refused seam was taken on: ${p.s('above')}. Try it on a scrap before the day.`,
  'seam-decided': (p) =>
    `Nobody knows this pair. ${p.s('above')} goes on because of your own test patch: ${p.s('why')}. Begin on the part that is seen least.`,
  'own-ladder': (p, f) =>
    `Your papers on ${groundName(p.s('below'))} under ${p.s('above')}. ${p.told(p.s('fault'), sayLadder, f)}`,
  'cold-paint': (p, f) =>
    `Cold paint. Cans and tins that stand there are at about ${f.temp(p.n('paintC'))}: they spit and lie heavy. Keep them indoors, or warm them in hand-warm water, never over ${f.temp(50)}.`,
  sweats: (p) =>
    p.n('hours') < 0
      ? 'Cold parts sweat where they are sprayed. The air there never lets them dry off: warm them first, or spray in drier air.'
      : `Cold parts sweat. Bring them in ${durationOf(p.n('hours') * 60)} before the first coat, and lay a surface thermometer on: 3 K over the dew point, or wait.`,
  'cold-cure': (p) =>
    `The cure stands still. For ${p.s('hours')} h of the next two days it is below its coldest, and ${durationOf(p.n('lostMin'))} of cure are lost: sand and polish that much later, or keep it warm.`,
  'two-part-cold': (p, f) =>
    `Cool for two-part paint. ${p.s('product')} goes on at ${f.temp(p.n('panelC'))}, under ${f.temp(p.n('minC'))}: it cures slowly and may dull. Warm place, parts and tins first, heater off while spraying, and look at the night after.`,
  'stock-not-counted': (p, f) =>
    `Not counted: ${p.s('name')}, ${f.volume(p.n('ml'))}. ${WHY_NOT[p.s('why')] ?? 'It promises nothing.'}`,
  'soft-until-baked': (p, f) =>
    `Soft until it is baked. ${p.s('product')} gets hard only by its staged heat, up to ${f.temp(p.n('hottestC'))}; until then nothing touches it, and its first heat smokes.`,
  'night-after': (p, f) =>
    `Not handle-dry before ${f.dayTime(p.s('at'))}. Keep it warm and under cover overnight.`,
};

const tell = teller(CAUTIONS);

export const sayCaution = (caution: Pick<Caution, 'code' | 'params'>, f: Format): Told =>
  headAndBody(tell(caution, f));
