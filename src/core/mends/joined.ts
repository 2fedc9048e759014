/** A mend on parts whose earlier mend is still to come: one row of coats that does the work of both. */
import type { PlanLayer } from '@/model/plan';
import { joinedTasks, type Laid } from './laid';
import { isStripped, type Taken } from './taken';

const asLaid = ({ productId, coats, mend }: PlanLayer): Laid => ({
  productId,
  coats,
  isLocal: mend?.placeM2 !== undefined,
  tasks: mend?.tasks ?? [],
});

/** The same paint of both: as many coats as either asks for; what comes off takes the first one's work with it. */
const both = (first: Laid, second: Laid, isAnew: boolean): Laid => ({
  productId: second.productId,
  coats: Math.max(first.coats, second.coats),
  isLocal: first.isLocal && second.isLocal,
  tasks: isAnew ? second.tasks : joinedTasks(first.tasks, second.tasks),
});

/** @param laid by the later mend, bottom first; @param pending layers of earlier ones, bottom first */
export function joinedWith(pending: readonly PlanLayer[], laid: readonly Laid[], mend: Taken): Laid[] {
  const before = pending.map(asLaid);
  const out: Laid[] = [];
  let next = 0;
  for (const x of laid) {
    const at = before.findIndex((b, i) => i >= next && b.productId === x.productId);
    if (at < 0) {
      out.push(x);
      continue;
    }
    out.push(...before.slice(next, at), both(before[at]!, x, isStripped(mend)));
    next = at + 1;
  }
  return [...out, ...before.slice(next)];
}
