'use client';
/** The tag of the bench: the next window over all jobs, what to buy, hours of work, what to mind. */
import Link from 'next/link';
import type { BenchJob } from '@/usecases/bench';
import { CautionList } from '../parts/caution';
import { BudgetBar, OddsMarks } from '../shell/odds-and-budget';
import { TagPlate } from '../shell/tag-plate';
import { OddsPair } from '../shell/verdict';
import { useFormat } from '../theme/providers';
import { benchSums } from '../views/bench';
import { futuresOf, packsCount, packsSaid } from '../views/verdict';

interface BenchTagProps {
  readonly jobs: readonly BenchJob[];
  readonly next: BenchJob | undefined;
  /** only some of the jobs are on this page */
  readonly isPart: boolean;
}

export function BenchTag({ jobs, next, isPart }: BenchTagProps) {
  const f = useFormat();
  const which = isPart ? `these ${jobs.length} jobs` : 'all jobs';
  const { total, budget, currency, packs, handsOnH } = benchSums(jobs);
  const bar = (
    <>
      <b>{packsSaid(packs) || 'Nothing'}</b> to buy, {f.money(total, currency)} of {f.money(budget, currency)}
    </>
  );
  return (
    <TagPlate bar={bar}>
      {next && <NextWindow job={next} />}
      <div className="vsec">
        <h3>
          <span>To buy, {which}</span>
          <span>of {f.money(budget, currency)}</span>
        </h3>
        <div className="pair">
          <span className="big">{packsCount(packs)}</span>
          <span className="mid">{f.money(total, currency)}</span>
        </div>
        <BudgetBar total={total} budget={budget} />
        <p className="sub">
          each bought for itself; <Link href="/shopping">together it is less</Link>
        </p>
      </div>
      <div className="vsec">
        <h3>Hands-on, {which}</h3>
        <span className="big">{f.hours(handsOnH)}</span>
      </div>
      {next && <StopCautions job={next} />}
    </TagPlate>
  );
}

function NextWindow({ job: { job, plan } }: { job: BenchJob }) {
  const f = useFormat();
  const first = plan.sessions[0]!;
  const [good, of] = futuresOf(plan);
  return (
    <div className="vsec">
      <h3>
        <span>Next good window</span>
        <span>{f.day(first.startsAt)}</span>
      </h3>
      <p className="mid">
        {f.time(first.startsAt)}–{f.time(first.handsOffAt)}, {job.name}
      </p>
      <OddsPair plan={plan} />
      <OddsMarks good={good} of={of} />
    </div>
  );
}

function StopCautions({ job }: { job: BenchJob }) {
  const stops = job.plan.cautions.filter((c) => c.severity === 'stop');
  return (
    <div className="vsec cauts">
      <CautionList cautions={stops} atOnce={2} />
    </div>
  );
}
