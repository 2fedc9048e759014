'use client';
/** Finished work is mended in a job of its own: made on the server, then opened. */
import { useState } from 'react';
import { useRouter } from 'next/navigation';
import type { Job } from '@/model/job';
import { makeJob } from '../parts/make-job';

/** A job of its own for the mend, then its spray day. */
export function useMendJob(): { start(job: Job): Promise<void>; isBusy: boolean; message: string | null } {
  const router = useRouter();
  const [isBusy, setBusy] = useState(false);
  const [message, setMessage] = useState<string | null>(null);
  const start = async (job: Job): Promise<void> => {
    setBusy(true);
    const made = await makeJob('/api/jobs', job);
    if (made && 'id' in made) {
      router.push(`/jobs/${made.id}/spray-day`);
      return;
    }
    setMessage('The job was not made: the server did not take it. Try again in a moment.');
    setBusy(false);
  };
  return { start, isBusy, message };
}
