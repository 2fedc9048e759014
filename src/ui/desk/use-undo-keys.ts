'use client';
/** The keys that take back and do again; inside a field they belong to the field. */
import { useEffect } from 'react';
import type { StepSide } from '@/usecases/ports';

/** What is typed there belongs to it. */
export const isText = (t: EventTarget | null): boolean =>
  t instanceof HTMLElement && (t.isContentEditable || /^(INPUT|TEXTAREA|SELECT)$/.test(t.tagName));

function sideOf(e: KeyboardEvent): StepSide | null {
  if (!(e.ctrlKey || e.metaKey) || e.altKey || isText(e.target)) return null;
  const key = e.key.toLowerCase();
  if (key === 'y' || (key === 'z' && e.shiftKey)) return 'redo';
  return key === 'z' ? 'undo' : null;
}

export function useUndoKeys(step: (side: StepSide) => void): void {
  useEffect(() => {
    const onKey = (e: KeyboardEvent): void => {
      const side = sideOf(e);
      if (!side) return;
      e.preventDefault();
      step(side);
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [step]);
}
