'use client';
/** A civil day. One that is half typed, or of an impossible year, stands beside the field; the last one counts. */
import type { ChangeEvent } from 'react';
import TextField from '@mui/material/TextField';
import { dayTyped } from '../views/day-typed';
import { useHeld } from './use-held';

interface DateBoxProps {
  readonly label: string;
  /** yyyy-mm-dd, or '' for none */
  readonly value: string;
  /** Given '' when it is emptied. */
  readonly onChange: (day: string) => void;
  readonly fault?: string | null;
  /** the last day that can be chosen */
  readonly max?: string;
  /** no room for a label: it is only said */
  readonly isBare?: boolean;
  /** '' is no answer here */
  readonly isNeeded?: boolean;
}

export function DateBox({
  label,
  value,
  onChange,
  fault = null,
  max,
  isBare,
  isNeeded = false,
}: DateBoxProps) {
  const [held, hold] = useHeld<{ readonly text: string; readonly words: string }>(value);
  const words = held?.words ?? fault;
  const type = ({ target }: ChangeEvent<HTMLInputElement>): void => {
    const typed = dayTyped(target.value, { isHalf: target.validity.badInput, isNeeded, stays: value });
    hold(typed.kind === 'held' ? { text: target.value, words: typed.words } : null);
    if (typed.kind === 'day') onChange(typed.day);
  };
  return (
    <TextField
      size="small"
      type="date"
      {...(isBare ? { hiddenLabel: true } : { label })}
      value={held?.text ?? value}
      error={words !== null}
      helperText={words ?? undefined}
      onChange={type as (e: ChangeEvent<HTMLInputElement | HTMLTextAreaElement>) => void}
      sx={{ width: 164 }}
      slotProps={{
        inputLabel: { shrink: true },
        formHelperText: { sx: { mx: 0 } },
        htmlInput: { max, ...(isBare && { 'aria-label': label }) },
      }}
    />
  );
}
