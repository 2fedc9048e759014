'use client';
/** A place, field by field: what is not said is usual for its kind, and says so. */
import type { ReactNode } from 'react';
import { doorOf, SHELTER_CARDS, sizeOf } from '@/core/air/shelter';
import { inShelter, patched, withLoud, type PlaceEdit, type PlacePatch } from '@/core/edits/place';
import { COMPASS, DOORS, SHELTERS } from '@/model/lists';
import type { Place } from '@/model/place';
import { DOOR_NAMES, SHELTER_NAMES } from '@/words/place-names';
import { COMPASS_NAMES, compassOf, degOf, placeName } from '../views/places';
import { ClockBox } from './clock-box';
import { ListChoice } from './list-choice';
import { ProvenanceMark } from './mark';
import { MeasureBox } from './measure-box';
import { NumberBox } from './number-box';
import { named, TextBox } from './text-box';
import { Tick } from './tick';
import { TempBox } from './weather-box';
import { ZoneBox } from './zone-box';

export interface PlaceFieldsProps {
  readonly place: Place;
  readonly onEdit: (edit: PlaceEdit) => void;
  readonly faultAt: (field: string) => string | null;
}

/** A figure that is usual for its kind until it is said. */
export function Usual({ isUsual, children }: { readonly isUsual: boolean; readonly children: ReactNode }) {
  return (
    <span className="row gap-2 wrap-nowrap">
      {children}
      {isUsual && <ProvenanceMark mark="M" />}
    </span>
  );
}

/** Name, kind and where: all that a new place needs. */
export function PlaceBasics({ place, onEdit, faultAt }: PlaceFieldsProps) {
  const set = (patch: PlacePatch): void => onEdit(patched(patch));
  return (
    <>
      <TextBox
        label="Place"
        value={place.name ?? ''}
        most={80}
        check={named(placeName(place))}
        onChange={(name) => set({ name })}
        sx={{ width: 190 }}
      />
      <ListChoice
        label="Shelter"
        value={place.shelter}
        options={SHELTERS}
        names={SHELTER_NAMES}
        width={160}
        onChange={(shelter) => onEdit(inShelter(shelter))}
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
        fault={faultAt('lat')}
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
        fault={faultAt('lon')}
      />
      <ZoneBox value={place.tz} onChange={(tz) => set({ tz })} fault={faultAt('tz')} />
    </>
  );
}

/** Door, floor and wind. */
export function PlaceRoom({ place, onEdit, faultAt }: PlaceFieldsProps) {
  const card = SHELTER_CARDS[place.shelter];
  const set = (patch: PlacePatch): void => onEdit(patched(patch));
  const windPct = (place.windFrac ?? card.windFrac) * 100;
  return (
    <>
      {card.building && (
        <ListChoice
          label="Door"
          value={doorOf(place)}
          options={DOORS}
          names={DOOR_NAMES}
          width={120}
          onChange={(door) => set({ door })}
        />
      )}
      <SizeFields place={place} onEdit={onEdit} faultAt={faultAt} />
      <Usual isUsual={place.windFrac === undefined}>
        <NumberBox
          label="Wind that gets in"
          unit="%"
          value={windPct}
          min={0}
          max={150}
          width={132}
          digits={0}
          onChange={(pct) => set({ windFrac: pct / 100 })}
          fault={faultAt('windFrac')}
        />
      </Usual>
      <LooksTo place={place} onEdit={onEdit} faultAt={faultAt} />
    </>
  );
}

const SIDES = [
  { field: 'widthM', label: 'Floor, across', least: 500, most: 100_000 },
  { field: 'depthM', label: 'Floor, along', least: 500, most: 100_000 },
  { field: 'heightM', label: 'Height', least: 800, most: 30_000 },
] as const;

function SizeFields({ place, onEdit, faultAt }: PlaceFieldsProps) {
  const size = sizeOf(place);
  if (!size) return null;
  return SIDES.map(({ field, label, least, most }) => (
    <Usual key={field} isUsual={place[field] === undefined}>
      <MeasureBox
        kind="room"
        label={label}
        value={size[field] * 1000}
        min={least}
        max={most}
        width={128}
        onChange={(mm) => onEdit(patched({ [field]: mm / 1000 }))}
        fault={faultAt(field)}
      />
    </Usual>
  ));
}

const UNKNOWN = 'unknown';
const LOOKS = [UNKNOWN, ...COMPASS] as const;
const LOOK_NAMES = { [UNKNOWN]: 'not known', ...COMPASS_NAMES } as const;

function LooksTo({ place, onEdit }: PlaceFieldsProps) {
  const { roofed, building } = SHELTER_CARDS[place.shelter];
  if (!roofed) return null;
  return (
    <ListChoice
      label={building ? 'Its door looks' : 'Open to the'}
      value={place.facing === undefined ? UNKNOWN : compassOf(place.facing)}
      options={LOOKS}
      names={LOOK_NAMES}
      width={140}
      onChange={(to) => onEdit(patched({ facing: to === UNKNOWN ? undefined : degOf(to) }))}
    />
  );
}

/** What a thermo-hygrometer showed where the air is the same day and night. */
const USUAL_AIR = { airC: 15, rhPct: 60 } as const;

export function MeasuredAir({ place, onEdit, faultAt }: PlaceFieldsProps) {
  const { measured } = place;
  const set = (to: Place['measured']): void => onEdit(patched({ measured: to }));
  return (
    <span className="row gap-6 small">
      <Tick isOn={measured !== undefined} onChange={(on) => set(on ? USUAL_AIR : undefined)}>
        its air is steady, as measured
      </Tick>
      {measured && (
        <>
          <TempBox
            label="Air"
            value={measured.airC}
            min={-30}
            max={50}
            width={100}
            onChange={(airC) => set({ ...measured, airC })}
            fault={faultAt('measured.airC')}
          />
          <NumberBox
            label="Humidity"
            unit="%"
            value={measured.rhPct}
            min={2}
            max={100}
            width={104}
            onChange={(rhPct) => set({ ...measured, rhPct })}
            fault={faultAt('measured.rhPct')}
          />
        </>
      )}
    </span>
  );
}

/** Quiet hours of the neighbours, kept by the compressor of a gun. */
export function LoudHours({ place, onEdit }: Pick<PlaceFieldsProps, 'place' | 'onEdit'>) {
  const [from, to] = place.loud ?? ['00:00', '24:00'];
  return (
    <span className="row small wrap-nowrap gap-6">
      Compressor from{' '}
      <ClockBox label="Compressor from" value={from} onChange={(clock) => onEdit(withLoud('from', clock))} />{' '}
      to <ClockBox label="Compressor to" value={to} onChange={(clock) => onEdit(withLoud('to', clock))} />
    </span>
  );
}
