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

export const Z90 = normalQuantile(0.95);
export const bandOf = (mean: number, sd: number): [number, number] => [
  Math.exp(mean - Z90 * sd),
  Math.exp(mean + Z90 * sd),
];
export const shareOf = (sd: number): number => Math.sqrt(Math.exp(sd * sd) - 1);

/** Logarithms of times over the usual, and how far painters and single readings stray. */
interface Readings {
  readonly y: readonly number[];
  readonly priorSd: number;
  readonly readingSd: number;
}

/** What readings make of a figure that is usually 1. */
export function timesItem(
  named: Pick<LearnedItem, 'item' | 'kind' | 'of' | 'jobs'>,
  { y, priorSd, readingSd }: Readings,
): LearnedItem {
  const e = learned(
    { mean: 0, sd: priorSd },
    y.map((v) => ({ y: v, sd: readingSd })),
  );
  return {
    ...named,
    usual: 1,
    usualBand: bandOf(0, priorSd),
    yours: Math.exp(e.mean),
    band: bandOf(e.mean, e.sd),
    n: e.n,
    sdFrac: shareOf(e.sd),
    sdFracWithOneMore: shareOf(sdWithOneMore(e.sd, readingSd)),
  };
}
