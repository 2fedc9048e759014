'use client';
/** What was set aside from the shelf for this job is booked off there, by what was really used. */
import { useState } from 'react';
import Button from '@mui/material/Button';
import { bookOff } from '@/core/edits/log';
import { cutTo } from '@/words/cut';
import { useDesk } from '../desk/job-desk';
import { LinkButton } from '../parts/link-button';
import { MeasureBox } from '../parts/measure-box';
import { send } from '../parts/send';
import { useShelf } from '../parts/use-shelf';
import { useFormat } from '../theme/providers';
import { asideRows, type AsideRow } from '../views/log';
import { LeftPanel } from './left-panel';

interface Said {
  readonly bad: boolean;
  readonly text: string;
}

export function ShelfPanel() {
  const f = useFormat();
  const desk = useDesk();
  const [said, setSaid] = useState<Said | null>(null);
  const [busy, setBusy] = useState(false);
  const rows = asideRows(desk.job, useShelf());
  const book = async (row: AsideRow, ml: number): Promise<void> => {
    setBusy(true);
    const note = cutTo(desk.job.name, 200);
    const r = await send(`/api/stock/${row.stockId}`, 'POST', { takeMl: ml, note });
    setBusy(false);
    if (!r.ok) {
      setSaid({ bad: true, text: r.error });
      return;
    }
    setSaid({ bad: false, text: `${f.volume(ml)} of ${row.name} booked off the shelf.` });
    desk.edit((j) => bookOff(j, row.stockId));
  };
  return (
    <section className="panel noprint" aria-label="Shelf">
      {rows.length === 0 && !said && (
        <p className="cap mt-6">Nothing was set aside from the shelf for this job.</p>
      )}
      <ul className="loglist">
        {rows.map((row) => (
          <AsideLine key={row.stockId} row={row} busy={busy} onBook={(ml) => void book(row, ml)} />
        ))}
      </ul>
      <p className="status" role="status" data-kind={said?.bad ? 'bad' : 'ok'}>
        {said?.text}
      </p>
      <LeftPanel />
      <LinkButton size="small" href="/shelf">
        To the shelf
      </LinkButton>
    </section>
  );
}

interface AsideLineProps {
  readonly row: AsideRow;
  readonly busy: boolean;
  readonly onBook: (ml: number) => void;
}

function AsideLine({ row, busy, onBook }: AsideLineProps) {
  const f = useFormat();
  const [typed, setTyped] = useState<number | null>(null);
  const ml = typed ?? row.usualMl;
  const inIt = row.remainingMl === null ? '' : `, ${f.volume(row.remainingMl)} in it`;
  return (
    <li className="row">
      <span className="grow-180">
        <b className="fw600">{row.name}</b>
        <br />
        <span className="small muted">
          {f.volume(row.asideMl)} set aside{inIt}
        </span>
      </span>
      <MeasureBox
        kind="volume"
        label="Used of it"
        value={ml}
        min={0}
        max={20000}
        step={10}
        width={132}
        onChange={setTyped}
      />
      <Button
        variant="outlined"
        size="small"
        disabled={busy || !(ml > 0)}
        onClick={() => onBook(ml)}
        aria-label={`Book ${row.name} off the shelf`}
      >
        Book off
      </Button>
    </li>
  );
}
