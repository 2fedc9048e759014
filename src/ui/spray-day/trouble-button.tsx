'use client';
/** The press that opens the finder; what was noted of the day so far, and what paper says of faults, once fetched. */
import { useEffect, useState } from 'react';
import Button from '@mui/material/Button';
import { useDesk } from '../desk/job-desk';
import { later } from '../parts/later';
import { takeWanted } from '../parts/finder-wanted';

const Noted = later('What went wrong', () => import('./noted-faults').then((m) => m.NotedFaults));
const Likely = later('If it goes wrong', () => import('./likely-on-paper').then((m) => m.LikelyOnPaper));
const ToMend = later('Still to mend', () => import('./still-to-mend').then((m) => m.StillToMend));
const Trouble = later(null, () => import('./trouble').then((m) => m.Trouble));

export function TroubleButton() {
  const [isOpen, setOpen] = useState(false);
  useEffect(() => {
    const soon = setTimeout(() => {
      if (takeWanted()) setOpen(true);
    }, 0);
    return () => clearTimeout(soon);
  }, []);
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
  const { job } = useDesk();
  return (job.state?.faults ?? []).length > 0 ? <Noted /> : null;
}

export function StillToMend() {
  const { plan } = useDesk();
  return plan.mends.length > 0 ? <ToMend /> : null;
}

export function LikelyOnPaper() {
  return (
    <div className="printonly">
      <Likely />
    </div>
  );
}
