/** Mends without paint that wait for the last coat, as rows that are ticked. */
import { instantOf } from '@/core/time/instant';
import type { Plan } from '@/model/plan';
import type { Format } from '@/words/format';
import { FAULT_WORDS } from '@/words/sentences/faults/faults';
import { sayTask } from '@/words/sentences/tasks';
import { taskName } from '@/words/names';
import { onParts } from './session-name';

type Mend = Plan['mends'][number];

export interface MendToDo {
  readonly id: string;
  /** What is mended, and where. */
  readonly head: string;
  /** From when. */
  readonly when: string;
  readonly isReady: boolean;
  /** It has hours of its own, and stands on the run sheet with them. */
  readonly isPlaced: boolean;
  readonly tasks: readonly {
    readonly id: string;
    readonly name: string;
    readonly how: string;
    readonly task: Mend['tasks'][number];
  }[];
}

export const mendHead = (
  plan: Pick<Plan, 'parts'>,
  { code, partIds }: Pick<Mend, 'code' | 'partIds'>,
): string => `${code === 'other' ? 'Mend' : FAULT_WORDS[code].name}${onParts(plan, partIds)}`;

function whenSaid({ at, bySheet }: Mend, f: Format): string {
  if (at === null) return 'once the last coat is on and hard';
  return `from ${f.dayTime(at)}${bySheet ? ', by the sheet' : ''}`;
}

export function mendsToDo(
  plan: Pick<Plan, 'mends' | 'parts'>,
  now: { nowMs: number; f: Format },
): MendToDo[] {
  const { nowMs, f } = now;
  return plan.mends.map((m) => ({
    id: m.id,
    head: mendHead(plan, m),
    when: whenSaid(m, f),
    isReady: m.at !== null && instantOf(m.at) <= nowMs,
    isPlaced: m.tasks.every((t) => t.startsAt !== null),
    tasks: m.tasks.map((task) => ({ id: task.id, name: taskName(task), how: sayTask(task.detail, f), task })),
  }));
}
