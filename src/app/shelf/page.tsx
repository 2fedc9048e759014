import { connection } from 'next/server';
import type { Metadata } from 'next';
import { PlainPage, placeOf } from '@/app/plain-page';
import { workshop } from '@/app/wiring';
import { civilDate } from '@/core/time/instant';
import { ShelfPage } from '@/ui/shelf/shelf-view';
import { shelfView } from '@/usecases/shelf';

export const metadata: Metadata = { title: 'Shelf' };

export default async function Page() {
  await connection();
  const { store, stock, clock } = workshop();
  const nowMs = clock.nowMs();
  const place = placeOf(store);
  return (
    <PlainPage title="Shelf" place={place} nowMs={nowMs}>
      <ShelfPage
        view={shelfView(store, stock, nowMs)}
        today={civilDate(nowMs, place.tz)}
        tz={place.tz}
        nowMs={nowMs}
      />
    </PlainPage>
  );
}
