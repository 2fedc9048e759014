'use client';
/** A number with its unit, its limits and, out of them, a sentence that says so beside the field. */
import { useId } from 'react';
import { NumberField } from '@base-ui/react/number-field';
import FormControl from '@mui/material/FormControl';
import FormHelperText from '@mui/material/FormHelperText';
import InputAdornment from '@mui/material/InputAdornment';
import InputLabel from '@mui/material/InputLabel';
import OutlinedInput from '@mui/material/OutlinedInput';

export interface NumberBoxProps {
  readonly label: string;
  readonly value: number | null;
  readonly onChange: (value: number) => void;
  readonly min: number;
  readonly max: number;
  readonly step?: number;
  readonly unit?: string;
  readonly width?: number;
  readonly fault?: string | null;
}

export function NumberBox({
  label,
  value,
  onChange,
  min,
  max,
  step = 1,
  unit,
  width = 116,
  fault = null,
}: NumberBoxProps) {
  const id = useId();
  const out = value !== null && !(value >= min && value <= max);
  const text = out ? `Between ${min} and ${max}.` : fault;
  return (
    <NumberField.Root
      id={id}
      value={value}
      onValueChange={(v) => {
        if (v !== null) onChange(v);
      }}
      min={min}
      max={max}
      step={step}
      allowOutOfRange
      format={{ useGrouping: false, maximumFractionDigits: 3 }}
    >
      <FormControl size="small" error={text !== null} sx={{ width }}>
        <InputLabel htmlFor={id} shrink>
          {label}
        </InputLabel>
        <NumberField.Input
          id={id}
          render={(props, state) => (
            <OutlinedInput
              notched
              label={label}
              inputRef={props.ref}
              value={state.inputValue}
              onBlur={props.onBlur}
              onChange={props.onChange}
              onKeyUp={props.onKeyUp}
              onKeyDown={props.onKeyDown}
              onFocus={props.onFocus}
              slotProps={{
                input: { ...props, 'aria-describedby': text ? `${id}-fault` : undefined } as object,
              }}
              endAdornment={unit ? <InputAdornment position="end">{unit}</InputAdornment> : undefined}
            />
          )}
        />
        {text !== null && (
          <FormHelperText id={`${id}-fault`} sx={{ mx: 0 }}>
            {text}
          </FormHelperText>
        )}
      </FormControl>
    </NumberField.Root>
  );
}
