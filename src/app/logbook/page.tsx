import { connection } from 'next/server';
import type { Metadata } from 'next';
import { PlainPage, placeOf } from '@/app/plain-page';
import { workshop } from '@/app/wiring';
import { civilDate } from '@/core/time/instant';
import { LogbookView } from '@/ui/logbook/logbook-view';
import { logbook } from '@/usecases/logbook';
import { learnedItems } from '@/usecases/own-use';

export const metadata: Metadata = { title: 'Logbook' };

interface PageProps {
  readonly searchParams: Promise<{ readonly q?: string | string[] }>;
}

export default async function Page({ searchParams }: PageProps) {
  await connection();
  const { store, clock } = workshop();
  const nowMs = clock.nowMs();
  const { q = '' } = await searchParams;
  const words = String(q).slice(0, 200);
  const place = placeOf(store);
  return (
    <PlainPage title="Logbook" place={place} nowMs={nowMs}>
      <LogbookView
        book={logbook(store, words, nowMs)}
        learned={learnedItems(store)}
        isInvented={clock.demo}
        words={words}
        today={civilDate(nowMs, place.tz)}
      />
    </PlainPage>
  );
}
