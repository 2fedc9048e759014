'use client';
/** How a stage works, the key of its drawing and the words on it. */
import { entriesOf, STAGE_HELP } from '@/words/help';
import type { StageId } from '../views/stages';

export function HelpText({ stage }: { stage: StageId }) {
  const { how, key, terms } = STAGE_HELP[stage];
  const words = entriesOf(terms).map(({ term, says }) => [term, says] as const);
  return (
    <div className="helpcols">
      <div>
        {how.map((line) => (
          <p key={line}>{line}</p>
        ))}
        <Listed title="In the drawing" lines={key} />
      </div>
      <Listed title="Words" lines={words} />
    </div>
  );
}

interface ListedProps {
  readonly title: string;
  readonly lines: readonly (readonly [name: string, says: string])[];
}

function Listed({ title, lines }: ListedProps) {
  return (
    <div>
      <h3>{title}</h3>
      <dl>
        {lines.map(([name, says]) => (
          <div key={name}>
            <dt>{name}</dt>
            <dd>{says}</dd>
          </div>
        ))}
      </dl>
    </div>
  );
}
