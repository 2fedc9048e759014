'use client';
/** Takes a weight from a scale that is joined; where there is none there is no button. */
import { useState } from 'react';
import Button from '@mui/material/Button';
import { Said } from './said';
import { send } from './send';
import { useFetched } from './use-fetched';

export function ScaleButton({ onGrams }: { readonly onGrams: (grams: number) => void }) {
  const scale = useFetched<{ name: string | null }>('/api/scale');
  const [said, setSaid] = useState<string | null>(null);
  if (!scale?.name) return null;
  const read = async (): Promise<void> => {
    const sent = await send<{ massG: number }>('/api/scale', 'POST');
    const { massG } = sent.answer;
    setSaid(sent.ok ? null : sent.error);
    if (sent.ok && massG !== undefined) onGrams(massG);
  };
  return (
    <>
      <Button size="small" variant="outlined" onClick={() => void read()}>
        Read the scale
      </Button>
      <Said>{said}</Said>
    </>
  );
}
