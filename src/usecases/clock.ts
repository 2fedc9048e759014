/**
 * The clock of the workshop. The demo starts on Saturday 16 May 07:50 at the place, or just after
 * the last thing recorded, and ticks on; PELLUCID_NOW sets it; otherwise it is the machine's.
 */
import { MINUTE, msOf } from '@/core/time/instant';
import type { Job } from '@/model/job';

export interface WorkshopClock {
  readonly demo: boolean;
  nowMs(): number;
}

/** Newest instant recorded in any job, ms; −Infinity when there is none. */
export function lastRecordedMs(jobs: readonly Job[]): number {
  return Math.max(
    -Infinity,
    ...jobs.flatMap((j) =>
      [
        ...(j.state?.coats ?? []).map((c) => c.endedAt),
        ...(j.state?.tasks ?? []).map((t) => t.endedAt),
        ...(j.state?.activations ?? []).map((a) => a.at),
      ].map((iso) => msOf(iso, j.place.tz)),
    ),
  );
}

/**
 * @param setTo ISO text of PELLUCID_NOW, or undefined @param demoStart ISO of the demo's first morning, or null for the real clock
 * @param machine the machine's clock
 */
export function workshopClock(
  setTo: string | undefined,
  demoStart: string | null,
  tz: string,
  jobs: readonly Job[],
  machine: () => number,
): WorkshopClock {
  const base = machine();
  if (setTo !== undefined && setTo !== '') {
    const from = msOf(setTo, tz);
    return { demo: true, nowMs: () => from + (machine() - base) };
  }
  if (demoStart === null) return { demo: false, nowMs: machine };
  const from = Math.max(msOf(demoStart, tz), lastRecordedMs(jobs) + MINUTE);
  return { demo: true, nowMs: () => from + (machine() - base) };
}
