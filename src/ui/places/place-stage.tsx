'use client';
/** One place: its section, what it makes of the weather now and over the days, and its form. */
import type { Place } from '@/model/place';
import type { PlaceRow } from '@/usecases/places';
import type { PlaceWeather } from '@/usecases/place-weather';
import { later } from '../parts/later';
import { useFormat } from '../theme/providers';
import { placeName, placeSummary } from '../views/places';
import { PlaceForm } from './place-form';
import { SectionPanel } from './section-panel';
import { usePlaceForm } from './use-place-form';

const DaysPanel = later('Outside and in the place', () => import('./days-panel').then((m) => m.DaysPanel), {
  heightPx: 300,
});

interface PlaceStageProps {
  readonly id: string | null;
  readonly start: Place;
  readonly usedBy: PlaceRow['usedBy'];
  readonly weather: PlaceWeather | null;
  readonly nowMs: number;
  readonly onKept: (id: string, said: string) => void;
  readonly onGone: (id: string, said: string) => void;
}

export function PlaceStage({ id, start, usedBy, weather, nowMs, onKept, onGone }: PlaceStageProps) {
  const f = useFormat();
  const form = usePlaceForm({ start, id, onKept });
  const { place } = form;
  return (
    <>
      <div className="placehead">
        <h2>{placeName(place)}</h2>
        <p className="cap">{placeSummary(place, f)}</p>
      </div>
      <div className="placecols">
        <div className="stack">
          <SectionPanel place={place} weather={weather} nowMs={nowMs} />
          {weather && <DaysPanel place={place} weather={weather} nowMs={nowMs} />}
        </div>
        <PlaceForm id={id} form={form} usedBy={usedBy} onGone={onGone} />
      </div>
    </>
  );
}
