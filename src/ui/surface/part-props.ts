import type { Part } from '@/model/job';

/** A part and its place in the job, by which its faults are named. */
export interface PartProps {
  readonly part: Part;
  readonly index: number;
}
