/** What is wrong with papers chosen by hand. */
import { teller, type Sentences } from './reader';

const LADDER_FAULTS: Sentences = {
  'ladder-jumps': (p) =>
    `P${p.s('from')} to P${p.s('to')} is a step of ${p.s('ratio')} to 1, over ${p.s('most')}: it leaves the scratches of P${p.s('from')}. Put a paper between.`,
  'ladder-goes-back': (p) =>
    `P${p.s('to')} after P${p.s('from')} is coarser again: it undoes the one before.`,
  'ladder-ends-coarse': (p) =>
    `P${p.s('last')} is the last, P${p.s('wanted')} is what the next layer hides: its scratches may show.`,
  'ladder-ends-fine': (p) => `P${p.s('last')} is the last, P${p.s('wanted')} does: so fine it grips less.`,
};
export const sayLadder = teller(LADDER_FAULTS);
