'use client';
/** The clock of the workshop on this page: the server's time, moved on by the page's own. */
import { useCallback, useEffect, useRef } from 'react';

export interface PageClock {
  /** ms */
  readonly now: () => number;
  /** the server has just said what time it is, ms */
  readonly set: (nowMs: number) => void;
}

export function useClock(initialMs: number): PageClock {
  const seen = useRef({ nowMs: initialMs, at: 0 });
  useEffect(() => {
    seen.current = { nowMs: seen.current.nowMs, at: performance.now() };
  }, []);
  const now = useCallback((): number => {
    const { nowMs, at } = seen.current;
    return at === 0 ? nowMs : nowMs + performance.now() - at;
  }, []);
  const set = useCallback((nowMs: number): void => {
    seen.current = { nowMs, at: performance.now() };
  }, []);
  return { now, set };
}
