'use client';
/** From which day a part is here to work on, and by which it must be handle-dry, where that is its own. */
import { setPartDay } from '@/core/edits/parts';
import { useDesk } from '../desk/job-desk';
import { DateBox } from '../parts/date-box';
import type { PartProps } from './part-props';

export function PartDates({ part }: Pick<PartProps, 'part'>) {
  const desk = useDesk();
  const set = (field: 'readyFrom' | 'deadline') => (day: string) =>
    desk.edit((j) => setPartDay(j, part.id, field, day));
  return (
    <details open={part.readyFrom !== undefined || part.deadline !== undefined}>
      <summary className="small">Dates of its own</summary>
      <div className="row" style={{ marginTop: 8 }}>
        <DateBox label="Here from" value={part.readyFrom ?? ''} onChange={set('readyFrom')} />
        <DateBox label="Due by" value={part.deadline ?? ''} onChange={set('deadline')} />
      </div>
    </details>
  );
}
