'use client';
/** A job brought onto the bench from its file; what came of it is said. */
import { useState } from 'react';
import { useRouter } from 'next/navigation';
import { MOST_JOB_BYTES } from '@/model/limits';
import { sendFile } from '../parts/send';
import { saidOf, type Said } from './use-copies';

export function useBring() {
  const router = useRouter();
  const [busy, setBusy] = useState(false);
  const [said, setSaid] = useState<Said | null>(null);
  const bringJob = async (file: File): Promise<void> => {
    if (file.size > MOST_JOB_BYTES) {
      setSaid({
        bad: true,
        text: `${file.name} is larger than a job can be (256 kB). A copy of the workshop comes back above.`,
      });
      return;
    }
    setBusy(true);
    setSaid(null);
    const answer = await sendFile('/api/jobs', file, 'application/json');
    setSaid(answer.ok ? { bad: false, text: `${file.name} is on the bench.` } : saidOf(answer));
    setBusy(false);
    if (answer.ok) router.refresh();
  };
  return { busy, said, bringJob };
}
