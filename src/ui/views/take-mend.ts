/** A mend taken into the plan: on which parts, what is changed for it, and how the plan differs then. */
import { agreedOf, changedSince, type Grounded } from '@/core/agreed';
import { freshMendId, noteFault } from '@/core/edits/faults';
import { mendingNow, type OnJob } from '@/core/faults/at-hand';
import { faultCard } from '@/core/faults/cards';
import { mendsFor } from '@/core/faults/mend';
import { takeMend } from '@/core/faults/take';
import { partTaskId, withTick } from '@/core/schedule/work/tick';
import type { FaultCode } from '@/model/fault';
import type { Job } from '@/model/job';
import type { MendKind } from '@/model/mend';
import type { Task } from '@/model/plan';
import { durationOf, type Format } from '@/words/format';
import { changedView } from './changed';
import { sessionName } from './session-name';
import { mendsToDo } from './still-to-mend';

export interface ShowsOn {
  readonly id: string;
  readonly name: string;
}

/** Parts on which the fault may show now. */
export function partsAsked(code: FaultCode, on: OnJob, nowMs: number): ShowsOn[] {
  const shows = faultCard(code).on;
  return on.job.parts
    .filter((p) => mendingNow({ ...on, only: [p.id] }, nowMs, shows) !== null)
    .map((p) => ({ id: p.id, name: p.name ?? p.id }));
}

export interface Taking {
  readonly code: FaultCode;
  readonly kind: MendKind;
  readonly on: OnJob;
  readonly partIds: readonly string[];
  readonly atMs: number;
  /** The coat that is going on and is not ticked yet. */
  readonly spraying: Task | null;
}

/** What shows the fault is on: the coat that is going on is ticked on these parts. */
export function withCoatOn(
  job: Job,
  { spraying, partIds, atMs }: Pick<Taking, 'spraying' | 'partIds' | 'atMs'>,
): Job {
  if (!spraying) return job;
  const mine = spraying.partIds.filter((id) => partIds.includes(id));
  const isWhole = mine.length === spraying.partIds.length;
  const tasks = isWhole
    ? [spraying]
    : mine.map((id) => ({ ...spraying, id: partTaskId(spraying.id, id), partIds: [id] }));
  return tasks.reduce((j, task) => withTick(j, { task, atMs, productId: null, cans: 0 }), job);
}

/** The job with the fault noted and its mend taken; null where that may not be done on these parts. */
export function takenChange(taking: Taking): ((job: Job) => Job) | null {
  const { code, kind, on, partIds, atMs } = taking;
  const card = faultCard(code);
  const m = mendingNow({ ...on, only: partIds }, atMs, card.on);
  const mend = m && mendsFor(card, m).find((x) => x.kind === kind);
  if (!m || !mend || partIds.length === 0) return null;
  const { layerId, areaM2 } = m;
  return (job) => {
    const taken = takeMend(mend, { id: freshMendId(job), layerId, partIds, areaM2 });
    return noteFault(withCoatOn(job, taking), { code, atMs, layerId, mend: taken });
  };
}

/** More than any coats that can be on: what is bought and how sure it is counts as news, though work is under way. */
const ANY_COATS = 1_000_000;

export interface TakeView {
  /** What is otherwise, a line each. */
  readonly changes: readonly string[];
  /** Sessions there will be, in order, with what they spray and when. */
  readonly sessions: readonly string[];
  /** The plan has no start any more: what stands in its way. */
  readonly isStuck: boolean;
}

/** How a plan with the mend differs from the one there is. */
export function takeView(
  now: Grounded,
  next: Grounded,
  { nowMs, f }: { nowMs: number; f: Format },
): TakeView {
  const was = { ...agreedOf(now, nowMs), coats: ANY_COATS };
  const changed = changedSince(was, next, nowMs);
  const { plan, job } = next;
  const of = { plan, f, nowMs, tz: job.place.tz, currency: job.budget.currency };
  const handsMin = (plan.handsOnH - now.plan.handsOnH) * 60;
  const hands = handsMin >= 1 ? [`${durationOf(handsMin)} more with hands on it.`] : [];
  const before = new Set(now.plan.mends.map((m) => m.id));
  const waits = mendsToDo(plan, { nowMs, f })
    .filter((m) => !before.has(m.id))
    .map((m) => `It is mended ${m.when}.`);
  return {
    changes: [...(changed ? changedView(changed, was, of).changes : []), ...hands, ...waits],
    sessions: plan.sessions.map((s) => `${sessionName(plan, s)}: ${f.dayTime(s.startsAt)}`),
    isStuck: plan.kind === 'blocked',
  };
}
