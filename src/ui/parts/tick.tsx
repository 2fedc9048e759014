'use client';
/** A box to tick with its words. */
import type { ReactNode } from 'react';
import Checkbox from '@mui/material/Checkbox';

interface TickProps {
  readonly isOn: boolean;
  readonly onChange: (on: boolean) => void;
  readonly children: ReactNode;
}

export const Tick = ({ isOn, onChange, children }: TickProps) => (
  <label className="row gap-2 wrap-nowrap small">
    <Checkbox size="small" checked={isOn} onChange={(_e, on) => onChange(on)} />
    {children}
  </label>
);
