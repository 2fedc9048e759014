'use client';
/** Where: the place that turns weather into what the part feels. */
import { patchPlace, setLoud } from '@/core/edits/purpose';
import type { Place } from '@/model/job';
import { SHELTERS } from '@/model/lists';
import { SHELTER_NAMES } from '@/words/names';
import { useDesk } from '../desk/job-desk';
import { ListChoice } from '../parts/list-choice';
import { ClockBox } from '../parts/clock-box';
import { NumberBox } from '../parts/number-box';
import { ZoneBox } from '../parts/zone-box';
import { named, TextBox } from '../parts/text-box';

export function PlaceEditor() {
  const desk = useDesk();
  const { place } = desk.job;
  const set = (patch: Partial<Place>): void => desk.edit((j) => patchPlace(j, patch));
  return (
    <div className="row">
      <TextBox
        label="Place"
        value={place.name ?? ''}
        most={80}
        check={named(place.name ?? '')}
        onChange={(name) => set({ name })}
        sx={{ width: 190 }}
      />
      <ListChoice
        label="Shelter"
        value={place.shelter}
        options={SHELTERS}
        names={SHELTER_NAMES}
        width={160}
        onChange={(shelter) => set({ shelter })}
      />
      <NumberBox
        label="Latitude"
        unit="°"
        value={place.lat}
        min={-90}
        max={90}
        step={0.1}
        width={116}
        onChange={(lat) => set({ lat })}
        fault={desk.faultAt('place.lat')}
      />
      <NumberBox
        label="Longitude"
        unit="°"
        value={place.lon}
        min={-180}
        max={180}
        step={0.1}
        width={116}
        onChange={(lon) => set({ lon })}
        fault={desk.faultAt('place.lon')}
      />
      <LoudHours />
      <ZoneBox value={place.tz} onChange={(tz) => set({ tz })} fault={desk.faultAt('place.tz')} />
    </div>
  );
}

/** Quiet hours of the neighbours, kept by the compressor of a gun. */
function LoudHours() {
  const desk = useDesk();
  const { equipment, place } = desk.job;
  if (equipment.sprayer === 'aerosol') return null;
  const [from, to] = place.loud ?? ['00:00', '24:00'];
  return (
    <span className="row small wrap-nowrap gap-6">
      Compressor from{' '}
      <ClockBox
        label="Compressor from"
        value={from}
        onChange={(clock) => desk.edit((j) => setLoud(j, 'from', clock))}
      />{' '}
      to{' '}
      <ClockBox
        label="Compressor to"
        value={to}
        onChange={(clock) => desk.edit((j) => setLoud(j, 'to', clock))}
      />
    </span>
  );
}
