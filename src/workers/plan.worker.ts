/** The planning worker: a shell around the front door of the core. */
import { planAndAir } from '@/core/plan';
import { answerer, type ToWorker } from './protocol';

const answer = answerer(
  (l, job, nowMs) =>
    planAndAir({
      job,
      nowMs,
      forecast: l.forecast,
      issuedMs: l.issuedMs,
      readings: l.readings,
      around: l.around,
    }),
  () => performance.now(),
);
self.onmessage = (e: MessageEvent<ToWorker>): void => {
  const out = answer(e.data);
  if (out) self.postMessage(out);
};
