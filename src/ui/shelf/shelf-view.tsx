'use client';
/** The shelf: what is there, how long it is good, who could use it up, and every change to it. */
import { useState } from 'react';
import { useRouter } from 'next/navigation';
import Button from '@mui/material/Button';
import type { StockItem } from '@/model/stock';
import type { ShelfView } from '@/usecases/shelf';
import { MindSign } from '../parts/icons';
import { ProvenanceMark } from '../parts/mark';
import { send } from '../parts/send';
import { useMore } from '../parts/use-more';
import { useClock } from '../desk/use-clock';
import { useFormat } from '../theme/providers';
import { worries } from '../views/shelf';
import { ItemForm } from './item-form';
import { MovesTable } from './moves-table';
import { ShelfLine } from './shelf-line';

interface ShelfPageProps {
  readonly view: ShelfView;
  /** yyyy-mm-dd */
  readonly today: string;
  readonly tz: string;
  readonly nowMs: number;
}
/** Items shown before one asks for more. */
const AT_A_TIME = 40;
const WORRIES_AT_A_TIME = 8;

interface Said {
  readonly bad: boolean;
  readonly text: string;
  /** the item that can be put back */
  readonly undo?: string;
}

/** What can be done to the shelf, and what came of the last thing. */
function useShelfActions() {
  const router = useRouter();
  const [said, setSaid] = useState<Said | null>(null);
  const takeOff = async (item: StockItem): Promise<void> => {
    const r = await send(`/api/stock/${item.id}`, 'DELETE');
    const gone = { bad: false, text: `${item.name} is off the shelf.`, undo: item.id };
    setSaid(r.ok ? gone : { bad: true, text: r.error });
    router.refresh();
  };
  const putBack = async (id: string): Promise<void> => {
    const r = await send(`/api/stock/${id}?do=restore`, 'POST');
    setSaid(r.ok ? null : { bad: true, text: r.error });
    router.refresh();
  };
  const tell = (text: string | null): void => {
    setSaid(text ? { bad: false, text } : null);
    router.refresh();
  };
  return { said, hush: () => setSaid(null), tell, takeOff, putBack };
}

export function ShelfPage({ view, today, tz, nowMs }: ShelfPageProps) {
  const [open, setOpen] = useState<string | 'new' | null>(null);
  const [shown, moreButton] = useMore(view.rows, AT_A_TIME);
  const { now } = useClock(nowMs);
  const { said, hush, tell, takeOff, putBack } = useShelfActions();
  const done = (text: string | null): void => {
    setOpen(null);
    tell(text);
  };
  const add = (): void => {
    setOpen('new');
    hush();
  };
  return (
    <main id="main" className="body maxw-980">
      <h1 className="sr-phone text-20 fw650">Shelf</h1>
      <Worries view={view} />
      <section className="panel" aria-label="On the shelf">
        <div className="hd">
          On the shelf{' '}
          <small>
            dry, shut tight, 5–25 °C; months from memory until a sheet says otherwise
            <ProvenanceMark mark="M" />
          </small>
          <span className="r">
            <Button size="small" variant="contained" onClick={add}>
              Add
            </Button>
          </span>
        </div>
        <SaidLine said={said} onBack={(id) => void putBack(id)} />
        {open === 'new' && <ItemForm view={view} item={null} today={today} now={now} onDone={done} />}
        {view.rows.length === 0 && open !== 'new' && (
          <p className="cap">Nothing yet. Put half cans and tins here: jobs then use them first.</p>
        )}
        <ul className="loglist">
          {shown.map((row) => (
            <li key={row.item.id} className="is-block">
              <ShelfLine
                nowMs={nowMs}
                row={row}
                onChange={() => setOpen(open === row.item.id ? null : row.item.id)}
                onRemove={() => void takeOff(row.item)}
              />
              {open === row.item.id && (
                <ItemForm view={view} item={row.item} today={today} now={now} onDone={done} />
              )}
            </li>
          ))}
        </ul>
        {moreButton}
      </section>
      {view.moves.length > 0 && <MovesTable view={view} tz={tz} />}
    </main>
  );
}

function SaidLine({ said, onBack }: { said: Said | null; onBack: (id: string) => void }) {
  const undo = said?.undo;
  return (
    <p className="status" role="status" data-kind={said?.bad ? 'bad' : 'ok'}>
      {said?.text}
      {undo && (
        <Button size="small" onClick={() => onBack(undo)}>
          Put it back
        </Button>
      )}
    </p>
  );
}

function Worries({ view }: { view: ShelfView }) {
  const list = worries(view, useFormat());
  const [shown, moreButton] = useMore(list, WORRIES_AT_A_TIME);
  if (list.length === 0) return null;
  return (
    <section className="panel bc-amber-ink" aria-label="Look at these">
      <div className="hd">
        <MindSign />
        Look at these first
      </div>
      <ul className="cap is-grid gap-4 mt-6">
        {shown.map((w) => (
          <li key={w.id}>
            <b className="fw600">{w.name}</b>: {w.text}
          </li>
        ))}
      </ul>
      {moreButton}
    </section>
  );
}
