'use client';
/** What is done, and what was taken off the bench. */
import Link from 'next/link';
import Button from '@mui/material/Button';
import type { Bench, FinishedJob, Paged } from '@/usecases/bench';
import { FilmSection } from '../drawings/film-section';
import { Pager } from '../parts/pager';
import { useFormat } from '../theme/providers';
import { outcomeOf } from '../views/bench';
import { stackOf } from '../views/stack';
import { counted } from '@/words/format';
import { Fold } from '@/ui/parts/fold';

/** Finished jobs that are to be looked at again. */
export function DueLooks({ looks }: { looks: Bench['looks'] }) {
  const f = useFormat();
  if (looks.length === 0) return null;
  return (
    <section className="panel" aria-label="To be looked at again">
      <div className="hd">
        To be looked at again <small>edges, gloss, what it is like by daylight</small>
      </div>
      <ul className="loglist">
        {looks.map((l) => (
          <li key={l.id}>
            <Link href={`/jobs/${l.id}/log#rubric`}>{l.name}</Link>, after {counted(l.months, 'month')}: since{' '}
            {f.date(l.due)}
          </li>
        ))}
      </ul>
    </section>
  );
}

export function FinishedJobs({ jobs, paged }: { jobs: readonly FinishedJob[]; paged: Paged }) {
  if (jobs.length === 0) return null;
  return (
    <section aria-label="Finished jobs">
      <div className="hd mt-8 mb-6">
        Finished <small>closed with what was used and how it came out</small>
      </div>
      <ul className="finished">
        {jobs.map((j) => (
          <FinishedRow key={j.id} job={j} />
        ))}
      </ul>
      <Pager paged={paged} what="Finished jobs" href={(page) => `/?done=${page}`} />
    </section>
  );
}

function FinishedRow({ job: j }: { job: FinishedJob }) {
  const f = useFormat();
  return (
    <li>
      <Link href={`/jobs/${j.id}/log`} className="row">
        <FilmSection
          stack={stackOf(j.job, j.drawn, j.products)}
          pxPerUm={0.26}
          width={44}
          gaugeMax={150}
          size="mini"
        />
        <span className="flex-1 minw-160">
          <b className="fw650">{j.job.name}</b>
          <br />
          <span className="small muted">
            closed {f.day(j.job.log!.closedAt!)}, {f.area(j.areaM2)}
            {outcomeOf(j)}
          </span>
        </span>
      </Link>
    </li>
  );
}

interface RemovedProps {
  readonly jobs: Bench['removed'];
  readonly onRestore: (id: string) => Promise<void>;
}

export function RemovedJobs({ jobs, onRestore }: RemovedProps) {
  if (jobs.length === 0) return null;
  return (
    <Fold summary={<>Taken off the bench ({jobs.length})</>}>
      <ul className="is-grid gap-6 pt-4 pb-4">
        {jobs.map((r) => (
          <li key={r.id} className="row">
            <span className="upto-320">{r.name}</span>
            <Button
              size="small"
              variant="outlined"
              aria-label={`Put ${r.name} back`}
              onClick={() => void onRestore(r.id)}
            >
              Put it back
            </Button>
          </li>
        ))}
      </ul>
    </Fold>
  );
}
