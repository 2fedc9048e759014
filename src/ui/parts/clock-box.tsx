'use client';
/** A clock time typed as 17:30, 1730 or 17.30; passed on once it is whole, put right when the field is left. */
import { useState } from 'react';
import OutlinedInput from '@mui/material/OutlinedInput';
import { Said } from './said';

function clockOf(text: string): string | null {
  const m = /^\s*(\d{1,2})[:.h ]?(\d{2})\s*$/.exec(text);
  if (!m) return null;
  const h = Number(m[1]);
  const min = Number(m[2]);
  return h <= 24 && min <= 59 && (h < 24 || min === 0)
    ? `${String(h).padStart(2, '0')}:${String(min).padStart(2, '0')}`
    : null;
}

export function ClockBox({
  label,
  value,
  onChange,
}: {
  label: string;
  value: string;
  onChange: (clock: string) => void;
}) {
  const [typed, setTyped] = useState<string | null>(null);
  const bad = typed !== null && typed.trim() !== '' && clockOf(typed) === null;
  return (
    <span className="is-inline-block">
      <OutlinedInput
        className="wide-78"
        size="small"
        autoComplete="off"
        error={bad}
        slotProps={{ input: { inputMode: 'numeric', 'aria-label': label } }}
        value={typed ?? value}
        onChange={(e) => {
          setTyped(e.target.value);
          const c = /^\s*\d{1,2}[:.h ]\d{2}\s*$/.test(e.target.value) ? clockOf(e.target.value) : null;
          if (c !== null && c !== value) onChange(c);
        }}
        onBlur={() => {
          const c = typed === null ? null : clockOf(typed);
          if (c !== null && c !== value) onChange(c);
          if (!bad) setTyped(null);
        }}
        onKeyDown={(e) => {
          if (e.key === 'Enter') (e.target as HTMLElement).blur();
        }}
      />
      <Said>{bad && 'Like 17:30.'}</Said>
    </span>
  );
}
