'use client';
/** What was set aside from the shelf for this job is booked off there, by what was really used. */
import { useState } from 'react';
import Button from '@mui/material/Button';
import type { Desk } from '../desk/job-desk';
import { LinkButton } from '../parts/link-button';
import { MeasureBox } from '../parts/measure-box';
import { useFormat } from '../theme/providers';
import { useShelf } from '../materials/stock-pick';

export function ShelfPanel({ desk }: { desk: Desk }) {
  const f = useFormat();
  const rows = useShelf();
  const [amounts, setAmounts] = useState<Readonly<Record<string, number>>>({});
  const [said, setSaid] = useState<{ bad: boolean; text: string } | null>(null);
  const [busy, setBusy] = useState(false);
  const aside = (desk.job.shelf ?? []).flatMap((s) =>
    s.stockId === undefined ? [] : [{ ...s, stockId: s.stockId }],
  );
  const book = async (stockId: string, ml: number, name: string): Promise<void> => {
    setBusy(true);
    const r = await fetch(`/api/stock/${stockId}`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ takeMl: ml, note: desk.job.name.slice(0, 200) }),
    }).catch(() => null);
    const a = r ? ((await r.json().catch(() => ({}))) as { error?: string }) : {};
    setBusy(false);
    if (!r?.ok) {
      setSaid({ bad: true, text: a.error ?? 'The server does not answer. Nothing was booked; try again.' });
      return;
    }
    setSaid({ bad: false, text: `${f.volume(ml)} of ${name} booked off the shelf.` });
    desk.edit(({ shelf, ...j }) => {
      const left = (shelf ?? []).filter((s) => s.stockId !== stockId);
      return { ...j, ...(left.length > 0 ? { shelf: left } : {}) };
    });
  };
  return (
    <section className="panel noprint" aria-label="Shelf">
      <div className="hd">
        Shelf <small>book off what was taken, put on what is left</small>
      </div>
      {aside.length === 0 && !said && (
        <p className="cap" style={{ marginTop: 6 }}>
          Nothing was set aside from the shelf for this job.
        </p>
      )}
      <ul className="loglist">
        {aside.map((s) => {
          const row = rows?.find((r) => r.item.id === s.stockId);
          const name = row?.item.name ?? s.productId;
          const ml = amounts[s.stockId] ?? Math.min(s.remainingMl, row?.item.remainingMl ?? s.remainingMl);
          return (
            <li key={s.stockId} className="row">
              <span style={{ flex: '1 1 180px' }}>
                <b style={{ fontWeight: 600 }}>{name}</b>
                <br />
                <span className="small muted">
                  {f.volume(s.remainingMl)} set aside{row ? `, ${f.volume(row.item.remainingMl)} in it` : ''}
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
                onChange={(v) => setAmounts({ ...amounts, [s.stockId]: v })}
              />
              <Button
                variant="outlined"
                size="small"
                disabled={busy || !(ml > 0)}
                onClick={() => void book(s.stockId, ml, name)}
                aria-label={`Book ${name} off the shelf`}
              >
                Book off
              </Button>
            </li>
          );
        })}
      </ul>
      <p className="status" role="status" data-kind={said?.bad ? 'bad' : 'ok'}>
        {said?.text}
      </p>
      <LinkButton size="small" variant="outlined" href="/shelf">
        Put left-overs on the shelf
      </LinkButton>
    </section>
  );
}
