/**
 * What the bench shows: what comes next over all jobs, sums, two jobs that want the same hours, and each job
 * in a line.
 */
import { handsOnAt } from '@/core/schedule/around';
import { dayStart, HOUR, instantOf, MINUTE } from '@/core/time/instant';
import type { Session, Task } from '@/model/plan';
import type { Product } from '@/model/product';
import type { BenchJob } from '@/usecases/bench';
import { shortName } from '@/words/cut';
import { percentOf, type Format } from '@/words/format';
import { LOG_MARKS, taskName } from '@/words/names';
import { nextWork } from './agenda';
import { over, paintOf } from './ink';
import { sessionName, uncapital } from './session-name';
import { currentStage, stageIndex, stageName } from './stages';
import { blockersSaid, oddsPct, packsToBuy, type PacksToBuy } from './verdict';
import { TINT } from '@/ui/tokens/tints';

const earliest = (jobs: readonly BenchJob[], startMs: (j: BenchJob) => number): BenchJob | undefined =>
  [...jobs].sort((a, b) => startMs(a) - startMs(b))[0];

/** The job whose next session comes first. */
export const nextJob = (jobs: readonly BenchJob[]): BenchJob | undefined =>
  earliest(
    jobs.filter((j) => j.plan.sessions.length > 0),
    (j) => instantOf(j.plan.sessions[0]!.startsAt),
  );

/** The job at which hands are wanted first, be it for a session or for what goes before one. */
export const nextAtHand = (jobs: readonly BenchJob[]): BenchJob | undefined =>
  earliest(
    jobs.filter((j) => j.plan.sessions.length > 0 && nextWork(j.plan) !== null),
    (j) => instantOf(nextWork(j.plan)!.entry.of.startsAt),
  );

export interface BenchSums {
  readonly total: number;
  readonly budget: number;
  readonly currency: string;
  readonly packs: PacksToBuy;
  readonly handsOnH: number;
}

export function benchSums(jobs: readonly BenchJob[]): BenchSums {
  const sum = (of: (j: BenchJob) => number): number => jobs.reduce((a, j) => a + of(j), 0);
  return {
    total: sum((j) => j.plan.cost.total),
    budget: sum((j) => j.plan.cost.budget),
    currency: jobs[0]?.plan.cost.currency ?? 'GBP',
    packs: packsToBuy({ materials: jobs.flatMap((j) => j.plan.materials) }),
    handsOnH: sum((j) => j.plan.handsOnH),
  };
}

export interface Clash {
  readonly first: string;
  readonly second: string;
  readonly at: string;
}

/** Every two jobs whose hands-on hours fall on one another, each pair once, the first of them first. */
export function clashesOf(jobs: readonly BenchJob[]): Clash[] {
  const spans = jobs.flatMap((j) =>
    handsOnAt(j.plan).map(([from, to]) => ({
      id: j.id,
      name: j.job.name,
      from: instantOf(from),
      to: instantOf(to),
      at: from,
    })),
  );
  spans.sort((a, b) => a.from - b.from);
  const found = new Map<string, Clash>();
  for (const [i, a] of spans.entries())
    for (const b of spans.slice(i + 1)) {
      const pair = [a.id, b.id].sort().join(' ');
      if (b.from >= a.to || b.id === a.id || found.has(pair)) continue;
      found.set(pair, { first: a.name, second: b.name, at: b.at });
    }
  return [...found.values()];
}

export interface ClashHour {
  readonly at: string;
  readonly names: readonly string[];
}

/** The hours that several jobs want, with all that want them. */
export function clashHours(clashes: readonly Clash[]): ClashHour[] {
  const hours = new Map<string, Set<string>>();
  for (const { at, first, second } of clashes)
    hours.set(at, new Set([...(hours.get(at) ?? []), first, second]));
  return [...hours].map(([at, names]) => ({ at, names: [...names] }));
}

export interface NextUp {
  readonly id: string;
  readonly name: string;
  readonly what: string;
  readonly icon: Task['kind'];
  readonly at: string;
}

/** What is to be done next on each job that has something to do, the soonest first. */
export function nextUp(jobs: readonly BenchJob[]): NextUp[] {
  const steps = jobs.flatMap((j): NextUp[] => {
    const next = nextWork(j.plan);
    return next
      ? [
          {
            id: j.id,
            name: j.job.name,
            what: taskName(next.task),
            icon: next.task.kind,
            at: next.task.startsAt,
          },
        ]
      : [];
  });
  return steps.sort((a, b) => instantOf(a.at) - instantOf(b.at));
}

export interface NextStep {
  readonly session: Session;
  readonly task: Task;
}

export function nextStep(j: BenchJob): NextStep | null {
  const session = j.plan.sessions[0];
  const next = nextWork(j.plan);
  return session && next ? { session, task: next.task } : null;
}

/** What is to be done next on a job, in words. @param long with "first", for a card; without for a row */
export function stepLine(j: BenchJob, long: boolean): string {
  if (j.plan.kind === 'blocked') return 'Blocked';
  const step = nextStep(j);
  if (!step) return 'All coats are on';
  const then = uncapital(sessionName(j.plan, step.session));
  return `${taskName(step.task)}${long ? ' first' : ''}, then ${then}`;
}

