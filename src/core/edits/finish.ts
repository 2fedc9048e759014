/** How a job is finished: flatted and polished, part by part otherwise, what was found; or left as it falls. */
import type { Finish, FinishWish, Found } from '@/model/finish';
import type { Job } from '@/model/job';

/** What is reckoned with before anything was said. */
export const USUAL_WISH: FinishWish = { peel: 'light', tool: 'hand' };

/** Where nothing was wished, nothing but what is asked for is done. */
const USUAL_WISH_OF_PLACES: Finish = { ...USUAL_WISH, scope: 'places' };

/** null leaves it as it falls. */
export function setFinish(job: Job, patch: Partial<Finish> | null): Job {
  const { finish, ...rest } = job;
  return patch ? { ...rest, finish: { ...USUAL_WISH, ...finish, ...patch } } : rest;
}

/** A part that is finished otherwise; null: like the rest. */
export function setOwnFinish(job: Job, partId: string, wish: FinishWish | null): Job {
  const { own = [], ...finish } = job.finish ?? USUAL_WISH_OF_PLACES;
  const others = own.filter((o) => o.partId !== partId);
  const next = wish ? [...others, { ...wish, partId }] : others;
  return { ...job, finish: next.length > 0 ? { ...finish, own: next } : finish };
}

export function addFound(job: Job, found: Omit<Found, 'id'>): Job {
  const finish = job.finish ?? USUAL_WISH_OF_PLACES;
  const all = finish.found ?? [];
  // What was ticked for one that was taken off again does not count for the next.
  const ticked = (job.state?.tasks ?? []).map((t) => t.taskId);
  const isUsed = (id: string): boolean =>
    all.some((x) => x.id === id) || ticked.some((taskId) => taskId.startsWith(`finish.${id}.`));
  let n = 1;
  while (isUsed(`f${n}`)) n += 1;
  return { ...job, finish: { ...finish, found: [...all, { ...found, id: `f${n}` }] } };
}

/** Without anything wished or found any more it is left as it falls. */
export function withoutFound(job: Job, id: string): Job {
  const { finish } = job;
  if (!finish?.found) return job;
  const { found, ...rest } = finish;
  const left = found.filter((x) => x.id !== id);
  if (left.length > 0) return { ...job, finish: { ...rest, found: left } };
  const isIdle = rest.scope === 'places' && (rest.own ?? []).length === 0;
  return isIdle ? setFinish(job, null) : { ...job, finish: rest };
}
