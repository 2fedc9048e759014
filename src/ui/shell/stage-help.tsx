'use client';
/** How a stage works, the key of its drawing and the words on it, at the end of the page. */
import Accordion from '@mui/material/Accordion';
import AccordionDetails from '@mui/material/AccordionDetails';
import AccordionSummary from '@mui/material/AccordionSummary';
import { entriesOf, STAGE_HELP } from '@/words/help';
import type { StageId } from '../views/stages';
import { Fold } from './section';

export default function StageHelp({ stage }: { stage: StageId }) {
  const { how, key, terms } = STAGE_HELP[stage];
  return (
    <Accordion className="sec noprint" id="help">
      <AccordionSummary expandIcon={<Fold />} aria-controls="help-in" id="help-line">
        How this works <small>and the words for it; press / to look any of them up</small>
      </AccordionSummary>
      <AccordionDetails id="help-in" className="helpcols">
        <div>
          {how.map((line) => (
            <p key={line}>{line}</p>
          ))}
          <h3>In the drawing</h3>
          <dl>
            {key.map(([sign, means]) => (
              <div key={sign}>
                <dt>{sign}</dt>
                <dd>{means}</dd>
              </div>
            ))}
          </dl>
        </div>
        <div>
          <h3>Words</h3>
          <dl>
            {entriesOf(terms).map(({ term, says }) => (
              <div key={term}>
                <dt>{term}</dt>
                <dd>{says}</dd>
              </div>
            ))}
          </dl>
        </div>
      </AccordionDetails>
    </Accordion>
  );
}
