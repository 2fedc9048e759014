'use client';
/** Where: the place that turns weather into what the part feels. */
import Checkbox from '@mui/material/Checkbox';
import { doorOf, SHELTER_CARDS } from '@/core/air/shelter';
import { patchPlace, setLoud, setMeasured, setShelter } from '@/core/edits/purpose';
import type { Place } from '@/model/place';
import { DOORS, SHELTERS } from '@/model/lists';
import { DOOR_NAMES, SHELTER_NAMES } from '@/words/place-names';
import { useDesk } from '../desk/job-desk';
import { ListChoice } from '../parts/list-choice';
import { ClockBox } from '../parts/clock-box';
import { MeasureBox } from '../parts/measure-box';
import { ProvenanceMark } from '../parts/mark';
import { NumberBox } from '../parts/number-box';
import { TempBox } from '../parts/weather-box';
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
        onChange={(shelter) => desk.edit((j) => setShelter(j, shelter))}
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
      <Room />
      <Measured />
      <LoudHours />
      <ZoneBox value={place.tz} onChange={(tz) => set({ tz })} fault={desk.faultAt('place.tz')} />
    </div>
  );
}

/** Door, floor and wind of a place; what is not said is usual for its kind. */
function Room() {
  const desk = useDesk();
  const { place } = desk.job;
  const { building } = SHELTER_CARDS[place.shelter];
  const set = (patch: Partial<Place>): void => desk.edit((j) => patchPlace(j, patch));
  const windPct = (place.windFrac ?? SHELTER_CARDS[place.shelter].windFrac) * 100;
  return (
    <>
      {building && (
        <>
          <ListChoice
            label="Door"
            value={doorOf(place)}
            options={DOORS}
            names={DOOR_NAMES}
            width={120}
            onChange={(door) => set({ door })}
          />
          <SideBox field="widthM" label="Floor, across" usualM={building.floorM[0]} />
          <SideBox field="depthM" label="Floor, along" usualM={building.floorM[1]} />
          <SideBox field="heightM" label="Height" usualM={building.heightM} />
        </>
      )}
      <NumberBox
        label="Wind that gets in"
        unit="%"
        value={windPct}
        min={0}
        max={150}
        width={132}
        digits={0}
        onChange={(pct) => set({ windFrac: pct / 100 })}
        fault={desk.faultAt('place.windFrac')}
      />
      {place.windFrac === undefined && <ProvenanceMark mark="M" />}
    </>
  );
}

interface SideBoxProps {
  readonly field: 'widthM' | 'depthM' | 'heightM';
  readonly label: string;
  readonly usualM: number;
}

function SideBox({ field, label, usualM }: SideBoxProps) {
  const desk = useDesk();
  const { place } = desk.job;
  return (
    <span className="row gap-2 wrap-nowrap">
      <MeasureBox
        kind="length"
        label={label}
        value={(place[field] ?? usualM) * 1000}
        min={field === 'heightM' ? 800 : 500}
        max={field === 'heightM' ? 30_000 : 100_000}
        width={128}
        onChange={(mm) => desk.edit((j) => patchPlace(j, { [field]: mm / 1000 }))}
        fault={desk.faultAt(`place.${field}`)}
      />
      {place[field] === undefined && <ProvenanceMark mark="M" />}
    </span>
  );
}

/** What a thermo-hygrometer showed where the air is the same day and night. */
const USUAL_AIR = { airC: 15, rhPct: 60 } as const;

function Measured() {
  const desk = useDesk();
  const { measured } = desk.job.place;
  return (
    <span className="row gap-6 small">
      <label className="row gap-2 wrap-nowrap">
        <Checkbox
          size="small"
          checked={measured !== undefined}
          onChange={(_e, on) => desk.edit((j) => setMeasured(j, on ? USUAL_AIR : undefined))}
        />
        its air is steady, as measured
      </label>
      {measured && (
        <>
          <TempBox
            label="Air"
            value={measured.airC}
            min={-30}
            max={50}
            width={100}
            onChange={(airC) => desk.edit((j) => setMeasured(j, { ...measured, airC }))}
            fault={desk.faultAt('place.measured.airC')}
          />
          <NumberBox
            label="Humidity"
            unit="%"
            value={measured.rhPct}
            min={2}
            max={100}
            width={104}
            onChange={(rhPct) => desk.edit((j) => setMeasured(j, { ...measured, rhPct }))}
            fault={desk.faultAt('place.measured.rhPct')}
          />
        </>
      )}
    </span>
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
