'use client';
/** Something asked of the server once; null until it answers, or when it does not. */
import { useEffect, useState } from 'react';

export function useFetched<T>(url: string): T | null {
  const [answer, setAnswer] = useState<T | null>(null);
  useEffect(() => {
    let gone = false;
    const ask = async (): Promise<void> => {
      const r = await fetch(url).catch(() => null);
      const body = r?.ok ? ((await r.json().catch(() => null)) as T | null) : null;
      if (!gone && body !== null) setAnswer(body);
    };
    void ask();
    return () => {
      gone = true;
    };
  }, [url]);
  return answer;
}
