'use client';
/** How a stage works, the key of its drawing and the words on it. */
import { entriesOf, STAGE_HELP } from '@/words/help';
import { TermList } from '../parts/term-list';
import type { StageId } from '../views/stages';

export function HelpText({ stage }: { stage: StageId }) {
  const { how, key, terms } = STAGE_HELP[stage];
  return (
    <div className="helpcols">
      <div>
        {how.map((line) => (
          <p key={line}>{line}</p>
        ))}
        <h3>In the drawing</h3>
        <TermList lines={key} />
      </div>
      <div>
        <h3>Words</h3>
        <TermList lines={entriesOf(terms).map(({ term, says }) => [term, says] as const)} />
      </div>
    </div>
  );
}
