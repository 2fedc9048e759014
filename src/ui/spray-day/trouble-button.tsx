'use client';
/** The press that opens the finder, and what was noted of the day so far. */
import { useState } from 'react';
import Button from '@mui/material/Button';
import { withoutFault } from '@/core/edits/faults';
import { useDesk } from '../desk/job-desk';
import { later } from '../parts/later';
import { useFormat } from '../theme/providers';
import { notedRows } from '../views/trouble';

const Trouble = later('Something is wrong', () => import('./trouble').then((m) => m.Trouble));

export function TroubleButton() {
  const [isOpen, setOpen] = useState(false);
  return (
    <>
      <Button
        color="error"
        variant="outlined"
        className="big noprint wrongbutton"
        aria-label="Something is wrong"
        onClick={() => setOpen(true)}
      >
        <RunSign />
        <span className="desk-only">Something is wrong</span>
      </Button>
      {isOpen && <Trouble onClose={() => setOpen(false)} />}
    </>
  );
}

/** A paint run: the sign of a fault. */
function RunSign() {
  return (
    <svg width="34" height="34" viewBox="0 0 34 34" aria-hidden="true">
      <path d="M1 6H33V16H29V26a3.5 3.5 0 0 1 -7 0V16H17V31a3.5 3.5 0 0 1 -7 0V16H1Z" fill="currentColor" />
    </svg>
  );
}

export function NotedFaults() {
  const f = useFormat();
  const { job, edit } = useDesk();
  const rows = notedRows(job, f);
  if (rows.length === 0) return null;
  return (
    <section className="panel" aria-label="What went wrong">
      <div className="hd">What went wrong</div>
      <ul className="mt-6">
        {rows.map((r) => (
          <li key={r.key} className="row small pt-4 pb-4 wrap-nowrap">
            <b className="minw-108 fw600">{r.when}</b>
            <span className="flex-1">{r.what}</span>
            <Button
              size="small"
              onClick={() => edit((j) => withoutFault(j, r.noted))}
              aria-label={`Take back ${r.what}`}
            >
              Take back
            </Button>
          </li>
        ))}
      </ul>
    </section>
  );
}
