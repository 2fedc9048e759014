'use client';
/** What whoever gets the part has to know, on a page of its own when printed. */
import { useRef } from 'react';
import Button from '@mui/material/Button';
import { useDesk } from '../desk/job-desk';
import { printAlone } from '../parts/print-alone';
import { useFormat } from '../theme/providers';
import { handOver } from '../views/hand-over';

export function HandOverPanel() {
  const paper = useRef<HTMLElement>(null);
  const f = useFormat();
  const { job, plan, products, air, known } = useDesk();
  const lines = handOver({ job, plan, products, came: known.came }, air, f);
  if (lines.length === 0) return <p className="cap">It can be written once the last coat is on.</p>;
  return (
    <section ref={paper} className="panel handover" aria-label="Hand over">
      <dl>
        {lines.map((line) => (
          <div key={line.name}>
            <dt>{line.name}</dt>
            <dd>{line.text}</dd>
          </div>
        ))}
      </dl>
      <Button
        className="noprint"
        variant="outlined"
        onClick={() => paper.current && printAlone(paper.current)}
      >
        Print it alone
      </Button>
    </section>
  );
}
