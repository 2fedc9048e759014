'use client';
/** All that is said of a place, in groups; what is not said is usual for its kind. */
import { useState } from 'react';
import Button from '@mui/material/Button';
import type { PlaceRow } from '@/usecases/places';
import { fromPreset } from '@/core/edits/place';
import { PRESETS, type Preset } from '@/core/air/presets';
import { PRESET_NAMES } from '@/words/place-names';
import { Fold } from '../parts/fold';
import { LinkButton } from '../parts/link-button';
import { ListChoice } from '../parts/list-choice';
import { LoudHours, MeasuredAir, PlaceBasics, PlaceRoom } from '../parts/place-fields';
import { PlaceHeater, PlaceHorizon, PlaceKit } from '../parts/place-kit';
import { Said } from '../parts/said';
import { send } from '../parts/send';
import { placeName, presetOf } from '../views/places';
import type { usePlaceForm } from './use-place-form';

interface PlaceFormProps {
  readonly id: string | null;
  readonly form: ReturnType<typeof usePlaceForm>;
  readonly usedBy: PlaceRow['usedBy'];
  readonly onGone: (id: string, said: string) => void;
}

export function PlaceForm({ id, form, usedBy, onGone }: PlaceFormProps) {
  const { place, edit, faultAt } = form;
  const fields = { place, onEdit: edit, faultAt };
  return (
    <form
      className="panel placeform"
      noValidate
      aria-label={id ? `Change ${placeName(place)}` : 'A new place'}
      onSubmit={(e) => void form.keep(e)}
    >
      <div className="hd">{id ? 'The place' : 'A new place'}</div>
      {!id && (
        <ListChoice<Preset>
          label="Begin with"
          value={presetOf(place)}
          options={PRESETS}
          names={PRESET_NAMES}
          width="min(100%, 260px)"
          onChange={(preset) => edit(fromPreset(preset))}
        />
      )}
      <div className="row gap-12">
        <PlaceBasics {...fields} />
      </div>
      <h3>Room and door</h3>
      <p className="cap">
        Not known? Leave it: what is marked M is usual for its kind. The wind that gets in is what you feel at
        the part over what you feel outside.
      </p>
      <div className="row gap-12">
        <PlaceRoom {...fields} />
        <MeasuredAir {...fields} />
      </div>
      <h3>Heat, light, trouble</h3>
      <p className="cap">A heater’s power stands on its plate, a socket’s ampere on its fuse.</p>
      <div className="row gap-12">
        <PlaceHeater {...fields} />
        <PlaceKit {...fields} />
        <LoudHours {...fields} />
      </div>
      <Fold summary="What hides the sun" opens={place.horizonDeg !== undefined}>
        <PlaceHorizon {...fields} />
      </Fold>
      <div className="row mt-10">
        <Button type="submit" variant="contained" disabled={form.isSubmitting || !form.isChanged}>
          {id ? 'Keep it' : 'Add it'}
        </Button>
        {id && form.isChanged && <Button onClick={form.reset}>As it was</Button>}
        {id && <TakeOff id={id} name={placeName(place)} usedBy={usedBy} onGone={onGone} />}
        <Said>{form.error}</Said>
      </div>
      <UsedBy usedBy={usedBy} />
    </form>
  );
}

function UsedBy({ usedBy }: { readonly usedBy: PlaceRow['usedBy'] }) {
  if (usedBy.length === 0) return null;
  return (
    <p className="cap">
      Used by{' '}
      {usedBy.map((j) => (
        <LinkButton key={j.id} size="small" href={`/jobs/${j.id}/surface#place`}>
          {j.name}
        </LinkButton>
      ))}
    </p>
  );
}

interface TakeOffProps {
  readonly id: string;
  readonly name: string;
  readonly usedBy: PlaceRow['usedBy'];
  readonly onGone: (id: string, said: string) => void;
}

function TakeOff({ id, name, usedBy, onGone }: TakeOffProps) {
  const keeps = usedBy.length > 0 ? ' Jobs that use it keep it as it was.' : '';
  const [said, setSaid] = useState<string | null>(null);
  const takeOff = async (): Promise<void> => {
    const sent = await send(`/api/places/${id}`, 'DELETE');
    if (sent.ok) onGone(id, `${name} is taken off the list.${keeps}`);
    else setSaid(sent.error);
  };
  return (
    <>
      <Button className="ml-auto" color="inherit" onClick={() => void takeOff()}>
        Take it off the list
      </Button>
      <Said>{said}</Said>
    </>
  );
}
