'use client';
/** By when it is wanted, and what it may cost. */
import { setDeadline, setDeadlineHour } from '@/core/edits/purpose';
import { useDesk } from '../desk/job-desk';
import { ClockBox } from '../parts/clock-box';
import { DateBox } from '../parts/date-box';
import { NumberBox } from '../parts/number-box';
import { useFormat } from '../theme/providers';
import { followingFrom } from '../views/purpose';
import { Line } from './purpose-line';

export function BudgetEditor() {
  const f = useFormat();
  const { job, plan } = useDesk();
  return (
    <section aria-label="Budget" className="is-grid gap-10">
      <Line label="Ready by" follows={followingFrom(job, plan, f).deadline}>
        <DeadlineField />
      </Line>
      <Line label="Budget" follows="for everything to buy, tax included; gun, compressor and mask are extra">
        <BudgetField />
      </Line>
    </section>
  );
}

function DeadlineField() {
  const desk = useDesk();
  const { deadline, deadlineHour = '24:00' } = desk.job.purpose;
  return (
    <span className="row wrap-nowrap">
      <DateBox
        label="Ready by"
        value={deadline ?? ''}
        onChange={(day) => desk.edit((j) => setDeadline(j, day))}
      />
      {deadline !== undefined && (
        <ClockBox
          label="Hour of that day"
          value={deadlineHour}
          onChange={(hour) => desk.edit((j) => setDeadlineHour(j, hour))}
        />
      )}
    </span>
  );
}

function BudgetField() {
  const desk = useDesk();
  const { budget } = desk.job;
  return (
    <NumberBox
      label="Budget"
      unit={budget.currency}
      value={budget.amount}
      min={0}
      max={1_000_000}
      step={10}
      width={140}
      onChange={(amount) => desk.edit((j) => ({ ...j, budget: { ...j.budget, amount } }))}
      fault={desk.faultAt('budget.amount')}
    />
  );
}
