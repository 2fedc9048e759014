'use client';
/** One of many, as a list. */
import { useId } from 'react';
import FormControl from '@mui/material/FormControl';
import InputLabel from '@mui/material/InputLabel';
import MenuItem from '@mui/material/MenuItem';
import Select from '@mui/material/Select';
import type { ChoiceProps } from './button-choice';

export function ListChoice<T extends string>({
  label,
  value,
  options,
  names,
  onChange,
  width = 170,
  fault = null,
}: ChoiceProps<T> & { width?: number | string; fault?: string | null }) {
  const id = useId();
  return (
    <FormControl size="small" sx={{ width }} error={fault !== null}>
      <InputLabel id={id}>{label}</InputLabel>
      <Select labelId={id} label={label} value={value} onChange={(e) => onChange(e.target.value as T)}>
        {options.map((o) => (
          <MenuItem key={o} value={o}>
            {names[o]}
          </MenuItem>
        ))}
      </Select>
      {fault !== null && <span className="small ink-oxide-ink">{fault}</span>}
    </FormControl>
  );
}
