'use client';
/** The bench: all jobs side by side on one scale, each with its next step and its hours of the week. */
import { useState } from 'react';
import Link from 'next/link';
import Button from '@mui/material/Button';
import type { Bench } from '@/usecases/bench';
import { later } from '../parts/later';
import { Pager } from '../parts/pager';
import { nextAtHand, nextJob, nextUp } from '../views/bench';
import { BenchTag } from './bench-tag';
import { drawnOf } from './drawn';
import { DueLooks, FinishedJobs, RemovedJobs } from './finished';
import { HoursBoard } from './hours-board';
import { EmptyBench } from './empty-bench';
import { NextUpPanel } from './next-up';
import { JobCard } from './job-card';
import { PhoneBench } from './phone-bench';
import { TurnsPanel } from './turns-panel';
import { useBenchActions, type BenchActions } from './use-bench-actions';

export interface BenchViewProps {
  readonly bench: Bench;
  readonly nowMs: number;
  readonly tz: string;
}

export function BenchView({ bench, nowMs, tz }: BenchViewProps) {
  const actions = useBenchActions();
  const jobs = bench.open;
  const drawn = drawnOf(jobs);
  const next = nextJob(jobs);
  return (
    <main id="main" className="body cols-2">
      <div className="stack minw-0">
        <PhoneBench drawn={drawn} next={nextAtHand(jobs)} nowMs={nowMs} tz={tz} />
        <BenchHead actions={actions} />
        {jobs.length === 0 && <EmptyBench actions={actions} />}
        <NextUpPanel steps={nextUp(jobs)} />
        <TurnsPanel jobs={jobs} />
        <div className="benchgrid desk-only cols-repeat-auto-fill-minmax-210px-1fr">
          {drawn.map((d) => (
            <JobCard key={d.job.id} drawn={d} actions={actions} />
          ))}
        </div>
        <OtherJobs jobs={bench.others} />
        <Pager paged={bench.pages.open} what="Jobs on the bench" href={(page) => `/?page=${page}`} />
        {jobs.length > 0 && (
          <div className="desk-only">
            <HoursBoard jobs={jobs} nowMs={nowMs} tz={tz} />
          </div>
        )}
        <DueLooks looks={bench.looks} />
        <FinishedJobs jobs={bench.finished} paged={bench.pages.finished} />
        <RemovedJobs jobs={bench.removed} onRestore={actions.restore} />
      </div>
      {jobs.length > 0 && <BenchTag jobs={jobs} next={next} isPart={bench.pages.open.pages > 1} />}
    </main>
  );
}

/** Of many jobs the last changed are drawn; the others are a name away. */
function OtherJobs({ jobs }: { jobs: Bench['others'] }) {
  if (jobs.length === 0) return null;
  return (
    <section className="panel" aria-label="Also at work">
      <div className="hd">
        Also at work <small>drawn are the eight changed last</small>
      </div>
      <ul className="otherjobs">
        {jobs.map((job) => (
          <li key={job.id}>
            <Link href={`/jobs/${job.id}/surface`}>{job.name}</Link>
          </li>
        ))}
      </ul>
    </section>
  );
}

function NewJob({ actions }: { actions: BenchActions }) {
  return (
    <Button variant="outlined" disabled={actions.busy} onClick={() => void actions.create()}>
      {actions.busy ? 'One moment' : 'New job'}
    </Button>
  );
}

/** Its dialog comes with the first press. */
const BoughtDialog = later(null, () => import('./bought-dialog').then((m) => m.BoughtDialog));

function MendBought() {
  const [isOpen, setOpen] = useState(false);
  return (
    <>
      <Button onClick={() => setOpen(true)}>Mend something bought</Button>
      {isOpen && <BoughtDialog onClose={() => setOpen(false)} />}
    </>
  );
}

function BenchHead({ actions }: { actions: BenchActions }) {
  return (
    <>
      <div className="row">
        <h1 className="sr-phone text-20 fw650 ls-012em">On the bench</h1>
        <span className="muted small desk-only">film to one scale; solid is sprayed, dashed is planned</span>
        <span className="push" />
        <MendBought />
        <NewJob actions={actions} />
      </div>
      <p className="status" data-kind={actions.message ? 'bad' : 'ok'} role="status">
        {actions.message}
      </p>
    </>
  );
}
