'use client';
/** From which day a part is here to work on, and by which it must be handle-dry, where that is its own. */
import { setPartDay } from '@/core/edits/parts';
import { useDesk } from '../desk/job-desk';
import { DateBox } from '../parts/date-box';
import type { PartProps } from './part-props';
import { Fold } from '@/ui/parts/fold';

export function PartDates({ part }: Pick<PartProps, 'part'>) {
  const desk = useDesk();
  const set = (field: 'readyFrom' | 'deadline') => (day: string) =>
    desk.edit((j) => setPartDay(j, part.id, field, day));
  return (
    <Fold summary="Dates of its own" opens={part.readyFrom !== undefined || part.deadline !== undefined}>
      <div className="row mt-8">
        <DateBox label="Here from" value={part.readyFrom ?? ''} onChange={set('readyFrom')} />
        <DateBox label="Due by" value={part.deadline ?? ''} onChange={set('deadline')} />
      </div>
    </Fold>
  );
}