/** When, in how many sessions; or why not. The odds stand beside it. */
export function whenLine(j: BenchJob, f: Format): { text: string; odds: string | null } {
  if (j.plan.kind === 'blocked') return { text: blockersSaid(j.plan, f)[0]!, odds: null };
  const session = j.plan.sessions[0];
  if (!session) return { text: 'Let it harden', odds: null };
  const several = j.plan.sessions.length > 1 ? `, ${j.plan.sessions.length} sessions` : '';
  return { text: `${f.dayTime(session.startsAt)}${several}`, odds: `${oddsPct(j.plan)} %` };
}

export function stageOf(j: BenchJob): { name: string; index: number } {
  const id = currentStage(j.job, j.plan);
  return { name: stageName(id), index: stageIndex(id) };
}

/** How a finished job came out, by its worst layer; empty where nothing was noted. */
export function outcomeOf(j: Pick<BenchJob, 'job'>): string {
  const marks = (j.job.log?.outcomes ?? []).map((o) => o.mark);
  return marks.length > 0 ? `, ${LOG_MARKS[Math.min(...marks)]}` : '';
}

/** Limits of what goes on next. */
export function nextLimits(j: BenchJob | undefined): Product | undefined {
  const layerId = j?.plan.sessions[0]?.layerIds[0];
  const productId = j?.plan.layers.find((l) => l.id === layerId)?.productId;
  return j?.products.find((p) => p.id === productId);
}

/** Minutes until the next step where it is near, null where it is not. */
export function minutesTo(startsAt: string, nowMs: number): number | null {
  const left = instantOf(startsAt) - nowMs;
  return left > 0 && left < 20 * HOUR ? left / MINUTE : null;
}

/** The board of hours: civil days from today. */
export interface BoardScale {
  readonly fromMs: number;
  readonly toMs: number;
  readonly days: readonly number[];
}

/** @param count of days */
export function boardScale(nowMs: number, tz: string, count: number): BoardScale {
  const fromMs = dayStart(nowMs, tz);
  // A day that has a clock change is still one day.
  const days = Array.from({ length: count }, (_, i) => dayStart(fromMs + (24 * i + 2) * HOUR, tz));
  return { fromMs, toMs: fromMs + count * 24 * HOUR, days };
}

/** Letters that fit beside the board. */
const BOARD_NAME = 24;

interface MsSpan {
  readonly fromMs: number;
  readonly toMs: number;
}
/**
 * A session on the board: two halves in the colours of its first and its last layer, the life of what is
 * activated above.
 */
export interface BoardBlock extends MsSpan {
  readonly id: string;
  readonly fills: readonly [first: string, last: string];
  readonly pot: MsSpan | null;
  readonly odds: string;
}
export interface BoardRow {
  readonly id: string;
  readonly name: string;
  readonly spans: readonly (MsSpan & { readonly isGood: boolean })[];
  readonly blocks: readonly BoardBlock[];
  /** Until when anything is known, ms; null where nothing is. */
  readonly untilMs: number | null;
  readonly said: string;
}

const UNKNOWN_FILL = TINT.unknown;
/** A thin paint is drawn no thinner than this. */
const LEAST_ALPHA = 0.8;

/** The colour a layer is drawn in on the board. */
function blockFill(j: BenchJob, layerId: string | undefined): string {
  const productId = j.plan.layers.find((l) => l.id === layerId)?.productId;
  const product = j.products.find((p) => p.id === productId);
  if (!product) return UNKNOWN_FILL;
  const paint = paintOf(product, j.job.purpose.colour.hex);
  return over(paint.fill, Math.max(LEAST_ALPHA, paint.alpha));
}

function boardBlock(j: BenchJob, session: Session): BoardBlock {
  const pot = session.activations[0];
  return {
    id: session.id,
    fromMs: instantOf(session.startsAt),
    toMs: instantOf(session.handsOffAt),
    fills: [blockFill(j, session.layerIds[0]), blockFill(j, session.layerIds.at(-1))],
    pot: pot ? { fromMs: instantOf(pot.at), toMs: instantOf(pot.usableUntil) } : null,
    odds: `${percentOf(session.chance)} %`,
  };
}

/** A job on the board of hours: when what goes on next could be sprayed, and when it is planned. */
export function boardRow(j: BenchJob, f: Format): BoardRow {
  const next = j.plan.sessions[0];
  const what = next
    ? `session ${f.dayTime(next.startsAt)}, ${percentOf(next.chance)} per cent`
    : 'nothing planned';
  const known = j.plan.suits[0]?.spans ?? [];
  const spans = known.filter((s) => s.verdict !== 'no');
  const last = known.at(-1)?.endsAt;
  return {
    id: j.id,
    name: shortName(j.job.name, BOARD_NAME),
    spans: spans.map((s) => ({
      fromMs: instantOf(s.startsAt),
      toMs: instantOf(s.endsAt),
      isGood: s.verdict === 'good',
    })),
    blocks: j.plan.sessions.map((s) => boardBlock(j, s)),
    untilMs: last === undefined ? null : instantOf(last),
    said: `${j.job.name}: ${what}`,
  };
}
