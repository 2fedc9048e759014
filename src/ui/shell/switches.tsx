'use client';
/** Units and theme: switched at once, kept in the browser. */
import { useSyncExternalStore } from 'react';
import { useColorScheme } from '@mui/material/styles';
import { useFormat, useSetUnits } from '../theme/providers';

export function UnitSwitch() {
  const f = useFormat();
  const setUnits = useSetUnits();
  return (
    <div className="units" role="group" aria-label="Units">
      <button type="button" aria-pressed={f.units === 'metric'} onClick={() => setUnits('metric')}>
        metric
      </button>
      <button type="button" aria-pressed={f.units === 'us'} onClick={() => setUnits('us')}>
        US
      </button>
    </div>
  );
}

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
    <div className="units" role="group" aria-label="Theme">
      {(
        [
          ['light', 'day'],
          ['dark', 'night'],
          ['system', 'as the device'],
        ] as const
      ).map(([m, name]) => (
        <button
          key={m}
          type="button"
          aria-pressed={known && mode === m}
          title={m === 'system' ? 'follow the device' : name}
          onClick={() => setMode(m)}
        >
          {m === 'system' ? 'auto' : name}
        </button>
      ))}
    </div>
  );
}
