/** What has changed since the owner last went on with a plan, and what of its grounds changed meanwhile. */
import { GROUNDS, type Agreed, type GroundKind } from '@/model/agreed';
import type { Job } from '@/model/job';
import type { Plan } from '@/model/plan';
import type { JobReadings } from '@/model/reading';
import { packsIn } from './material/packs';
import { seedOf } from './numerics/random';
import type { Around } from './schedule/around';
import { HOUR, instantOf, MINUTE } from './time/instant';

/** A plan with all that it follows from. */
export interface Grounded {
  readonly job: Job;
  readonly plan: Plan;
  readonly issuedMs: number;
  readonly readings: JobReadings;
  readonly around: Around;
}

/** The same whatever order its fields were written in. */
const inOrder = (_key: string, value: unknown): unknown =>
  value !== null && typeof value === 'object' && !Array.isArray(value)
    ? Object.fromEntries(Object.entries(value).sort(([a], [b]) => (a < b ? -1 : 1)))
    : value;

const markOf = (of: unknown): string => seedOf(JSON.stringify(of ?? null, inOrder)).toString(36);

const GROUND_OF: Readonly<Record<GroundKind, (g: Grounded) => unknown>> = {
  done: ({ job: { state } }) => state && { ...state, faults: undefined },
  mends: ({ job }) => (job.state?.faults ?? []).flatMap((x) => x.mend ?? []),
  parts: ({ job }) => job.parts,
  'build-up': ({ job }) => [job.system, job.products, job.schools, job.overrides, job.ladders],
  place: ({ job }) => [job.place, job.dryIn],
  hours: ({ job }) => job.freeHours,
  starts: ({ job }) => job.starts,
  others: ({ around }) => around,
  readings: ({ readings }) => [readings.here.at(-1), readings.there.at(-1)],
  forecast: ({ issuedMs }) => issuedMs,
  worth: ({ job }) => job.risk,
  kit: ({ job }) => [job.equipment, job.shelf, job.minutes],
  purpose: ({ job }) => job.purpose,
};

const coatsOn = ({ state }: Job): number =>
  (state?.coats ?? []).reduce((a, c) => a + (c.partIds?.length ?? 1), 0);

const packsOf = ({ materials }: Plan): number => materials.reduce((a, m) => a + packsIn(m.packs), 0);

const extraOf = ({ layers }: Plan): string[] =>
  layers.filter((l) => l.oneMore !== undefined).map((l) => l.id);

export function agreedOf(g: Grounded, nowMs: number): Agreed {
  const { job, plan } = g;
  return {
    atMs: nowMs,
    grounds: Object.fromEntries(GROUNDS.map((k) => [k, markOf(GROUND_OF[k](g))])) as Agreed['grounds'],
    parts: job.parts.map((p) => p.name ?? p.id),
    coats: coatsOn(job),
    sessions: plan.sessions.map(({ id, startsAt, chance }) => ({ id, startsAt, chance })),
    chance: plan.chance,
    handleAt: plan.sessions.at(-1)?.handleAt ?? null,
    packs: packsOf(plan),
    total: plan.cost.total,
    extra: extraOf(plan),
  };
}

/** One thing that is otherwise now. */
export type Change =
  | { readonly kind: 'start'; readonly sessionId: string; readonly from: string; readonly to: string }
  | { readonly kind: 'no-start'; readonly from: string }
  | { readonly kind: 'new-session'; readonly sessionId: string; readonly to: string }
  | { readonly kind: 'chance'; readonly from: number; readonly to: number }
  | { readonly kind: 'handle'; readonly from: string; readonly to: string }
  | { readonly kind: 'one-more'; readonly layerId: string }
  | { readonly kind: 'packs'; readonly from: number; readonly to: number }
  | { readonly kind: 'total'; readonly from: number; readonly to: number };

/** Why, by what changed meanwhile; with names where that helps. */
export type Because =
  | { readonly ground: Exclude<GroundKind, 'parts' | 'done'> }
  | { readonly ground: 'done'; readonly coats: number }
  | { readonly ground: 'parts'; readonly gone: readonly string[]; readonly fresh: readonly string[] }
  /** The start that was agreed went by. */
  | { readonly ground: 'passed'; readonly at: string };

export interface Changed {
  readonly changes: readonly Change[];
  readonly because: readonly Because[];
}

