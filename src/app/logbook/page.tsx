import { connection } from 'next/server';
import type { Metadata } from 'next';
import { PlainPage, placeOf } from '@/app/plain-page';
import { workshop } from '@/app/wiring';
import { civilDate } from '@/core/time/instant';
import { askedIn } from '@/formats/logbook-query';
import { LogbookView } from '@/ui/logbook/logbook-view';
import { logbook } from '@/usecases/logbook';
import { learnedItems } from '@/usecases/own-use';

export const metadata: Metadata = { title: 'Logbook' };

interface PageProps {
  readonly searchParams: Promise<Record<string, string | string[] | undefined>>;
}

export default async function Page({ searchParams }: PageProps) {
  await connection();
  const { store, clock } = workshop();
  const nowMs = clock.nowMs();
  const params = Object.entries(await searchParams).map(([k, v]) => [k, String(v ?? '')]);
  const asked = askedIn(new URLSearchParams(params));
  const place = placeOf(store);
  return (
    <PlainPage title="Logbook" place={place} nowMs={nowMs}>
      <LogbookView
        book={logbook(store, asked, nowMs)}
        learned={learnedItems(store)}
        isInvented={clock.demo}
        asked={asked}
        today={civilDate(nowMs, place.tz)}
      />
    </PlainPage>
  );
}
