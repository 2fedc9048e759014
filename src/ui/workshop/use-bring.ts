'use client';
/** A file brought into the workshop: a job, or a copy of all of it; what came of it is said. */
import { useState } from 'react';
import { useRouter } from 'next/navigation';
import { sendFile } from '../parts/send';
import { broughtBack, type BringAnswer } from '../views/workshop';

const MOST_BYTES = 64 * 1024 * 1024;
const MOST_FAULTS = 4;

export interface Said {
  readonly bad: boolean;
  readonly text: string;
  readonly more?: string;
}
interface Errand {
  readonly what: 'job' | 'restore';
  readonly url: string;
  readonly type: string;
  readonly told: (answer: BringAnswer) => string;
}

async function carry(file: File, { url, type, told }: Errand): Promise<Said> {
  if (file.size > MOST_BYTES)
    return { bad: true, text: `${file.name} is larger than 64 MB. Choose a copy saved by this page.` };
  const { ok, answer, error, faults } = await sendFile<BringAnswer>(url, file, type);
  if (ok) return { bad: false, text: told(answer) };
  const more = faults.slice(0, MOST_FAULTS).map((f) => `${f.path}: expected ${f.expected}`);
  return { bad: true, text: error, more: more.join('. ') };
}

export function useBring() {
  const router = useRouter();
  const [busy, setBusy] = useState<Errand['what'] | null>(null);
  const [said, setSaid] = useState<Said | null>(null);
  const bring = async (file: File, errand: Errand): Promise<void> => {
    setBusy(errand.what);
    setSaid(null);
    const outcome = await carry(file, errand);
    setSaid(outcome);
    setBusy(null);
    if (!outcome.bad) router.refresh();
  };
  const bringJob = (file: File): Promise<void> =>
    bring(file, {
      what: 'job',
      url: '/api/jobs',
      type: 'application/json',
      told: () => `${file.name} is on the bench.`,
    });
  const bringBack = (file: File, how: 'add' | 'replace'): Promise<void> =>
    bring(file, {
      what: 'restore',
      url: `/api/workshop/restore?how=${how}`,
      type: 'application/octet-stream',
      told: broughtBack,
    });
  return { busy, said, bringJob, bringBack };
}
