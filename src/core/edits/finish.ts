/** How a job is finished: flatted and polished, or left as it falls. */
import type { FinishWish } from '@/model/finish';
import type { Job } from '@/model/job';

/** null leaves it as it falls. */
export function setFinish(job: Job, wish: FinishWish | null): Job {
  const { finish: _was, ...rest } = job;
  return wish ? { ...rest, finish: wish } : rest;
}
