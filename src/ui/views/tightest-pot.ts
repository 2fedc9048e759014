/** Of several products that die in a session, the one whose life is used up furthest: the one to draw. */
import { instantOf } from '@/core/time/instant';
import type { Activation, Plan, Session, Task } from '@/model/plan';

export interface TightestPot {
  readonly act: Activation;
  /** The last coat sprayed from it. */
  readonly last: Task;
}

export function tightestPot(plan: Pick<Plan, 'layers'>, session: Session | undefined): TightestPot | null {
  if (!session) return null;
  const productOf = (t: Task): string | undefined => plan.layers.find((l) => l.id === t.layerId)?.productId;
  const coats = session.tasks.filter((t) => t.kind === 'coat');
  const pots = session.activations.flatMap((act) => {
    const last = coats.findLast((t) => productOf(t) === act.productId);
    if (!last) return [];
    const fromMs = instantOf(act.at);
    const share = (instantOf(last.endsAt) - fromMs) / (instantOf(act.usableUntil) - fromMs);
    return [{ act, last, share }];
  });
  return pots.sort((a, b) => b.share - a.share)[0] ?? null;
}
