/** What the spray day shows: the step in hand, what it waits for, the pot that runs, cautions and titles. */
import { openedPots, type OpenedPot } from '@/core/material/opened';
import { activatedBy, type Tick } from '@/core/schedule/work/tick';
import { instantOf, MINUTE, minutesBetween, msOf } from '@/core/time/instant';
import type { Job } from '@/model/job';
import type { Caution, Plan, Session, Task } from '@/model/plan';
import type { Product } from '@/model/product';
import { durationOf, type Format } from '@/words/format';
import { cautionsAt } from '@/core/cautions/shown';
import { nextWork } from './agenda';
import { inSentence, isMix, taskTitle } from './task-words';

const HOUR = 60 * MINUTE;
/** A coat longer ago than this is no wait under way any more. */
const WAIT_MS = 3 * HOUR;
/** From here on the seconds run. */
const SOON_MS = 3 * HOUR;

export type RunningPot = Pick<OpenedPot, 'atMs' | 'endMs'>;

/** Coats of a product that are still to be sprayed. */
function isOpen(job: Job, plan: Plan, productId: string): boolean {
  const on = new Set((job.state?.coats ?? []).map((c) => `${c.layerId}.${c.coat}`));
  const layers = plan.layers.filter((l) => l.productId === productId);
  return layers.some((l) =>
    Array.from({ length: l.coats }, (_, i) => `${l.id}.${i + 1}`).some((c) => !on.has(c)),
  );
}

/** The activated pot that dies first while something is still to be sprayed from it. */
export function runningPot(job: Job, plan: Plan, products: readonly Product[]): RunningPot | null {
  const pots = openedPots(job, products).filter(({ product }) => isOpen(job, plan, product.id));
  return pots.sort((a, b) => a.endMs - b.endMs)[0] ?? null;
}

export interface DayView {
  readonly session: Session | undefined;
  readonly next: Task | undefined;
  /** When the wait under way began: the last coat is on and the next task of the session is still to come. */
  readonly sinceMs: number | null;
  readonly pot: RunningPot | null;
  readonly limits: Product | undefined;
}

/** When the newest coat on the parts of a task ended, ms; null where none is on them. Left without parts: on any. */
function lastCoatUnder(job: Job, task: Task | undefined): number | null {
  const mine = new Set(task?.partIds ?? []);
  const isUnder = ({ partIds }: { partIds?: string[] | undefined }): boolean =>
    mine.size === 0 || !partIds || partIds.some((id) => mine.has(id));
  const ends = (job.state?.coats ?? []).filter(isUnder).map((c) => msOf(c.endedAt, job.place.tz));
  return ends.length > 0 ? Math.max(...ends) : null;
}

export function dayView(job: Job, plan: Plan, products: readonly Product[]): DayView {
  const session = plan.sessions[0];
  const next = nextWork(plan)?.task;
  const lastMs = lastCoatUnder(job, next);
  const waits = next && lastMs !== null && instantOf(next.startsAt) - lastMs < WAIT_MS;
  const layerId = next?.layerId ?? session?.layerIds[0];
  const productId = plan.layers.find((l) => l.id === layerId)?.productId;
  return {
    session,
    next,
    sinceMs: waits ? lastMs : null,
    pot: runningPot(job, plan, products),
    limits: products.find((p) => p.id === productId),
  };
}

/** The product that is activated by a task, and in how many cans. */
export function activationOf(plan: Plan, taskId: string): { productId: string | null; cans: number } {
  const productId = activatedBy(taskId);
  const found = plan.sessions.flatMap((s) => s.activations).find((a) => a.productId === productId);
  return { productId, cans: found?.cans ?? 0 };
}

/** What is mixed by a task, ml; undefined where nothing is. */
export const mixedBy = (plan: Plan, taskId: string): number | undefined =>
  plan.sessions.flatMap((s) => s.mixes).find((m) => m.taskId === taskId)?.ml;

