'use client';
/** A long list shown some at a time, with a button for the next ones. */
import { useState, type ReactNode } from 'react';
import Button from '@mui/material/Button';

export function useMore<T>(all: readonly T[], atATime: number): [shown: readonly T[], button: ReactNode] {
  const [most, setMost] = useState(atATime);
  const left = all.length - most;
  const button =
    left > 0 ? (
      <Button size="small" variant="outlined" onClick={() => setMost(most + atATime)}>
        {Math.min(left, atATime)} more of {left}
      </Button>
    ) : null;
  return [all.slice(0, most), button];
}
