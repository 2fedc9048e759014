'use client';
/** The job's own place, field by field. */
import Button from '@mui/material/Button';
import { editPlace, type PlaceEdit } from '@/core/edits/place';
import { useDesk } from '../desk/job-desk';
import { Fold } from '../parts/fold';
import { LoudHours, MeasuredAir, PlaceBasics, PlaceRoom } from '../parts/place-fields';
import { PlaceHeater, PlaceHorizon, PlaceKit } from '../parts/place-kit';

export function OwnPlace({ onKeep, said }: { readonly onKeep: () => void; readonly said: string | null }) {
  const desk = useDesk();
  const { job } = desk;
  const fields = {
    place: job.place,
    onEdit: (edit: PlaceEdit) => desk.edit((j) => editPlace(j, edit)),
    faultAt: (field: string) => desk.faultAt(`place.${field}`),
  };
  return (
    <>
      <div className="row">
        <PlaceBasics {...fields} />
        <PlaceRoom {...fields} />
        <MeasuredAir {...fields} />
        {job.equipment.sprayer !== 'aerosol' && <LoudHours {...fields} />}
      </div>
      <Fold summary="Heater, lamp, socket, what hides the sun">
        <div className="row gap-12 mb-8">
          <PlaceHeater {...fields} />
          <PlaceKit {...fields} />
        </div>
        <PlaceHorizon {...fields} />
      </Fold>
      <p className="row gap-8">
        <Button size="small" onClick={onKeep}>
          Keep it among the workshop’s places
        </Button>
        <span role="status" className="small">
          {said}
        </span>
      </p>
    </>
  );
}
