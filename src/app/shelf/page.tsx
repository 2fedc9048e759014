import { connection } from 'next/server';
import type { Metadata } from 'next';
import { workshop } from '@/app/wiring';
import { isoOf } from '@/core/time/instant';
import { ShelfPage } from '@/ui/shelf/shelf-view';
import { TopBar } from '@/ui/shell/top-bar';
import { DEFAULT_PLACE } from '@/usecases/new-job';
import { shelfView } from '@/usecases/shelf';

export const metadata: Metadata = { title: 'Shelf' };

export default async function Page() {
  await connection();
  const { store, stock, clock } = workshop();
  const nowMs = clock.nowMs();
  const place = store.list()[0]?.job.place ?? DEFAULT_PLACE;
  const nowIso = isoOf(nowMs, place.tz);
  return (
    <>
      <a className="skip" href="#main">
        Skip to the content
      </a>
      <TopBar
        placeName={place.name ?? 'Place'}
        nowIso={nowIso}
        demoClock={clock.demo}
        air={null}
        title="Shelf"
        under={place.name ?? 'Place'}
        back="/"
      />
      <ShelfPage view={shelfView(store, stock, nowMs)} today={nowIso.slice(0, 10)} tz={place.tz} />
    </>
  );
}
