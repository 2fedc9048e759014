'use client';
/** The job with its build-up and its products by name, as the core of faults asks for it. */
import type { OnJob } from '@/core/faults/at-hand';
import { useDesk } from '../desk/job-desk';
import { sprayingNow } from '../views/trouble';

export function useOnJob(): OnJob {
  const { job, plan, products, nowMs } = useDesk();
  return {
    job,
    layers: plan.layers,
    products: new Map(products.map((p) => [p.id, p])),
    spraying: sprayingNow(plan, nowMs)?.layerId ?? null,
  };
}
