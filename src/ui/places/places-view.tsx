'use client';
/** The places of the workshop: one drawn as a section with what it makes of the weather, and all that is said of it. */
import { useState } from 'react';
import { useRouter } from 'next/navigation';
import Button from '@mui/material/Button';
import { presetPlace } from '@/core/air/presets';
import type { DayRecord } from '@/core/air/record';
import type { Place } from '@/model/place';
import type { KeptReading } from '@/model/reading';
import type { PlaceRow } from '@/usecases/places';
import type { PlaceWeather } from '@/usecases/place-weather';
import { LinkButton } from '../parts/link-button';
import { send } from '../parts/send';
import { placeName } from '../views/places';
import { PlaceStage } from './place-stage';

interface PlacesViewProps {
  readonly rows: readonly PlaceRow[];
  /** The one that is shown, or “new”. */
  readonly at: string;
  /** Where a new one begins: where the last one is. */
  readonly near: Pick<Place, 'tz' | 'lat' | 'lon'>;
  readonly weather: PlaceWeather | null;
  readonly readings: readonly KeptReading[];
  readonly record: readonly DayRecord[];
  readonly nowMs: number;
}

/** What came of the last thing that was done, and the place that can be put back. */
interface SaidOf {
  readonly text: string;
  readonly undo?: string;
}

function usePlaceActions() {
  const router = useRouter();
  const [said, setSaid] = useState<SaidOf | null>(null);
  const show = (id: string | null, what: SaidOf | null): void => {
    setSaid(what);
    router.replace(id === null ? '/places' : `/places?at=${id}`, { scroll: false });
    router.refresh();
  };
  const putBack = async (id: string): Promise<void> => {
    const sent = await send(`/api/places/${id}`, 'POST');
    if (sent.ok) show(id, null);
    else setSaid({ text: sent.error, undo: id });
  };
  return {
    said,
    onKept: (id: string, text: string): void => show(id, { text }),
    onChanged: () => router.refresh(),
    onGone: (id: string, text: string): void => show(null, { text, undo: id }),
    putBack,
  };
}

export function PlacesView({ rows, at, near, nowMs, ...of }: PlacesViewProps) {
  const { said, onKept, onGone, onChanged, putBack } = usePlaceActions();
  const row = rows.find((r) => r.id === at) ?? null;
  const undo = said?.undo;
  return (
    <main id="main" className="body placespage">
      <h1 className="sr">Places</h1>
      <PlaceBar rows={rows} at={row?.id ?? null} />
      <p className="status" role="status">
        {said?.text}
        {undo !== undefined && (
          <Button size="small" onClick={() => void putBack(undo)}>
            Put it back
          </Button>
        )}
      </p>
      {rows.length === 0 && <NoPlace />}
      <PlaceStage
        key={keyOf(row)}
        id={row?.id ?? null}
        start={row?.place ?? presetPlace('garage', near)}
        usedBy={row?.usedBy ?? []}
        {...of}
        nowMs={nowMs}
        onKept={onKept}
        onGone={onGone}
        onChanged={onChanged}
      />
    </main>
  );
}

/** What is kept anew is begun anew. */
const keyOf = (row: PlaceRow | null): string => (row ? `${row.id} ${JSON.stringify(row.place)}` : 'new');

const NoPlace = () => (
  <p className="panel mb-12">
    No place yet. A place is where you spray or let things dry: it turns the weather into what the part feels.
    Three things make one: its kind, its name and where it is.
  </p>
);

function PlaceBar({ rows, at }: { readonly rows: PlacesViewProps['rows']; readonly at: string | null }) {
  return (
    <nav className="row placebar" aria-label="Places">
      {rows.map((r) => (
        <LinkButton key={r.id} href={`/places?at=${r.id}`} aria-current={r.id === at ? 'page' : undefined}>
          {placeName(r.place)}
        </LinkButton>
      ))}
      {rows.length > 0 && (
        <LinkButton href="/places?at=new" variant="contained" className="ml-auto">
          Add a place
        </LinkButton>
      )}
    </nav>
  );
}
