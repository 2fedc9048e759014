/** The steps a photograph may belong to: what went wrong last, what was done last, the one in hand. */
import { instantOf, msOf } from '@/core/time/instant';
import type { Job } from '@/model/job';
import { MOST_PHOTO_STEP } from '@/model/limits';
import type { Plan } from '@/model/plan';
import type { Product } from '@/model/product';
import { cutTo } from '@/words/cut';
import { nextWork } from './agenda';
import { faultName } from './noted-faults';
import { doneList, taskTitle } from './task-words';

interface StepsOf {
  readonly job: Job;
  readonly plan: Plan;
  readonly products: readonly Product[];
}

const MOST_STEPS = 12;
const PREPARED = 'While it is prepared';

/** The likeliest first: newest of what is done and what went wrong, then what is next. Never empty. */
export function stepsToShow({ job, plan, products }: StepsOf): string[] {
  const { tz } = job.place;
  const done = doneList(job, plan, products).map((d) => ({ label: d.label, ms: msOf(d.at, tz) }));
  const wrong = (job.state?.faults ?? []).map((x) => ({ label: faultName(x.code), ms: instantOf(x.at) }));
  const lately = [...done, ...wrong].sort((a, b) => b.ms - a.ms).map((s) => s.label);
  const next = nextWork(plan)?.task;
  const names = [...lately, ...(next ? [taskTitle(plan, products, next)] : []), PREPARED];
  return [...new Set(names.map((n) => cutTo(n, MOST_PHOTO_STEP)))].slice(0, MOST_STEPS);
}
