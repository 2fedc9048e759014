'use client';
/** Outside and in the place over three days, as it is sprayed in and as it cures. */
import { useMemo, useState } from 'react';
import { placeHours, type PlaceHour } from '@/core/place-air';
import { HOUR } from '@/core/time/instant';
import type { Place } from '@/model/place';
import type { PlaceWeather } from '@/usecases/place-weather';
import { ButtonChoice } from '../parts/button-choice';
import { CompareChoice } from '../parts/compare-choice';
import { LinesChart } from '../parts/lines-chart';
import { useFormat } from '../theme/providers';
import { comparedSaid, type Compared } from '../views/forecast-chart';
import { sourceSaid } from '../views/weather-source';
import { placeLines, USE_NAMES, USES } from '../views/places';

const SHOWN_H = 72;

interface DaysPanelProps {
  readonly place: Place;
  readonly weather: PlaceWeather;
  /** As it is sprayed in. */
  readonly hours: readonly PlaceHour[];
  readonly nowMs: number;
}

export function DaysPanel({ place, weather, hours, nowMs }: DaysPanelProps) {
  const f = useFormat();
  const [what, setWhat] = useState<Compared>('temp');
  const [use, setUse] = useState<(typeof USES)[number]>('spray');
  const shown = useMemo(
    () => (use === 'spray' ? hours : placeHours({ place, ...weather, use })),
    [hours, place, weather, use],
  );
  const rows = placeLines(shown, { what, tz: place.tz, fromMs: nowMs - HOUR, most: SHOWN_H }, f);
  const { text } = sourceSaid(
    { weather: weather.source, issuedMs: weather.issuedMs },
    { nowMs, tz: place.tz },
    f,
  );
  return (
    <section className="panel" aria-label="Outside and in the place">
      <div className="hd">Outside and in the place</div>
      <div className="row mb-8 small">
        <CompareChoice value={what} onChange={setWhat} />
        <ButtonChoice label="As it is" value={use} options={USES} names={USE_NAMES} onChange={setUse} />
        <span>dashed: outside, as it was told; solid: at a part in it</span>
      </div>
      <LinesChart rows={rows} said={(x) => comparedSaid(what, x, f)} here="At the part" />
      <p className="cap">{text}</p>
    </section>
  );
}
