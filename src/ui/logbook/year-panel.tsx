'use client';
/** What the workshop did in the last twelve months. */
import type { Logbook } from '@/usecases/logbook';
import { counted, durationOf } from '@/words/format';
import { useFormat } from '../theme/providers';

export function YearPanel({ book }: { book: Logbook }) {
  const f = useFormat();
  const { year } = book;
  return (
    <section className="panel" aria-label="This workshop’s year">
      <div className="hd">
        This workshop’s year <small>the last twelve months</small>
      </div>
      <p className="mt-6">
        {counted(year.jobs, 'job')}, {counted(year.coats, 'coat')}, {f.area(year.areaM2)};{' '}
        {f.money(year.cost, year.currency)} of paint by what was used
        {year.areaM2 > 0 && `, ${f.money(year.cost / year.areaM2, year.currency)} a square metre`};{' '}
        {durationOf(year.handsMin)} of hands as planned.
      </p>
    </section>
  );
}
