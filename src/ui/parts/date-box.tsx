'use client';
/** A civil day. One that is half typed, or of an impossible year, stands beside the field; the last one counts. */
import TextField from '@mui/material/TextField';
import { dayTyped } from '../views/day-typed';
import { useHeld } from './use-held';
import { later } from './later';

interface DateBoxProps {
  readonly label: string;
  /** yyyy-mm-dd, or '' for none */
  readonly value: string;
  /** Given '' when it is emptied. */
  readonly onChange: (day: string) => void;
  readonly fault?: string | null;
  /** the last day that can be chosen */
  readonly max?: string;
  /** '' is no answer here */
  readonly isNeeded?: boolean;
}

const DatePicker = later(<TextField size="small" className="datebox" disabled label="Date" />, () =>
  import('./date-picker').then((m) => m.default),
);

export function DateBox(props: DateBoxProps) {
  const { label, value, onChange, fault = null, max, isNeeded = false } = props;
  const [held, hold] = useHeld<{ readonly words: string }>(value);
  const read = (day: string, isHalf: boolean): void => {
    const typed = dayTyped(day, { isHalf, isNeeded, stays: value });
    hold(typed.kind === 'held' ? { words: typed.words } : null);
    if (typed.kind === 'day') onChange(typed.day);
  };
  return <DatePicker label={label} day={value} onDay={read} words={held?.words ?? fault} max={max} />;
}
