/**
 * A sentence for every code the core can say. Pure: the screen and `--text` share it. Short, verb
 * first, the limit beside the value; no praise, no blame.
 */
import type { Notice } from '@/model/marks';
import type { Format } from './format';
import { BLOCKERS } from './sentences/blockers';
import { CAUTIONS } from './sentences/cautions';
import { PREP } from './sentences/preparation';
import { Reader, type Sentences } from './sentences/reader';
import { REASONS, WAYS_OUT } from './sentences/seams';
import { CHECKS, TASKS } from './sentences/tasks';
import { WHYS } from './sentences/whys';

/** What each assumed figure is, for the list behind "how this was computed". */
export const ASSUMPTIONS: Readonly<Record<string, string>> = {
  'overrun-mm': 'Spray runs this far past every edge',
  transfer: 'Share of the solids that lands and stays',
  heel: 'Left in the can when it spits',
  'habit-sd': 'Spread of the use by the painter’s habit, the same in every coat',
  'coat-sd': 'Spread of the use from coat to coat',
  'risk-of-short': 'Chance of running out in mid-coat that the margin allows',
  'hour-value': 'Value of an hour of yours',
  'delay-per-day': 'Cost of a day of waiting',
  'dew-gap': 'Least gap to the dew point, ISO 12944-7',
  members: 'Futures tried',
  shelter: 'Place turned into wind, sun and sky shares',
  'coats-before-forecast': 'Drying before the forecast starts is taken at its',
};

const SENTENCES: Sentences = { ...REASONS, ...WAYS_OUT, ...BLOCKERS, ...TASKS, ...CHECKS, ...PREP, ...WHYS };

const filled = (table: Sentences, n: Notice, f: Format): string => {
  const say = table[n.code];
  return say ? say(new Reader(n.params), f) : `No words yet for “${n.code}”.`;
};

/** The sentence of a reason, way out, blocker, task, check or why. */
export function say(notice: Notice, f: Format): string {
  return filled(SENTENCES, notice, f);
}

/** The sentence of a caution: what, then what to do. The first sentence is the heading. */
export function sayCaution(
  caution: { code: string; params: Notice['params'] },
  f: Format,
): { head: string; body: string } {
  const text = filled(CAUTIONS, caution, f);
  const cut = /^.*?[.?](?= )/.exec(text)?.[0] ?? text;
  return { head: cut.replace(/\.$/, ''), body: text.slice(cut.length).trim() };
}

export const KNOWN_CODES = {
  sentences: new Set(Object.keys(SENTENCES)),
  cautions: new Set(Object.keys(CAUTIONS)),
} as const;
