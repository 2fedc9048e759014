'use client';
/**
 * A figure with its unit and limits, written as people write it. What cannot be kept stands beside the field,
 * with a sentence and what may have been meant.
 */
import { useId, type KeyboardEvent } from 'react';
import FormControl from '@mui/material/FormControl';
import InputAdornment from '@mui/material/InputAdornment';
import InputLabel from '@mui/material/InputLabel';
import OutlinedInput from '@mui/material/OutlinedInput';
import { shownOf, stepped, withUnit, type Field } from '../views/typed';
import { Held } from './held';
import { useTyped } from './use-typed';

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
  /** decimals shown */
  readonly digits?: number;
  readonly whole?: boolean | undefined;
  readonly likely?: Field['likely'];
}

const LARGE_STEP = 10;
/** Room for what is said and offered, px. */
const HELD_WIDTH = 232;
const ARROWS: Readonly<Record<string, number>> = { ArrowUp: 1, ArrowDown: -1 };
/** A pack on the scale, from a dab in a cup to a full can of five litres, g. */
export const LIKELY_G = [5, 12_000] as const;

export function NumberBox(props: NumberBoxProps) {
  const { label, value, min, max, step = 1, unit = '', width = 116, fault = null, digits = 3 } = props;
  const id = useId();
  const field: Field = {
    unit,
    min,
    max,
    ...(props.whole && { whole: true }),
    ...(props.likely && { likely: props.likely }),
  };
  const typed = useTyped({ value, field, show: (x) => shownOf(x, digits), onValue: props.onChange });
  const onKeyDown = (e: KeyboardEvent): void => {
    const up = ARROWS[e.key];
    if (up !== undefined) {
      e.preventDefault();
      typed.take(stepped(value ?? 0, up * step * (e.shiftKey ? LARGE_STEP : 1), field));
    }
    if (e.key === 'Enter') typed.settle();
    if (e.key === 'Escape' && typed.held) {
      e.stopPropagation();
      typed.forget();
    }
  };
  const isBad = typed.held !== null || fault !== null;
  return (
    <FormControl
      size="small"
      error={isBad}
      data-held={typed.held !== null}
      sx={{ width: isBad ? Math.max(width, HELD_WIDTH) : width }}
    >
      <InputLabel htmlFor={id} shrink>
        {label}
      </InputLabel>
      <OutlinedInput
        id={id}
        notched
        label={label}
        value={typed.text}
        onChange={(e) => typed.type(e.target.value)}
        onBlur={typed.settle}
        onKeyDown={onKeyDown}
        slotProps={{
          input: {
            inputMode: 'decimal',
            autoComplete: 'off',
            'aria-describedby': isBad ? `${id}-fault` : undefined,
          },
        }}
        endAdornment={unit ? <InputAdornment position="end">{unit}</InputAdornment> : undefined}
      />
      <div id={`${id}-fault`}>
        <Held typed={typed} fault={fault} stays={value === null ? null : withUnit(value, unit, digits)} />
      </div>
    </FormControl>
  );
}
