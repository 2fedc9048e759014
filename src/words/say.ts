/**
 * A sentence for every code the core can say. Pure: the screen and `--text` share it. Short, verb
 * first, the limit beside the value; no praise, no blame. A page takes the door of the table it
 * needs, so that it carries those words only; the text of a whole plan takes this one.
 */
import { BLOCKERS } from './sentences/blockers';
import { CHECKS } from './sentences/checks';
import { PREP } from './sentences/preparation';
import { teller, type Sentences } from './sentences/reader';
import { REASONS, WAYS_OUT } from './sentences/seams';
import { TASKS } from './sentences/tasks';
import { WHYS } from './sentences/whys';

export const SENTENCES: Sentences = {
  ...REASONS,
  ...WAYS_OUT,
  ...BLOCKERS,
  ...TASKS,
  ...CHECKS,
  ...PREP,
  ...WHYS,
};

/** The sentence of a reason, way out, blocker, task, check or why. */
export const say = teller(SENTENCES);
