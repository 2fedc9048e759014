/** A figure of the painter's own, with what it was before, and the closed jobs it may rest on. */
import { learned, sdWithOneMore } from '@/core/numerics/learned';
import { normalQuantile } from '@/core/numerics/stats';
import type { ToldCause } from '@/model/fault';
import type { JobStore, StoredJob } from './ports';

/** A habit is what one does of late; older logs say little of it. */
const LATEST_JOBS = 60;

/** An item that was reset rests on what was closed since. */
export const counts = ({ job }: Pick<StoredJob, 'job'>, item: string): boolean =>
  !(job.log?.unlearned ?? []).includes(item);

export const closedJobs = (store: JobStore): readonly StoredJob[] =>
  store.closed({ skip: 0, most: LATEST_JOBS }).rows;

/** A figure with what it was before anything was told. */
export interface LearnedItem {
  readonly item: string;
  readonly kind: 'use' | 'flash' | 'hands' | 'fault' | 'wind' | 'air' | 'damp';
  /** A sprayer, a product by its name, a kind of work, a fault, or a place. */
  readonly of: string;
  /** A fault's cause that was there on the jobs it is counted on; left out: on all. */
  readonly when?: ToldCause;
  readonly usual: number;
  readonly usualBand: readonly [number, number];
  readonly yours: number;
  /** Nine in ten lie between. */
  readonly band: readonly [number, number];
  readonly n: number;
  readonly jobs: readonly string[];
  /** Doubt as a share, of air and damp in K, one standard deviation, and what one more reading would leave of it. */
  readonly sdFrac: number;
  readonly sdFracWithOneMore: number;
}

const Z90 = normalQuantile(0.95);
export const bandOf = (mean: number, sd: number): [number, number] => [
  Math.exp(mean - Z90 * sd),
  Math.exp(mean + Z90 * sd),
];
export const shareOf = (sd: number): number => Math.sqrt(Math.exp(sd * sd) - 1);

/** Differences from the usual, or logarithms of times over it; how far painters and single readings stray. */
interface Readings {
  readonly y: readonly number[];
  readonly priorSd: number;
  readonly readingSd: number;
}

type Named = Pick<LearnedItem, 'item' | 'kind' | 'of' | 'jobs'>;

/** What readings make of a figure that is usually nothing. */
export function differenceItem(named: Named, { y, priorSd, readingSd }: Readings): LearnedItem {
  const e = learned(
    { mean: 0, sd: priorSd },
    y.map((v) => ({ y: v, sd: readingSd })),
  );
  return {
    ...named,
    usual: 0,
    usualBand: [-Z90 * priorSd, Z90 * priorSd],
    yours: e.mean,
    band: [e.mean - Z90 * e.sd, e.mean + Z90 * e.sd],
    n: e.n,
    sdFrac: e.sd,
    sdFracWithOneMore: sdWithOneMore(e.sd, readingSd),
  };
}

/** What readings make of a figure that is usually 1: their logarithms are differences. */
export function timesItem(named: Named, readings: Readings): LearnedItem {
  const x = differenceItem(named, readings);
  const times = ([low, high]: LearnedItem['band']): [number, number] => [Math.exp(low), Math.exp(high)];
  return {
    ...x,
    usual: 1,
    usualBand: times(x.usualBand),
    yours: Math.exp(x.yours),
    band: times(x.band),
    sdFrac: shareOf(x.sdFrac),
    sdFracWithOneMore: shareOf(x.sdFracWithOneMore),
  };
}
