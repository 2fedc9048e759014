/** The tasks of a mend on the run sheet: said as where it was chosen. */
import type { Sentences } from '../reader';
import { CLEANED, DONE_SO, STRIPPED, TESTED } from './mends';

const PAPERS: Readonly<Record<string, string>> = {
  block: 'on a block',
  pad: 'by pad',
  stick: 'on a small stick',
};

export const MEND_TASKS: Sentences = {
  'mend-sand': (p) =>
    `P${p.s('grit')} ${PAPERS[p.s('tool')] ?? ''}${p.n('wet') === 1 ? ', wet' : ''}, ${p.n('local') === 1 ? 'the place alone' : 'all over'}.`,
  'mend-wash': () => CLEANED.wash,
  'mend-degrease': () => CLEANED.degrease,
  'mend-blow': () => CLEANED.blow,
  'mend-tack': () => CLEANED.tack,
  'mend-strip-sand': () => STRIPPED.sand,
  'mend-strip-blade-and-wash': () => STRIPPED['blade-and-wash'],
  'mend-test-patch': () => TESTED.patch,
  'mend-test-lead': () => TESTED.lead,
  'mend-test-tape': () => TESTED.tape,
  'mend-wipe': () => DONE_SO.wipe,
  'mend-fill': () => DONE_SO.fill,
  'mend-nail': () => DONE_SO.nail,
  'mend-polish': () => DONE_SO.polish,
};
