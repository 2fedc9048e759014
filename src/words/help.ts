/** How each stage works, in a few sentences, with the terms that stand on it and what its drawing shows. */
import type { Entry } from './glossary';
import { GLOSSARY } from './glossary';

export interface Help {
  readonly how: readonly string[];
  /** What is seen in its drawing, sign by sign. */
  readonly key: readonly (readonly [sign: string, means: string])[];
  readonly terms: readonly string[];
}

const FILM_KEY = [
  ['solid outline', 'sprayed'],
  ['dashed outline', 'planned'],
  ['zigzag between two bands', 'sanded there'],
  ['dots between two bands', 'wet on wet: the films merge'],
  ['dashed line inside a band', 'blocked down to it'],
] as const;

export const STAGE_HELP = {
  surface: {
    how: [
      'Measure each part and say what it is made of and what lies on it. Everything later rests on that.',
      'Pick a part in the drawing or in its row; the editor below changes it.',
      'The tests ask for water, thinner, a magnet and a sliver, and fill in what they find.',
    ],
    key: [
      ['hatched rim', 'hidden edges and returns'],
      ['arrow on a bar', 'how the face lies while it is sprayed'],
      ['stripe', 'a zone of another condition'],
      ['dashed outline', 'an area that was given, not measured'],
    ],
    terms: ['Substrate', 'Electro-coat', 'Gelcoat', 'Rub test', 'Overrun', 'Powder coat', 'Zinc'],
  },
  'build-up': {
    how: [
      'Take one of the ways first; then change layers, coats and products as you like.',
      'Between two layers stands what to do there and whether it holds. What is refused says why, and what would hold.',
      'What nobody knows needs a test patch and your decision in writing.',
    ],
    key: FILM_KEY,
    terms: [
      'Basecoat',
      'Clear',
      'Epoxy primer',
      'Filler primer',
      'Surfacer',
      'Ladder',
      'Guide coat',
      'Wet on wet',
      'Isolate',
    ],
  },
  materials: {
    how: [
      'What is still to buy comes first; the cans show what each of them sprays.',
      'One micron over one square metre is one millilitre of dry film. The rest flies off, misses or stays in the can.',
      'Say what you have, and give your own prices: packs and bill follow.',
    ],
    key: [
      ['filled can', 'what is sprayed from it'],
      ['dashed lines', 'where one coat ends and the next begins'],
      ['sealed', 'kept shut: reserve or spare'],
    ],
    terms: ['Solids', 'Transfer', 'Overrun', 'Pot life', 'Reducer', 'Hardener', 'Cup marks'],
  },
  window: {
    how: [
      'The week shows the hours in which the next coats could be sprayed, and the start that loses least.',
      'The odds are counted: so many futures of the weather keep every limit until handle-dry.',
      'Drag a start or pick another; you can always let it be chosen again.',
    ],
    key: [
      ['green', 'suits'],
      ['amber, hatched', 'only just inside a limit'],
      ['dark', 'night'],
      ['line above a session', 'the life of what is activated'],
    ],
    terms: ['Dew gap', 'Humidity', 'Handle-dry', 'Dust-free', 'Session', 'Flash'],
  },
  'spray-day': {
    how: [
      'The run sheet is a checklist. Press a task when it is done: every time after it moves with it.',
      'The dangers of each task stand with it; two are shown, the rest are one press away, and all are on paper.',
    ],
    key: [
      ['clock', 'a wait'],
      ['can with a cross', 'activate: from here its hours count'],
      ['anchor', 'safe to stop'],
    ],
    terms: ['Activate', 'Prudent until', 'Tack cloth', 'Flash', 'Test card', 'Isocyanate', 'Wet edge'],
  },
  log: {
    how: [
      'Say what was used, by the can or on the scale, and how each layer came out.',
      'From closed jobs Pellucid learns how much you spray; the next plan reckons with it.',
    ],
    key: FILM_KEY,
    terms: ['Orange peel', 'Run', 'Nib', 'Die-back', 'Flatting', 'Cross-cut test'],
  },
} as const satisfies Record<string, Help>;

/** The entries of some terms, in their order. @throws RangeError for a term that is in no entry */
export function entriesOf(terms: readonly string[]): Entry[] {
  return terms.map((term) => {
    const found = GLOSSARY.find((e) => e.term === term);
    if (!found) throw new RangeError(`entriesOf: no entry for ${term}`);
    return found;
  });
}
