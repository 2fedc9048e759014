/** The figures a decision weighs with: the owner's, or what is usual, each with where it comes from. */
import { latePerDay } from '@/core/schedule/search/deadlines';
import { USUAL_LEAST } from '@/core/schedule/decide/of-attempt';
import type { RiskField } from '@/core/edits/risk';
import type { Job } from '@/model/job';
import type { Mark } from '@/model/marks';
import type { Plan } from '@/model/plan';

export interface Figure {
  readonly value: number;
  readonly mark: Mark;
}

/** What the plan assumed, money; 0 where it told none. */
function assumed(plan: Pick<Plan, 'assumptions'>, what: string): number {
  const value = plan.assumptions.find((a) => a.what === what)?.value;
  return typeof value === 'number' ? value : 0;
}

export function usualWorth(
  plan: Pick<Plan, 'assumptions' | 'sessions'>,
  { risk }: Pick<Job, 'risk'>,
): Readonly<Record<RiskField, Figure>> {
  const delay = assumed(plan, 'delay-per-day');
  const again = plan.sessions.reduce((a, s) => a + s.stakes.money, 0);
  const of = (own: number | undefined, usual: number, mark: Mark = 'M'): Figure =>
    own === undefined ? { value: usual, mark } : { value: own, mark: 'own' };
  return {
    least: of(risk.least, USUAL_LEAST, 'CP'),
    hourValue: of(risk.hourValue, assumed(plan, 'hour-value')),
    delayPerDay: of(risk.delayPerDay, delay),
    latePerDay: of(risk.latePerDay, latePerDay({ risk }, delay)),
    unfinished: of(risk.unfinished, again),
  };
}
