'use client';
/** One of a few, as a row of buttons; and one of many, as a list. */
import { useId } from 'react';
import FormControl from '@mui/material/FormControl';
import InputLabel from '@mui/material/InputLabel';
import MenuItem from '@mui/material/MenuItem';
import Select from '@mui/material/Select';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';

interface ChoiceProps<T extends string> {
  readonly label: string;
  readonly value: T;
  readonly options: readonly T[];
  readonly names: Readonly<Record<T, string>>;
  readonly onChange: (value: T) => void;
}

interface ButtonChoiceProps<T extends string> extends Omit<ChoiceProps<T>, 'value'> {
  /** undefined while it is not known */
  readonly value: T | undefined;
}

export function ButtonChoice<T extends string>(props: ButtonChoiceProps<T>) {
  const { label, value, options, names, onChange } = props;
  return (
    <ToggleButtonGroup
      exclusive
      size="small"
      value={value ?? null}
      aria-label={label}
      onChange={(_e, v: T | null) => {
        if (v !== null) onChange(v);
      }}
      sx={{ flexWrap: 'wrap' }}
    >
      {options.map((o) => (
        <ToggleButton key={o} value={o}>
          {names[o]}
        </ToggleButton>
      ))}
    </ToggleButtonGroup>
  );
}

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
