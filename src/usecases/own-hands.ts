/** The painter's own pace at a kind of work, from begins that were pressed: time taken over time planned. */
import { minutesBetween } from '@/core/time/instant';
import type { Job } from '@/model/job';
import { isHandKind, type HandKind } from '@/model/task-kinds';
import { counts, timesItem, type LearnedItem } from './learned-item';
import type { StoredJob } from './ports';

/** One painter against the usual, and one piece of work against the next, logarithms. From memory. */
const PACE_SD = 0.4;
const WORK_SD = 0.3;
/** Shorter than this a press says nothing of a pace, minutes. */
const LEAST_MIN = 1;

interface Told {
  readonly kind: HandKind;
  /** Logarithm of time taken over what is usual. */
  readonly y: number;
}

/** What a job tells; what it was planned with of the painter's own pace is taken out again. */
export function handsTold({ state, handsOwn }: Pick<Job, 'state' | 'handsOwn'>): Told[] {
  return (state?.tasks ?? []).flatMap(({ startedAt, endedAt, planned }): Told[] => {
    if (!startedAt || !planned || !isHandKind(planned.kind) || planned.minutes < LEAST_MIN) return [];
    const took = minutesBetween(startedAt, endedAt);
    if (took < LEAST_MIN) return [];
    const usual = planned.minutes / (handsOwn?.[planned.kind] ?? 1);
    return [{ kind: planned.kind, y: Math.log(took / usual) }];
  });
}

export function ofHands(closed: readonly StoredJob[]): LearnedItem[] {
  const by = new Map<HandKind, { y: number[]; jobs: string[] }>();
  for (const stored of closed)
    for (const { kind, y } of handsTold(stored.job)) {
      if (!counts(stored, `hands:${kind}`)) continue;
      const was = by.get(kind) ?? { y: [], jobs: [] };
      by.set(kind, { y: [...was.y, y], jobs: [...new Set([...was.jobs, stored.job.name])] });
    }
  return [...by].map(([kind, { y, jobs }]) =>
    timesItem(
      { item: `hands:${kind}`, kind: 'hands', of: kind, jobs },
      { y, priorSd: PACE_SD, readingSd: WORK_SD },
    ),
  );
}

/** For a job that begins, by kind of work. */
export const ownPace = (closed: readonly StoredJob[]): NonNullable<Job['handsOwn']> =>
  Object.fromEntries(
    ofHands(closed).map((x) => [x.of, Math.min(4, Math.max(0.3, Math.round(x.yours * 100) / 100))]),
  );
