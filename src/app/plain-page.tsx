/** The frame of a page that belongs to no job: the place is that of the first job on the bench. */
import type { ReactNode } from 'react';
import { workshop } from '@/app/wiring';
import { isoOf } from '@/core/time/instant';
import type { Place } from '@/model/place';
import { Head } from '@/ui/shell/head';
import { DEFAULT_PLACE } from '@/usecases/new-job';
import type { JobStore } from '@/usecases/ports';

interface PlainPageProps {
  readonly title: string;
  readonly place: Place;
  readonly nowMs: number;
  readonly children: ReactNode;
}

export const placeOf = (store: JobStore): Place => store.oldest()?.job.place ?? DEFAULT_PLACE;

export function PlainPage({ title, place, nowMs, children }: PlainPageProps) {
  const name = place.name ?? 'Place';
  return (
    <>
      <a className="skip" href="#main">
        Skip to the content
      </a>
      <Head
        placeName={name}
        nowIso={isoOf(nowMs, place.tz)}
        demoClock={workshop().clock.demo}
        air={null}
        title={title}
        under={name}
        back="/"
      />
      {children}
    </>
  );
}
