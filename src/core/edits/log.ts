/** What is written into the log: what was used, how each layer came out, the note, the day it was closed. */
import type { Beside } from '@/model/beside';
import type { AirHour } from '@/model/came';
import type { Job } from '@/model/job';
import type { JobLog, Used } from '@/model/log';
import type { Look, Rubric, TapeTest } from '@/model/rubric';
import { withoutAside } from './choices';
import { activatedBy, tickIdOf, withTick } from '../schedule/work/tick';
import { traceOf } from '../air/came';
import { coatsOn } from '../time/coats-on';
import { isoOf, msOf } from '../time/instant';

export const EMPTY_LOG: JobLog = { used: [], outcomes: [], note: '' };
export const logOf = (job: Job): JobLog => job.log ?? EMPTY_LOG;

/** Nothing used yet, by the can or by weight. */
export const nothingUsed = (productId: string, by: Used['by']): Used =>
  by === 'cans' ? { by, productId, cans: 0 } : { by, productId, beforeG: 0, afterG: 0 };

export function setUsed(job: Job, used: Used): Job {
  const log = logOf(job);
  const others = log.used.filter((x) => x.productId !== used.productId);
  return { ...job, log: { ...log, used: [...others, used] } };
}

/** A layer remarked on before it has a mark came out well, as most do. */
const UNMARKED = 3;

export function setOutcome(job: Job, layerId: string, patch: { mark?: number; remark?: string }): Job {
  const log = logOf(job);
  const was = log.outcomes.find((o) => o.layerId === layerId) ?? { layerId, mark: UNMARKED };
  const others = log.outcomes.filter((o) => o.layerId !== layerId);
  return { ...job, log: { ...log, outcomes: [...others, { ...was, ...patch }] } };
}

export function setRubric(job: Job, patch: Rubric): Job {
  const log = logOf(job);
  return { ...job, log: { ...log, rubric: { ...log.rubric, ...patch } } };
}

/** null takes it out. */
export function setTapeTest(job: Job, tape: TapeTest | null): Job {
  const { tape: _was, ...log } = logOf(job);
  return { ...job, log: tape ? { ...log, tape } : log };
}

/** One look a day; the newest last. */
export function setLook(job: Job, look: Look): Job {
  const log = logOf(job);
  const others = (log.looks ?? []).filter((l) => l.on !== look.on);
  const looks = [...others, look].sort((a, b) => a.on.localeCompare(b.on));
  return { ...job, log: { ...log, looks } };
}

export function withoutLook(job: Job, on: string): Job {
  const { looks = [], ...log } = logOf(job);
  const left = looks.filter((l) => l.on !== on);
  return { ...job, log: left.length > 0 ? { ...log, looks: left } : log };
}

export const setNote = (job: Job, note: string): Job => ({ ...job, log: { ...logOf(job), note } });

/** What was set aside from an item of the shelf was used and is booked off there; the log keeps that it was. */
export function bookOff(job: Job, stockId: string): Job {
  const log = logOf(job);
  const aside = (job.shelf ?? []).filter((s) => s.stockId === stockId);
  return { ...withoutAside(job, stockId), log: { ...log, taken: [...(log.taken ?? []), ...aside] } };
}

/** A left-over is dealt with: it stands on the shelf, or went to the waste. */
export const setShelved = (job: Job, key: string): Job => {
  const log = logOf(job);
  return { ...job, log: { ...log, shelved: [...new Set([...(log.shelved ?? []), key])] } };
};

/** What is known of the air when a job is closed. */
interface AirKnown {
  /** As it came: its record keeps the hours in which it was sprayed. */
  readonly came?: readonly AirHour[];
  readonly beside?: readonly Beside[];
}

export function closeJob(job: Job, atMs: number, { came = [], beside = [] }: AirKnown = {}): Job {
  const trace = traceOf(
    came,
    coatsOn(job).map((c) => c.endedMs),
  );
  const log = {
    ...logOf(job),
    closedAt: isoOf(atMs, job.place.tz),
    ...(trace.length > 0 && { trace }),
    ...(beside.length > 0 && { beside: [...beside] }),
  };
  return { ...job, log };
}

export function reopenJob(job: Job): Job {
  const { closedAt: _closed, trace: _trace, beside: _beside, ...log } = logOf(job);
  return { ...job, log };
}

/** What was ticked late put at its true time (date yyyy-mm-dd, clock hh:mm); a date half typed changes nothing. */
export function retime(job: Job, id: string, at: { date: string; clock: string }): Job {
  if (!/^\d{4}-\d\d-\d\d$/.test(at.date)) return job;
  const productId = activatedBy(id);
  const activated = job.state?.activations.find((a) => a.taskId === id || a.productId === productId);
  return withTick(job, {
    task: tickIdOf(id),
    atMs: msOf(`${at.date}T${at.clock}`, job.place.tz),
    productId,
    cans: activated?.cans ?? 1,
    ...(activated?.ml !== undefined && { ml: activated.ml }),
  });
}
