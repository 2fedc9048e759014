/** What is in the way of a plan, with the way out. */
import { percentOf } from '../format';
import { CAUSE_LIMITS, groundName } from '../names';
import { SHELTER_WHERE } from '../place-names';
import { filmSum } from './film-sum';
import { NOT_PLANNED } from './not-planned';
import { sayDoubt } from './sheet-doubts';
import { teller, type Sentences } from './reader';

export const BLOCKERS: Sentences = {
  'product-unknown': (p) =>
    `Layer ${p.s('layer')} names a product that is not in the catalogue: ${p.s('product')}. Choose another.`,
  'part-without-layer': (p) => `${p.s('part')} gets no layer at all. Give it one, or take the part out.`,
  'not-planned': (p) =>
    `“${p.s('text')}” is not planned here. ${NOT_PLANNED[p.s('what')] ?? 'Ask its maker.'} If it is something else, give it another name.`,
  'sheet-doubted': (p, f) =>
    `${p.s('product')} says ${p.told(p.s('doubt'), sayDoubt, f)} Put its sheet right, or say that it is so.`,
  'seam-no': (p) => `${groundName(p.s('below'))} under ${p.s('above')} does not hold. Change one of the two.`,
  'seam-unknown': (p) =>
    `Whether ${groundName(p.s('below'))} carries ${p.s('above')} nobody knows. Spray a test patch and write down what you decide, or change one of the two.`,
  'fuel-dissolves-one-pack': (p) => `${p.s('product')} dissolves in petrol. Take a 2K clear, or untick fuel.`,
  'brake-fluid-strips': (p) =>
    `${p.s('product')} comes off in brake fluid. Take a two-part top, which stands it for minutes, or untick brake fluid.`,
  'candy-uneven': (p) =>
    `${p.s('part')} would get ${p.s('coats')} coats of candy and ${p.s('other')} ${p.s('otherCoats')}: each coat deepens it, so they would not match. Give both the same number.`,
  'film-flatted-through': (p, f) =>
    `${p.s('product')}: ${filmSum(p, f)}, less ${f.film(p.n('awayUm'))} flatted and polished off, leaves ${f.film(p.n('restUm'))}; ${f.film(p.n('leastUm'))} must stay. Give it ${p.s('enough')} coats, or leave it as it falls.`,
  'film-too-thin': (p, f) =>
    `${p.s('product')}: ${filmSum(p, f)} is too thin to last; ${f.film(p.n('leastUm'))} is its least. Give it ${p.s('enough')} coats.`,
  'film-too-thick': (p, f) =>
    `${p.s('product')}: ${filmSum(p, f)} in all is too much; ${f.film(p.n('mostUm'))} is its most. Take coats out.`,
  'film-in-a-session': (p, f) =>
    `${p.s('product')}: ${filmSum(p, f)} in one session traps its solvent; ${f.film(p.n('mostUm'))} is the most. Take coats out, or make it two layers with a scuff between.`,
  'heat-needs-rated': (p, f) =>
    `${p.s('part')} gets to ${f.temp(p.n('needC'))}; ${p.s('product')} stands ${f.temp(p.n('ratedC'))}. Take a heat paint that stands it, on bare metal.`,
  'stack-ends-in-primer': (p) =>
    `${p.s('product')} is a primer and does not last as a top coat. Add a colour.`,
  'place-shut': () =>
    'Behind a shut door vapour gathers: it burns and poisons. Open the door to spray; shut it and heat once the vapour has gone, to cure. Set the door on Surface.',
  'part-too-large': (p, f) =>
    `${p.s('part')} is ${f.length(p.n('partMm'))} long; with ${f.length(p.n('swingMm'))} for the arm at each end it wants ${f.length(p.n('partMm') + 2 * p.n('swingMm'))}, and the floor has ${f.length(p.n('floorMm'))}. Take another place on Surface.`,
  'no-heater': () =>
    'It is to cure shut in and heated, and this place has no walls or no heater. Give the place its heater, or let it dry as it is; both on Surface.',
  'part-too-large-to-dry': (p, f) =>
    `${p.s('part')} is ${f.length(p.n('partMm'))} long and does not go into ${p.s('place')}: corner to corner its floor has ${f.length(p.n('floorMm'))}. Choose another place to dry in on Surface.`,
  'no-weather': () =>
    'There is no forecast for this place yet. Type one in on Window: a few figures a day, from any forecast you trust.',
  'no-system': () => 'No system fits this surface. Choose layers by hand.',
  'too-many-sessions': (p) =>
    `This build-up asks for ${p.s('sessions')} sessions, more than a forecast holds; up to ${p.s('most')} are planned. Take a sanded layer out.`,
  'plan-too-long': () =>
    'This job takes too long to plan. Make it two jobs, or give like parts as pieces of one.',
  'no-free-stretch': () => 'No free stretch in the forecast is long enough. Widen the free hours.',
  'no-window': (p) =>
    `No window in the forecast. In the way: ${CAUSE_LIMITS[p.s('cause')] ?? p.s('cause')} (${p.s('share')} % of the hours tried).`,
  'no-window-ready': () => 'The layer below is not ready to go on within the forecast.',
  'window-outside-free-hours': (p, f) =>
    `${f.dayTime(p.s('at'))} would do (${percentOf(p.n('chance'))} %), but is not among your free hours.`,
  'place-would-open': (p, f) =>
    `It would go ${SHELTER_WHERE[p.s('shelter')] ?? p.s('shelter')}: ${f.dayTime(p.s('at'))}, ${percentOf(p.n('chance'))} %. Change the place on Surface.`,
  'lamp-would-open': (p, f) =>
    `It would go with a lamp to see a wet edge by: from ${f.dayTime(p.s('at'))}, ${percentOf(p.n('chance'))} %. Say so of the place, on Surface.`,
  'heat-would-open': (p, f) =>
    `It would go shut in and heated once it is on: from ${f.dayTime(p.s('at'))}, ${percentOf(p.n('chance'))} %. Set where it dries, on Surface.`,
  'product-would-open': (p, f) =>
    `It would go with ${p.s('product')} in place of ${p.s('instead')}: from ${f.dayTime(p.s('at'))}, ${percentOf(p.n('chance'))} %. Choose it on Build-up; its sheet wins.`,
  'weekend-would-open': (p, f) =>
    `It would go with Saturday and Sunday free as well, ${p.s('from')} to ${p.s('to')}: from ${f.dayTime(p.s('at'))}, ${percentOf(p.n('chance'))} %. Set them on Surface.`,
  'days-would-open': (p, f) =>
    `It would go with days free as well, ${p.s('from')} to ${p.s('to')}: from ${f.dayTime(p.s('at'))}, ${percentOf(p.n('chance'))} %. A day off may do.`,
  'no-place-would-open': () =>
    'Neither more hours nor another shelter would open one this week. Look again with the next forecast, or take products that stand more cold.',
  'starts-do-not-chain': () => 'The starts set by hand do not follow one another. Let one of them go.',
  'no-chain': () =>
    'Each session has its hours, but no order of them fits into the forecast. Widen the free hours.',
};

export const sayBlocker = teller(BLOCKERS);
