/**
 * A sentence for every code the core can say. Pure: the screen and `--text` share it. Short, verb
 * first, the limit beside the value; no praise, no blame. Cautions and blockers, which most pages
 * show, have doors of their own, so that a page carries only the words it needs.
 */
import type { Notice } from '@/model/marks';
import type { Format } from './format';
import { BLOCKERS } from './sentences/blockers';
import { PREP } from './sentences/preparation';
import { filled, type Sentences } from './sentences/reader';
import { REASONS, WAYS_OUT } from './sentences/seams';
import { CHECKS, TASKS } from './sentences/tasks';
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
export const say = (notice: Notice, f: Format): string => filled(SENTENCES, notice, f);
