'use client';
/** A row of a list in which one thing is picked: its name and figure, then what is said of it. */
import type { ReactNode } from 'react';
import ButtonBase from '@mui/material/ButtonBase';

interface PickRowProps {
  readonly name: string;
  readonly figure: string;
  readonly isPicked: boolean;
  readonly onPick: () => void;
  /** Stands before the button. */
  readonly before?: ReactNode;
  readonly children: ReactNode;
}

export function PickRow({ name, figure, isPicked, onPick, before, children }: PickRowProps) {
  return (
    <li data-on={isPicked}>
      {before}
      <ButtonBase aria-pressed={isPicked} onClick={onPick}>
        <b>
          <span>{name}</span>
          <span className="ws-nowrap">{figure}</span>
        </b>
        {children}
      </ButtonBase>
    </li>
  );
}
