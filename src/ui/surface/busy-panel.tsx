'use client';
/** Hours that are taken already, out of the owner's calendar: only when, never what. */
import { useState } from 'react';
import Button from '@mui/material/Button';
import { setBusy } from '@/core/edits/purpose';
import type { Fault } from '@/formats/faults';
import { counted } from '@/words/format';
import { useDesk } from '../desk/job-desk';
import { FileButton } from '../parts/file-button';
import { busyAsked, busySaid } from '../views/calendar';

const MOST_BYTES = 30 * 1024 * 1024;

interface Said {
  readonly text: string;
  readonly faults: readonly Fault[];
}

export function BusyPanel() {
  const { job, nowMs, edit } = useDesk();
  const [said, setSaid] = useState<Said | null>(null);
  const [isBusy, setReading] = useState(false);
  const taken = job.freeHours.busy ?? [];
  const bring = async (file: File): Promise<void> => {
    if (file.size > MOST_BYTES)
      return setSaid({ text: `${file.name} is larger than 30 MB: export a shorter stretch.`, faults: [] });
    setReading(true);
    // The reader of calendars is fetched with the first of them.
    const [{ readBusy }, text] = await Promise.all([import('@/formats/calendar/busy'), file.text()]);
    const read = readBusy(text, busyAsked(nowMs, job.place.tz));
    setReading(false);
    if (!read.ok) return setSaid({ text: `${file.name} was not taken.`, faults: read.faults });
    edit((j) => setBusy(j, read.value.spans));
    setSaid({ text: busySaid(read.value), faults: [] });
  };
  return (
    <div className="is-grid gap-6">
      <div className="row">
        <FileButton
          label="Busy times from a calendar (.ics)"
          accept=".ics,text/calendar"
          size="small"
          busy={isBusy}
          onFiles={([file]) => file && void bring(file)}
        />
        {taken.length > 0 && (
          <Button size="small" onClick={() => edit((j) => setBusy(j, []))}>
            Take {counted(taken.length, 'busy time')} out
          </Button>
        )}
      </div>
      <div aria-live="polite" className="small">
        {said && <p>{said.text}</p>}
        {said?.faults.map((x) => (
          <p key={x.path} className="ink-oxide-ink">
            {x.path}: {x.expected}.
          </p>
        ))}
      </div>
    </div>
  );
}
