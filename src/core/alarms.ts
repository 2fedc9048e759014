/** The moments of a plan at which somebody is called: what is due, what is missed, each once. */
import type { Job } from '@/model/job';
import type { Plan } from '@/model/plan';
import type { Product } from '@/model/product';
import { openedPots, sprayedIn } from './material/opened';
import { lateSoonMs } from './time/film-wait';
import { HOUR, instantOf, MINUTE } from './time/instant';

export const ALARM_KINDS = [
  'coat-soon',
  'coat-now',
  'late-soon',
  'pot-half-hour',
  'pot-ten',
  'start-soon',
  'untape',
  'move',
  'dust-free',
  'handle',
] as const;
export type AlarmKind = (typeof ALARM_KINDS)[number];

export interface Alarm {
  /** Of what it is said: the coat, the can, the session. */
  readonly id: string;
  readonly kind: AlarmKind;
  readonly atMs: number;
  /** What is named in it: a product, a session. */
  readonly of: string;
  readonly coat: number | null;
}

/** So long before a coat the can is shaken; before a start everything is laid out. From memory. */
const SOON_MS = 2 * MINUTE;
const START_SOON_MS = 30 * MINUTE;

export interface AlarmsOf {
  readonly plan: Plan;
  readonly job: Job;
  readonly products: readonly Product[];
}

const nameOf = (products: readonly Product[], id: string | undefined): string =>
  products.find((p) => p.id === id)?.name ?? '';

/** Of the coat that is next: shake, now, and before the bond ends. @param startMs when it may go on */
function coatAlarms({ plan, products }: AlarmsOf, startMs: number | null): Alarm[] {
  const coat = plan.sessions[0]?.tasks.find((t) => t.kind === 'coat');
  if (!coat || startMs === null) return [];
  const of = nameOf(products, plan.layers.find((l) => l.id === coat.layerId)?.productId);
  const at = (kind: AlarmKind, atMs: number): Alarm => ({ id: coat.id, kind, atMs, of, coat: coat.coat });
  const { waiting } = plan;
  const isWaiting = waiting !== null;
  const late = waiting && lateSoonMs(waiting);
  return [
    ...(isWaiting ? [at('coat-soon', startMs - SOON_MS)] : []),
    ...(isWaiting ? [at('coat-now', startMs)] : []),
    ...(late !== null && late > startMs ? [at('late-soon', late)] : []),
  ];
}

/** Of each can or cup that is alive while something is still to be sprayed from it. */
function potAlarms({ plan, job, products }: AlarmsOf): Alarm[] {
  const left = sprayedIn(plan);
  return openedPots(job, products).flatMap(({ product, at, endMs }): Alarm[] => {
    if (!left.has(product.id)) return [];
    const one = { id: `${product.id} ${at}`, of: product.name, coat: null };
    return [
      { ...one, kind: 'pot-half-hour', atMs: endMs - HOUR / 2 },
      { ...one, kind: 'pot-ten', atMs: endMs - 10 * MINUTE },
    ];
  });
}

function visitAlarms({ plan }: AlarmsOf): Alarm[] {
  return plan.visits.flatMap(({ id, kind, startsAt }): Alarm[] =>
    kind === 'unmask' || kind === 'move'
      ? [{ id, kind: kind === 'unmask' ? 'untape' : 'move', atMs: instantOf(startsAt), of: '', coat: null }]
      : [],
  );
}

function sessionAlarms({ plan }: AlarmsOf): Alarm[] {
  const [first] = plan.sessions;
  if (!first || plan.waiting) return [];
  return [
    { id: first.id, kind: 'start-soon', atMs: instantOf(first.startsAt) - START_SOON_MS, of: '', coat: null },
  ];
}

const AFTER: Readonly<Record<string, AlarmKind>> = {
  'dust-free': 'dust-free',
  handle: 'handle',
  untape: 'untape',
};

/** Once everything is on: what the film still asks for. */
const afterAlarms = ({ plan, products }: AlarmsOf): Alarm[] =>
  plan.toCome.flatMap(({ what, at, productId }): Alarm[] => {
    const kind = AFTER[what];
    return kind ? [{ id: what, kind, atMs: instantOf(at), of: nameOf(products, productId), coat: null }] : [];
  });

/** In the order they come. @param startMs when the next coat may go on, ms; null where none waits */
export const alarmsOf = (of: AlarmsOf, startMs: number | null): Alarm[] =>
  [
    ...coatAlarms(of, startMs),
    ...potAlarms(of),
    ...visitAlarms(of),
    ...sessionAlarms(of),
    ...afterAlarms(of),
  ].sort((a, b) => a.atMs - b.atMs);

/** What was called, by id and kind: the instant it was called for, ms. */
export type Called = ReadonlyMap<string, number>;
export const alarmKey = ({ id, kind }: Pick<Alarm, 'id' | 'kind'>): string => `${kind} ${id}`;

/** What comes late, after sleep or behind other windows, is told for so long, ms; older is no news. */
const STALE_MS = 20 * MINUTE;
/** That there is half an hour is no news once there is less. */
const SOON_STALE_MS = 3 * MINUTE;
const staleMs = ({ kind }: Alarm): number =>
  kind === 'coat-soon' || kind === 'start-soon' ? SOON_STALE_MS : STALE_MS;
/** A moment that moved on by more than this is called again, ms. */
const MOVED_MS = MINUTE;

/** What is to be called now: due, not too old, and not called for that moment yet. */
export const dueNow = (alarms: readonly Alarm[], called: Called, nowMs: number): Alarm[] =>
  alarms.filter((a) => {
    const was = called.get(alarmKey(a));
    const isFresh = was === undefined || a.atMs > was + MOVED_MS;
    return isFresh && a.atMs <= nowMs && nowMs - a.atMs <= staleMs(a);
  });
