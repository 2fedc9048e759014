'use client';
/** A visit: hands-on work of another hour or day, ticked off as it is done. */
import type { Task, Visit } from '@/model/plan';
import { useDesk } from '../desk/job-desk';
import { useFormat } from '../theme/providers';
import { visitLine, visitTitle } from '../views/agenda';
import { TaskRow } from './task-row';

export interface VisitSheetProps {
  readonly visit: Visit;
  readonly nextId: string | undefined;
  readonly onTick: (task: Task) => void;
}

export function VisitSheet({ visit, nextId, onTick }: VisitSheetProps) {
  const f = useFormat();
  const { plan } = useDesk();
  const title = visitTitle(plan, visit);
  return (
    <section className="panel" aria-label={`Visit, ${title}`}>
      <div className="hd">
        {title} <small>{visitLine(visit, f)}</small>
      </div>
      <ol className="mt-8">
        {visit.tasks.map((task) => (
          <TaskRow key={task.id} task={task} isNext={task.id === nextId} onTick={onTick} />
        ))}
      </ol>
    </section>
  );
}
