'use client';
/** What is typed and cannot count yet; it goes when the value beside it changes, by an undo for instance. */
import { useState } from 'react';

export function useHeld<T>(value: string): [held: T | null, hold: (typed: T | null) => void] {
  const [at, setAt] = useState<{ readonly typed: T; readonly beside: string } | null>(null);
  const held = at !== null && at.beside === value ? at.typed : null;
  return [held, (typed) => setAt(typed === null ? null : { typed, beside: value })];
}
