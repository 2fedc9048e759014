/** Work that was finished and shows a fault is mended in a job of its own: what lies on it stays known. */
import type { Job } from '@/model/job';

const MOST_LETTERS = 120;
const AFTER = ', mended';

/**
 * The job with a mend that was taken, as another one: its parts, its build-up and what was sprayed when, without log,
 * dates, turn and what was set aside; air-fed protection is asked anew.
 */
export function mendJobOf(job: Job): Job {
  const { log: _log, starts: _starts, shelf: _shelf, turn: _turn, ...rest } = job;
  const { deadline: _deadline, deadlineHour: _hour, ...purpose } = job.purpose;
  const state = job.state ?? { coats: [], activations: [] };
  return {
    ...rest,
    name: `${job.name.slice(0, MOST_LETTERS - AFTER.length)}${AFTER}`,
    purpose,
    equipment: { ...job.equipment, suppliedAir: false },
    parts: job.parts.map(({ readyFrom: _from, deadline: _due, ...part }) => part),
    // Cans of that day are dead, and its tasks are not those of the mend.
    state: { ...state, tasks: [], activations: [] },
  };
}
