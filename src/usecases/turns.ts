/** Jobs that are planned together: each around those before it in turn, and the order of the turns as it is kept. */
import { setTurn } from '@/core/edits/turn';
import type { Answer } from '@/core/plan';
import { aroundOf, type Around, type PlannedJob } from '@/core/schedule/around';
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
  const before = all.slice(0, Math.max(0, at));
  const planned: PlannedJob[] = [];
  for (const other of before) {
    const { answer } = await plannedWith(other, planning, asked, aroundOf(other.job, planned));
    planned.push({ job: other.job, plan: answer.plan });
  }
  return aroundOf(stored.job, planned);
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
