'use client';
/** Work that is awaited for longer than a glance. */
import { useEffect, useState } from 'react';

/** From when on it is shown, and can be cancelled, ms. */
const LONG_MS = 400;

export function useLong(isWaiting: boolean): boolean {
  const [isLong, setLong] = useState(false);
  useEffect(() => {
    if (!isWaiting) return;
    const timer = setTimeout(() => setLong(true), LONG_MS);
    return () => {
      clearTimeout(timer);
      setLong(false);
    };
  }, [isWaiting]);
  return isLong;
}