/** What a tick of a task records beside its time. */
export function tickOf(plan: Plan, task: Tick['task'] & Partial<Task>): Omit<Tick, 'atMs'> {
  const { productId, cans } =
    task.kind === 'activate' ? activationOf(plan, task.id) : { productId: null, cans: 0 };
  const ml = mixedBy(plan, task.id);
  const minutes =
    task.startsAt !== undefined && task.endsAt !== undefined
      ? minutesBetween(task.startsAt, task.endsAt)
      : undefined;
  return {
    task,
    productId,
    cans,
    ...(ml !== undefined && { ml }),
    ...(minutes !== undefined && { minutes }),
  };
}

/** Between which eight of ten futures lie; nothing where they agree. */
function rangeText(range: Session['ranges']['handle'], f: Format): string {
  if (!range || f.time(range[0]) === f.time(range[1])) return '';
  return `, ${f.time(range[0])} to ${f.time(range[1])} in eight of ten futures`;
}

/** Handle-dry, until when it must be kept, and from when the next session may sand. */
export function handleLine(session: Session, plan: Plan, products: readonly Product[], f: Format): string {
  const top = plan.layers.find((l) => l.id === session.layerIds.at(-1));
  const minC = products.find((p) => p.id === top?.productId)?.tempMinC ?? 10;
  const otherDay = session.handleAt.slice(0, 10) !== session.startsAt.slice(0, 10);
  const day = otherDay ? `, ${f.day(session.handleAt)}` : '';
  const range = rangeText(session.ranges.handle, f);
  const sand = session.readyAt ? ` May be sanded from ${f.dayTime(session.readyAt)}.` : '';
  return `Handle-dry${day}${range}. Until then no rain or dew on it, and not below ${f.temp(minC)}.${sand}`;
}

export const dayCautions = (plan: Plan): Caution[] => cautionsAt('spray-day', plan.cautions);

const two = (n: number): string => String(n).padStart(2, '0');
/** 8:52 under an hour, in words above. @param ms left, never shown below zero */
export function timerText(ms: number): string {
  const s = Math.max(0, Math.ceil(ms / 1000));
  return s < 3600 ? `${Math.floor(s / 60)}:${two(s % 60)}` : durationOf(s / 60);
}

/** The step in hand at an instant. */
export interface NowView {
  readonly leftMs: number;
  readonly soon: boolean;
  readonly ready: boolean;
  readonly long: boolean;
  /** Confirmed by holding: it cannot be taken back, or it comes too soon. */
  readonly firm: boolean;
  /** Share of the wait that is over, 0…1; null when it waits for nothing. */
  readonly share: number | null;
}

/** Paper and polish on what was sprayed: soft film is spoilt by them. */
const isOnFilm = ({ id }: Pick<Task, 'id'>): boolean => /^(finish|m\d+)\./.test(id);

/** A coat whose flash is not over, or a film that is still soft. The big button and the list ask alike before they take it. */
export const isTooSoon = (task: Task, nowMs: number, sinceMs: number | null): boolean =>
  instantOf(task.startsAt) > nowMs && (isOnFilm(task) || (task.kind === 'coat' && sinceMs !== null));

/** A plan is made in quarters of an hour: a film that is ready sooner is not kept waiting for the next, ms. */
const STEP_MS = 15 * MINUTE;

/** When a coat may go on: as planned, or when the film below takes it where that is within the same step. */
export function startMsOf(task: Task, waiting: Plan['waiting']): number {
  const plannedMs = instantOf(task.startsAt);
  if (task.kind !== 'coat' || !waiting?.earliestAt) return plannedMs;
  const readyMs = instantOf(waiting.earliestAt);
  return plannedMs - readyMs <= STEP_MS ? Math.min(plannedMs, readyMs) : plannedMs;
}

/** @param startMs when it may be done, by its film where it waits for one */
export function nowView(
  task: Task,
  nowMs: number,
  sinceMs: number | null,
  startMs = instantOf(task.startsAt),
): NowView {
  const leftMs = startMs - nowMs;
  const ready = leftMs <= 0;
  const soon = leftMs < SOON_MS;
  const over = sinceMs === null ? null : (nowMs - sinceMs) / Math.max(1, startMs - sinceMs);
  return {
    leftMs,
    soon,
    ready,
    long: !ready && (!soon || leftMs > HOUR),
    firm: task.kind === 'activate' || (!ready && isTooSoon(task, nowMs, sinceMs)),
    share: over === null ? null : Math.min(1, Math.max(0, over)),
  };
}

