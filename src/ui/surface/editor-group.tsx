'use client';
/** A group of an editor: a heading with what is asked there; on a phone a line that opens. */
import type { ReactNode } from 'react';
import Accordion from '@mui/material/Accordion';
import AccordionDetails from '@mui/material/AccordionDetails';
import AccordionSummary from '@mui/material/AccordionSummary';
import Button from '@mui/material/Button';
import { FoldSign } from '../parts/icons';
import { useNarrow } from '../shell/use-width-of-page';

interface EditorGroupProps {
  readonly name: string;
  readonly note?: string | undefined;
  /** Stands at the end of the heading. */
  readonly act?: ReactNode;
  /** On a phone it is open from the start. */
  readonly opens?: boolean;
  readonly children: ReactNode;
}

export function EditorGroup({ name, note, act, opens = false, children }: EditorGroupProps) {
  const isNarrow = useNarrow();
  if (isNarrow)
    return (
      <Accordion className="editgroup" defaultExpanded={opens}>
        <AccordionSummary expandIcon={<FoldSign />}>
          {name}
          {note !== undefined && <small>{note}</small>}
        </AccordionSummary>
        <AccordionDetails>
          {children}
          {act}
        </AccordionDetails>
      </Accordion>
    );
  return (
    <div className="editgroup">
      <div className="grouphead">
        <h3>
          {name}
          {note !== undefined && <small> {note}</small>}
        </h3>
        {act}
      </div>
      {children}
    </div>
  );
}

interface GroupAddProps {
  /** “Add a zone”. */
  readonly name: string;
  readonly isFull: boolean;
  readonly onAdd: () => void;
}

/** The way to one more of what the group lists. */
export const GroupAdd = ({ name, isFull, onAdd }: GroupAddProps) => (
  <Button size="small" disabled={isFull} onClick={onAdd}>
    {name}
  </Button>
);
