'use client';
/** A line of text up to a length, cut on whole characters; what cannot count yet is held beside it. */
import TextField, { type TextFieldProps } from '@mui/material/TextField';
import { cutTo } from '@/words/cut';
import { useHeld } from './use-held';

interface TextBoxProps {
  readonly label: string;
  readonly value: string;
  /** letters */
  readonly most: number;
  readonly onChange: (text: string) => void;
  readonly fault?: string | null;
  readonly hint?: string;
  /** Why a text cannot count yet; the last one stays until then. */
  readonly check?: (text: string) => string | null;
  readonly sx?: TextFieldProps['sx'];
}

export function TextBox({ label, value, most, onChange, fault = null, hint, check, sx }: TextBoxProps) {
  const [held, hold] = useHeld<string>(value);
  const words = (held === null ? null : check?.(held)) ?? fault;
  const type = (text: string): void => {
    const cut = cutTo(text, most);
    const isGood = (check?.(cut) ?? null) === null;
    hold(isGood ? null : cut);
    if (isGood) onChange(cut);
  };
  return (
    <TextField
      size="small"
      label={label}
      value={held ?? value}
      error={words !== null}
      helperText={words ?? hint}
      onChange={(e) => type(e.target.value)}
      {...(sx && { sx })}
    />
  );
}

/** A name that may not be empty. */
export const named =
  (last: string) =>
  (text: string): string | null =>
    text.trim() === '' ? `Give it a name; it is “${last}” until then.` : null;
