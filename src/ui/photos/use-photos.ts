'use client';
/** The photographs of a job: fetched, added, noted, taken out; what went wrong is said. */
import { useCallback, useEffect, useState } from 'react';
import type { Photographed } from '@/model/photo';
import { useGone } from '../parts/gone';
import { send, sendFile } from '../parts/send';
import { madeSmall } from './small';

export type Photo = Photographed;

/** What a photograph that is added shows. */
export type Shows = Pick<Photo, 'partId' | 'moment' | 'step'>;

const SILENT = 'The server does not answer. The picture is not kept; try again.';

/** Keeps one picture; the words of the refusal, or null when it is kept. */
async function keepPhoto(url: string, file: File): Promise<string | null> {
  try {
    const r = await sendFile(url, await madeSmall(file), 'image/jpeg');
    if (r.ok) return null;
    return r.answered ? r.error : SILENT;
  } catch (e) {
    return e instanceof Error ? e.message : 'Not kept.';
  }
}

export function usePhotos(jobId: string) {
  const [photos, setPhotos] = useState<readonly Photo[]>([]);
  const [hidden, setHidden] = useState<readonly string[]>([]);
  const gone = useGone();
  const [busy, setBusy] = useState(false);
  const [said, setSaid] = useState<string | null>(null);
  const load = useCallback(async (): Promise<void> => {
    const r = await fetch(`/api/jobs/${jobId}/photos`).catch(() => null);
    if (r?.ok) setPhotos((await r.json()) as Photo[]);
  }, [jobId]);
  useEffect(() => {
    const soon = setTimeout(() => void load(), 0);
    return () => clearTimeout(soon);
  }, [load]);
  const add = async (files: readonly File[], { partId, moment, step }: Shows): Promise<void> => {
    setBusy(true);
    setSaid(null);
    const query = new URLSearchParams({ part: partId, moment, step });
    const url = `/api/jobs/${jobId}/photos?${query}`;
    for (const file of files) {
      const refused = await keepPhoto(url, file);
      if (refused === null) continue;
      setSaid(refused);
      break;
    }
    await load();
    setBusy(false);
  };
  // It is thrown away once it can no longer be put back; a page that goes before keeps it.
  const throwAway = async (id: string): Promise<void> => {
    const r = await send(`/api/photos/${id}`, 'DELETE');
    await load();
    putBack(id);
    if (!r.ok) setSaid('Not taken out. Try again.');
  };
  const putBack = (id: string): void => setHidden((was) => was.filter((x) => x !== id));
  const remove = (id: string): void => {
    setHidden((was) => [...was, id]);
    gone({ text: 'The photograph is taken out.', back: () => putBack(id), onEnd: () => void throwAway(id) });
  };
  const note = async (id: string, text: string): Promise<void> => {
    if (photos.find((p) => p.id === id)?.note === text) return;
    const r = await send(`/api/photos/${id}`, 'PATCH', { note: text });
    setSaid(r.ok ? null : 'The note is not kept. Press Enter in it to try again.');
    if (r.ok) await load();
  };
  return { photos: photos.filter((p) => !hidden.includes(p.id)), busy, said, add, remove, note };
}
