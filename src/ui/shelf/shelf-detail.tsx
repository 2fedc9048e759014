'use client';
/** The picked item: its facts, what it is for, what can be done with it. */
import Link from 'next/link';
import Button from '@mui/material/Button';
import type { ShelfRow } from '@/usecases/shelf';
import { Said } from '../parts/said';
import { useFormat } from '../theme/providers';
import { advice, expirySaid, isOverpromised, restSaid } from '../views/shelf';
import { StateSign } from './state-sign';

interface ShelfDetailProps {
  readonly nowMs: number;
  readonly row: ShelfRow;
  readonly isChanging: boolean;
  readonly onChange: () => void;
  readonly onRemove: () => void;
}

export function ShelfDetail({ row, nowMs, isChanging, onChange, onRemove }: ShelfDetailProps) {
  const { item } = row;
  return (
    <div className="is-grid gap-8">
      <Facts row={row} nowMs={nowMs} />
      <span className="row">
        <Button
          size="small"
          variant="outlined"
          onClick={onChange}
          aria-expanded={isChanging}
          aria-label={`Weigh or change ${item.name}`}
        >
          Weigh, change
        </Button>
        <Button size="small" onClick={onRemove} aria-label={`Take ${item.name} off the shelf`}>
          Take off
        </Button>
      </span>
    </div>
  );
}

function Facts({ row, nowMs }: Pick<ShelfDetailProps, 'row' | 'nowMs'>) {
  const f = useFormat();
  const { item } = row;
  const words = advice(row);
  return (
    <>
      <p>
        <b className="fw650">{item.name}</b>
        {item.colour ? `, ${item.colour}` : null}
        {item.batch ? <span className="muted">, batch {item.batch}</span> : null}
      </p>
      <p>
        <b className="text-20 fw650">{f.volume(item.remainingMl)}</b> of {f.volume(item.sizeMl)}
        {restSaid(item, f)}
      </p>
      <p className="row gap-6 wrap-nowrap">
        <StateSign state={row.expiry.state} />
        <span>{expirySaid(row, f, nowMs)}</span>
      </p>
      {words !== null && <p className="small">{words}</p>}
      {row.setAside.map((s) => (
        <p key={s.jobId} className="small muted">
          {f.volume(s.ml)} set aside for <Link href={`/jobs/${s.jobId}/materials`}>{s.name}</Link>
        </p>
      ))}
      <Said>{isOverpromised(row) && 'More is set aside than is in it. Put some back on Materials.'}</Said>
    </>
  );
}
