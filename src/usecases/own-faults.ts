/** How often a fault came on the painter's own jobs, with a cause of it and without, against how often it usually comes. */
import { systemFor } from '@/core/coating/system';
import { causeThere } from '@/core/faults/came-when';
import { FAULT_CARDS } from '@/core/faults/cards';
import type { FaultCard } from '@/core/faults/card';
import { rateOf, sdAfterOneMore } from '@/core/numerics/beta';
import { coatsOn } from '@/core/time/coats-on';
import { TOLD_CAUSES, type ToldCause } from '@/model/fault';
import type { Job } from '@/model/job';
import { closedJobs, counts, type LearnedItem } from './learned-item';
import type { JobStore, StoredJob } from './ports';

/** Share of jobs on which a fault comes, by how often its card says, and what that weighs in jobs. From memory. */
const USUAL: Readonly<Record<FaultCard['often'], number>> = { 3: 0.2, 2: 0.1, 1: 0.05 };
const PRIOR_JOBS = 6;

/** A fault and under which of its causes it is counted; null: on every job. */
interface Counted {
  readonly card: FaultCard;
  readonly cause: ToldCause | null;
  readonly jobs: readonly StoredJob[];
}

const cameOn = ({ job }: StoredJob, { code }: FaultCard): boolean =>
  (job.state?.faults ?? []).some((x) => x.code === code);

function isThere({ job }: StoredJob, cause: ToldCause): boolean | null {
  const { layers, products } = systemFor(job);
  const mine = [...new Set(layers.map((l) => l.productId))].flatMap((id) => products.get(id) ?? []);
  const endsMs = coatsOn(job).map((c) => c.endedMs);
  return causeThere(cause, { trace: job.log?.trace, endsMs, products: mine, parts: job.parts });
}

/** By the first cause of the card that was there on some of the jobs and not on others. */
function countedOf(card: FaultCard, jobs: readonly StoredJob[]): Counted {
  for (const cause of TOLD_CAUSES.filter((c) => card.causes.includes(c))) {
    const there = jobs.filter((s) => isThere(s, cause) === true);
    const isSplit = there.length > 0 && jobs.some((s) => isThere(s, cause) === false);
    if (isSplit && there.some((s) => cameOn(s, card))) return { card, cause, jobs: there };
  }
  return { card, cause: null, jobs };
}

function itemOf({ card, cause, jobs }: Counted): LearnedItem {
  const usual = USUAL[card.often];
  const prior = { mean: usual, weight: PRIOR_JOBS };
  const came = jobs.filter((s) => cameOn(s, card));
  const rate = rateOf(prior, came.length, jobs.length);
  return {
    item: `fault:${card.code}`,
    kind: 'fault',
    of: card.code,
    ...(cause && { when: cause }),
    usual,
    usualBand: rateOf(prior, 0, 0).band,
    yours: rate.mean,
    band: rate.band,
    n: jobs.length,
    jobs: came.map((s) => s.job.name),
    sdFrac: rate.sd,
    sdFracWithOneMore: sdAfterOneMore(rate, PRIOR_JOBS + jobs.length),
  };
}

/** Of every fault that came at least once. */
export function ofFaults(closed: readonly StoredJob[]): LearnedItem[] {
  return FAULT_CARDS.flatMap((card) => {
    const jobs = closed.filter((s) => counts(s, `fault:${card.code}`));
    return jobs.some((s) => cameOn(s, card)) ? [itemOf(countedOf(card, jobs))] : [];
  });
}

/** For a job that begins: how many times as often as usual. */
export const ownFaults = (store: JobStore): NonNullable<Job['faultsOwn']> =>
  ofFaults(closedJobs(store)).flatMap(({ of, when, yours, usual }) => {
    const card = FAULT_CARDS.find((c) => c.code === of);
    return card
      ? [{ code: card.code, ...(when && { when }), times: Math.round((100 * yours) / usual) / 100 }]
      : [];
  });
