/** What a mend lays: coats of one product in a row, with what comes before the first of them. */
import { STAGES } from '@/model/lists';
import type { LayerMend, MendTask } from '@/model/mend';
import { isCoating, isWait, type Taken } from './taken';

export interface Laid {
  readonly productId: string;
  readonly isLocal: boolean;
  readonly coats: number;
  readonly tasks: readonly MendTask[];
}

/** In order, bottom first. */
export function laidBy({ tasks }: Pick<Taken, 'tasks'>): Laid[] {
  const out: Laid[] = [];
  let before: MendTask[] = [];
  for (const task of tasks) {
    if (!isCoating(task)) {
      before.push(task);
      continue;
    }
    const { productId, coats, isLocal } = task;
    const last = out.at(-1);
    if (last?.productId === productId && before.every(isWait))
      out[out.length - 1] = { ...last, coats: last.coats + coats };
    else out.push({ productId, isLocal, coats, tasks: before });
    before = [];
  }
  return out;
}

type Wait = Extract<MendTask, { do: 'wait' }>;
const byLength = (a: Wait, b: Wait): number =>
  STAGES.indexOf(a.stage) - STAGES.indexOf(b.stage) || a.times - b.times;

/** The waits before the first thing that is done. */
function waitsOf(tasks: readonly MendTask[]): Wait[] {
  const first = tasks.findIndex((t) => !isWait(t));
  return (first < 0 ? tasks : tasks.slice(0, first)).filter((t) => t.do === 'wait');
}

/** The film below is ready for its first task; null where nothing is waited for. */
export function readyOf(tasks: readonly MendTask[]): LayerMend['ready'] {
  const longest = waitsOf(tasks).sort(byLength).at(-1);
  return longest ? { stage: longest.stage, times: longest.times } : null;
}

/** What two mends ask for before the same coat: both wait, then the work of the first, then that of the second. */
export function joinedTasks(first: readonly MendTask[], second: readonly MendTask[]): MendTask[] {
  const rest = (tasks: readonly MendTask[]): readonly MendTask[] => tasks.slice(waitsOf(tasks).length);
  return [...waitsOf(first), ...waitsOf(second), ...rest(first), ...rest(second)];
}