/** Differences smaller than these are no news. From memory. */
const NEWS = { startMin: 10, chance: 0.03, handleH: 2, money: 0.5 } as const;

const apartMs = (a: string, b: string): number => Math.abs(instantOf(a) - instantOf(b));

/** A coat went on since: the first session is under way, what was to be bought is here, and going well is no news. */
const isUnderWay = (was: Agreed, { job }: Grounded): boolean => coatsOn(job) > was.coats;

function startChanges(was: Agreed, now: Grounded): Change[] {
  const { plan } = now;
  if (plan.sessions.length === 0) {
    const first = was.sessions[0];
    const isDone = isUnderWay(was, now) || plan.kind === 'planned';
    return first && !isDone ? [{ kind: 'no-start', from: first.startsAt }] : [];
  }
  return plan.sessions.flatMap((s, k): Change[] => {
    if (k === 0 && isUnderWay(was, now)) return [];
    const before = was.sessions.find((b) => b.id === s.id);
    if (!before) return [{ kind: 'new-session', sessionId: s.id, to: s.startsAt }];
    if (apartMs(before.startsAt, s.startsAt) < NEWS.startMin * MINUTE) return [];
    return [{ kind: 'start', sessionId: s.id, from: before.startsAt, to: s.startsAt }];
  });
}

/** A chance that is otherwise by more than noise; while work goes on only one that fell. */
function isOtherChance(was: Agreed, now: Grounded): boolean {
  const { chance } = now.plan;
  if (was.chance === null || chance === null) return false;
  const by = chance - was.chance;
  return by <= -NEWS.chance || (by >= NEWS.chance && !isUnderWay(was, now));
}

/** What is to be bought, and what it comes to. */
function moneyChanges(was: Agreed, { plan }: Grounded): Change[] {
  const packs = packsOf(plan);
  const { total } = plan.cost;
  return [
    ...(packs === was.packs ? [] : [{ kind: 'packs', from: was.packs, to: packs } as const]),
    ...(Math.abs(total - was.total) < NEWS.money
      ? []
      : [{ kind: 'total', from: was.total, to: total } as const]),
  ];
}

function figureChanges(was: Agreed, now: Grounded): Change[] {
  const { plan } = now;
  const handleAt = plan.sessions.at(-1)?.handleAt ?? null;
  const isOtherEnd = was.handleAt && handleAt && apartMs(was.handleAt, handleAt) >= NEWS.handleH * HOUR;
  return [
    ...(isOtherChance(was, now) ? [{ kind: 'chance', from: was.chance!, to: plan.chance! } as const] : []),
    ...(isOtherEnd ? [{ kind: 'handle', from: was.handleAt!, to: handleAt } as const] : []),
    ...extraOf(plan)
      .filter((id) => !was.extra.includes(id))
      .map((layerId) => ({ kind: 'one-more', layerId }) as const),
    ...(isUnderWay(was, now) ? [] : moneyChanges(was, now)),
  ];
}

function becauseOf(was: Agreed, g: Grounded, nowMs: number): Because[] {
  const names = g.job.parts.map((p) => p.name ?? p.id);
  const passed = was.sessions.find((s) => instantOf(s.startsAt) < nowMs - MINUTE);
  // What was not marked then, as a mend before there were any, is no news.
  const isOther = (k: GroundKind): boolean =>
    was.grounds[k] !== undefined && was.grounds[k] !== markOf(GROUND_OF[k](g));
  const told = GROUNDS.filter(isOther).map((ground): Because => {
    if (ground === 'done') return { ground, coats: Math.max(0, coatsOn(g.job) - was.coats) };
    if (ground !== 'parts') return { ground };
    const gone = was.parts.filter((n) => !names.includes(n));
    return { ground, gone, fresh: names.filter((n) => !was.parts.includes(n)) };
  });
  const isBegun = told.some((b) => b.ground === 'done' && b.coats > 0);
  return passed && !isBegun ? [{ ground: 'passed', at: passed.startsAt }, ...told] : told;
}

/** null where nothing is otherwise that a painter would notice. */
export function changedSince(was: Agreed, now: Grounded, nowMs: number): Changed | null {
  const changes = [...startChanges(was, now), ...figureChanges(was, now)];
  return changes.length === 0 ? null : { changes, because: becauseOf(was, now, nowMs) };
}
