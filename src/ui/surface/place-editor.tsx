'use client';
/** Where: the place that turns weather into what the part feels. */
import { patchPlace } from '@/core/edits/purpose';
import type { Place } from '@/model/job';
import { SHELTERS } from '@/model/lists';
import { SHELTER_NAMES } from '@/words/names';
import { useDesk } from '../desk/job-desk';
import { ListChoice } from '../parts/choice';
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
      <ZoneBox value={place.tz} onChange={(tz) => set({ tz })} fault={desk.faultAt('place.tz')} />
    </div>
  );
}
