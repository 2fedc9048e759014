'use client';
/** Units and theme: switched at once, kept in the browser. */
import { useSyncExternalStore } from 'react';
import { useColorScheme } from '@mui/material/styles';
import { ButtonChoice } from '../parts/button-choice';
import { useFormat, useSetUnits } from '../theme/providers';

export function UnitSwitch() {
  const f = useFormat();
  const setUnits = useSetUnits();
  return (
    <ButtonChoice
      label="Units"
      value={f.units}
      options={['metric', 'us']}
      names={{ metric: 'metric', us: 'US' }}
      onChange={setUnits}
    />
  );
}

const THEME_NAMES = { light: 'day', dark: 'night', system: 'as the device' } as const;
const never = (): (() => void) => () => undefined;

export function ThemeSwitch() {
  const { mode, setMode } = useColorScheme();
  // The server does not know what the browser keeps: nothing is pressed until it does.
  const known = useSyncExternalStore(
    never,
    () => true,
    () => false,
  );
  return (
    <ButtonChoice
      label="Theme"
      value={known ? mode : undefined}
      options={['light', 'dark', 'system']}
      names={THEME_NAMES}
      onChange={setMode}
    />
  );
}
