'use client';
/** Photographs of the parts, before and after: made small here, and without what a camera writes into them. */
import { useCallback, useEffect, useState } from 'react';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { isoOf } from '@/core/time/instant';
import { useDesk } from '../desk/job-desk';
import { ListChoice } from '../parts/choice';
import { FileButton } from '../parts/file-button';
import { useFormat } from '../theme/providers';
import { madeSmall } from './small';

interface Photo {
  readonly id: string;
  readonly partId: string;
  readonly moment: 'before' | 'after';
  readonly createdMs: number;
  readonly note: string;
}
export function PhotosPanel({ moment }: { moment: 'before' | 'after' }) {
  const { id, job } = useDesk();
  const f = useFormat();
  const [photos, setPhotos] = useState<readonly Photo[]>([]);
  const [part, setPart] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const [said, setSaid] = useState<string | null>(null);
  const partId = job.parts.some((p) => p.id === part) ? part! : job.parts[0]!.id;
  const load = useCallback(async (): Promise<void> => {
    const r = await fetch(`/api/jobs/${id}/photos`).catch(() => null);
    if (r?.ok) setPhotos((await r.json()) as Photo[]);
  }, [id]);
  useEffect(() => {
    const soon = setTimeout(() => void load(), 0);
    return () => clearTimeout(soon);
  }, [load]);
  const add = async (files: readonly File[]): Promise<void> => {
    setBusy(true);
    setSaid(null);
    for (const file of files) {
      try {
        const r = await fetch(`/api/jobs/${id}/photos?part=${encodeURIComponent(partId)}&moment=${moment}`, {
          method: 'POST',
          headers: { 'content-type': 'image/jpeg' },
          body: await madeSmall(file),
        });
        if (!r.ok) {
          setSaid(((await r.json()) as { error?: string }).error ?? 'Not kept. Try again.');
          break;
        }
      } catch (e) {
        setSaid(
          e instanceof TypeError
            ? 'The server does not answer. The picture is not kept; try again.'
            : e instanceof Error
              ? e.message
              : 'Not kept.',
        );
        break;
      }
    }
    await load();
    setBusy(false);
  };
  const remove = async (photoId: string): Promise<void> => {
    const r = await fetch(`/api/photos/${photoId}`, { method: 'DELETE' }).catch(() => null);
    if (r?.ok) await load();
    else setSaid('Not taken out. Try again.');
  };
  const note = async (photoId: string, text: string): Promise<void> => {
    if (photos.find((p) => p.id === photoId)?.note === text) return;
    const r = await fetch(`/api/photos/${photoId}`, {
      method: 'PATCH',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ note: text }),
    }).catch(() => null);
    if (r?.ok) {
      setSaid(null);
      await load();
    } else setSaid('The note is not kept. Press Enter in it to try again.');
  };
  const nameOf = (pid: string): string => job.parts.find((p) => p.id === pid)?.name ?? pid;
  const shown = photos.filter((p) => p.moment === moment);
  const names = Object.fromEntries(job.parts.map((p) => [p.id, p.name ?? p.id]));
  return (
    <section
      className="panel noprint"
      aria-label={moment === 'before' ? 'Photographs before' : 'Photographs after'}
    >
      <div className="hd">
        Photographs {moment}{' '}
        <small>kept in the data folder, made small, without place or time of the camera</small>
      </div>
      <div className="row" style={{ margin: '10px 0' }}>
        {job.parts.length > 1 && (
          <ListChoice
            label="Part"
            value={partId}
            options={job.parts.map((p) => p.id)}
            names={names}
            width={190}
            onChange={setPart}
          />
        )}
        <FileButton
          label={busy ? 'Keeping it' : 'Add photographs'}
          accept="image/*"
          busy={busy}
          multiple
          onFiles={(files) => void add(files)}
        />
        {said && (
          <span className="status" data-kind="bad" role="alert">
            {said}
          </span>
        )}
      </div>
      {shown.length === 0 && (
        <p className="cap">None yet. One of the whole part and one of each bad place tell most, next time.</p>
      )}
      <ul className="photos">
        {shown.map((p) => (
          <li key={p.id}>
            <a href={`/api/photos/${p.id}`} target="_blank" rel="noreferrer">
              <img
                src={`/api/photos/${p.id}`}
                alt={`${nameOf(p.partId)}, ${moment}, ${f.dayTime(isoOf(p.createdMs, job.place.tz))}${p.note ? `: ${p.note}` : ''}`}
                loading="lazy"
              />
            </a>
            <span className="row small" style={{ gap: 6 }}>
              {nameOf(p.partId)}
              <span className="push" />
              <Button
                size="small"
                aria-label={`Take the photograph of ${nameOf(p.partId)} out`}
                onClick={() => void remove(p.id)}
              >
                Take out
              </Button>
            </span>
            <TextField
              size="small"
              fullWidth
              label="Note"
              defaultValue={p.note}
              slotProps={{
                htmlInput: { maxLength: 300, 'aria-label': `Note to the photograph of ${nameOf(p.partId)}` },
              }}
              onBlur={(e) => void note(p.id, e.target.value.trim())}
              onKeyDown={(e) => {
                if (e.key === 'Enter') void note(p.id, (e.target as HTMLInputElement).value.trim());
              }}
              sx={{ mt: 0.5 }}
            />
          </li>
        ))}
      </ul>
    </section>
  );
}
