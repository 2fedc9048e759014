'use client';
/** A price that is set by leaving the field: every key would plan anew. */
import { useState } from 'react';
import InputAdornment from '@mui/material/InputAdornment';
import TextField from '@mui/material/TextField';
import { CURRENCY_SIGNS } from '@/words/format';

export function PriceBox({
  label,
  value,
  currency,
  onChange,
}: {
  label: string;
  value: number;
  currency: string;
  onChange: (price: number) => void;
}) {
  const [draft, setDraft] = useState<string | null>(null);
  const price = draft === null ? value : Number(draft.replace(',', '.'));
  const bad = draft !== null && (draft.trim() === '' || !(price >= 0 && price <= 100_000));
  const give = (): void => {
    if (draft !== null && !bad && price !== value) onChange(Math.round(price * 100) / 100);
    if (!bad) setDraft(null);
  };
  return (
    <TextField
      size="small"
      value={draft ?? value.toFixed(2)}
      error={bad}
      helperText={bad ? 'A price of 0 or more.' : undefined}
      onChange={(e) => setDraft(e.target.value)}
      onBlur={give}
      onKeyDown={(e) => {
        if (e.key === 'Enter') give();
        if (e.key === 'Escape') setDraft(null);
      }}
      sx={{ width: 104 }}
      slotProps={{
        htmlInput: {
          'aria-label': label,
          inputMode: 'decimal',
          style: { textAlign: 'right', padding: '5px 8px' },
        },
        input: {
          startAdornment: (
            <InputAdornment position="start" sx={{ mr: 0 }}>
              {CURRENCY_SIGNS[currency] ?? currency}
            </InputAdornment>
          ),
        },
      }}
    />
  );
}
