/** What a film that waits says at an instant: how far it is, and when too late comes near. */
import type { WaitingFilm } from '@/model/waiting';
import { instantOf } from './instant';

/** Dose of the film now, over what its sheet asks for: by its own clock, which runs as the air does. */
export function doseNow({ endedAt, earliestAt, times }: WaitingFilm, nowMs: number): number | null {
  if (earliestAt === null) return null;
  const fromMs = instantOf(endedAt);
  const wholeMs = instantOf(earliestAt) - fromMs;
  return wholeMs > 0 ? Math.max(0, ((nowMs - fromMs) / wholeMs) * times) : null;
}

/** Share of a maximum after which it is not put off any more. From memory: the alarm comes at four fifths. */
const LATE_SHARE = 0.8;

/** When too late comes near, ms; null where it never does. */
export function lateSoonMs({ endedAt, lateAt }: Pick<WaitingFilm, 'endedAt' | 'lateAt'>): number | null {
  if (lateAt === null) return null;
  const fromMs = instantOf(endedAt);
  return fromMs + LATE_SHARE * (instantOf(lateAt) - fromMs);
}
