'use client';
/** A section of a stage: the first decision stands open; what follows from it folds to a line that says what it holds. */
import type { ReactNode } from 'react';
import Accordion from '@mui/material/Accordion';
import AccordionDetails from '@mui/material/AccordionDetails';
import AccordionSummary from '@mui/material/AccordionSummary';
import { FoldSign } from '@/ui/parts/icons';
import type { BarLink } from './section-bar';

export interface StageSection extends BarLink {
  /** What it holds, said on its line. */
  readonly note?: string | undefined;
  /** The decision of the stage: never folded. */
  readonly isLead?: boolean;
  /** Open until the reader folds it. */
  readonly opens?: boolean;
  /** Left out on paper. */
  readonly isScreenOnly?: boolean;
  readonly node: ReactNode;
}

interface SectionProps {
  readonly section: StageSection;
  readonly isOpen: boolean;
  readonly onFold: (open: boolean) => void;
}

export function Section({ section, isOpen, onFold }: SectionProps) {
  const { id, name, note, isLead, node } = section;
  const where = section.isScreenOnly ? 'sec noprint' : 'sec';
  if (isLead)
    return (
      <div id={id} className="sec lead">
        {node}
      </div>
    );
  return (
    <Accordion
      id={id}
      className={where}
      slots={{ heading: 'h2' }}
      expanded={isOpen}
      onChange={(_e, open) => onFold(open)}
    >
      <AccordionSummary aria-controls={`${id}-in`} id={`${id}-line`} expandIcon={<FoldSign />}>
        {name}
        {note !== undefined && <small>{note}</small>}
      </AccordionSummary>
      <AccordionDetails id={`${id}-in`}>{isOpen && node}</AccordionDetails>
    </Accordion>
  );
}
