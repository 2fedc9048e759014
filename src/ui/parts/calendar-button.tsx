'use client';
/** Saves the plan as a calendar file, with alarms: the same file later moves what was there. */
import { useState } from 'react';
import Button from '@mui/material/Button';
import type { CalendarEntry } from '@/formats/calendar/write';
import { download } from './download';

interface CalendarButtonProps {
  readonly name: string;
  readonly entries: () => readonly CalendarEntry[];
  readonly stampMs: number;
}

export function CalendarButton({ name, entries, stampMs }: CalendarButtonProps) {
  const [isFailed, setFailed] = useState(false);
  const save = async (): Promise<void> => {
    try {
      const { calendarText } = await import('@/formats/calendar/write');
      download(new Blob([calendarText(name, entries(), stampMs)], { type: 'text/calendar' }), `${name}.ics`);
      setFailed(false);
    } catch {
      setFailed(true);
    }
  };
  return (
    <>
      <Button variant="outlined" onClick={() => void save()}>
        Into your calendar
      </Button>
      {isFailed && (
        <span role="alert" className="small ink-oxide-ink">
          The file could not be made: try again once the server answers.
        </span>
      )}
    </>
  );
}
