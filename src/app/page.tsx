import { connection } from 'next/server';
import type { Metadata } from 'next';
import { workshop } from '@/app/wiring';
import { isoOf } from '@/core/time/instant';
import { BenchView } from '@/ui/bench/bench-view';
import { DrawingDefs } from '@/ui/drawings/defs';
import { Head } from '@/ui/shell/head';
import { bench } from '@/usecases/bench';
import { DEFAULT_PLACE } from '@/usecases/new-job';

export const metadata: Metadata = { title: { absolute: 'Bench · Pellucid' } };

type Asked = string | string[] | undefined;
/** A page's number; whatever is none is the first. */
const numberOf = (asked: Asked): number => {
  const page = Number(asked);
  return Number.isInteger(page) && page >= 1 && page <= 100_000 ? page : 1;
};

export default async function Page({
  searchParams,
}: {
  searchParams: Promise<{ page?: Asked; done?: Asked }>;
}) {
  await connection();
  const { store, planning, clock } = workshop();
  const nowMs = clock.nowMs();
  const { page, done } = await searchParams;
  const b = await bench(store, planning, { nowMs, page: numberOf(page), finishedPage: numberOf(done) });
  const place = b.open[0]?.job.place ?? DEFAULT_PLACE;
  return (
    <>
      <a className="skip" href="#main">
        Skip to the content
      </a>
      <DrawingDefs />
      <Head
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
