/** The logbook: closed jobs as records, found by words; what they used, cost and taught; when to look again. */
import { layersUm } from '@/core/coating/film-budget';
import { systemFor } from '@/core/coating/system';
import { inTheEnd, type InTheEnd, type UsedLine } from '@/core/in-the-end';
import type { System } from '@/core/seams/seam';
import { partAreaM2 } from '@/core/surface/area';
import { withZones } from '@/core/surface/zones';
import { wentWrong } from '@/core/went-wrong';
import { closedOn, looksOf } from '@/core/finish/looks';
import { civilDate } from '@/core/time/instant';
import { monthsLater } from '@/core/time/months';
import { isClosed, type Job } from '@/model/job';
import type { LogbookAsked } from '@/model/logbook-asked';
import type { Product } from '@/model/product';
import type { JobStore, StoredJob } from './ports';

export interface LogbookRow {
  readonly id: string;
  readonly job: Job;
  readonly closedOn: string;
  readonly drawn: Pick<System, 'layers' | 'seams'>;
  readonly products: readonly Product[];
  readonly areaM2: number;
  readonly filmUm: number;
  readonly coats: number;
  readonly used: readonly UsedLine[];
  readonly cost: number;
  /** Money and hands as they came to. */
  readonly end: InTheEnd;
  /** Days on which it is looked at again, and whether it was. */
  readonly looks: readonly { readonly due: string; readonly isDone: boolean }[];
}

export interface Year {
  readonly jobs: number;
  readonly coats: number;
  readonly areaM2: number;
  readonly cost: number;
  readonly currency: string;
  /** Of hands, as planned. */
  readonly handsMin: number;
}

export interface Logbook {
  readonly rows: readonly LogbookRow[];
  /** Closed jobs in all, whatever was asked for. */
  readonly total: number;
  /** What there is to choose from. */
  readonly years: readonly string[];
  readonly sprayers: readonly string[];
  readonly year: Year;
}

const MOST = 200;

function rowOf({ id, job }: StoredJob): LogbookRow {
  const system = systemFor(withZones(job));
  const { layers, seams, products } = system;
  const mine = new Set(layers.map((l) => l.productId));
  const end = inTheEnd(job, system);
  return {
    id,
    job,
    closedOn: closedOn(job)!,
    drawn: { layers, seams },
    products: [...products.values()].filter((p) => mine.has(p.id)),
    areaM2: job.parts.reduce((a, part) => a + partAreaM2(part), 0),
    filmUm: layersUm(layers),
    coats: layers.reduce((a, l) => a + l.coats, 0),
    used: end.used?.lines ?? [],
    cost: end.used?.cost ?? 0,
    end,
    looks: looksOf(job),
  };
}

/** Everything of a record that words may be looked for in. */
function textOf({ job, products }: LogbookRow): string {
  const { log, state, parts, purpose } = job;
  return [
    job.name,
    purpose.colour.name,
    purpose.finish,
    ...parts.map((p) => p.name ?? ''),
    ...products.map((p) => p.name),
    ...wentWrong(job),
    ...(state?.faults ?? []).map((x) => x.note ?? ''),
    ...(log?.outcomes ?? []).map((o) => o.remark ?? ''),
    log?.note ?? '',
  ]
    .join(' ')
    .toLowerCase();
}

function yearOf(rows: readonly LogbookRow[], nowMs: number): Year {
  const tz = rows[0]?.job.place.tz ?? 'Europe/London';
  const from = monthsLater(civilDate(nowMs, tz), -12);
  const mine = rows.filter((r) => r.closedOn >= from);
  const currency = mine[0]?.job.budget.currency ?? 'GBP';
  const same = mine.filter((r) => r.job.budget.currency === currency);
  const sum = (of: (r: LogbookRow) => number): number => mine.reduce((a, r) => a + of(r), 0);
  return {
    jobs: mine.length,
    coats: sum((r) => r.coats),
    areaM2: sum((r) => r.areaM2),
    cost: same.reduce((a, r) => a + r.cost, 0),
    currency,
    handsMin: sum((r) => r.end.hands.plannedMin),
  };
}

/** One of them; null where there is none, or it is not closed. */
export function logbookRecord(store: JobStore, id: string): LogbookRow | null {
  const stored = store.load(id);
  return stored && isClosed(stored.job) ? rowOf(stored) : null;
}

function isAsked(row: LogbookRow, { words = '', year, sprayer, faults }: LogbookAsked): boolean {
  const { job, closedOn: on } = row;
  const isClean = wentWrong(job).length === 0;
  const asked = words.toLowerCase().split(/\s+/).filter(Boolean);
  return (
    (year === undefined || on.startsWith(year)) &&
    (sprayer === undefined || job.equipment.sprayer === sprayer) &&
    (faults === undefined || isClean === (faults === 'none')) &&
    asked.every((w) => textOf(row).includes(w))
  );
}

export function logbook(store: JobStore, asked: LogbookAsked, nowMs: number): Logbook {
  const { rows, total } = store.closed({ skip: 0, most: MOST });
  const all = rows.map(rowOf);
  const distinct = (of: (r: LogbookRow) => string): string[] => [...new Set(all.map(of))].sort();
  return {
    rows: all.filter((r) => isAsked(r, asked)),
    total,
    years: distinct((r) => r.closedOn.slice(0, 4)),
    sprayers: distinct((r) => r.job.equipment.sprayer),
    year: yearOf(all, nowMs),
  };
}
