'use client';
/** The bench: all jobs side by side on one scale, each with its next step and its hours of the week. */
import Button from '@mui/material/Button';
import type { Bench } from '@/usecases/bench';
import { Pager } from '../parts/pager';
import { clashOf, nextAtHand, nextJob } from '../views/bench';
import { BenchTag } from './bench-tag';
import { drawnOf } from './drawn';
import { FinishedJobs, RemovedJobs } from './finished';
import { HoursBoard } from './hours-board';
import { JobCard } from './job-card';
import { PhoneBench } from './phone-bench';
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
      <div className="stack" style={{ minWidth: 0 }}>
        <PhoneBench drawn={drawn} next={nextAtHand(jobs)} nowMs={nowMs} tz={tz} />
        <BenchHead actions={actions} />
        {jobs.length === 0 && <EmptyBench actions={actions} />}
        <div
          className="benchgrid desk-only"
          style={{ gridTemplateColumns: `repeat(auto-fill, minmax(210px, 1fr))` }}
        >
          {drawn.map((d) => (
            <JobCard key={d.job.id} drawn={d} onRemove={actions.remove} />
          ))}
        </div>
        <Pager paged={bench.pages.open} what="Jobs on the bench" href={(page) => `/?page=${page}`} />
        {jobs.length > 0 && (
          <div className="desk-only">
            <HoursBoard jobs={jobs} nowMs={nowMs} tz={tz} />
          </div>
        )}
        <FinishedJobs jobs={bench.finished} paged={bench.pages.finished} />
        <RemovedJobs jobs={bench.removed} onRestore={actions.restore} />
      </div>
      {jobs.length > 0 && (
        <BenchTag jobs={jobs} next={next} clash={clashOf(jobs)} isPart={bench.pages.open.pages > 1} />
      )}
    </main>
  );
}

function NewJob({ actions, variant }: { actions: BenchActions; variant: 'contained' | 'outlined' }) {
  const isHead = variant === 'outlined';
  return (
    <Button variant={variant} disabled={actions.busy} onClick={() => void actions.create()}>
      {isHead && actions.busy ? 'Making it' : 'New job'}
    </Button>
  );
}

function BenchHead({ actions }: { actions: BenchActions }) {
  return (
    <>
      <div className="row">
        <h1 className="sr-phone" style={{ fontSize: 20, fontWeight: 650, letterSpacing: '-.012em' }}>
          On the bench
        </h1>
        <span className="muted small desk-only">film to one scale; solid is sprayed, dashed is planned</span>
        <span className="push" />
        <NewJob actions={actions} variant="outlined" />
      </div>
      <p className="status" data-kind={actions.message ? 'bad' : 'ok'} role="status">
        {actions.message}
      </p>
    </>
  );
}

function EmptyBench({ actions }: { actions: BenchActions }) {
  return (
    <section className="panel" style={{ padding: 24 }}>
      <h2 style={{ fontSize: 16 }}>Nothing on the bench yet</h2>
      <p className="cap" style={{ margin: '8px 0 14px', maxWidth: 560 }}>
        A job is one thing to repaint: a bonnet, a set of covers, a box. Measure it, say what lies on it, and
        you get the layers, the cans, the best start of the week and the run sheet for the day.
      </p>
      <NewJob actions={actions} variant="contained" />
    </section>
  );
}
