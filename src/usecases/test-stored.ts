/** A stored job for tests: the first of its versions, nothing to take back. */
import type { Job } from '@/model/job';
import type { StoredJob } from './ports';

export const storedJob = (job: Job, id = 'j'): StoredJob => ({
  id,
  version: 1,
  job,
  createdMs: 0,
  updatedMs: 0,
  steps: { undo: null, redo: null },
});
