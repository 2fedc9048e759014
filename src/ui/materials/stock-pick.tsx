'use client';
/** What stands on the workshop's shelf of a thing, to be set aside for this job. */
import Button from '@mui/material/Button';
import { setAside, type WantedOf } from '@/core/edits/in-hand';
import type { ShelfRow } from '@/usecases/shelf';
import type { Desk } from '../desk/job-desk';
import { useFormat } from '../theme/providers';
import { stockOffers, untilText, type StockOffer } from '../views/materials';

interface StockPickProps {
  readonly desk: Desk;
  readonly wanted: WantedOf;
  readonly needMl: number;
  readonly rows: readonly ShelfRow[] | null;
}

export function StockPick({ desk, wanted, needMl, rows }: StockPickProps) {
  const offers = stockOffers(rows ?? [], wanted, desk, needMl);
  if (offers.length === 0) return null;
  const set = (stockId: string, ml: number): void => desk.edit((j) => setAside(j, wanted, stockId, ml));
  return (
    <ul className="small noprint">
      {offers.map((o) => (
        <li key={o.id} className="row gap-6">
          <Offer offer={o} onSet={(ml) => set(o.id, ml)} />
        </li>
      ))}
    </ul>
  );
}

function Offer({ offer, onSet }: { offer: StockOffer; onSet: (ml: number) => void }) {
  const f = useFormat();
  switch (offer.kind) {
    case 'expired':
      return (
        <span className="ink-oxide-ink">
          {f.volume(offer.ml)} on the shelf, past its time: a test card first, or buy new.
        </span>
      );
    case 'aside':
      return (
        <>
          <span>
            {f.volume(offer.ml)} set aside of “{offer.name}”.
          </span>
          <Button size="small" onClick={() => onSet(0)} aria-label={`Put ${offer.name} back`}>
            Put back
          </Button>
        </>
      );
    case 'free':
      return (
        <>
          <span>
            {f.volume(offer.freeMl)} on the shelf
            {offer.until ? `, good until ${untilText(offer.until, f)}` : ''}.
          </span>
          <Button
            size="small"
            variant="outlined"
            onClick={() => onSet(offer.takeMl)}
            aria-label={`Set ${offer.name} aside`}
          >
            Set {f.volume(offer.takeMl)} aside
          </Button>
        </>
      );
    case 'taken':
      return <span className="muted">On the shelf, but set aside for another job.</span>;
  }
}
