/** What preparation asks for. */
import { teller, type Sentences } from './reader';

export const PREP: Sentences = {
  'wipe-before-sanding': (p, f) =>
    `Degrease all ${f.area(p.n('areaM2'))} before the first paper: sanding drives grease in.`,
  'wipe-after-sanding': (p) => `Blow off, degrease, tack before ${p.s('above')}.`,
  'blow-and-tack': (p) =>
    `Between ${p.s('below')} and ${p.s('above')} only blow off and tack lightly: solvent drags fresh paint.`,
  'wipe-silicone': () =>
    'Silicone feared: each wipe twice, fresh cloths, nothing sprayed near that holds silicone.',
  'test-water-break': () => 'Water break: a wetted patch must sheet for 30 s. Beads mean wax or silicone.',
  'test-rub': () => 'Rub test on the old paint: thinner on a cloth, 30 s, in a hidden place. First of all.',
  'test-float': () => 'Plastic: a sliver that floats, or water that beads, is PP or TPO. Before buying.',
  'test-compatibility': () =>
    'Compatibility card: the whole stack on a scrap of the same stuff, a day before.',
  'test-colour': () => 'Colour card beside the part, in daylight and under clear, once the can is here.',
  'test-pattern': () => 'Spray pattern of every can and gun, at the tilt it will be used at, on the day.',
  'test-adhesion': () => 'Cross-cut and tape on the card once cured (ISO 2409, ASTM D3359).',
};

export const sayPreparation = teller(PREP);
