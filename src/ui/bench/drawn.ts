/** The bench's jobs with their sections, all to one scale. */
import type { BenchJob } from '@/usecases/bench';
import { sharedGauge, type Stack, stackOf } from '../views/stack';

export interface Drawn {
  readonly job: BenchJob;
  readonly stack: Stack;
  readonly gaugeMax: number;
}

export function drawnOf(jobs: readonly BenchJob[]): Drawn[] {
  const stacks = jobs.map((j) => stackOf(j.job, j.plan, j.products));
  const gaugeMax = sharedGauge(stacks.map((s) => s.totalUm));
  return jobs.map((job, i) => ({ job, stack: stacks[i]!, gaugeMax }));
}
