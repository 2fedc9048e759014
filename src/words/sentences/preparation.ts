/** What preparation asks for. */
import { teller, type Sentences } from './reader';

export const PREP: Sentences = {
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
