/** What the page and the planning worker say to each other. One union each way. */
import type { Answer } from '@/core/plan';
import type { Around } from '@/core/schedule/around';
import type { Forecast } from '@/model/forecast';
import type { Job } from '@/model/job';
import type { JobReadings } from '@/model/reading';

export type ToWorker =
  | {
      readonly kind: 'load';
      readonly forecast: Forecast | null;
      readonly issuedMs: number;
      readonly readings: JobReadings;
      readonly around: Around;
      readonly nowMs: number;
      readonly job: Job;
    }
  | { readonly kind: 'plan'; readonly id: number; readonly nowMs: number; readonly job: Job };
export type FromWorker =
  | { readonly kind: 'done'; readonly id: number; readonly answer: Answer; readonly tookMs: number }
  | { readonly kind: 'failed'; readonly id: number; readonly message: string };
type Load = Extract<ToWorker, { kind: 'load' }>;

/** Pure answerer, so that the protocol is tested without a thread. */
export function answerer(
  answerOf: (
    load: Pick<Load, 'forecast' | 'issuedMs' | 'readings' | 'around'>,
    job: Job,
    nowMs: number,
  ) => Answer,
  clock: () => number,
): (m: ToWorker) => FromWorker | null {
  let loaded: Load | null = null;
  return (toWorker) => {
    if (toWorker.kind === 'load') {
      loaded = toWorker;
      // Warm: tables are made and the code is compiled before the first start is moved.
      answerOf(toWorker, toWorker.job, toWorker.nowMs);
      return null;
    }
    if (!loaded) return { kind: 'failed', id: toWorker.id, message: 'no forecast loaded' };
    const from = clock();
    try {
      return {
        kind: 'done',
        id: toWorker.id,
        answer: answerOf(loaded, toWorker.job, toWorker.nowMs),
        tookMs: clock() - from,
      };
    } catch (e) {
      return { kind: 'failed', id: toWorker.id, message: e instanceof Error ? e.message : String(e) };
    }
  };
}
