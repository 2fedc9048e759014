import { connection } from 'next/server';
import type { Metadata } from 'next';
import { PlainPage, placeOf } from '@/app/plain-page';
import { shoppedBeside, workshop } from '@/app/wiring';
import { ShoppingPage } from '@/ui/shopping/shopping-view';
import { jobsChosen, MOST_CHOSEN } from '@/usecases/shopping/wants';

export const metadata: Metadata = { title: 'Shopping' };

export default async function Page({
  searchParams,
}: {
  searchParams: Promise<{ jobs?: string | string[] }>;
}) {
  await connection();
  const { store, stock, ticks, clock } = workshop();
  const asked = (await searchParams).jobs;
  const { jobs, offered } = jobsChosen(store, typeof asked === 'string' ? asked : null);
  const nowMs = clock.nowMs();
  const shopping = await shoppedBeside({ jobs, items: stock.list() });
  return (
    <PlainPage title="Shopping" place={placeOf(store)} nowMs={nowMs}>
      <ShoppingPage
        jobs={offered.rows.map((j) => ({ id: j.id, name: j.job.name }))}
        isAllPlain={offered.rows.length <= MOST_CHOSEN}
        more={offered.total - offered.rows.length}
        chosen={jobs.map((j) => j.id)}
        shopping={shopping}
        ticked={ticks.list()}
      />
    </PlainPage>
  );
}
