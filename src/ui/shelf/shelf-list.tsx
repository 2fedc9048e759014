'use client';
/** Everything on the shelf, a row each, what is dying first. */
import type { ShelfRow } from '@/usecases/shelf';
import { PickRow } from '../parts/pick-row';
import { useMore } from '../parts/use-more';
import { useFormat } from '../theme/providers';
import { expirySaid } from '../views/shelf';
import { StateSign } from './state-sign';

interface ShelfListProps {
  readonly rows: readonly ShelfRow[];
  readonly picked: string | null;
  readonly onPick: (id: string) => void;
  readonly nowMs: number;
}
/** Items shown before one asks for more. */
const AT_A_TIME = 40;

export function ShelfList({ rows, picked, onPick, nowMs }: ShelfListProps) {
  const f = useFormat();
  const [shown, moreButton] = useMore(rows, AT_A_TIME);
  return (
    <>
      <ul className="partrows" aria-label="Things on the shelf">
        {shown.map((row) => (
          <PickRow
            key={row.item.id}
            name={row.item.name}
            figure={f.volume(row.item.remainingMl)}
            isPicked={row.item.id === picked}
            onPick={() => onPick(row.item.id)}
          >
            <span className="row gap-6 wrap-nowrap">
              <StateSign state={row.expiry.state} />
              {expirySaid(row, f, nowMs)}
            </span>
          </PickRow>
        ))}
      </ul>
      {moreButton}
    </>
  );
}
