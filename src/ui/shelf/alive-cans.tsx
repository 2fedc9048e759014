'use client';
/** Cans and cups that jobs opened and that still live: with their hours, so that nobody opens another. */
import Link from 'next/link';
import type { AliveCan } from '@/usecases/shelf';
import { durationOf } from '@/words/format';
import { useFormat } from '../theme/providers';

export function AliveCans({ cans }: { cans: readonly AliveCan[] }) {
  const f = useFormat();
  if (cans.length === 0) return null;
  return (
    <section className="mt-8" aria-label="Opened and alive">
      <p className="cap">Opened and alive; what is left of it dies at its hour</p>
      <ul className="is-grid gap-4 mt-4">
        {cans.map((c) => (
          <li key={`${c.jobId} ${c.openedAt} ${c.productName}`}>
            <b>{c.productName}</b>, {durationOf(c.leftMin)} left: opened {f.dayTime(c.openedAt)}, dead{' '}
            {f.dayTime(c.deadAt)}, for <Link href={`/jobs/${c.jobId}/spray-day`}>{c.jobName}</Link>
          </li>
        ))}
      </ul>
    </section>
  );
}
