import { connection } from 'next/server';
import type { Metadata } from 'next';
import { workshop } from '@/app/wiring';
import { isoOf } from '@/core/time/instant';
import { TopBar } from '@/ui/shell/top-bar';
import { WorkshopView } from '@/ui/workshop/workshop-view';
import { DEFAULT_PLACE } from '@/usecases/new-job';

export const metadata: Metadata = { title: 'Workshop' };

export default async function Page() {
  await connection();
  const { store, clock } = workshop();
  const jobs = store.list();
  const place = jobs[0]?.job.place ?? DEFAULT_PLACE;
  const nowIso = isoOf(clock.nowMs(), place.tz);
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
        title="Workshop"
        under={place.name ?? 'Place'}
        back="/"
      />
      <WorkshopView jobs={jobs.map((j) => ({ id: j.id, name: j.job.name }))} />
    </>
  );
}
