'use client';
/** A phone at the bench must not go dark while a flash runs. */
import { useEffect } from 'react';

export function useWakeLock(wanted: boolean): void {
  useEffect(() => {
    if (!wanted || !('wakeLock' in navigator)) return;
    let lock: WakeLockSentinel | null = null;
    let over = false;
    navigator.wakeLock.request('screen').then(
      (held) => {
        if (over) void held.release();
        else lock = held;
      },
      // Not allowed, or the battery is low: the screen is then kept on by hand.
      () => undefined,
    );
    return () => {
      over = true;
      void lock?.release();
    };
  }, [wanted]);
}
