'use client';
/** Everything on the shelf, a row each, what is dying first. */
import ButtonBase from '@mui/material/ButtonBase';
import type { ShelfRow } from '@/usecases/shelf';
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
          <li key={row.item.id} data-on={row.item.id === picked}>
            <ButtonBase aria-pressed={row.item.id === picked} onClick={() => onPick(row.item.id)}>
              <b>
                <span>{row.item.name}</span>
                <span className="ws-nowrap">{f.volume(row.item.remainingMl)}</span>
              </b>
              <span className="row gap-6 wrap-nowrap">
                <StateSign state={row.expiry.state} />
                {expirySaid(row, f, nowMs)}
              </span>
            </ButtonBase>
          </li>
        ))}
      </ul>
      {moreButton}
    </>
  );
}
