'use client';
/** The logbook out as a file, and records in again. */
import { useState } from 'react';
import { useRouter } from 'next/navigation';
import Button from '@mui/material/Button';
import { queryOf } from '@/formats/logbook-query';
import type { LogbookAsked } from '@/model/logbook-asked';
import { counted } from '@/words/format';
import { FileButton } from '../parts/file-button';
import { Said } from '../parts/said';
import { send } from '../parts/send';

interface Came {
  readonly brought: number;
  readonly same: number;
}

/** What a file holds, as it is sent; a sentence where it cannot be read. */
async function recordsIn(file: File): Promise<object | string> {
  const text = await file.text();
  if (/\.csv$/i.test(file.name)) {
    const { readTable } = await import('@/formats/logbook-table');
    const table = readTable(text);
    return table.ok ? { pellucid: 'logbook', jobs: table.jobs } : `${file.name}: ${table.said}`;
  }
  try {
    return JSON.parse(text) as object;
  } catch {
    return `${file.name} is no JSON file. Nothing was brought in.`;
  }
}

export function BringIn({ asked }: { asked: LogbookAsked }) {
  const router = useRouter();
  const [bad, setBad] = useState<string | null>(null);
  const [came, setCame] = useState<Came | null>(null);
  const bring = async (file: File): Promise<void> => {
    setBad(null);
    setCame(null);
    const read = await recordsIn(file);
    if (typeof read === 'string') {
      setBad(read);
      return;
    }
    const r = await send<Came>('/api/logbook', 'POST', read);
    if (!r.ok) {
      setBad(r.error);
      return;
    }
    setCame({ brought: r.answer.brought ?? 0, same: r.answer.same ?? 0 });
    router.refresh();
  };
  const some = queryOf(asked);
  const query = some === '' ? '' : `&${some}`;
  return (
    <section className="panel noprint" aria-label="Out and in">
      <div className="hd">Out and in</div>
      <div className="row mt-6">
        <Button variant="outlined" href={`/api/logbook?as=json${query}`} download>
          As JSON
        </Button>
        <Button variant="outlined" href={`/api/logbook?as=csv${query}`} download>
          As a table, CSV
        </Button>
        <Button variant="outlined" href={`/api/logbook?as=table${query}`} download>
          All of it, CSV
        </Button>
        <Button variant="outlined" onClick={() => window.print()}>
          Print the list
        </Button>
        <FileButton
          label="Bring records in"
          accept=".json,.csv,application/json,text/csv"
          onFiles={([file]) => {
            if (file) void bring(file);
          }}
        />
      </div>
      <p className="cap mt-6">
        JSON and “All of it” come in again as they went out; the other table is for sums of your own.
      </p>
      {came && (
        <p role="status" className="mt-6">
          Brought in: {counted(came.brought, 'record')}. Here already: {came.same}.
        </p>
      )}
      <Said>{bad}</Said>
    </section>
  );
}
