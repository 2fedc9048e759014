'use client';
/** One place: its section, what it makes of the weather now and over the days, and its form. */
import { useMemo } from 'react';
import type { DayRecord } from '@/core/air/record';
import { patched } from '@/core/edits/place';
import { placeHours } from '@/core/place-air';
import type { Place } from '@/model/place';
import type { KeptReading } from '@/model/reading';
import type { PlaceRow } from '@/usecases/places';
import type { PlaceWeather } from '@/usecases/place-weather';
import { later } from '../parts/later';
import { ReadingsPanel } from '../readings/readings-panel';
import { OwnShelter } from '../parts/own-shelter';
import { useFormat } from '../theme/providers';
import { placeName, placeSummary } from '../views/places';
import { PlaceForm } from './place-form';
import { SectionPanel } from './section-panel';
import { usePlaceForm } from './use-place-form';

const DaysPanel = later('Outside and in the place', () => import('./days-panel').then((m) => m.DaysPanel), {
  heightPx: 300,
});

const CamePanel = later('Forecast and what came', () => import('./came-panel').then((m) => m.CamePanel), {
  heightPx: 300,
});

interface PlaceStageProps {
  readonly id: string | null;
  readonly start: Place;
  readonly usedBy: PlaceRow['usedBy'];
  readonly weather: PlaceWeather | null;
  readonly readings: readonly KeptReading[];
  readonly record: readonly DayRecord[];
  readonly nowMs: number;
  readonly onChanged: () => void;
  readonly onKept: (id: string, said: string) => void;
  readonly onGone: (id: string, said: string) => void;
}

export function PlaceStage(props: PlaceStageProps) {
  const { id, start, usedBy, weather, readings, record, nowMs, onKept, onGone, onChanged } = props;
  const f = useFormat();
  const form = usePlaceForm({ start, id, onKept });
  const { place } = form;
  const hours = useMemo(() => (weather ? placeHours({ place, ...weather }) : []), [place, weather]);
  return (
    <>
      <div className="placehead">
        <h2>{placeName(place)}</h2>
        <p className="cap">{placeSummary(place, f)}</p>
        <OwnShelter place={start} />
      </div>
      <div className="placecols" data-new={id === null}>
        <div className="stack">
          <SectionPanel place={place} hours={hours} nowMs={nowMs} jobId={usedBy[0]?.id ?? null} />
          {weather && <DaysPanel place={place} weather={weather} hours={hours} nowMs={nowMs} />}
          {id && (
            <section className="panel" aria-label="Readings">
              <div className="hd">
                Readings <small>measured here, at a part; the plans follow them</small>
              </div>
              <ReadingsPanel
                spot={{ of: 'place', id }}
                place={place}
                onChanged={onChanged}
                onCourse={(measured) => form.edit(patched({ measured }))}
              />
            </section>
          )}
          {id && <CamePanel place={place} hours={hours} readings={readings} record={record} nowMs={nowMs} />}
        </div>
        <PlaceForm id={id} form={form} usedBy={usedBy} onGone={onGone} />
      </div>
    </>
  );
}
