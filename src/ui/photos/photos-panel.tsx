'use client';
/** Photographs of the parts, before, at each step and after: made small here, and without what a camera writes into them. */
import { useState } from 'react';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { isoOf } from '@/core/time/instant';
import { useDesk } from '../desk/job-desk';
import { ListChoice } from '../parts/list-choice';
import { FileButton } from '../parts/file-button';
import { useFormat } from '../theme/providers';
import { usePhotos, type Photo } from './use-photos';
import { Said } from '@/ui/parts/said';
import { partName } from '../views/part-name';

const TITLES: Readonly<Record<Photo['moment'], string>> = {
  before: 'Photographs before',
  during: 'Photographs of the steps',
  after: 'Photographs after',
};

interface PhotosPanelProps {
  readonly moment: Photo['moment'];
  /** Steps that a photograph may belong to, the likeliest first; where there are none it is only looked at. */
  readonly steps?: readonly string[];
}

export function PhotosPanel({ moment, steps = [] }: PhotosPanelProps) {
  const { id, job } = useDesk();
  const { photos, busy, said, add, remove, note } = usePhotos(id);
  const [part, setPart] = useState<string | null>(null);
  const [chosen, setChosen] = useState<string | null>(null);
  const step = steps.find((s) => s === chosen) ?? steps[0] ?? '';
  const partId = job.parts.some((p) => p.id === part) ? part! : job.parts[0]!.id;
  const shown = photos.filter((p) => p.moment === moment);
  const names = Object.fromEntries(job.parts.map((p) => [p.id, p.name ?? p.id]));
  return (
    <section className="panel noprint" aria-label={TITLES[moment]}>
      <div className="hd">
        <small>kept in the data folder, made small, without place or time of the camera</small>
      </div>
      <div className="row mt-10 mb-10">
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
        <StepChoice steps={steps} step={step} onChange={setChosen} />
        <FileButton
          label={busy ? 'Keeping it' : 'Add photographs'}
          accept="image/*"
          busy={busy}
          multiple
          onFiles={(files) => void add(files, { partId, moment, step })}
        />
        <Said>{said}</Said>
      </div>
      {shown.length === 0 && (
        <p className="cap">
          None yet. One picture of the whole part and one of each bad place help most next time.
        </p>
      )}
      <ul className="photos">
        {shown.map((photo) => (
          <PhotoCard
            key={photo.id}
            photo={photo}
            onRemove={() => remove(photo.id)}
            onNote={(text) => void note(photo.id, text)}
          />
        ))}
      </ul>
    </section>
  );
}

interface StepChoiceProps {
  readonly steps: readonly string[];
  readonly step: string;
  readonly onChange: (step: string) => void;
}

function StepChoice({ steps, step, onChange }: StepChoiceProps) {
  if (steps.length < 2) return null;
  const names = Object.fromEntries(steps.map((s) => [s, s]));
  return (
    <ListChoice
      label="At this step"
      value={step}
      options={steps}
      names={names}
      width={260}
      onChange={onChange}
    />
  );
}

interface PhotoCardProps {
  readonly photo: Photo;
  readonly onRemove: () => void;
  readonly onNote: (text: string) => void;
}

function PhotoCard({ photo, onRemove, onNote }: PhotoCardProps) {
  const f = useFormat();
  const { job } = useDesk();
  const name = partName(job, photo.partId);
  const when = f.dayTime(isoOf(photo.createdMs, job.place.tz));
  const said = photo.note ? `: ${photo.note}` : '';
  const taken = photo.step === '' ? photo.moment : photo.step;
  return (
    <li>
      <a href={`/api/photos/${photo.id}`} target="_blank" rel="noreferrer">
        <img src={`/api/photos/${photo.id}`} alt={`${name}, ${taken}, ${when}${said}`} loading="lazy" />
      </a>
      <span className="row small gap-6">
        {photo.step === '' ? name : `${name}: ${photo.step}, ${when}`}
        <span className="push" />
        <Button size="small" aria-label={`Take the photograph of ${name} out`} onClick={onRemove}>
          Take out
        </Button>
      </span>
      <TextField
        size="small"
        fullWidth
        label="Note"
        defaultValue={photo.note}
        slotProps={{ htmlInput: { maxLength: 300, 'aria-label': `Note to the photograph of ${name}` } }}
        onBlur={(e) => onNote(e.target.value.trim())}
        onKeyDown={(e) => {
          if (e.key === 'Enter') onNote((e.target as HTMLInputElement).value.trim());
        }}
        sx={{ mt: 0.5 }}
      />
    </li>
  );
}
