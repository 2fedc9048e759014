'use client';
/** What rules the other hours out, and how much a lost session weighs against waiting. */
import Slider from '@mui/material/Slider';
import type { Suit } from '@/model/plan';
import { useDesk } from '../desk/job-desk';
import { causeName, hoursText, lostHours } from '../views/window';

export function RuledOut({ suit }: { suit: Suit | undefined }) {
  return (
    <section className="panel" aria-label="Why not the other hours">
      {suit && (
        <ul className="cap is-grid gap-6 mt-8">
          {lostHours(suit).map((l) => (
            <li key={l.cause} className="row wrap-nowrap">
              <b className="minw-48">{hoursText(l.hours)}</b>
              <span>{causeName(l.cause)}</span>
            </li>
          ))}
        </ul>
      )}
      <RushOrSafe />
    </section>
  );
}

function RushOrSafe() {
  const { job, edit } = useDesk();
  const set = (rushSafe: number): void => edit((j) => ({ ...j, risk: { ...j.risk, rushSafe } }));
  return (
    <div className="mt-14">
      <p className="small" id="rush">
        Rush or safe: how much a lost session weighs against waiting
      </p>
      <div className="row wrap-nowrap gap-14">
        <span className="small muted flex-none">rush</span>
        <Slider
          aria-labelledby="rush"
          value={job.risk.rushSafe}
          min={0}
          max={1}
          step={0.1}
          marks
          size="small"
          onChange={(_e, v) => set(v as number)}
        />
        <span className="small muted flex-none">safe</span>
      </div>
    </div>
  );
}
