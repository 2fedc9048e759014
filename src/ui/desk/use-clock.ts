'use client';
/** The clock of the workshop on this page: the server's time, moved on by the page's own. */
import { useCallback, useEffect, useRef } from 'react';
import { clocksNow, PageTime } from './page-time';

export interface PageClock {
  /** ms */
  readonly now: () => number;
  /** the server has just said what time it is, ms */
  readonly set: (nowMs: number) => void;
}

/** How often the clocks are looked at, ms. */
const LOOK_MS = 1_000;

interface ClockHow {
  /** A clock of the browser jumped: the machine slept, or somebody set it. */
  readonly onJump?: () => void;
  /** How much faster the workshop's clock runs; left out: as fast as any. */
  readonly pace?: number;
}

export function useClock(initialMs: number, { onJump, pace = 1 }: ClockHow = {}): PageClock {
  const time = useRef<PageTime | null>(null);
  const jumped = useRef(onJump);
  useEffect(() => {
    jumped.current = onJump;
  }, [onJump]);
  useEffect(() => {
    time.current ??= new PageTime(initialMs, clocksNow(), pace);
    const look = (): void => {
      if (time.current?.look(clocksNow())) jumped.current?.();
    };
    const timer = setInterval(look, LOOK_MS);
    document.addEventListener('visibilitychange', look);
    return () => {
      clearInterval(timer);
      document.removeEventListener('visibilitychange', look);
    };
    // eslint-disable-next-line react-hooks/exhaustive-deps -- the first time that was told counts; set() tells the others
  }, []);
  const now = useCallback((): number => {
    const at = clocksNow();
    if (time.current?.look(at)) queueMicrotask(() => jumped.current?.());
    return time.current?.now(at) ?? initialMs;
  }, [initialMs]);
  const set = useCallback(
    (nowMs: number): void => {
      if (time.current) time.current.set(nowMs, clocksNow());
      else time.current = new PageTime(nowMs, clocksNow(), pace);
    },
    [pace],
  );
  return { now, set };
}
