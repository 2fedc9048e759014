/** Mends in words: their names, what is waited for, what is done. */
import type { MendKind } from '@/model/mend';
import type { MendStep } from '@/core/faults/steps';
import type { Stage } from '@/core/drying/rate';

export const MEND_NAMES: Readonly<Record<MendKind, string>> = {
  leave: 'Leave it',
  'wipe-off': 'Wipe it off while it is wet',
  'colour-again': 'Level it and colour again',
  'drop-coat': 'A light drop coat over it',
  'one-more': 'One more coat, within its time',
  'flow-coat': 'Dull it and coat it again',
  'flat-polish': 'Flat it and polish',
  'run-ladder': 'Cut the run down and polish',
  nib: 'Cut the place and polish',
  'block-off': 'Block it off with the rest',
  'block-again': 'Block it and prime again',
  spot: 'Mend the spot down to sound paint',
  'to-sound': 'Take it off to sound ground and build up again',
  'take-off': 'Take the soft film off and coat again',
  'cure-on': 'Let it cure on',
  'fill-again': 'Scrape it out and fill again',
  'fill-over': 'Fill the pores over',
  'clean-again': 'Clean it again',
  'new-part': 'Another part',
};

/** When a film is so far, after “wait until”. */
export const UNTIL: Readonly<Record<Stage, string>> = {
  flash: 'it has flashed off',
  next: 'it takes the next coat',
  dustFree: 'it is dust-free',
  touchDry: 'it is dry to the touch',
  tape: 'it takes tape',
  handle: 'it may be handled',
  sand: 'it may be sanded',
  again: 'its forbidden time is over',
  polish: 'it may be polished',
  cure: 'it is hard for good',
};

type Plain = Exclude<MendStep['do'], 'wait' | 'sand' | 'coat' | 'clean' | 'test' | 'strip'>;
export const DONE_SO: Readonly<Record<Plain, string>> = {
  wipe: 'Wipe it off outwards with its own reducer, a fresh cloth each time.',
  fill: 'Filler on, hardener weighed; let it set.',
  nail: 'Try a nail in a hidden place; nothing is sanded before it holds.',
  polish: 'Compound, then polish; stop when it is even.',
};

export const CLEANED: Readonly<Record<Extract<MendStep, { do: 'clean' }>['how'], string>> = {
  wash: 'Wash with warm water and detergent, dry.',
  degrease: 'Degrease: one wet cloth, one dry.',
  blow: 'Blow it off; no solvent on fresh colour.',
  tack: 'Tack without pressure.',
};

export const TESTED: Readonly<Record<Extract<MendStep, { do: 'test' }>['what'], string>> = {
  patch: 'Spray a test patch and wait: it must not soften.',
  lead: 'Old or unknown paint: test for lead before you sand.',
  tape: 'Press tape on and pull: the edge must hold.',
};

export const STRIPPED: Readonly<Record<Extract<MendStep, { do: 'strip' }>['how'], string>> = {
  'blade-and-wash': 'Plastic blade and gun wash, gloves on, air moving, until nothing soft is left.',
  sand: 'Sand off all that is loose or has reacted, and feather the edge.',
};
