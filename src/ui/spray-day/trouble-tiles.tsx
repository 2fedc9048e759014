'use client';
/** Choices as drawings with their names: large enough for a glove. */
import type { ReactNode } from 'react';
import { FaultFace } from '../drawings/fault-face';
import type { Tile } from '../views/trouble';

interface TilesProps<Id extends string> {
  readonly label: string;
  readonly tiles: readonly Tile<Id>[];
  readonly onPick: (id: Id) => void;
  readonly size?: 'small';
}

export function Tiles<Id extends string>({ label, tiles, onPick, size }: TilesProps<Id>) {
  return (
    <ul className="facetiles" aria-label={label} data-size={size}>
      {tiles.map((t) => (
        <li key={t.id}>
          <button type="button" onClick={() => onPick(t.id)}>
            <FaultFace code={t.face} />
            <span>{t.name}</span>
          </button>
        </li>
      ))}
    </ul>
  );
}

interface StepHeadProps {
  readonly nth: number;
  readonly children: ReactNode;
}

export function StepHead({ nth, children }: StepHeadProps) {
  return (
    <h3 className="stephead">
      <i aria-hidden="true">{nth}</i>
      {children}
    </h3>
  );
}
