import { connection } from 'next/server';
import type { Metadata } from 'next';
import { workshop } from '@/app/wiring';
import { isoOf } from '@/core/time/instant';
import { packSolver } from '@/solver/pack-solver';
import { ShoppingPage } from '@/ui/shopping/shopping-view';
import { TopBar } from '@/ui/shell/top-bar';
import { DEFAULT_PLACE } from '@/usecases/new-job';
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
  const place = store.list()[0]?.job.place ?? DEFAULT_PLACE;
  const shopping = shoppingFor(store, stock, ids, { solve: await packSolver(), nowMs: clock.nowMs() });
  return (
    <>
      <a className="skip" href="#main">
        Skip to the content
      </a>
      <TopBar
        placeName={place.name ?? 'Place'}
        nowIso={isoOf(clock.nowMs(), place.tz)}
        demoClock={clock.demo}
        air={null}
        title="Shopping"
        under={place.name ?? 'Place'}
        back="/"
      />
      <ShoppingPage
        jobs={jobs.map((j) => ({ id: j.id, name: j.job.name }))}
        chosen={ids ?? jobs.map((j) => j.id)}
        shopping={shopping}
        ticked={ticks.list()}
      />
    </>
  );
}