/** What stands over the timer. */
export function waitLabel({ ready, soon }: NowView, sinceMs: number | null): string {
  if (ready) return 'Now';
  if (sinceMs !== null) return 'Flash off, leave it alone';
  return `Next, ${soon ? 'in' : 'at'}`;
}

/** How soon it may be done, for those who cannot see the timer. */
export const soonText = ({ ready, leftMs }: NowView): string =>
  ready ? 'ready' : `ready in ${durationOf(leftMs / MINUTE)}`;

/** What the big button says. */
export function doneLabel(task: Task, title: string): string {
  if (task.kind === 'coat') return 'Coat is on';
  if (task.kind === 'activate') return title.startsWith('Mix ') ? 'It is mixed' : 'Can is activated';
  return `Done: ${inSentence(title, task.kind)}`;
}

export interface HandsOn {
  /** Since when hands are at it; null while they are not. */
  readonly sinceMs: number | null;
  /** Planned, minutes. */
  readonly plannedMin: number;
}

/** Whether hands are at a task; null of one that is a single press. */
export function handsOnOf(task: Task, started: { taskId: string; at: string } | undefined): HandsOn | null {
  if (!task.handsOn || task.kind === 'activate') return null;
  const sinceMs = started?.taskId === task.id ? instantOf(started.at) : null;
  return { sinceMs, plannedMin: (instantOf(task.endsAt) - instantOf(task.startsAt)) / MINUTE };
}

/** “Begun: 3:12 of about 6 min.” */
export const handsOnText = (sinceMs: number, plannedMin: number, nowMs: number): string =>
  `Begun: ${timerText(Math.max(0, nowMs - sinceMs))} of about ${Math.max(1, Math.round(plannedMin))} min.`;

/** What the button of a row says. */
export function rowButton(task: Task, mix: boolean): { label: string; confirm: string } {
  if (task.kind === 'coat') return { label: 'Coat is on', confirm: 'Yes, coat is on' };
  if (task.kind !== 'activate') return { label: 'Done', confirm: '' };
  return mix ? { label: 'Mixed', confirm: 'Yes, mixed' } : { label: 'Activated', confirm: 'Yes, activated' };
}

/** Share of a pot's life that is over, 0…1, and what is left of it, minutes. */
export function potLeft(pot: RunningPot, nowMs: number): { over: number; leftMin: number } {
  const over = (nowMs - pot.atMs) / (pot.endMs - pot.atMs);
  return { over: Math.min(1, Math.max(0, over)), leftMin: Math.max(0, pot.endMs - nowMs) / MINUTE };
}

/** Title and manner of a task in one. */
export const titled = (
  plan: Plan,
  products: readonly Product[],
  task: Task,
): { title: string; mix: boolean } => ({
  title: taskTitle(plan, products, task),
  mix: isMix(plan, products, task),
});

/** How long an activated can or mix may be used. @param nth its place among the activations of the session */
export function activationLine(
  session: Session,
  nth: number,
  products: readonly Product[],
  f: Format,
): string {
  const activation = session.activations[nth]!;
  const product = products.find((p) => p.id === activation.productId);
  const alike = session.activations.filter((a) => a.productId === activation.productId);
  const isAlone = alike.length === session.activations.length;
  const word = product?.carrier === 'gun' ? 'Cup' : 'Can';
  const which =
    alike.length > 1 ? `${word} ${alike.indexOf(activation) + 1}` : `Activated ${word.toLowerCase()}`;
  const what = isAlone ? which : `${product?.name ?? activation.productId}, ${which.toLowerCase()}`;
  return `${what}: prudent until ${f.dayTime(activation.prudentUntil)}; the label’s life ends ${f.dayTime(activation.usableUntil)}; cold does not lengthen it.`;
}
