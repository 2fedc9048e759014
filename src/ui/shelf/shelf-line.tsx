'use client';
/** One item of the shelf: how full it is, until when it is good, what it is set aside for. */
import Link from 'next/link';
import Button from '@mui/material/Button';
import type { ShelfRow } from '@/usecases/shelf';
import { GoSign, MindSign, StopSign } from '../parts/icons';
import { useFormat } from '../theme/providers';
import { expirySaid, fullness, isOverpromised, restSaid } from '../views/shelf';

interface ShelfLineProps {
  readonly nowMs: number;
  readonly row: ShelfRow;
  readonly onChange: () => void;
  readonly onRemove: () => void;
}

export function ShelfLine({ row, nowMs, onChange, onRemove }: ShelfLineProps) {
  const { item } = row;
  return (
    <div className="shelfrow">
      <Pack row={row} />
      <Facts row={row} nowMs={nowMs} />
      <span className="row acts">
        <Button
          size="small"
          variant="outlined"
          onClick={onChange}
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

function Facts({ row, nowMs }: Pick<ShelfLineProps, 'row' | 'nowMs'>) {
  const f = useFormat();
  const { item } = row;
  return (
    <div>
      <p>
        <b className="fw600">{item.name}</b>
        {item.colour ? <span className="small">, {item.colour}</span> : null}
        {item.batch ? <span className="small muted">, batch {item.batch}</span> : null}
      </p>
      <p className="small">
        <b>{f.volume(item.remainingMl)}</b> of {f.volume(item.sizeMl)}
        {restSaid(item, f)}
      </p>
      <p className="small row gap-6">
        <StateSign state={row.expiry.state} />
        {expirySaid(row, f, nowMs)}
      </p>
      {row.setAside.map((s) => (
        <p key={s.jobId} className="small muted">
          {f.volume(s.ml)} set aside for <Link href={`/jobs/${s.jobId}/materials`}>{s.name}</Link>
        </p>
      ))}
      {isOverpromised(row) && (
        <p className="small ink-oxide-ink fw600">
          More is set aside than is in it. Put some back on Materials.
        </p>
      )}
    </div>
  );
}

function StateSign({ state }: { state: ShelfRow['expiry']['state'] }) {
  if (state === 'expired') return <StopSign size={16} />;
  return state === 'good' ? <GoSign size={16} /> : <MindSign size={18} />;
}

function Pack({ row }: { row: ShelfRow }) {
  const full = fullness(row.item);
  const isDead = row.expiry.state === 'expired';
  const level = { x: 4, y: 12 + 38 * (1 - full), width: 26, height: 38 * full };
  return (
    <svg width="34" height="54" viewBox="0 0 34 54" aria-hidden="true">
      <rect x="11" y="1" width="12" height="5" fill="var(--ink)" />
      <rect {...level} fill={isDead ? 'var(--panel-2)' : 'var(--lagoon-mid)'} />
      {isDead && <rect {...level} fill="url(#p-heel)" />}
      <path
        d="M11 6V8C8 11 4 10 4 14V50H30V14C30 10 26 11 23 8V6Z"
        fill="none"
        stroke="var(--ink)"
        strokeWidth="1.500"
      />
    </svg>
  );
}
