/** Work that was finished and shows a fault is mended in a job of its own: what lies on it stays known. */
import type { Job } from '@/model/job';
import { asAnother } from './anew';

const MOST_LETTERS = 120;
const AFTER = ', mended';

/** The job with a mend that was taken, as another one: with what was sprayed when. */
export function mendJobOf(job: Job): Job {
  const state = job.state ?? { coats: [], activations: [] };
  return {
    ...asAnother(job),
    name: `${job.name.slice(0, MOST_LETTERS - AFTER.length)}${AFTER}`,
    // Cans of that day are dead, and its tasks are not those of the mend.
    state: { ...state, tasks: [], activations: [] },
  };
}
