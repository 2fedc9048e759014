/** The bench planned together, as far as a page shows it: who gives way to whom, and what that costs. */
import { bestTurns, turnsIn, type OnBench, type PlanAround, type Turn, type Turns } from '@/core/together';
import { plan, type PlanRequest } from '@/core/plan';
import type { Plan } from '@/model/plan';
import { requestOf, type Planning } from './plans';
import type { StoredJob } from './ports';

/** The first session of a plan, and how sure the whole of it is; no start where there is none. */
interface Told {
  readonly startsAt: string | null;
  readonly chance: number | null;
}
export interface TogetherRow {
  readonly id: string;
  readonly name: string;
  readonly alone: Told;
  readonly now: Told;
  readonly givesUp: number;
  readonly currency: string;
  readonly because: readonly string[];
  readonly sharesTrip: boolean;
  /** What cans of others save it, money, and whose they are. */
  readonly saves: number;
  readonly cansOf: readonly string[];
}
export interface Together extends Pick<Turns, 'hours' | 'atLeast' | 'plans'> {
  readonly rows: readonly TogetherRow[];
}

interface Asking {
  readonly id: string;
  readonly request: PlanRequest;
}
export interface TogetherAsked {
  readonly jobs: readonly Asking[];
  /** Whether the best order is sought, or these are taken as they stand. */
  readonly seeks: boolean;
}

const toldOf = ({ sessions, chance }: Plan): Told => ({ startsAt: sessions[0]?.startsAt ?? null, chance });

function rowOf({ id, plan: now, alone, ...turn }: Turn, name: string): TogetherRow {
  const { givesUp, saves, because, cansOf, sharesTrip } = turn;
  const told = { alone: toldOf(alone), now: toldOf(now), currency: now.cost.currency };
  return { id, name, ...told, givesUp, saves, because, cansOf, sharesTrip };
}

export function togetherFor({ jobs, seeks }: TogetherAsked): Together {
  const requests = new Map(jobs.map((j) => [j.id, j.request]));
  const planAround: PlanAround = (id, around) => plan({ ...requests.get(id)!, around });
  const onBench: OnBench[] = jobs.map(({ id, request }) => ({ id, job: request.job }));
  const { turns, hours, atLeast, plans } = seeks
    ? bestTurns(onBench, planAround)
    : turnsIn(onBench, planAround);
  return { rows: turns.map((t) => rowOf(t, requests.get(t.id)!.job.name)), hours, atLeast, plans };
}

/** What is asked of the planner for each of these jobs, in their order. */
export async function askedTogether(
  stored: readonly StoredJob[],
  planning: Planning,
  nowMs: number,
): Promise<Asking[]> {
  return Promise.all(
    stored.map(async (s) => {
      const issued = await planning.weather.forecastFor(s.job.place, nowMs);
      const told = { ...issued, readings: planning.readingsFor(s, nowMs) };
      return { id: s.id, request: requestOf(s, told, nowMs) };
    }),
  );
}
