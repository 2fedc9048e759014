'use client';
/** A tick of the run sheet, and taking it back. */
import { withoutTick, withStart, withTick, type Tick } from '@/core/schedule/work/tick';
import { useDesk } from '../desk/job-desk';
import { tickOf } from '../views/spray-day';

type TickedTask = Tick['task'];

/** Hands begin on a task, or have not after all. */
export function useStart(): (taskId: string | null) => void {
  const { edit, clock } = useDesk();
  return (taskId) => edit((j) => withStart(j, taskId, clock()));
}

/** Records a task as done, or takes that back. */
export function useTicks(): (task: TickedTask, isDone: boolean) => void {
  const { plan, edit, clock } = useDesk();
  return (task, isDone) => {
    const tick = tickOf(plan, task);
    edit((j) => (isDone ? withTick(j, { ...tick, atMs: clock() }) : withoutTick(j, task.id, tick.productId)));
  };
}
