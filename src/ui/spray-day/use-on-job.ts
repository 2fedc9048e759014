'use client';
/** The job with its build-up and its products by name, as the core of faults asks for it. */
import type { OnJob } from '@/core/faults/at-hand';
import type { FaultMoment } from '@/model/fault';
import { useDesk } from '../desk/job-desk';
import { sprayingNow } from '../views/trouble';

/** @param moment at which it shows, where that was said: only while spraying is it on the coat that is going on */
export function useOnJob(moment?: FaultMoment): OnJob {
  const { job, plan, products, nowMs } = useDesk();
  return {
    job,
    layers: plan.layers,
    products: new Map(products.map((p) => [p.id, p])),
    spraying:
      moment === undefined || moment === 'spraying'
        ? (sprayingNow(plan, nowMs, job.state?.started?.taskId)?.layerId ?? null)
        : null,
  };
}
