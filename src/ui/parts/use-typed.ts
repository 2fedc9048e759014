'use client';
/**
 * What is typed into a field of figures: passed on as soon as it can mean one thing only, else held beside the
 * field while the last good value keeps working.
 */
import { useEffect, useState } from 'react';
import { judgeTyped, type Field, type Judged } from '../views/typed';

interface Typing {
  readonly text: string;
  /** What the field shows of the value it had after this key; another one means that it was changed elsewhere. */
  readonly beside: string;
}

export interface TypedField {
  readonly text: string;
  /** null while what is typed is what is kept, and while it is still being typed */
  readonly held: Exclude<Judged, { kind: 'take' }> | null;
  type(text: string): void;
  /** The field is left, or Enter. */
  settle(): void;
  /** Back to the last good value. */
  forget(): void;
  take(value: number): void;
}

interface TypedProps {
  readonly value: number | null;
  readonly field: Field;
  /** as it is read while nothing is being typed */
  readonly show: (value: number) => string;
  readonly onValue: (value: number) => void;
  /** Passed on by leaving the field only: for what is costly to plan anew at each key. */
  readonly isLate?: boolean;
}

/** A figure half written is no fault yet. */
const PAUSE_MS = 700;

const decimalHere = (): '.' | ',' =>
  new Intl.NumberFormat(navigator.language).format(1.5).includes(',') ? ',' : '.';

/** The text once its writer has paused or left. */
function usePaused(text: string | null): [paused: string | null, now: () => void] {
  const [paused, setPaused] = useState<string | null>(null);
  useEffect(() => {
    if (text === null) return;
    const timer = setTimeout(() => setPaused(text), PAUSE_MS);
    return () => clearTimeout(timer);
  }, [text]);
  return [paused, () => setPaused(text)];
}

const judge = (text: string | null, field: Field): Judged | null =>
  text === null || text.trim() === '' ? null : judgeTyped(text, field, decimalHere());

export function useTyped({ value, field, show, onValue, isLate = false }: TypedProps): TypedField {
  const [typing, setTyping] = useState<Typing | null>(null);
  const shown = value === null ? '' : show(value);
  const live = typing?.beside === shown ? typing.text : null;
  const [paused, pauseNow] = usePaused(live);
  const judged = judge(live, field);
  const isHeld = judged !== null && judged.kind !== 'take';
  /** What stands in the field is the value already: looking at it does not round it. */
  const give = (next: number): string => {
    const text = show(next);
    if (text !== shown) onValue(next);
    return text;
  };
  return {
    text: live ?? shown,
    held: isHeld && paused === live ? judged : null,
    type: (text) => {
      const next = isLate ? null : judge(text, field);
      setTyping({ text, beside: next?.kind === 'take' ? give(next.value) : shown });
    },
    settle: () => {
      if (isLate && judged?.kind === 'take') give(judged.value);
      if (isHeld) pauseNow();
      else setTyping(null);
    },
    forget: () => setTyping(null),
    take: (next) => {
      give(next);
      setTyping(null);
    },
  };
}
