/** What is asked of the schedule, and what every way to do the work shares. */
import type { Job } from '@/model/job';
import type { Material } from '@/model/plan';
import type { AtPart } from '../air/at-part';
import { lastNodeMs } from '../air/grid';
import type { System } from '../seams/seam';
import { DAY, type Span } from '../time/instant';
import type { Around } from './around';
import type { Elsewhere } from './judge/elsewhere';
import { memoryOf, type Memory } from './judge/memory';
import type { Worth } from './search/worth';
import type { HandHours } from './work/hands';
import type { Work } from './work/work';

export interface ScheduleRequest {
  readonly job: Job;
  readonly system: System;
  readonly materials: readonly Material[];
  readonly air: AtPart;
  /** Where the films dry when that is elsewhere; left out or null: where they are sprayed. */
  readonly cureAir?: AtPart | null;
  readonly nowMs: number;
  /** What the jobs before this one in turn take; left out: nothing. */
  readonly around?: Around;
  /** Only to see whether it goes at all: the whole, and cut at every seam, within the week. */
  readonly isQuick?: boolean;
  /** Every quarter of an hour to the end, so that it can be seen what the coarser grid leaves. */
  readonly isFine?: boolean;
}

/** What every attempt of one request shares. */
export interface Shared {
  readonly request: ScheduleRequest;
  readonly work: Work;
  readonly memory: Memory;
  /** Hours of the owner that no other job takes. */
  readonly free: readonly Span[];
  readonly around: Around;
  readonly hours: HandHours;
  readonly elsewhere: Elsewhere | null;
  readonly worth: Worth;
  /** Starts are sought until then, ms. */
  readonly untilMs: number;
}

/** Where the films dry, when that is elsewhere. @param hands hours that can move them */
export function elsewhereOf(
  { job, cureAir }: Pick<ScheduleRequest, 'job' | 'cureAir'>,
  hands: readonly Span[],
): Elsewhere | null {
  if (!cureAir || !job.dryIn) return null;
  const { clocks, limitsOf } = memoryOf(cureAir, job.schools?.drying ?? 'energy');
  const move = job.dryIn.kind === 'heated' ? 'heated' : job.dryIn.carry;
  const place = job.dryIn.kind === 'elsewhere' ? job.dryIn.place : job.place;
  return { move, place, air: cureAir, clocks, limitsOf, free: hands };
}

export const horizonMs = ({ nowMs, air }: ScheduleRequest, days: number): number =>
  Math.min(nowMs + days * DAY, lastNodeMs(air));
