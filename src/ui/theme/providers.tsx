'use client';
/** Theme and units for the whole tree. */
import { createContext, useContext, useMemo, useState, type ReactNode } from 'react';
import { ThemeProvider } from '@mui/material/styles';
import { formatFor, type Format, type UnitSystem } from '@/words/format';
import { theme } from './theme';

const FormatContext = createContext<Format>(formatFor('metric'));
const SetUnitsContext = createContext<(units: UnitSystem) => void>(() => undefined);

export function Providers({ units: stored, children }: { units: UnitSystem; children: ReactNode }) {
  const [units, setUnits] = useState(stored);
  const format = useMemo(() => formatFor(units), [units]);
  const set = useMemo(
    () =>
      (next: UnitSystem): void => {
        document.cookie = `units=${next}; path=/; max-age=31536000; samesite=strict`;
        setUnits(next);
      },
    [],
  );
  return (
    <ThemeProvider theme={theme} defaultMode="system">
      <FormatContext value={format}>
        <SetUnitsContext value={set}>{children}</SetUnitsContext>
      </FormatContext>
    </ThemeProvider>
  );
}

export const useFormat = (): Format => useContext(FormatContext);
/** Shows every figure in the other units at once; what is stored does not change. */
export const useSetUnits = (): ((units: UnitSystem) => void) => useContext(SetUnitsContext);
