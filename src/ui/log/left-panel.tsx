'use client';
/** What is left of what was bought: onto the shelf with its amount, or to the waste. */
import { useState } from 'react';
import Button from '@mui/material/Button';
import { setShelved } from '@/core/edits/log';
import { civilDate } from '@/core/time/instant';
import { useDesk } from '../desk/job-desk';
import { GoSign } from '../parts/icons';
import { MeasureBox } from '../parts/measure-box';
import { Said } from '../parts/said';
import { send } from '../parts/send';
import { useFormat } from '../theme/providers';
import { itemsOf, leftRows, type LeftRow } from '../views/left';

export function LeftPanel() {
  const f = useFormat();
  const desk = useDesk();
  const [error, setError] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const rows = leftRows(desk.job, desk.plan, desk.products, f);
  const done = (row: LeftRow): void => desk.edit((j) => setShelved(j, row.left.key));
  const put = async (row: LeftRow, openMl: number): Promise<void> => {
    setBusy(true);
    setError(null);
    for (const item of itemsOf(row, openMl, civilDate(desk.clock(), desk.job.place.tz))) {
      const sent = await send('/api/stock', 'POST', { item });
      if (sent.ok) continue;
      setBusy(false);
      setError(`${row.name}: ${sent.error}`);
      return;
    }
    setBusy(false);
    done(row);
  };
  if (rows.length === 0) return <p className="cap mt-6">Nothing is left of what was bought for it.</p>;
  return (
    <>
      <h3 className="text-14 fw650 mt-14 mb-2">What is left of what was bought</h3>
      <ul className="loglist">
        {rows.map((row) => (
          <LeftLine
            key={row.left.key}
            row={row}
            busy={busy}
            onPut={(ml) => void put(row, ml)}
            onGone={() => done(row)}
          />
        ))}
      </ul>
      <Said>{error}</Said>
    </>
  );
}

interface LeftLineProps {
  readonly row: LeftRow;
  readonly busy: boolean;
  readonly onPut: (openMl: number) => void;
  readonly onGone: () => void;
}

function LeftLine({ row, busy, onPut, onGone }: LeftLineProps) {
  const [typed, setTyped] = useState<number | null>(null);
  const { left, name, said, isDone } = row;
  const openMl = typed ?? Math.round(left.openMl);
  const keepsNothing = left.sealed === 0 && (left.openDies || openMl < 1);
  return (
    <li className="row">
      <span className="grow-180">
        <b className="fw600">{name}</b>
        <br />
        <span className="small muted">{said}</span>
      </span>
      {isDone ? (
        <span className="row gap-6 small">
          <GoSign /> seen to
        </span>
      ) : (
        <>
          {!left.openDies && left.openMl >= 1 && (
            <MeasureBox
              kind="volume"
              label="In the open one"
              value={openMl}
              min={0}
              max={Math.max(left.packMl, 1)}
              step={10}
              width={148}
              onChange={setTyped}
            />
          )}
          <Button
            variant="outlined"
            size="small"
            disabled={busy || keepsNothing}
            onClick={() => onPut(openMl)}
            aria-label={`Put ${name} on the shelf`}
          >
            On the shelf
          </Button>
          <Button size="small" disabled={busy} onClick={onGone} aria-label={`${name} is thrown away`}>
            Thrown away
          </Button>
        </>
      )}
    </li>
  );
}
