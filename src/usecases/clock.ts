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

/** Every time in a job's state, ISO. */
function recordedIn({ state }: Job): string[] {
  if (!state) return [];
  const ended = [...state.coats, ...(state.tasks ?? [])].map((x) => x.endedAt);
  return [...ended, ...state.activations.map((a) => a.at)];
}

/** Newest instant recorded in any job, ms; −Infinity when there is none. */
export function lastRecordedMs(jobs: readonly Job[]): number {
  return Math.max(-Infinity, ...jobs.flatMap((j) => recordedIn(j).map((iso) => msOf(iso, j.place.tz))));
}

export interface ClockSetting {
  /** ISO text of PELLUCID_NOW. */
  readonly setTo: string | undefined;
  /** ISO of the demo's first morning, or null for the real clock. */
  readonly demoStart: string | null;
  readonly tz: string;
}

/** @param jobs asked for only where the clock begins behind them @param machine the machine's clock */
export function workshopClock(
  { setTo, demoStart, tz }: ClockSetting,
  jobs: () => readonly Job[],
  machine: () => number,
): WorkshopClock {
  const base = machine();
  if (setTo !== undefined && setTo !== '') {
    const from = msOf(setTo, tz);
    return { demo: true, nowMs: () => from + (machine() - base) };
  }
  if (demoStart === null) return { demo: false, nowMs: machine };
  const from = Math.max(msOf(demoStart, tz), lastRecordedMs(jobs()) + MINUTE);
  return { demo: true, nowMs: () => from + (machine() - base) };
}
