import { connection } from 'next/server';
import type { Metadata } from 'next';
import { PlainPage, placeOf } from '@/app/plain-page';
import { workshop } from '@/app/wiring';
import { PlacesView } from '@/ui/places/places-view';
import { placeRows } from '@/usecases/places';
import { placeWeather } from '@/usecases/place-weather';
import { recordFor } from '@/usecases/weather';
import { DAY } from '@/core/time/instant';

export const metadata: Metadata = { title: 'Places' };

/** Readings that are drawn. */
const SHOWN_MS = 2 * DAY;
const MOST_SHOWN = 400;

interface PageProps {
  readonly searchParams: Promise<{ readonly at?: string | string[] }>;
}

export default async function Page({ searchParams }: PageProps) {
  await connection();
  const { store, places, readings, weather: told, planning, clock } = workshop();
  const nowMs = clock.nowMs();
  const rows = placeRows(places, store);
  const asked = (await searchParams).at;
  const at = asked === 'new' || rows.some((r) => r.id === asked) ? String(asked) : (rows[0]?.id ?? 'new');
  const place = placeOf(store);
  const shown = rows.find((r) => r.id === at)?.place ?? place;
  const record = recordFor(told, shown);
  const read = at === 'new' ? [] : readings.of({ of: 'place', id: at }, nowMs - SHOWN_MS, MOST_SHOWN);
  const weather = await placeWeather(planning.weather, shown, nowMs);
  return (
    <PlainPage title="Places" place={place} nowMs={nowMs}>
      <PlacesView
        rows={rows}
        at={at}
        near={shown}
        weather={weather}
        readings={read}
        record={record}
        nowMs={nowMs}
      />
    </PlainPage>
  );
}
