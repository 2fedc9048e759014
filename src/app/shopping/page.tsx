import { connection } from 'next/server';
import type { Metadata } from 'next';
import { PlainPage, placeOf } from '@/app/plain-page';
import { workshop } from '@/app/wiring';
import { packSolver } from '@/solver/pack-solver';
import { ShoppingPage } from '@/ui/shopping/shopping-view';
import { shoppingFor } from '@/usecases/shopping/shopping';
import { jobsToShopFor } from '@/usecases/shopping/wants';

export const metadata: Metadata = { title: 'Shopping' };

export default async function Page({
  searchParams,
}: {
  searchParams: Promise<{ jobs?: string | string[] }>;
}) {
  await connection();
  const { store, stock, ticks, clock } = workshop();
  const asked = (await searchParams).jobs;
  const jobs = jobsToShopFor(store);
  const ids = typeof asked === 'string' ? asked.split(',').filter((x) => jobs.some((j) => j.id === x)) : null;
  const nowMs = clock.nowMs();
  const shopping = shoppingFor(store, stock, ids, { solve: await packSolver(), nowMs });
  return (
    <PlainPage title="Shopping" place={placeOf(store.list())} nowMs={nowMs}>
      <ShoppingPage
        jobs={jobs.map((j) => ({ id: j.id, name: j.job.name }))}
        chosen={ids ?? jobs.map((j) => j.id)}
        shopping={shopping}
        ticked={ticks.list()}
      />
    </PlainPage>
  );
}
