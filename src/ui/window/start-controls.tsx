'use client';
/** Moving a start: half an hour either way, another of those offered, or letting it be chosen. */
import type { ReactNode } from 'react';
import Button from '@mui/material/Button';
import FormControl from '@mui/material/FormControl';
import InputLabel from '@mui/material/InputLabel';
import MenuItem from '@mui/material/MenuItem';
import Select from '@mui/material/Select';
import { useFormat } from '../theme/providers';
import { oddsText, type StartOption } from '../views/window';

export interface StartControlsProps {
  readonly options: readonly StartOption[];
  readonly onShift: (halfHours: number) => void;
  readonly onPick: (at: string) => void;
  readonly calendar: ReactNode;
  /** Only where it was set by hand. */
  readonly onLetGo?: () => void;
}

export function StartControls({ options, onShift, onPick, calendar, onLetGo }: StartControlsProps) {
  const f = useFormat();
  return (
    <>
      <Button variant="outlined" onClick={() => onShift(-1)} aria-label="Start half an hour earlier">
        Earlier
      </Button>
      <Button variant="outlined" onClick={() => onShift(1)} aria-label="Start half an hour later">
        Later
      </Button>
      <FormControl size="small" sx={{ width: 210 }}>
        <InputLabel id="starts">Other starts</InputLabel>
        <Select labelId="starts" label="Other starts" value="" onChange={(e) => onPick(e.target.value)}>
          {options.map((o) => (
            <MenuItem key={o.at} value={o.at}>
              {f.dayTime(o.at)}, {oddsText(o)}
            </MenuItem>
          ))}
          {options.length === 0 && (
            <MenuItem disabled value="none">
              none in your free hours
            </MenuItem>
          )}
        </Select>
      </FormControl>
      {onLetGo && <Button onClick={onLetGo}>Let it be chosen</Button>}
      {calendar}
    </>
  );
}
