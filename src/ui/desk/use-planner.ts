'use client';
/** The draft's own plan, made by the worker of this page; until it is there, the last one there was. */
import { useCallback, useEffect, useRef, useState } from 'react';
import type { Job } from '@/model/job';
import type { JobView } from '@/usecases/view-job';
import { PlanClient } from '@/workers/client';
import type { Answer } from '@/core/plan';
import { useLong } from './use-long';

interface Planner {
  readonly answer: Answer;
  /** The draft's plan is awaited for longer than a glance. */
  readonly isLong: boolean;
  /** Stops what is being worked out. */
  cancel(): void;
  /** What would be planned if the job were so; null where the page was left meanwhile. */
  attempt(job: Job): Promise<Answer | null>;
  /** a sentence when the worker stopped; null while it works */
  readonly fault: string | null;
}

/** The worker, warm from the start; a new issue of the forecast needs a new one, and so does a plan that was cancelled. */
function useWorker(view: JobView, cancelled: number) {
  const client = useRef<PlanClient | null>(null);
  const { forecast, issuedMs, readings, around } = view;
  const read = JSON.stringify([readings, around]);
  const startWith = useRef(view);
  useEffect(() => {
    const { job, nowMs } = startWith.current;
    const made = new PlanClient({ job, nowMs, forecast, issuedMs, readings, around });
    client.current = made;
    return () => {
      client.current = null;
      made.close();
    };
    // eslint-disable-next-line react-hooks/exhaustive-deps -- forecast and readings are new objects with every view, what they say is not
  }, [issuedMs, read, view.job.place.lat, view.job.place.lon, cancelled]);
  return client;
}

export function usePlanner(view: JobView, job: Job, clock: () => number): Planner {
  const [cancelled, setCancelled] = useState(0);
  const client = useWorker(view, cancelled);
  const [local, setLocal] = useState<{ readonly job: Job; readonly answer: Answer } | null>(null);
  const [failed, setFailed] = useState<{ readonly job: Job; readonly said: string } | null>(null);
  useEffect(() => {
    if (job === view.job) return;
    let over = false;
    client.current?.plan(job, clock()).then(
      (answer) => {
        if (!answer || over) return;
        setFailed(null);
        setLocal({ job, answer });
      },
      (e: Error) => {
        if (over) return;
        setFailed({
          job,
          said: `The planner on this page stopped (${e.message}). Reload the page; nothing is lost.`,
        });
      },
    );
    return () => {
      over = true;
    };
  }, [job, view.job, clock, client]);
  const answer = local && (local.job === job || job !== view.job) ? local.answer : view;
  const isLong = useLong(job !== view.job && job !== local?.job && job !== failed?.job);
  const cancel = useCallback(() => setCancelled((n) => n + 1), []);
  const attempt = useCallback(
    (other: Job) => client.current?.attempt(other, clock()) ?? Promise.resolve(null),
    [client, clock],
  );
  return { answer, fault: failed?.said ?? null, isLong, cancel, attempt };
}
