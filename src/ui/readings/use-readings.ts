'use client';
/** Readings of a place: typed in, asked of sensors, brought in as a log, taken out and put back. */
import { useCallback, useEffect, useState } from 'react';
import type { CourseHour } from '@/core/air/course';
import type { Place } from '@/model/place';
import type { Measured, SpotId } from '@/model/reading';
import type { ReadingsView } from '@/usecases/readings';
import { useGone } from '../parts/gone';
import { send, type Faults } from '../parts/send';

export interface ReadingsSaid {
  readonly bad: boolean;
  readonly text: string;
  readonly faults: Faults;
}
interface LogTaken {
  readonly kept: number;
  readonly taken: readonly string[];
  readonly course: CourseHour[] | null;
}
const MOST_BYTES = 5 * 1024 * 1024;

export function useReadings(spot: SpotId, place: Place, onChanged: () => void) {
  const [view, setView] = useState<ReadingsView | null>(null);
  const [said, setSaid] = useState<ReadingsSaid | null>(null);
  const [course, setCourse] = useState<CourseHour[] | null>(null);
  const gone = useGone();
  const { of, id } = spot;
  const load = useCallback(async (): Promise<void> => {
    const got = await send<ReadingsView>(`/api/readings?of=${of}&id=${id}`, 'GET');
    if (got.ok) setView(got.answer as ReadingsView);
  }, [of, id]);
  useEffect(() => {
    // eslint-disable-next-line react-hooks/set-state-in-effect -- the list is fetched, and set once it is there
    void load();
  }, [load]);
  const after = async (sent: Awaited<ReturnType<typeof send>>, text: string | null): Promise<boolean> => {
    if (!sent.ok) {
      setSaid({ bad: true, text: sent.error, faults: sent.faults });
      return false;
    }
    setSaid(text === null ? null : { bad: false, text, faults: [] });
    await load();
    onChanged();
    return true;
  };
  const takeOut = async (readingId: string): Promise<void> => {
    const sent = await send(`/api/readings/${readingId}`, 'DELETE');
    if (!(await after(sent, null))) return;
    const back = async (): Promise<void> =>
      void (await after(await send(`/api/readings/${readingId}`, 'POST'), null));
    gone({ text: 'The reading is taken out.', back: () => void back() });
  };
  const bring = async (file: File): Promise<void> => {
    if (file.size > MOST_BYTES)
      return setSaid({ bad: true, text: `${file.name} is larger than 5 MB.`, faults: [] });
    const body = { spot, tz: place.tz, text: await file.text() };
    const sent = await send<LogTaken>('/api/readings/log', 'POST', body);
    const { kept = 0, taken = [], course: day = null } = sent.answer;
    if (await after(sent, `${kept} readings are kept: ${taken.join('; ')}.`)) setCourse(day);
  };
  return {
    view,
    said,
    /** The usual day of the last log, to be taken as the place's own air. */
    course,
    keep: async (measured: Measured): Promise<boolean> =>
      after(await send('/api/readings', 'POST', { spot, measured }), 'Kept.'),
    sense: async (): Promise<void> =>
      void (await after(await send('/api/readings/sense', 'POST', { spot, place }), 'Read and kept.')),
    takeOut,
    bring,
  };
}
