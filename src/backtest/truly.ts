/** A session as it really goes, and the job afterwards. */
import { memoryOf } from '@/core/schedule/judge/memory';
import type { Run } from '@/core/schedule/judge/run';
import { Runner } from '@/core/schedule/judge/runner';
import { LATE_OFF_MS } from '@/core/schedule/judge/start-option';
import { activatedCans, packsFor, productsOf, sprayedMl } from '@/core/schedule/work/coats';
import { isAtHand, type Draft } from '@/core/schedule/work/draft';
import { HOUR, isoOf, type Span } from '@/core/time/instant';
import type { Job } from '@/model/job';
import type { JobState } from '@/model/state';
import type { Product } from '@/model/product';
import { airOf, type Sky } from './world';

/** Sanding between two sessions, by hand, and what comes with it: the next free hour but two. ASSUMED. */
const BETWEEN_MS = 2 * HOUR;

interface Sprayed {
  readonly sky: Sky;
  readonly job: Job;
  readonly draft: Draft;
  readonly free: readonly Span[];
}

export interface Truth {
  readonly isWell: boolean;
  readonly run: Run;
}

/** What a session started then comes to in what really came. */
export function truly({ sky, job, draft, free }: Sprayed, startMs: number): Truth {
  const air = airOf(sky.truth(startMs), job);
  const memory = memoryOf(air, 'energy');
  const runner = new Runner({ air, place: job.place }, memory.clocks, (p) => memory.limitsOf(p), draft);
  const run = runner.run(air.rows - 1, startMs);
  const within = free.find((s) => s.startMs <= startMs && startMs < s.endMs);
  const isLate = within !== undefined && run.handsOffMs > within.endMs + LATE_OFF_MS;
  return { isWell: run.cause === null && !isLate, run };
}

const cansOf = ({ steps, cupMl }: Draft, product: Product): number =>
  packsFor(product, sprayedMl(steps, product), cupMl);

/** Cans of all products of a session. */
export const sessionCans = (draft: Draft): number =>
  productsOf(draft.steps).reduce((a, p) => a + cansOf(draft, p), 0);

/** Cans that were for nothing: all of a session that failed; of one that went well those that died on the way. */
export function wastedCans(draft: Draft, { isWell, run }: Truth): number {
  if (!isWell) return sessionCans(draft);
  const pots = run.trace?.pots ?? [];
  return activatedCans(draft.steps)
    .filter((p) => !isAtHand(draft, p.id))
    .reduce((a, p) => a + Math.max(0, pots.filter((x) => x.productId === p.id).length - cansOf(draft, p)), 0);
}

/** When the next session may begin: another lot as soon as hands are off, what goes on this one once it is ready. */
export const nextMs = ({ rest }: Draft, run: Run): number =>
  rest?.why === 'apart' ? run.handsOffMs : run.readyMs + BETWEEN_MS;

/** The job with a session ticked, and the work before the next one done. */
export function ticked(job: Job, draft: Draft, run: Run, next: Draft | undefined): Job {
  const at = (ms: number): string => isoOf(ms, job.place.tz);
  const state: JobState = job.state ?? { coats: [], activations: [] };
  const coats = draft.steps.map((s, k) => ({
    layerId: s.layerId,
    coat: s.coat,
    endedAt: at(run.coats[k]!.endMs),
    partIds: [...s.partIds],
  }));
  const doneMs = nextMs(draft, run);
  const visits = (next?.visits ?? []).map((v) => ({ taskId: v.id, endedAt: at(doneMs) }));
  return {
    ...job,
    state: { ...state, coats: [...state.coats, ...coats], tasks: [...(state.tasks ?? []), ...visits] },
  };
}
