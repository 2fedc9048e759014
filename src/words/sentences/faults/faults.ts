/** Every fault in words, and the questions that tell them apart. */
import type { DANGERS, FaultCode, FaultMoment, Look, Sign } from '@/model/fault';
import { EVENT_FAULTS } from './events';
import { FILM_FAULTS } from './film';
import { GROUND_FAULTS } from './ground';
import type { FaultWords } from './told';

export const FAULT_WORDS: Readonly<Record<FaultCode, FaultWords>> = {
  ...FILM_FAULTS,
  ...GROUND_FAULTS,
  ...EVENT_FAULTS,
};

/** Each a question that is answered with yes or no. */
export const SIGN_QUESTIONS: Readonly<Record<Sign, string>> = {
  'over-filler': 'Only where there is filler?',
  'wide-holes': 'Wider than a millimetre?',
  'ground-bare': 'Can you see the ground in them?',
  'closed-dome': 'Are they closed domes?',
  'hangs-down': 'Does it hang downwards?',
  'with-glitter': 'Does it glitter?',
  'from-can': 'Sprayed from a can?',
  'better-warm': 'Gone once the can is warm?',
  rough: 'Rough to a dry finger?',
  'shiny-bumps': 'Are the bumps themselves shiny?',
  'same-day': 'Did it come within the hour?',
  'wet-night': 'Was it out in dew or damp?',
  'matte-film': 'Is the finish matte?',
  'moves-with-angle': 'Does it change as you walk past?',
  'in-bands': 'In bands?',
  'fan-lopsided': 'Is the test card lopsided too?',
  'whole-part': 'Is it the whole part?',
  stain: 'Is it a stain with its own colour?',
  rubbed: 'Did it come by rubbing or sanding?',
  folds: 'Is it in folds?',
  'enamel-again': 'Enamel over enamel of hours or a day ago?',
  cracks: 'Are there cracks?',
  'with-tape': 'Did it come off with tape?',
  'plastic-bare': 'Is bare plastic showing?',
  thread: 'Is it a thread?',
  'has-body': 'Has it a body or a track?',
  print: 'Is it a print or a smear?',
  'orange-specks': 'Orange specks on steel?',
  'one-side': 'All at once, from one side?',
  'straight-step': 'Is it a straight line?',
  'other-colour': 'Another colour across the line?',
  'sanded-lines': 'Does it follow the sanding?',
  hollow: 'Is the whole area lower?',
  'old-shape': 'The shape of an old sticker or emblem?',
  'on-filler': 'Is it the filler?',
  'while-sanding': 'Does it roll up as you sand?',
  'hardener-in': 'Was hardener in it, or the can activated?',
  'right-tins': 'The right tins, rightly measured?',
};

export const LOOK_NAMES: Readonly<Record<Look, string>> = {
  holes: 'Holes, bubbles',
  hangs: 'Drips, lumps',
  dull: 'Rough, dull, milky',
  colour: 'Wrong colour, bands',
  off: 'Wrinkled, coming off',
  things: 'Things in it',
  below: 'Edges from below',
  soft: 'Soft, sticky',
  happened: 'Something happened',
};

export const FAULT_MOMENT_NAMES: Readonly<Record<FaultMoment, string>> = {
  preparing: 'Before spraying',
  spraying: 'While spraying',
  waiting: 'While waiting',
  unmasking: 'Tape off',
  'next-morning': 'Next morning',
  finishing: 'Sanding, polishing',
  'weeks-on': 'Weeks later',
};

/** What is pressed first of all: a word or two. */
export const DANGER_SHORT: Readonly<Record<(typeof DANGERS)[number], string>> = {
  unwell: 'Unwell',
  splash: 'Eye, skin',
  'can-danger': 'Can hisses',
  'rags-warm': 'Warm rags',
};
