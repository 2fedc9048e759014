/** What a job came to in the end: bought, used against what was reckoned, what is left and worth, hands, kit. */
import type { Job } from '@/model/job';
import { jobStuff } from './finishing';
import { leftAtClose } from './material/left-at-close';
import { materialsOf } from './material/materials';
import { totalsOf } from './material/money';
import { moneyFor } from './material/packs';
import { expectedUse, loggedMl } from './material/used';
import { beforehand } from './schedule/work/beforehand';
import type { System } from './seams/seam';
import { partAreaM2 } from './surface/area';
import { withZones } from './surface/zones';
import { minutesBetween } from './time/instant';
import { kitPrice } from './ways';

export interface InTheEnd {
  /** The same job bought today, at the prices that hold now. */
  readonly again: {
    readonly paint: number;
    readonly stuff: number;
    readonly tax: number;
    readonly total: number;
  };
  /** Paint by what was used, and what was reckoned for the same paints; null where nothing was logged. */
  readonly used: {
    readonly lines: readonly UsedLine[];
    readonly cost: number;
    readonly reckoned: number;
  } | null;
  /** What is left of what was bought and keeps. */
  readonly leftWorth: number;
  /** Minutes of hands as planned, and of those tasks whose begin was pressed as they were. */
  readonly hands: { readonly plannedMin: number; readonly begunMin: number; readonly begun: number };
  /** Of gun, compressor and breathing air that are at hand, where it is said over how many jobs they are spread. */
  readonly kitShare: number;
  /** What it costs, kit share with it, less what is left, a square metre; null where nothing is painted. */
  readonly perM2: number | null;
}

export interface UsedLine {
  readonly name: string;
  readonly usedMl: number;
  readonly expectedMl: number;
  /** By the price of its first pack. */
  readonly cost: number;
  readonly reckoned: number;
}

/** What was logged of each paint of the build-up. */
const usedLines = (job: Job, system: System): UsedLine[] =>
  (job.log?.used ?? []).flatMap((u): UsedLine[] => {
    const product = system.products.get(u.productId);
    const ml = product ? loggedMl(u, product) : null;
    if (!product || ml === null || !system.layers.some((l) => l.productId === product.id)) return [];
    const { takenMl } = expectedUse(job, product, system);
    const money = { cost: moneyFor(product, ml), reckoned: moneyFor(product, takenMl) };
    return [{ name: product.name, usedMl: ml, expectedMl: takenMl, ...money }];
  });

function usedOf(job: Job, system: System): InTheEnd['used'] {
  const lines = usedLines(job, system);
  if (lines.length === 0) return null;
  const sum = (of: 'cost' | 'reckoned'): number => lines.reduce((a, x) => a + x[of], 0);
  return { lines, cost: sum('cost'), reckoned: sum('reckoned') };
}

function handsOf({ state }: Job): Pick<InTheEnd['hands'], 'begunMin' | 'begun'> {
  const begun = (state?.tasks ?? []).flatMap((t) =>
    t.startedAt === undefined ? [] : [Math.max(0, minutesBetween(t.startedAt, t.endedAt))],
  );
  return { begun: begun.length, begunMin: begun.reduce((a, m) => a + m, 0) };
}

function kitShareOf(job: Job): number {
  const { sprayer, suppliedAir, kitJobs } = job.equipment;
  if (kitJobs === undefined) return 0;
  const gun = sprayer === 'aerosol' ? 0 : kitPrice(job, 'gun') + kitPrice(job, 'compressor');
  return (gun + (suppliedAir ? kitPrice(job, 'airFed') : 0)) / kitJobs;
}

/** @param job closed or not @param system of it as it is now */
export function inTheEnd(job: Job, system: System): InTheEnd {
  const { state: _state, starts: _starts, shelf: _shelf, have: _have, ...bare } = withZones(job);
  const materials = materialsOf(bare, system);
  const { paint, prep, tax, total } = totalsOf(bare, materials, jobStuff(bare, system));
  const leftWorth = leftAtClose(job, system).reduce((a, left) => a + left.worth, 0);
  const kitShare = kitShareOf(job);
  const areaM2 = job.parts.reduce((a, p) => a + partAreaM2(p), 0);
  return {
    again: { paint, stuff: prep, tax, total },
    used: usedOf(job, system),
    leftWorth,
    kitShare,
    hands: { plannedMin: beforehand({ job: bare, system, materials }).handsMin, ...handsOf(job) },
    perM2: areaM2 > 0 ? Math.max(0, total + kitShare - leftWorth) / areaM2 : null,
  };
}
