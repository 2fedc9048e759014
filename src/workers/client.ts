/** The page's end of the planning worker: the newest question wins, a worker that dies rejects its callers. */
import type { Answer } from '@/core/plan';
import type { Job } from '@/model/job';
import type { FromWorker, ToWorker } from './protocol';

interface Waiting {
  readonly resolve: (answer: Answer | null) => void;
  readonly reject: (e: Error) => void;
}

/** What every question of a page rests on. */
export type Start = Pick<
  Extract<ToWorker, { kind: 'load' }>,
  'job' | 'forecast' | 'nowMs' | 'issuedMs' | 'readings' | 'around'
>;

/** The newest question, and every one that only tries something. */
const isWanted = (id: number, last: number): boolean => id < 0 || id === last;

export class PlanClient {
  private readonly worker: Worker;
  private readonly waiting = new Map<number, Waiting>();
  private last = 0;
  private tried = 0;

  constructor(start: Start) {
    this.worker = new Worker(new URL('./plan.worker.ts', import.meta.url), { type: 'module' });
    this.worker.onmessage = (messageEvent: MessageEvent<FromWorker>): void => {
      const w = this.waiting.get(messageEvent.data.id);
      this.waiting.delete(messageEvent.data.id);
      if (!w) return;
      if (messageEvent.data.kind === 'failed') w.reject(new Error(messageEvent.data.message));
      else w.resolve(isWanted(messageEvent.data.id, this.last) ? messageEvent.data.answer : null);
    };
    this.worker.onerror = (e): void => {
      for (const w of this.waiting.values()) w.reject(new Error(e.message || 'the planning worker stopped'));
      this.waiting.clear();
    };
    const { job, forecast, nowMs, issuedMs, readings, around } = start;
    this.send({ kind: 'load', job, forecast, nowMs, issuedMs, readings, around });
  }

  private send(m: ToWorker): void {
    this.worker.postMessage(m);
  }

  /** The plan of a job and the air at it, or null when a newer question overtook it. */
  plan(job: Job, nowMs: number): Promise<Answer | null> {
    return this.ask(++this.last, job, nowMs);
  }

  /** What would be planned if the job were so; overtakes nothing. */
  attempt(job: Job, nowMs: number): Promise<Answer | null> {
    return this.ask(--this.tried, job, nowMs);
  }

  private ask(id: number, job: Job, nowMs: number): Promise<Answer | null> {
    return new Promise((resolve, reject) => {
      this.waiting.set(id, { resolve, reject });
      this.send({ kind: 'plan', id, nowMs, job });
    });
  }

  close(): void {
    for (const w of this.waiting.values()) w.resolve(null);
    this.waiting.clear();
    this.worker.terminate();
  }
}
