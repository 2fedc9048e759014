'use client';
/** Making a job, taking one off the bench, putting one back. */
import { useState } from 'react';
import { useRouter } from 'next/navigation';
import { useGone } from '../parts/gone';
import { makeJob } from '../parts/make-job';

export interface BenchActions {
  readonly busy: boolean;
  readonly message: string | null;
  /** A new job, or one of the examples begun anew. */
  create(example?: string): Promise<void>;
  bringAll(examples: readonly string[]): Promise<void>;
  copy(id: string): Promise<void>;
  remove(id: string, name: string): Promise<void>;
  restore(id: string): Promise<void>;
}

const asked = (url: string, method: 'POST' | 'DELETE'): Promise<Response | null> =>
  fetch(url, { method }).catch(() => null);

export function useBenchActions(): BenchActions {
  const router = useRouter();
  const gone = useGone();
  const [busy, setBusy] = useState(false);
  const [message, setMessage] = useState<string | null>(null);
  const thenRefresh = (ok: boolean | undefined, otherwise: string): void => {
    if (ok) router.refresh();
    else setMessage(otherwise);
  };
  const restore = async (id: string): Promise<void> =>
    thenRefresh((await asked(`/api/jobs/${id}/restore`, 'POST'))?.ok, 'Not put back. Try again.');
  const make = async (url: string): Promise<void> => {
    setBusy(true);
    setMessage(null);
    const made = await makeJob(url);
    if (made && 'id' in made) {
      router.push(`/jobs/${made.id}/surface`);
      return;
    }
    const silent = 'The server does not answer. Start it again, then press New job.';
    setMessage(made ? (made.error ?? 'The job was not made. Try again.') : silent);
    setBusy(false);
  };
  return {
    busy,
    message,
    create: (example) => make(example ? `/api/jobs?example=${example}` : '/api/jobs'),
    copy: (id) => make(`/api/jobs/${id}/copy`),
    bringAll: async (examples) => {
      setBusy(true);
      const all = await Promise.all(examples.map((id) => asked(`/api/jobs?example=${id}`, 'POST')));
      setBusy(false);
      thenRefresh(
        all.every((r) => r?.ok),
        'Not all of the demo came in. Try again, or take off what you do not want.',
      );
    },
    remove: async (id, name) => {
      const isGone = (await asked(`/api/jobs/${id}`, 'DELETE'))?.ok;
      if (isGone) gone({ text: `${name} is off the bench.`, back: () => void restore(id) });
      thenRefresh(isGone, `${name} was not taken off the bench. Try again.`);
    },
    restore,
  };
}
