'use client';
/** What is not needed at a glance: one quiet line that opens. The line says what is behind it. */
import type { ReactNode } from 'react';
import Accordion from '@mui/material/Accordion';
import AccordionDetails from '@mui/material/AccordionDetails';
import AccordionSummary from '@mui/material/AccordionSummary';
import { FoldSign } from './icons';

interface FoldProps {
  readonly summary: ReactNode;
  /** Open from the start. */
  readonly opens?: boolean;
  readonly className?: string;
  readonly children: ReactNode;
}

export function Fold({ summary, opens = false, className = '', children }: FoldProps) {
  return (
    <Accordion
      className={`fold noprint ${className}`}
      defaultExpanded={opens}
      slots={{ heading: 'div' }}
      slotProps={{ transition: { timeout: 0, unmountOnExit: true } }}
    >
      <AccordionSummary expandIcon={<FoldSign />}>{summary}</AccordionSummary>
      <AccordionDetails>{children}</AccordionDetails>
    </Accordion>
  );
}
