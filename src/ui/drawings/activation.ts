/** Of several products that die in a session, the one whose life is used up furthest: the one to draw. */
import type { Activation, Plan, Session, Task } from '@/model/plan';

export interface TightestPot {
  readonly act: Activation;
  /** the last coat sprayed from it */ readonly last: Task;
}

export function tightestPot(plan: Pick<Plan, 'layers'>, s: Session | undefined): TightestPot | null {
  const pots = (s?.activations ?? []).flatMap((act) => {
    const last = s!.tasks
      .filter(
        (t) => t.kind === 'coat' && plan.layers.find((l) => l.id === t.layerId)?.productId === act.productId,
      )
      .at(-1);
    const from = Date.parse(act.at);
    return last
      ? [{ act, last, share: (Date.parse(last.endsAt) - from) / (Date.parse(act.usableUntil) - from) }]
      : [];
  });
  return pots.sort((a, b) => b.share - a.share)[0] ?? null;
}
