'use client';
/** What went wrong, in words, where it went wrong; read out at once. Nothing while there is nothing to say. */
import Alert from '@mui/material/Alert';
import { StopSign } from './icons';

export function Said({ children }: { children: string | null | false | undefined }) {
  if (!children) return null;
  return (
    <Alert severity="error" variant="standard" className="said" icon={<StopSign text="!" />}>
      {children}
    </Alert>
  );
}
