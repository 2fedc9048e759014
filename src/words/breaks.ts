/** What a start breaks that was set by hand, for the middle of a sentence. */
import { durationOf } from './format';
import { CAUSE_LIMITS } from './names';

const BREAKS: Readonly<Record<string, string>> = {
  'not-ready': 'the layer below is not dry by then',
  'outside-hours': 'it begins outside your free hours',
  'other-job': 'your hands, the still air of the place or its rack are taken by another job then',
};

/** @param min by how much it ends too late; 0 for every other reason */
export function breakText(why: string, min: number): string {
  if (why === 'too-late') return `it ends ${durationOf(min)} after your free hours`;
  return BREAKS[why] ?? CAUSE_LIMITS[why] ?? why;
}
