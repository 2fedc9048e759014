/** A job as the ground of another: what it is and how it is built, without its day. */
import type { Job } from '@/model/job';

/**
 * Without log, set starts, its turn, what was set aside and dates; and air-fed protection is asked anew.
 */
export function asAnother(job: Job): Job {
  const { log: _log, starts: _starts, shelf: _shelf, turn: _turn, ...rest } = job;
  const { deadline: _deadline, deadlineHour: _hour, ...purpose } = job.purpose;
  return {
    ...rest,
    purpose,
    equipment: { ...job.equipment, suppliedAir: false },
    parts: job.parts.map(({ readyFrom: _from, deadline: _due, ...part }) => part),
  };
}
