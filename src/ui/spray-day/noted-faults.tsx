'use client';
/** What went wrong on this job, newest first; each may be taken back. */
import Button from '@mui/material/Button';
import { withoutFault } from '@/core/edits/faults';
import { useDesk } from '../desk/job-desk';
import { useFormat } from '../theme/providers';
import { notedRows } from '../views/noted-faults';

export function NotedFaults() {
  const f = useFormat();
  const { job, edit } = useDesk();
  const rows = notedRows(job, f);
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
