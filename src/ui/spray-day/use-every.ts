'use client';
/** The clock of the workshop, looked at every so often. */
import { useEffect, useState } from 'react';

/** @param ms between two looks @returns ms of that clock; the server's on the first draw */
export function useEvery(ms: number, clock: () => number): number {
  const [nowMs, setNowMs] = useState(clock);
  useEffect(() => {
    const tick = setInterval(() => setNowMs(clock()), ms);
    return () => clearInterval(tick);
  }, [ms, clock]);
  return nowMs;
}
