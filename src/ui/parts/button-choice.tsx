'use client';
/** One of a few, as a row of buttons. */
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';

export interface ChoiceProps<T extends string> {
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
