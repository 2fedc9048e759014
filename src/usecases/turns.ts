/** Jobs that are planned together: each around those before it in turn, and the order of the turns as it is kept. */
import { setTurn } from '@/core/edits/turn';
import type { Answer } from '@/core/plan';
import { aroundOf, NOTHING_AROUND, type Around, type Drying, type PlannedJob } from '@/core/schedule/around';
import { DAY, msOf } from '@/core/time/instant';
import type { Session } from '@/model/plan';
import type { JobReadings } from '@/model/reading';
import type { Planning } from './plans';
import type { Issued, JobStore, StoredJob } from './ports';

/** Jobs that are planned together at most. */
export const MOST_IN_TURN = 12;

/** When it is asked, and what tells that nobody waits for it any more. */
export interface Asked {
  readonly nowMs: number;
  readonly signal?: AbortSignal;
}

interface Planned {
  readonly issued: Issued;
  readonly readings: JobReadings;
  readonly answer: Answer;
}

/** A job with its plan, and what that rests on. */
export async function plannedWith(
  stored: StoredJob,
  planning: Planning,
  { nowMs, signal }: Asked,
  around: Around,
): Promise<Planned> {
  const issued = await planning.weather.forecastFor(stored.job.place, nowMs);
  const readings = planning.readingsFor(stored, nowMs);
  const told = { ...issued, readings, around };
  return { issued, readings, answer: await planning.plans.of(stored, told, nowMs, signal) };
}

/** What the jobs before this one in turn take of its week; nothing where it is planned for itself. */
export async function aroundFor(stored: StoredJob, planning: Planning, asked: Asked): Promise<Around> {
  const all = stored.job.turn === undefined ? [] : planning.inTurn();
  const at = all.findIndex((s) => s.id === stored.id);
  const drying = await dryingAmong(all, planning, asked);
  const planned = await plansInTurn(all.slice(0, Math.max(0, at)), { planning, asked, drying });
  return aroundOf(stored.job, planned, notOf(drying, stored.id));
}

type PlannedInTurn = PlannedJob & Pick<StoredJob, 'id'>;
type DryingJob = Drying & Pick<StoredJob, 'id'>;

/** What is sprayed may not be handled for days at most. */
const DRIES_MS = 7 * DAY;

/** Of those in turn the ones of which something is drying, as each would be alone. */
async function dryingAmong(
  jobs: readonly StoredJob[],
  planning: Planning,
  asked: Asked,
): Promise<DryingJob[]> {
  const sinceMs = asked.nowMs - DRIES_MS;
  const isWet = ({ job }: StoredJob): boolean =>
    (job.state?.coats ?? []).some((c) => msOf(c.endedAt, job.place.tz) > sinceMs);
  return Promise.all(
    jobs.filter(isWet).map(async (stored) => {
      const { answer } = await plannedWith(stored, planning, asked, NOTHING_AROUND);
      return { id: stored.id, job: stored.job, plan: answer.plan };
    }),
  );
}

const notOf = (drying: readonly DryingJob[], id: string): DryingJob[] => drying.filter((d) => d.id !== id);

interface InTurn {
  readonly planning: Planning;
  readonly asked: Asked;
  readonly drying: readonly DryingJob[];
}

/** @param jobs the first of those in turn */
async function plansInTurn(
  jobs: readonly StoredJob[],
  { planning, asked, drying }: InTurn,
): Promise<PlannedInTurn[]> {
  const planned: PlannedInTurn[] = [];
  for (const stored of jobs) {
    const { id, job } = stored;
    const around = aroundOf(job, planned, notOf(drying, id));
    const { answer } = await plannedWith(stored, planning, asked, around);
    planned.push({ id, job, plan: answer.plan });
  }
  return planned;
}

/** What is in cans that others activate when a job takes from them, by job. */
export type SharedCans = Readonly<Record<string, readonly Given[]>>;
type Given = Pick<Session['shares'][number], 'productId' | 'inHandMl'>;

export async function sharedCans(planning: Planning, asked: Asked): Promise<SharedCans> {
  const all = planning.inTurn();
  const drying = await dryingAmong(all, planning, asked);
  const planned = await plansInTurn(all, { planning, asked, drying });
  return Object.fromEntries(planned.map(({ id, plan }) => [id, plan.sessions.flatMap((s) => s.shares)]));
}

/** A job that is being edited elsewhere is tried again so often. */
const TRIES = 4;

function turned(store: JobStore, id: string, turn: number | null, nowMs: number): boolean {
  for (let tries = 0; tries < TRIES; tries++) {
    const stored = store.load(id);
    if (!stored) return false;
    if ((stored.job.turn ?? null) === turn) return true;
    if (store.update(id, stored.version, setTurn(stored.job, turn), nowMs).kind === 'saved') return true;
  }
  return false;
}

/** These jobs in this order, and no others. @returns how many of them stand in turn now */
export function keepTurns(store: JobStore, ids: readonly string[], nowMs: number): number {
  for (const { id } of store.inTurn(MOST_IN_TURN)) if (!ids.includes(id)) turned(store, id, null, nowMs);
  return ids.filter((id, i) => turned(store, id, i + 1, nowMs)).length;
}
