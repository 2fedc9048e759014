/** The painter's own use and waits, from the logs of closed jobs: by coats on the scale, else by what a job took. */
import { systemFor } from '@/core/coating/system';
import { coatUses } from '@/core/material/coat-uses';
import { habitOf, type Habit, type UseTold } from '@/core/material/habit';
import { COAT_SD_FRAC, HABIT_SD_FRAC } from '@/core/material/spread';
import { expectedUse, loggedMl } from '@/core/material/used';
import { weighedOf } from '@/core/material/weighed';
import { feltBy } from '@/core/coating/felt';
import { FELT_SD } from '@/core/numerics/felt-times';
import { sdWithOneMore } from '@/core/numerics/learned';
import { logSd } from '@/core/numerics/stats';
import { withZones } from '@/core/surface/zones';
import type { Job } from '@/model/job';
import type { Product } from '@/model/product';
import { bandOf, closedJobs, counts, shareOf, timesItem, type LearnedItem } from './learned-item';
import { ofFaults } from './own-faults';
import { ofHands } from './own-hands';
import { ofShelter } from './own-shelter';
import type { JobStore, StoredJob } from './ports';

type System = ReturnType<typeof systemFor>;

function coatsTold(job: Job, system: System, product: Product): UseTold[] {
  const uses = coatUses(withZones(job), product, system.layers);
  const mine = (job.state?.weights ?? []).filter((w) => w.productId === product.id);
  return mine.flatMap((w) => {
    const weighed = weighedOf(uses, product, w);
    return weighed?.isLikely
      ? [{ usedMl: weighed.ml, expectedMl: weighed.reckonedMl, sdFrac: COAT_SD_FRAC }]
      : [];
  });
}

/** Of one job: each weighed coat; where none was weighed what its log says in all. */
function toldBy(job: Job): UseTold[] {
  const { habit: _own, ...reckoned } = job;
  const system = systemFor(reckoned);
  const products = [...new Set(system.layers.map((l) => l.productId))].flatMap(
    (id) => system.products.get(id) ?? [],
  );
  const coats = products.flatMap((p) => coatsTold(reckoned, system, p));
  if (coats.length > 0) return coats;
  const sum = { usedMl: 0, expectedMl: 0 };
  for (const u of job.log?.used ?? []) {
    const product = products.find((p) => p.id === u.productId);
    const ml = product ? loggedMl(u, product) : null;
    if (!product || ml === null || ml <= 0) continue;
    sum.usedMl += ml;
    sum.expectedMl += expectedUse(reckoned, product, system).takenMl;
  }
  return sum.usedMl > 0 && sum.expectedMl > 0 ? [sum] : [];
}

export interface OwnUse {
  /** null before the first job that tells something */
  readonly habit: Habit | null;
  /** The closed jobs it rests on, the last closed first. */
  readonly jobs: readonly string[];
}

const itemOf = (sprayer: Job['equipment']['sprayer']): string => `use:${sprayer}`;

/** @param sprayer whose jobs count; left out: all */
export function ownUse(closed: readonly StoredJob[], sprayer?: Job['equipment']['sprayer']): OwnUse {
  const told = closed
    .filter((s) => sprayer === undefined || s.job.equipment.sprayer === sprayer)
    .filter((s) => counts(s, itemOf(s.job.equipment.sprayer)))
    .map(({ job }) => ({ name: job.name, told: toldBy(job) }))
    .filter((t) => t.told.length > 0);
  return { habit: habitOf(told.flatMap((t) => t.told).reverse()), jobs: told.map((t) => t.name) };
}

function ofSprayer(closed: readonly StoredJob[], sprayer: Job['equipment']['sprayer']): LearnedItem[] {
  const { habit, jobs } = ownUse(closed, sprayer);
  if (!habit) return [];
  const sd = logSd(habit.sdFrac);
  return [
    {
      item: itemOf(sprayer),
      kind: 'use',
      of: sprayer,
      usual: 1,
      usualBand: bandOf(0, logSd(HABIT_SD_FRAC)),
      yours: habit.factor,
      band: bandOf(Math.log(habit.factor), sd),
      n: habit.jobs,
      jobs,
      sdFrac: habit.sdFrac,
      sdFracWithOneMore: shareOf(sdWithOneMore(sd, logSd(COAT_SD_FRAC))),
    },
  ];
}

/** Waits stray so far from one day to the next. From memory. */
const FLASH_DAY_SD = 0.15;

function ofWaits(closed: readonly StoredJob[]): LearnedItem[] {
  const by = new Map<string, { name: string; y: number[]; jobs: string[] }>();
  for (const stored of closed) {
    const { job } = stored;
    const { products } = systemFor(job);
    for (const [id, times] of feltBy({ ...(job.state && { state: job.state }) })) {
      if (!counts(stored, `flash:${id}`)) continue;
      const was = by.get(id) ?? { name: products.get(id)?.name ?? id, y: [], jobs: [] };
      by.set(id, { ...was, y: [...was.y, Math.log(times)], jobs: [...was.jobs, job.name] });
    }
  }
  return [...by].map(([id, { name, y, jobs }]) =>
    timesItem(
      { item: `flash:${id}`, kind: 'flash', of: name, jobs },
      { y, priorSd: FELT_SD, readingSd: FLASH_DAY_SD },
    ),
  );
}

export function learnedItems(store: JobStore): LearnedItem[] {
  const closed = closedJobs(store);
  const sprayers = [...new Set(closed.map((s) => s.job.equipment.sprayer))];
  return [
    ...sprayers.flatMap((s) => ofSprayer(closed, s)),
    ...ofWaits(closed),
    ...ofHands(closed),
    ...ofShelter(closed),
    ...ofFaults(closed),
  ];
}

/** Forgets what the closed jobs say of an item, or lets them say it again. @returns how many jobs */
export function unlearn(store: JobStore, item: string, isForgotten: boolean, nowMs: number): number {
  const told = closedJobs(store).filter((s) => counts(s, item) === isForgotten);
  for (const { id, version, job } of told) {
    if (!job.log) continue;
    const others = (job.log.unlearned ?? []).filter((x) => x !== item);
    const { unlearned: _was, ...log } = job.log;
    const next = isForgotten ? [...others, item] : others;
    store.update(id, version, { ...job, log: next.length > 0 ? { ...log, unlearned: next } : log }, nowMs);
  }
  return told.length;
}

/** Waits that are longer than their sheet’s, by product, for a job that begins. */
export const ownWaits = (closed: readonly StoredJob[]): Record<string, number> =>
  Object.fromEntries(
    ofWaits(closed)
      .filter((x) => x.yours > 1)
      .map((x) => [x.item.slice('flash:'.length), Math.min(3, x.yours)]),
  );
