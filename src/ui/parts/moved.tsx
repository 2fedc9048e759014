'use client';
/**
 * A figure that is worked out: when a change moves it, it is marked for two seconds with what it was. Calm: no
 * motion, and nothing at all where less motion is asked for (the style sheet sees to that).
 */
import { useEffect, useState } from 'react';
import { useFormat } from '../theme/providers';

const MARKED_MS = 2000;

/** @param children the figure as it is shown */
export function Moved({ children }: { children: string }) {
  const { units } = useFormat();
  const [shown, setShown] = useState({ now: children, units, was: null as string | null });
  // Other units are another way to write the same figure.
  if (shown.now !== children) {
    const was = shown.units === units ? (shown.was ?? shown.now) : null;
    setShown({ now: children, units, was: was === children ? null : was });
  }
  useEffect(() => {
    if (shown.was === null) return undefined;
    const timer = setTimeout(() => setShown((s) => ({ ...s, was: null })), MARKED_MS);
    return () => clearTimeout(timer);
  }, [shown]);
  return (
    <span className="moved" data-moved={shown.was !== null}>
      {children}
      {shown.was !== null && (
        <small className="movedwas">
          <span className="sr">, </span>was {shown.was}
        </small>
      )}
    </span>
  );
}
