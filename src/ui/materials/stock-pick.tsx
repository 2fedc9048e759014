'use client';
/** What stands on the workshop's shelf of a thing, to be set aside for this job. */
import { useEffect, useState } from 'react';
import Button from '@mui/material/Button';
import { sameTint } from '@/core/coating/tint';
import type { ShelfRow } from '@/usecases/shelf';
import type { Desk } from '../desk/job-desk';
import { useFormat } from '../theme/providers';

/** The shelf, asked once; null until it answers or when it does not. */
export function useShelf(): readonly ShelfRow[] | null {
  const [rows, setRows] = useState<readonly ShelfRow[] | null>(null);
  useEffect(() => {
    let gone = false;
    void fetch('/api/stock')
      .then(async (r) => {
        if (r.ok && !gone) setRows(((await r.json()) as { rows: ShelfRow[] }).rows);
      })
      .catch(() => undefined);
    return () => {
      gone = true;
    };
  }, []);
  return rows;
}

export function StockPick({
  desk,
  ingredientId,
  colour,
  needMl,
  rows,
}: {
  desk: Desk;
  ingredientId: string;
  colour: string | undefined;
  needMl: number;
  rows: readonly ShelfRow[] | null;
}) {
  const f = useFormat();
  const mine = (rows ?? []).filter(
    (r) =>
      r.item.productId === ingredientId &&
      (colour === undefined || (r.item.colour !== undefined && sameTint(r.item.colour, colour))) &&
      r.expiry.state !== 'empty',
  );
  if (mine.length === 0) return null;
  const aside = desk.job.shelf ?? [];
  const set = (stockId: string, ml: number): void =>
    desk.edit(({ shelf, ...j }) => {
      const left = (shelf ?? []).filter((x) => x.stockId !== stockId);
      const next =
        ml > 0
          ? [
              ...left,
              {
                productId: ingredientId,
                remainingMl: ml,
                ...(colour === undefined ? {} : { colour }),
                stockId,
              },
            ]
          : left;
      return { ...j, ...(next.length > 0 ? { shelf: next } : {}) };
    });
  return (
    <ul className="small noprint">
      {mine.map((r) => {
        const here = aside.find((x) => x.stockId === r.item.id);
        const others = r.setAside.filter((x) => x.jobId !== desk.id).reduce((a, x) => a + x.ml, 0);
        const free = Math.max(0, r.item.remainingMl - others);
        const ml = Math.round(Math.min(free, Math.max(1, needMl)) * 10) / 10;
        return (
          <li key={r.item.id} className="row" style={{ gap: 6 }}>
            {r.expiry.state === 'expired' ? (
              <span style={{ color: 'var(--oxide-ink)' }}>
                {f.volume(r.item.remainingMl)} on the shelf, past its time: a test card first, or buy new.
              </span>
            ) : here ? (
              <>
                <span>
                  {f.volume(here.remainingMl)} set aside of “{r.item.name}”.
                </span>
                <Button size="small" onClick={() => set(r.item.id, 0)} aria-label={`Put ${r.item.name} back`}>
                  Put back
                </Button>
              </>
            ) : free > 0.5 ? (
              <>
                <span>
                  {f.volume(free)} on the shelf
                  {r.expiry.until
                    ? `, good until ${f.day(`${r.expiry.until.slice(0, 10)}T00:00`)} ${r.expiry.until.slice(0, 4)}`
                    : ''}
                  .
                </span>
                <Button
                  size="small"
                  variant="outlined"
                  onClick={() => set(r.item.id, ml)}
                  aria-label={`Set ${r.item.name} aside`}
                >
                  Set {f.volume(ml)} aside
                </Button>
              </>
            ) : (
              <span className="muted">On the shelf, but set aside for another job.</span>
            )}
          </li>
        );
      })}
    </ul>
  );
}
