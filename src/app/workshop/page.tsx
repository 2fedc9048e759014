import { connection } from 'next/server';
import type { Metadata } from 'next';
import { PlainPage, placeOf } from '@/app/plain-page';
import { workshop } from '@/app/wiring';
import { isoOf } from '@/core/time/instant';
import { WorkshopView } from '@/ui/workshop/workshop-view';

export const metadata: Metadata = { title: 'Workshop' };

export default async function Page() {
  await connection();
  const { store, copies, clock, feed } = workshop();
  const place = placeOf(store);
  return (
    <PlainPage title="Workshop" place={place} nowMs={clock.nowMs()}>
      <WorkshopView
        jobs={store.heads().toReversed()}
        feed={{ address: feed.address, last: feed.last }}
        tz={place.tz}
        kept={copies.kept.list().map(({ atMs, ...copy }) => ({ ...copy, at: isoOf(atMs, place.tz) }))}
      />
    </PlainPage>
  );
}
