'use client';
/** A weather file brought in: asked about, confirmed, kept. */
import { useState } from 'react';
import type { Mapping } from '@/formats/weather/columns';
import type { TableGuess } from '@/formats/weather/table';
import type { FileWeather, Spot } from '@/model/weather';
import { send, type Faults } from '../parts/send';
import { mappingOf } from '../views/file-mapping';

interface Asked {
  readonly name: string;
  readonly text: string;
  readonly table: TableGuess;
  readonly mapping: Mapping;
}
type Answer = { readonly kind: 'asked'; readonly table: TableGuess } | ({ readonly kind: 'kept' } & Kept);
type Kept = Pick<FileWeather, 'bridgedH' | 'openFromMs'>;
interface Refused {
  readonly error: string;
  readonly faults: Faults;
}

const MOST_BYTES = 5 * 1024 * 1024;
const MOST_NAME = 120;

export function useWeatherFile(spot: Spot, onKept: (kept: Kept) => void) {
  const [asked, setAsked] = useState<Asked | null>(null);
  const [refused, setRefused] = useState<Refused | null>(null);
  const [isBusy, setBusy] = useState(false);
  const post = async (name: string, text: string, mapping?: Mapping): Promise<void> => {
    setBusy(true);
    setRefused(null);
    const body = { ...spot, name: name.slice(0, MOST_NAME), text, ...(mapping && { mapping }) };
    const sent = await send<Answer>('/api/weather/file', 'POST', body);
    setBusy(false);
    if (!sent.ok) return setRefused({ error: sent.error, faults: sent.faults });
    const answer = sent.answer as Answer;
    if (answer.kind === 'asked')
      return setAsked({ name, text, table: answer.table, mapping: mappingOf(answer.table.guess) });
    setAsked(null);
    onKept(answer);
  };
  return {
    asked,
    refused,
    isBusy,
    bring: async (file: File): Promise<void> => {
      if (file.size > MOST_BYTES)
        return setRefused({
          error: `${file.name} is larger than 5 MB. Cut it to the days around now.`,
          faults: [],
        });
      await post(file.name, await file.text());
    },
    confirm: (): void => void (asked && post(asked.name, asked.text, asked.mapping)),
    change: (mapping: Mapping): void => setAsked(asked && { ...asked, mapping }),
    cancel: (): void => {
      setAsked(null);
      setRefused(null);
    },
  };
}
