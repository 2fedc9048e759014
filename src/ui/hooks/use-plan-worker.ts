'use client';
/** The bridge to the planning worker: the plan of the draft, a frame or two after it changed. */
import { useCallback, useEffect, useRef, useState } from 'react';
import type { Job } from '@/model/job';
import type { Plan } from '@/model/plan';
import type { JobView } from '@/usecases/view-job';
import { PlanClient } from '@/workers/client';

export function usePlanWorker(view: JobView): { plan: Plan; recompute: (job: Job) => void; problem: string | null } {
  const client = useRef<PlanClient | null>(null);
  const [local, setLocal] = useState<{ plan: Plan; over: JobView } | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const { forecast, issuedMs } = view;
  const first = useRef(view);

  useEffect(() => {
    const made = new PlanClient(first.current.job, forecast, first.current.nowMs, issuedMs);
    client.current = made;
    return () => { client.current = null; made.close(); };
    // A new issue of the forecast needs a new worker; the same issue keeps the warm one.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [issuedMs]);

  const recompute = useCallback((job: Job): void => {
    client.current?.plan(job).then((plan) => { if (plan) { setProblem(null); setLocal({ plan, over: view }); } }, (e: Error) => setProblem(e.message));
  }, [view]);

  // What the server last said wins again once it has caught up.
  return { plan: local && local.over === view ? local.plan : view.plan, recompute, problem };
}
