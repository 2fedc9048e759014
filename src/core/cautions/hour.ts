/**
 * The hour before the first coat: what has to be so, for these products in this place. Common practice, no source; for
 * isocyanates NIOSH Alert 96-111. What is not ticked is said at the first coat, once.
 */
import type { Job } from '@/model/job';
import type { Plan, Session } from '@/model/plan';
import type { Product } from '@/model/product';
import { SHELTER_CARDS } from '../air/shelter';

/** What a session is sprayed with, and where. */
export interface HourOf {
  readonly job: Job;
  readonly products: readonly Product[];
  /** Nobody sees by daylight when it is sprayed. */
  readonly isDark: boolean;
}

/** Walls on all sides: the vapour stays, and so does dust. */
const isInside = ({ job }: HourOf): boolean => SHELTER_CARDS[job.place.shelter].building !== null;
const hasIso = ({ products }: HourOf): boolean => products.some((p) => p.isocyanate);
const fromCans = ({ products }: HourOf): boolean => products.some((p) => p.carrier === 'aerosol');
const fromGun = ({ products }: HourOf): boolean => products.some((p) => p.carrier === 'gun');

interface HourCard {
  readonly code: string;
  readonly on: (of: HourOf) => boolean;
}
const always = (): boolean => true;
const not =
  (is: (of: HourOf) => boolean) =>
  (of: HourOf): boolean =>
    !is(of);

/** In the order they are gone through: people first, then air, tools, parts, room. */
export const HOUR_CARDS = [
  { code: 'iso-guard', on: hasIso },
  { code: 'vapour-guard', on: not(hasIso) },
  { code: 'others-out', on: always },
  { code: 'air-through', on: isInside },
  { code: 'downwind', on: not(isInside) },
  { code: 'no-spark', on: always },
  { code: 'water-trap', on: fromGun },
  { code: 'cup-strained', on: fromGun },
  { code: 'cans-warm', on: fromCans },
  { code: 'tacked', on: always },
  { code: 'test-card', on: always },
  { code: 'floor', on: always },
  { code: 'lamp', on: ({ isDark, job }) => isDark || job.place.lamp === true },
] as const satisfies readonly HourCard[];
export type HourCode = (typeof HOUR_CARDS)[number]['code'];

export const hourTaskId = (sessionId: string, code: HourCode | 'taken'): string =>
  `${sessionId}.hour-${code}`;
/** A tick of the hour is no task of the run sheet. */
export const isHourTask = (taskId: string): boolean => /\.hour-[a-z-]+$/.test(taskId);

export interface HourItem {
  readonly code: HourCode;
  readonly taskId: string;
  readonly isDone: boolean;
}

export interface Hour {
  readonly items: readonly HourItem[];
  /** What is open was said and taken on. */
  readonly isTaken: boolean;
}

/** null once a coat of the session is on, or where nothing is sprayed. */
export function hourBefore(
  plan: Pick<Plan, 'layers'>,
  session: Session | undefined,
  { job, products, isDark }: HourOf,
): Hour | null {
  const first = session?.tasks.find((t) => t.kind === 'coat');
  const isBegun = (job.state?.coats ?? []).some((c) => session?.layerIds.includes(c.layerId));
  if (!session || !first || isBegun) return null;
  const mine = new Set(plan.layers.filter((l) => session.layerIds.includes(l.id)).map((l) => l.productId));
  const of: HourOf = { job, products: products.filter((p) => mine.has(p.id)), isDark };
  const done = new Set((job.state?.tasks ?? []).map((t) => t.taskId));
  const items = HOUR_CARDS.filter((c) => c.on(of)).map(({ code }): HourItem => {
    const taskId = hourTaskId(session.id, code);
    return { code, taskId, isDone: done.has(taskId) };
  });
  return { items, isTaken: done.has(hourTaskId(session.id, 'taken')) };
}
