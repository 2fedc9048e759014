'use client';
/** The shelf: what is there as a list and on its planks, and the picked one with what can be done about it. */
import { useRef, useState } from 'react';
import Button from '@mui/material/Button';
import type { ShelfView } from '@/usecases/shelf';
import { DrawingDefs } from '../drawings/defs';
import { useClock } from '../desk/use-clock';
import { Fold } from '../parts/fold';
import { MindSign } from '../parts/icons';
import { ProvenanceMark } from '../parts/mark';
import { planksOf } from '../views/planks';
import { worryCount } from '../views/shelf';
import { AliveCans } from './alive-cans';
import { ItemForm } from './item-form';
import { MovesTable } from './moves-table';
import { Planks } from './planks';
import { ShelfDetail } from './shelf-detail';
import { ShelfList } from './shelf-list';
import { useShelfActions, type ShelfSaid } from './use-shelf-actions';

interface ShelfPageProps {
  readonly view: ShelfView;
  /** yyyy-mm-dd */
  readonly today: string;
  readonly tz: string;
  readonly nowMs: number;
}

type Open = 'new' | 'change' | null;

export function ShelfPage({ view, today, tz, nowMs }: ShelfPageProps) {
  const [asked, setAsked] = useState<string | null>(null);
  const [open, setOpen] = useState<Open>(null);
  const detail = useRef<HTMLElement>(null);
  const { now } = useClock(nowMs);
  const { said, hush, tell, takeOff, putBack } = useShelfActions();
  const row = view.rows.find((r) => r.item.id === asked) ?? view.rows[0] ?? null;
  const picked = open === 'new' ? null : (row?.item.id ?? null);
  const pick = (id: string): void => {
    setAsked(id);
    setOpen(null);
    hush();
    // On a phone it stands below the list.
    requestAnimationFrame(() => detail.current?.scrollIntoView({ block: 'nearest' }));
  };
  const form = { view, today, now, onDone: (text: string | null) => (setOpen(null), tell(text)) };
  const pickable = { picked, onPick: pick, nowMs };
  return (
    <main id="main" className="body shelfpage">
      <h1 className="sr">Shelf</h1>
      <DrawingDefs />
      <section className="panel" aria-label="On the shelf">
        <ListHead view={view} onAdd={() => (setOpen('new'), hush())} />
        {view.rows.length === 0 && (
          <p className="cap mt-8">Nothing yet. Put half cans and tins here: jobs then use them first.</p>
        )}
        <ShelfList rows={view.rows} {...pickable} />
      </section>
      <section className="panel planks" aria-label="Drawn">
        <Planks planks={planksOf(view, nowMs)} {...pickable} />
        <p className="cap">
          Kept dry, shut tight, at 5–25 °C. Months are from memory until a sheet says otherwise
          <ProvenanceMark mark="M" />
        </p>
      </section>
      <section className="panel detail" aria-label="Picked" ref={detail}>
        <SaidLine said={said} onBack={(id) => void putBack(id)} />
        {open === 'new' && <ItemForm {...form} item={null} />}
        {open !== 'new' && row && (
          <ShelfDetail
            key={row.item.id}
            row={row}
            nowMs={nowMs}
            isChanging={open === 'change'}
            onChange={() => setOpen(open === 'change' ? null : 'change')}
            onRemove={() => void takeOff(row.item)}
          />
        )}
        {open === 'change' && row && <ItemForm key={row.item.id} {...form} item={row.item} />}
      </section>
      {view.moves.length > 0 && (
        <section className="panel moves" aria-label="Every change">
          <Fold summary="Every change, newest first" opens>
            <MovesTable view={view} tz={tz} />
          </Fold>
        </section>
      )}
    </main>
  );
}

function ListHead({ view, onAdd }: { view: ShelfView; onAdd: () => void }) {
  const minded = worryCount(view);
  return (
    <>
      <div className="hd">
        On the shelf{' '}
        {minded > 0 && (
          <small className="row gap-4 wrap-nowrap ink-amber-ink fw600">
            <MindSign size={16} /> {minded} to look at first
          </small>
        )}
        <span className="r">
          <Button size="small" variant="contained" onClick={onAdd}>
            Add
          </Button>
        </span>
      </div>
      <AliveCans cans={view.alive} />
    </>
  );
}

function SaidLine({ said, onBack }: { said: ShelfSaid | null; onBack: (id: string) => void }) {
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
