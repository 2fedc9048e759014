'use client';
/** A price that is set by leaving the field: every key would plan anew. */
import InputAdornment from '@mui/material/InputAdornment';
import TextField from '@mui/material/TextField';
import { CURRENCY_SIGNS } from '@/words/format';
import type { Field } from '../views/typed';
import { Held } from './held';
import { useTyped } from './use-typed';

interface PriceBoxProps {
  readonly label: string;
  readonly value: number;
  readonly currency: string;
  readonly onChange: (price: number) => void;
}

const MOST = 100_000;

export function PriceBox({ label, value, currency, onChange }: PriceBoxProps) {
  const sign = CURRENCY_SIGNS[currency] ?? currency;
  const field: Field = { unit: currency, min: 0, max: MOST };
  const typed = useTyped({
    value,
    field,
    show: (price) => price.toFixed(2),
    isLate: true,
    onValue: (price) => onChange(Math.round(price * 100) / 100),
  });
  return (
    <TextField
      size="small"
      value={typed.text}
      error={typed.held !== null}
      helperText={typed.held && <Held typed={typed} fault={null} stays={`${sign}${value.toFixed(2)}`} />}
      onChange={(e) => typed.type(e.target.value.replace(sign, ''))}
      onBlur={typed.settle}
      onKeyDown={(e) => {
        if (e.key === 'Enter') typed.settle();
        if (e.key === 'Escape') typed.forget();
      }}
      sx={{ width: 104 }}
      slotProps={{
        formHelperText: { component: 'div', sx: { mx: 0, whiteSpace: 'normal', textAlign: 'left' } },
        htmlInput: {
          'aria-label': label,
          inputMode: 'decimal',
          style: { textAlign: 'right', padding: '5px 8px' },
        },
        input: {
          startAdornment: (
            <InputAdornment position="start" sx={{ mr: 0 }}>
              {sign}
            </InputAdornment>
          ),
        },
      }}
    />
  );
}
