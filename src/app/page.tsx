import { connection } from 'next/server';
import type { Metadata } from 'next';
import { workshop } from '@/app/wiring';
import { isoOf } from '@/core/time/instant';
import { BenchView } from '@/ui/bench/bench-view';
import { DrawingDefs } from '@/ui/drawings/defs';
import { TopBar } from '@/ui/shell/top-bar';
import { bench } from '@/usecases/bench';
import { DEFAULT_PLACE } from '@/usecases/new-job';

export const metadata: Metadata = { title: { absolute: 'Bench · Pellucid' } };

export default async function Page() {
  await connection();
  const { store, weather, clock } = workshop();
  const nowMs = clock.nowMs();
  const b = await bench(store, weather, nowMs);
  const place = b.open[0]?.job.place ?? DEFAULT_PLACE;
  return (
    <>
      <a className="skip" href="#main">
        Skip to the content
      </a>
      <DrawingDefs />
      <TopBar
        placeName={place.name ?? 'Place'}
        nowIso={isoOf(nowMs, place.tz)}
        demoClock={clock.demo}
        air={b.open[0]?.airNow ?? null}
        title="On the bench"
        under={`${place.name ?? 'Place'}${clock.demo ? ', demo clock' : ''}`}
        back={null}
      />
      <BenchView bench={b} nowMs={nowMs} tz={place.tz} />
    </>
  );
}
