/** What is done to a place that stands out, and to edges; what is in the hand. */
import type { FinishPad, FoundKind } from '@/model/finish';
import type { Reader, Sentences } from './reader';

const PADS: Readonly<Record<FinishPad, string>> = {
  block: 'on a flat block',
  'small-block': 'on a hard block 20 × 40 mm',
  strip: 'as a strip along the tube, never round it',
  stick: 'on a 10 mm stick, three to five turns each',
  blade: 'with a blade held flat',
  'soft-pad': 'on a soft pad',
  'foam-pad': 'on a foam pad',
  'cutting-pad': 'by machine, cutting pad',
  'polishing-pad': 'by machine, soft polishing pad',
  cloth: 'by hand, folded cloth',
  tape: 'with tape',
};
export const padName = (pad: FinishPad): string => PADS[pad];
export const padUnder = (p: Reader): string => PADS[p.s('pad') as FinishPad] ?? '';

export const FOUND_NAMES: Readonly<Record<FoundKind, string>> = {
  run: 'Run',
  nib: 'Nibs',
  insect: 'Insect',
  'fade-edge': 'Edge that ends inside a face',
  'flow-coat': 'Clear once more',
};
const foundOf = (p: Reader): string => FOUND_NAMES[p.s('found') as FoundKind] ?? '';

export const FINISH_TASKS: Sentences = {
  'finish-tape': () => 'Tape every edge and crease, 10 to 15 mm wide.',
  'finish-edges': (p) =>
    `Tape off; edges ${padUnder(p)}: two to five strokes P2000 where they need it, then compound and polish.`,
  'finish-place-frame': (p) => `${foundOf(p)}: a frame of tape, 1 to 2 mm off it all round.`,
  'finish-place-level': (p) =>
    p.s('pad') === 'blade'
      ? `${foundOf(p)}: ${padUnder(p)}, pulled, down to a fifth of its height. Nail into its thickest first: if it gives, wait.`
      : `${foundOf(p)}: P${p.s('grit')} wet ${padUnder(p)}, until it is level and the tape just scuffs; then the tape comes off.`,
  'finish-place-flat': (p) => `${foundOf(p)}: P${p.s('grit')} wet ${padUnder(p)}, the place alone.`,
  'finish-place-compound': (p) => `${foundOf(p)}: compound ${padUnder(p)}, a hand wide.`,
  'finish-place-polish': (p) =>
    p.s('found') === 'fade-edge'
      ? `${foundOf(p)}: polish off the edge towards the old film, never into it.`
      : `${foundOf(p)}: polish ${padUnder(p)}, a hand wide.`,
};
