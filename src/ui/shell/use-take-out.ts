'use client';
/** Takes something out of the job, says so, and offers the way back where it was done. */
import type { Job } from '@/model/job';
import { useDesk } from '../desk/job-desk';
import { useGone } from '../parts/gone';

export function useTakeOut(): (name: string, change: (job: Job) => Job) => void {
  const { edit, step } = useDesk();
  const tell = useGone();
  return (name, change) => {
    edit(change);
    tell({ text: `${name} is taken out.`, back: () => step('undo') });
  };
}
