/** How often a fault came on the painter's own jobs, with a cause of it and without, against how often it usually comes. */
import { systemFor } from '@/core/coating/system';
import { causeThere } from '@/core/faults/came-when';
import { FAULT_CARDS } from '@/core/faults/cards';
import type { FaultCard } from '@/core/faults/card';
import { wentWrong } from '@/core/went-wrong';
import { rateOf, sdAfterOneMore } from '@/core/numerics/beta';
import { coatsOn } from '@/core/time/coats-on';
import { TOLD_CAUSES, type ToldCause } from '@/model/fault';
import type { Job } from '@/model/job';
import { counts, type LearnedItem } from './learned-item';
import type { StoredJob } from './ports';

/** Share of jobs on which a fault comes, by how often its card says, and what that weighs in jobs. From memory. */
const USUAL: Readonly<Record<FaultCard['often'], number>> = { 3: 0.2, 2: 0.1, 1: 0.05 };
const PRIOR_JOBS = 6;

/** A closed job, and which causes were there; null where nothing tells. */
interface Recorded {
  readonly stored: StoredJob;
  readonly there: Readonly<Record<ToldCause, boolean | null>>;
}

/** A fault and under which of its causes it is counted; null: on every job. */
interface Counted {
  readonly card: FaultCard;
  readonly cause: ToldCause | null;
  readonly jobs: readonly Recorded[];
}

const cameOn = ({ stored: { job } }: Recorded, { code }: FaultCard): boolean => wentWrong(job).includes(code);

function recorded(stored: StoredJob): Recorded {
  const { job } = stored;
  const { layers, products } = systemFor(job);
  const mine = [...new Set(layers.map((l) => l.productId))].flatMap((id) => products.get(id) ?? []);
  const endsMs = coatsOn(job).map((c) => c.endedMs);
  const sprayed = { trace: job.log?.trace, endsMs, products: mine, parts: job.parts };
  const told = TOLD_CAUSES.map((cause) => [cause, causeThere(cause, sprayed)] as const);
  return { stored, there: Object.fromEntries(told) as Recorded['there'] };
}

/** By the first cause of the card that was there on some of the jobs and not on others. */
function countedOf(card: FaultCard, jobs: readonly Recorded[]): Counted {
  for (const cause of TOLD_CAUSES.filter((c) => card.causes.includes(c))) {
    const there = jobs.filter((r) => r.there[cause] === true);
    const isSplit = there.length > 0 && jobs.some((r) => r.there[cause] === false);
    if (isSplit && there.some((r) => cameOn(r, card))) return { card, cause, jobs: there };
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
    jobs: came.map((r) => r.stored.job.name),
    sdFrac: rate.sd,
    sdFracWithOneMore: sdAfterOneMore(rate, PRIOR_JOBS + jobs.length),
  };
}

/** Of every fault that came at least once. */
export function ofFaults(closed: readonly StoredJob[]): LearnedItem[] {
  const all = closed.map(recorded);
  return FAULT_CARDS.flatMap((card) => {
    const jobs = all.filter((r) => counts(r.stored, `fault:${card.code}`));
    return jobs.some((r) => cameOn(r, card)) ? [itemOf(countedOf(card, jobs))] : [];
  });
}

/** For a job that begins: how many times as often as usual. */
export const ownFaults = (closed: readonly StoredJob[]): NonNullable<Job['faultsOwn']> =>
  ofFaults(closed).flatMap(({ of, when, yours, usual }) => {
    const card = FAULT_CARDS.find((c) => c.code === of);
    return card
      ? [{ code: card.code, ...(when && { when }), times: Math.round((100 * yours) / usual) / 100 }]
      : [];
  });
