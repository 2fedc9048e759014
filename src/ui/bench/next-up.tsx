'use client';
/** What to do next, over all jobs: the first decision of the bench. */
import Link from 'next/link';
import { TaskIcon } from '../parts/icons';
import { useFormat } from '../theme/providers';
import type { NextUp } from '../views/bench';

export function NextUpPanel({ steps }: { steps: readonly NextUp[] }) {
  const f = useFormat();
  if (steps.length === 0) return null;
  return (
    <section className="panel desk-only" aria-label="Next, over all jobs">
      <div className="hd">Next, over all jobs</div>
      <ol className="nextup">
        {steps.map((s) => (
          <li key={s.id}>
            <Link href={`/jobs/${s.id}/spray-day`}>
              <b>{f.dayTime(s.at)}</b>
              <TaskIcon kind={s.icon} />
              <span>
                <b>{s.what}:</b> {s.name}
              </span>
            </Link>
          </li>
        ))}
      </ol>
    </section>
  );
}
