/** The work of a job before it has a time: its sessions and the hands they take. */
import type { Job } from '@/model/job';
import type { Material } from '@/model/plan';
import type { System } from '../../seams/seam';
import { draftsOf } from './drafts';
import { handsInAllMin } from './hands-in-all';
import { shoppedFor } from './shopping';
import { workOf } from './work';

interface Asked {
  readonly job: Job;
  readonly system: System;
  readonly materials: readonly Material[];
}

export function beforehand({ job, system, materials }: Asked): { sessions: number; handsMin: number } {
  const { sessions } = shoppedFor(draftsOf(workOf(job, system)), { job, materials });
  return { sessions: sessions.length, handsMin: sessions.reduce((a, s) => a + handsInAllMin(s), 0) };
}
