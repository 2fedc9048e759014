import { connection } from 'next/server';
import { notFound } from 'next/navigation';
import type { Metadata } from 'next';
import { PlainPage } from '@/app/plain-page';
import { workshop } from '@/app/wiring';
import { isClosed } from '@/model/job';
import { RecordView } from '@/ui/logbook/record-view';
import { logbookRecord } from '@/usecases/logbook';

interface PageProps {
  readonly params: Promise<{ readonly id: string }>;
}

export async function generateMetadata({ params }: PageProps): Promise<Metadata> {
  const job = workshop().store.load((await params).id)?.job;
  return { title: job && isClosed(job) ? `Record: ${job.name}` : 'No such record' };
}

/** One finished job, as it is kept with the object. */
export default async function Page({ params }: PageProps) {
  await connection();
  const { id } = await params;
  const { store, photos, clock } = workshop();
  const row = logbookRecord(store, id);
  if (!row) notFound();
  return (
    <PlainPage title="Record" place={row.job.place} nowMs={clock.nowMs()}>
      <RecordView row={row} photos={photos.list(id)} />
    </PlainPage>
  );
}
