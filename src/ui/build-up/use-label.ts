'use client';
/** What a text was read as, a moment after it was typed. */
import { useEffect, useRef, useState } from 'react';
import type { LabelReading } from '@/formats/label/read-label';
import { LabelClient } from '@/workers/label-client';

const PAUSE_MS = 150;
const NOTHING: LabelReading = { found: [], unread: [] };

export function useLabel(text: string): LabelReading & { readonly isGivenUp: boolean } {
  const [reading, setReading] = useState<LabelReading | null>(NOTHING);
  const client = useRef<LabelClient | null>(null);
  useEffect(() => {
    const made = new LabelClient(setReading);
    client.current = made;
    return () => made.close();
  }, []);
  useEffect(() => {
    if (text.trim() === '') return;
    const timer = setTimeout(() => client.current?.read(text), PAUSE_MS);
    return () => clearTimeout(timer);
  }, [text]);
  const isEmpty = text.trim() === '';
  return { ...((isEmpty ? null : reading) ?? NOTHING), isGivenUp: !isEmpty && reading === null };
}
