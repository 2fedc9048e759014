'use client';
/** Theme and units for the whole tree. */
import { createContext, useContext, useMemo, type ReactNode } from 'react';
import { ThemeProvider } from '@mui/material/styles';
import { formatFor, type Format, type UnitSystem } from '@/words/format';
import { theme } from './theme';

const FormatContext = createContext<Format>(formatFor('metric'));

export function Providers({ units, children }: { units: UnitSystem; children: ReactNode }) {
  const format = useMemo(() => formatFor(units), [units]);
  return <ThemeProvider theme={theme}><FormatContext value={format}>{children}</FormatContext></ThemeProvider>;
}

export const useFormat = (): Format => useContext(FormatContext);
