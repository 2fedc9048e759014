'use client';
/** The draft's own plan, made by the worker of this page; until it is there, the last one there was. */
import { useCallback, useEffect, useRef, useState } from 'react';
import type { Job } from '@/model/job';
import type { JobView } from '@/usecases/view-job';
import { PlanClient } from '@/workers/client';
import type { Answer } from '@/core/plan';

/** From when on a plan is long work: shown, and it can be cancelled. Milliseconds. */
const LONG_MS = 400;

interface Planner {
  readonly answer: Answer;
  /** The draft's plan is awaited for longer than a glance. */
  readonly isLong: boolean;
  /** Stops what is being worked out. */
  cancel(): void;
  /** a sentence when the worker stopped; null while it works */
  readonly fault: string | null;
}

/** The worker, warm from the start; a new issue of the forecast needs a new one, and so does a plan that was cancelled. */
function useWorker(view: JobView, cancelled: number) {
  const client = useRef<PlanClient | null>(null);
  const { forecast, issuedMs } = view;
  const startWith = useRef(view);
  useEffect(() => {
    const { job, nowMs } = startWith.current;
    const made = new PlanClient(job, forecast, nowMs, issuedMs);
    client.current = made;
    return () => {
      client.current = null;
      made.close();
    };
    // eslint-disable-next-line react-hooks/exhaustive-deps -- the forecast is a new object with every view, its issue is not
  }, [issuedMs, view.job.place.lat, view.job.place.lon, cancelled]);
  return client;
}

export function usePlanner(view: JobView, job: Job, clock: () => number): Planner {
  const [cancelled, setCancelled] = useState(0);
  const client = useWorker(view, cancelled);
  const [isLong, setLong] = useState(false);
  const [local, setLocal] = useState<{ readonly job: Job; readonly answer: Answer } | null>(null);
  const [fault, setFault] = useState<string | null>(null);
  useEffect(() => {
    if (job === view.job) return;
    let over = false;
    const long = setTimeout(() => setLong(true), LONG_MS);
    const done = (): void => {
      clearTimeout(long);
      setLong(false);
    };
    client.current?.plan(job, clock()).then(
      (answer) => {
        if (!answer || over) return;
        done();
        setFault(null);
        setLocal({ job, answer });
      },
      (e: Error) => {
        if (over) return;
        done();
        setFault(`The planner on this page stopped (${e.message}). Reload the page; nothing is lost.`);
      },
    );
    return () => {
      over = true;
      done();
    };
  }, [job, view.job, clock, client]);
  const answer = local && (local.job === job || job !== view.job) ? local.answer : view;
  const cancel = useCallback(() => setCancelled((n) => n + 1), []);
  return { answer, fault, isLong, cancel };
}
