import { connection } from 'next/server';
import type { Metadata } from 'next';
import { PlainPage, placeOf } from '@/app/plain-page';
import { workshop } from '@/app/wiring';
import { WorkshopView } from '@/ui/workshop/workshop-view';

export const metadata: Metadata = { title: 'Workshop' };

export default async function Page() {
  await connection();
  const { store, clock } = workshop();
  const jobs = store.list();
  return (
    <PlainPage title="Workshop" place={placeOf(jobs)} nowMs={clock.nowMs()}>
      <WorkshopView jobs={jobs.map((j) => ({ id: j.id, name: j.job.name }))} />
    </PlainPage>
  );
}
