'use client';
/** A time zone by name. Half a name stands beside the field; the last whole one keeps working meanwhile. */
import { useId, useState } from 'react';
import TextField from '@mui/material/TextField';
import { isZone } from '@/model/zone';
import { cutTo } from '@/words/cut';
import { useHeld } from './use-held';

interface ZoneBoxProps {
  readonly value: string;
  readonly onChange: (zone: string) => void;
  readonly fault: string | null;
}

const zones = (): readonly string[] => Intl.supportedValuesOf('timeZone');

export function ZoneBox({ value, onChange, fault }: ZoneBoxProps) {
  const list = useId();
  /** What is typed while it is no zone yet. */
  const [half, setHalf] = useHeld<string>(value);
  const [isOpen, setIsOpen] = useState(false);
  const words = half === null ? fault : `No zone yet, for instance Europe/London. ${value} stays until then.`;
  const type = (text: string): void => {
    const name = text.trim();
    if (!isZone(name)) {
      setHalf(cutTo(text, 60));
      return;
    }
    setHalf(null);
    onChange(name);
  };
  return (
    <>
      <TextField
        size="small"
        label="Time zone"
        value={half ?? value}
        error={words !== null}
        helperText={words ?? undefined}
        onFocus={() => setIsOpen(true)}
        onChange={(e) => type(e.target.value)}
        slotProps={{ htmlInput: { list, autoComplete: 'off', spellCheck: false } }}
        sx={{ width: 190 }}
      />
      <datalist id={list}>{isOpen && zones().map((zone) => <option key={zone} value={zone} />)}</datalist>
    </>
  );
}
