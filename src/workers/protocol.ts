/** What the page and the planning worker say to each other. One union each way. */
import type { Forecast } from '@/model/forecast';
import type { Job } from '@/model/job';
import type { Plan } from '@/model/plan';

export type ToWorker =
  | { readonly kind: 'load'; readonly forecast: Forecast; readonly nowMs: number; readonly issuedMs: number; readonly job: Job }
  | { readonly kind: 'plan'; readonly id: number; readonly job: Job };
export type FromWorker =
  | { readonly kind: 'done'; readonly id: number; readonly plan: Plan; readonly tookMs: number }
  | { readonly kind: 'failed'; readonly id: number; readonly message: string };

/** Pure answerer, so that the protocol is tested without a thread. */
export function answerer(planOf: (load: Extract<ToWorker, { kind: 'load' }>, job: Job) => Plan, clock: () => number): (m: ToWorker) => FromWorker | null {
  let loaded: Extract<ToWorker, { kind: 'load' }> | null = null;
  return (m) => {
    if (m.kind === 'load') {
      loaded = m;
      // Warm: tables are made and the code is compiled before the first start is moved.
      planOf(m, m.job);
      return null;
    }
    if (!loaded) return { kind: 'failed', id: m.id, message: 'no forecast loaded' };
    const from = clock();
    try {
      return { kind: 'done', id: m.id, plan: planOf(loaded, m.job), tookMs: clock() - from };
    } catch (e) {
      return { kind: 'failed', id: m.id, message: e instanceof Error ? e.message : String(e) };
    }
  };
}
