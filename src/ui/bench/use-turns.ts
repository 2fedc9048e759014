'use client';
/** Jobs planned together: the best order sought, an order of one's own, and back to each for itself. */
import { useRef, useState } from 'react';
import { useRouter } from 'next/navigation';
import type { Together } from '@/usecases/together';
import { useGone } from '../parts/gone';
import { send } from '../parts/send';

const URL = '/api/bench/turns';

export interface TurnsAtWork {
  /** What is being done; null while nothing is. */
  readonly busy: 'seeks' | 'sets' | null;
  readonly error: string | null;
  /** What was found last; null before. */
  readonly found: Together | null;
  seek(): Promise<void>;
  cancel(): void;
  /** @param ids none for each for itself @param said what was done, with the way back; left out for none */
  set(ids: readonly string[], said?: string): Promise<void>;
}

export function useTurns(now: readonly string[]): TurnsAtWork {
  const router = useRouter();
  const gone = useGone();
  const stop = useRef<AbortController | null>(null);
  const [busy, setBusy] = useState<TurnsAtWork['busy']>(null);
  const [error, setError] = useState<string | null>(null);
  const [found, setFound] = useState<Together | null>(null);
  const set: TurnsAtWork['set'] = async (ids, said) => {
    setBusy('sets');
    const { ok, error: why } = await send(URL, 'PUT', { ids });
    setBusy(null);
    setError(ok ? null : why);
    if (ok && said !== undefined) gone({ text: said, back: () => void set(now) });
    setFound(null);
    router.refresh();
  };
  const seek = async (): Promise<void> => {
    stop.current = new AbortController();
    setBusy('seeks');
    setError(null);
    const { signal } = stop.current;
    const { ok, answer, error: why } = await send<Together>(URL, 'POST', undefined, signal);
    setBusy(null);
    if (signal.aborted) return;
    if (!ok) {
      setError(why);
      return;
    }
    setFound(answer as Together);
    gone({ text: 'The jobs are planned together.', back: () => void set(now) });
    router.refresh();
  };
  return { busy, error, found, seek, cancel: () => stop.current?.abort(), set };
}
