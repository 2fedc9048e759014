'use client';
/** Finished work is mended in a job of its own: made on the server, then opened. */
import { useState } from 'react';
import { useRouter } from 'next/navigation';
import type { Job } from '@/model/job';

/** A job of its own for the mend, then its spray day. */
export function useMendJob(): { start(job: Job): Promise<void>; isBusy: boolean; message: string | null } {
  const router = useRouter();
  const [isBusy, setBusy] = useState(false);
  const [message, setMessage] = useState<string | null>(null);
  const start = async (job: Job): Promise<void> => {
    setBusy(true);
    const r = await fetch('/api/jobs', {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(job),
    }).catch(() => null);
    const made = r?.ok ? ((await r.json()) as { id: string }) : null;
    if (made) {
      router.push(`/jobs/${made.id}/spray-day`);
      return;
    }
    setMessage('The job was not made: the server did not take it. Try again in a moment.');
    setBusy(false);
  };
  return { start, isBusy, message };
}
