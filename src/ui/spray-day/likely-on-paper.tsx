'use client';
/** At the foot of the printed day: the five likeliest faults of this session, and what to do first. */
import { useDesk } from '../desk/job-desk';
import { FaultFace } from '../drawings/fault-face';
import { likelyRows } from '../views/trouble';
import { useOnJob } from './use-on-job';

export function LikelyOnPaper() {
  const rows = likelyRows(useOnJob(), useDesk().plan);
  if (rows.length === 0) return null;
  return (
    <section aria-label="If it goes wrong">
      <h2 className="likelyhead">If it goes wrong</h2>
      <ul className="likely">
        {rows.map((r) => (
          <li key={r.code}>
            <FaultFace code={r.code} />
            <p>
              <b>
                {r.name}: {r.actName.toLowerCase()}.
              </b>{' '}
              {r.first}
            </p>
          </li>
        ))}
      </ul>
    </section>
  );
}
