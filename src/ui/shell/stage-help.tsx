'use client';
/** How a stage works, at the end of its page; what it says is fetched when it is opened. */
import { useState } from 'react';
import Accordion from '@mui/material/Accordion';
import AccordionDetails from '@mui/material/AccordionDetails';
import AccordionSummary from '@mui/material/AccordionSummary';
import type { StageId } from '../views/stages';
import { FoldSign } from '@/ui/parts/icons';
import { later } from '../parts/later';

const HelpText = later(null, () => import('./help-text').then((m) => m.HelpText));

export function StageHelp({ stage }: { stage: StageId }) {
  const [open, setOpen] = useState(false);
  return (
    <Accordion
      className="sec noprint"
      id="help"
      slots={{ heading: 'h2' }}
      expanded={open}
      onChange={(_e, on) => setOpen(on)}
    >
      <AccordionSummary expandIcon={<FoldSign />} aria-controls="help-in" id="help-line">
        How this works <small>and the words for it; press / to look any of them up</small>
      </AccordionSummary>
      <AccordionDetails id="help-in">{open && <HelpText stage={stage} />}</AccordionDetails>
    </Accordion>
  );
}
