/** The provenance mark after a figure. */
import type { Mark } from '@/model/marks';
import { MARK_LETTERS, MARK_NAMES } from '@/words/names';

export function ProvenanceMark({ mark }: { mark: Mark }) {
  return (
    <span className="mark" title={MARK_NAMES[mark]}>
      <span aria-hidden="true">{MARK_LETTERS[mark]}</span>
      <span className="sr">{MARK_NAMES[mark]}</span>
    </span>
  );
}
