/**
 * The bench: the jobs at work with their plans, some at a time, and the closed ones without. A job whose plan
 * fails is still shown.
 */
import { darkSpans } from '@/core/air/dark';
import { systemFor } from '@/core/coating/system';
import { overdueLook } from '@/core/finish/looks';
import { civilDate, HALF_HOUR, HOUR } from '@/core/time/instant';
import { sunElevationDeg } from '@/core/air/sun';
import { partAreaM2 } from '@/core/surface/area';
import { withZones } from '@/core/surface/zones';
import type { Job } from '@/model/job';
import type { Plan } from '@/model/plan';
import type { Product } from '@/model/product';
import type { AirView } from '@/core/air/view';
import type { System } from '@/core/seams/seam';
import type { Planning } from './plans';
import { viewOf } from './view-job';
import type { JobHead, JobStore, PageOf, StoredJob } from './ports';

export interface Bench {
  readonly open: readonly BenchJob[];
  /** At work and not on this page, by name, the last changed first. */
  readonly others: readonly JobHead[];
  readonly finished: readonly FinishedJob[];
  /** What is due, the longest first. */
  readonly looks: readonly DueLook[];
  readonly removed: ReturnType<JobStore['removed']>;
  readonly pages: { readonly open: Paged; readonly finished: Paged };
}
export interface BenchJob {
  readonly id: string;
  readonly job: Job;
  readonly plan: Plan;
  readonly products: readonly Product[];
  readonly nights: readonly (readonly [number, number])[];
  readonly airNow: AirView['now'];
}
/** A closed job: what was built up is drawn, and nothing is planned. */
export interface FinishedJob {
  readonly id: string;
  readonly job: Job;
  readonly drawn: Pick<System, 'layers' | 'seams'>;
  readonly products: readonly Product[];
  readonly areaM2: number;
}
/** A finished job that is to be looked at again. */
export interface DueLook {
  readonly id: string;
  readonly name: string;
  readonly months: number;
  /** yyyy-mm-dd */
  readonly due: string;
}
/** Which of many are shown; pages are counted from 1. */
export interface Paged {
  readonly page: number;
  readonly pages: number;
  readonly total: number;
}

/** The board of hours shows two weeks from the morning of today. */
const NIGHTS_H = 16 * 24;

/** Jobs on the bench at a time: each wants a plan. */
export const ON_THE_BENCH = 8;
const FINISHED_AT_A_TIME = 12;

/** Dark stretches at a place over a week, to the half hour. */
export function nightsAt(lat: number, lon: number, fromMs: number, hours: number): [number, number][] {
  const looks = Array.from({ length: 2 * hours + 1 }, (_, i) => {
    const atMs = fromMs + i * HALF_HOUR;
    return { atMs, sunDeg: sunElevationDeg(atMs, lat, lon) };
  });
  return darkSpans(looks, fromMs + hours * HOUR);
}

/** A page out of range is the last one there is. */
function pageOf<T>(
  ask: (asked: { skip: number; most: number }) => PageOf<T>,
  page: number,
  most: number,
): { rows: readonly T[]; paged: Paged } {
  const first = ask({ skip: (page - 1) * most, most });
  const pages = Math.max(1, Math.ceil(first.total / most));
  if (page <= pages) return { rows: first.rows, paged: { page, pages, total: first.total } };
  const last = ask({ skip: (pages - 1) * most, most });
  return { rows: last.rows, paged: { page: pages, pages, total: last.total } };
}

export interface BenchAsked {
  readonly nowMs: number;
  /** from 1 */
  readonly page: number;
  readonly finishedPage: number;
}

/** Jobs at work (in the order they were begun), jobs closed (newest first) and jobs taken off. */
export async function bench(store: JobStore, planning: Planning, asked: BenchAsked): Promise<Bench> {
  const open = pageOf((q) => store.atWork(q), asked.page, ON_THE_BENCH);
  const finished = pageOf((q) => store.closed(q), asked.finishedPage, FINISHED_AT_A_TIME);
  const inOrder = [...open.rows].sort((a, b) => a.createdMs - b.createdMs || (a.id < b.id ? -1 : 1));
  return {
    open: await Promise.all(inOrder.map((s) => benchJob(s, planning, asked.nowMs))),
    others: open.paged.pages > 1 ? othersOf(store, open.rows) : [],
    finished: finished.rows.map(finishedJob),
    looks: dueLooks(store, asked.nowMs),
    removed: store.removed(),
    pages: { open: open.paged, finished: finished.paged },
  };
}

/** Closed jobs that are looked through for what is due. */
const MOST_LOOKED = 60;

function dueLooks(store: JobStore, nowMs: number): DueLook[] {
  const { rows } = store.closed({ skip: 0, most: MOST_LOOKED });
  return rows
    .flatMap(({ id, job }) => {
      const look = overdueLook(job, civilDate(nowMs, job.place.tz));
      return look ? [{ id, name: job.name, months: look.months, due: look.due }] : [];
    })
    .sort((a, b) => a.due.localeCompare(b.due));
}

/** Named at most, beside those that are drawn. */
const MOST_NAMED = 100;

function othersOf(store: JobStore, shown: readonly StoredJob[]): JobHead[] {
  const isShown = new Set(shown.map((s) => s.id));
  return store
    .atWork({ skip: 0, most: MOST_NAMED })
    .rows.filter((s) => !isShown.has(s.id))
    .map(({ id, job }) => ({ id, name: job.name }));
}

async function benchJob(stored: StoredJob, planning: Planning, nowMs: number): Promise<BenchJob> {
  const jobView = await viewOf(stored, planning, { nowMs });
  const used = new Set(jobView.plan.layers.map((l) => l.productId));
  return {
    id: jobView.id,
    job: jobView.job,
    products: jobView.products.filter((p) => used.has(p.id)),
    airNow: jobView.air.now,
    // What the bench does not draw is not sent to the page.
    plan: { ...jobView.plan, startOptions: [], alternatives: [], assumptions: [] },
    nights: nightsAt(jobView.job.place.lat, jobView.job.place.lon, nowMs - 24 * HOUR, NIGHTS_H),
  };
}

function finishedJob({ id, job }: StoredJob): FinishedJob {
  const { layers, seams, products } = systemFor(withZones(job));
  const used = new Set(layers.map((l) => l.productId));
  return {
    id,
    job,
    drawn: { layers, seams },
    products: [...products.values()].filter((p) => used.has(p.id)),
    areaM2: job.parts.reduce((sum, part) => sum + partAreaM2(part), 0),
  };
}
