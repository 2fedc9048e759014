/**
 * The clock of the workshop. The demo starts on Saturday 16 May 07:50 at the place, or just after
 * the last thing recorded, and ticks on; PELLUCID_NOW sets it; otherwise it is the machine's.
 */
import { MINUTE, msOf } from '@/core/time/instant';
import type { Job } from '@/model/job';

export interface WorkshopClock {
  readonly demo: boolean;
  /** How much faster than the machine it runs; 1 unless PELLUCID_PACE says otherwise, for a day in minutes. */
  readonly pace: number;
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
  /** Text of PELLUCID_PACE: counts where the time is set or the demo's. */
  readonly pace?: string | undefined;
  /** ISO of the demo's first morning, or null for the real clock. */
  readonly demoStart: string | null;
  readonly tz: string;
}

/** Faster than this nobody can press anything. */
const MOST_PACE = 600;

/** 1 for what is no pace. */
function paceOf(text: string | undefined): number {
  const pace = Number(text ?? 1);
  return pace >= 1 && pace <= MOST_PACE ? pace : 1;
}

/** @param jobs asked for only where the clock begins behind them @param machine the machine's clock */
export function workshopClock(
  { setTo, demoStart, tz, pace: paceText }: ClockSetting,
  jobs: () => readonly Job[],
  machine: () => number,
): WorkshopClock {
  const base = machine();
  const pace = paceOf(paceText);
  if (setTo !== undefined && setTo !== '') {
    const from = msOf(setTo, tz);
    return { demo: true, pace, nowMs: () => from + pace * (machine() - base) };
  }
  if (demoStart === null) return { demo: false, pace: 1, nowMs: machine };
  const from = Math.max(msOf(demoStart, tz), lastRecordedMs(jobs()) + MINUTE);
  return { demo: true, pace, nowMs: () => from + pace * (machine() - base) };
}
