'use client';
/** What the job came to in the end. */
import { inTheEnd } from '@/core/in-the-end';
import { systemOfPlan } from '@/core/seams/seam';
import { useDesk } from '../desk/job-desk';
import { useFormat } from '../theme/providers';
import { endRows } from '../views/in-the-end';

export function MoneyPanel() {
  const f = useFormat();
  const { job, plan, products } = useDesk();
  if (plan.layers.length === 0) return <p className="cap">No layers, so nothing to reckon.</p>;
  const end = inTheEnd(job, systemOfPlan(plan, products));
  return (
    <section className="panel" aria-label="Money and hands">
      <ul className="loglist">
        {endRows(end, job.budget.currency, f).map((row) => (
          <li key={row.name} className="row">
            <span className="grow-180">
              {row.name}
              <br />
              <span className="small muted">{row.besides}</span>
            </span>
            <b className="num">{row.figure}</b>
          </li>
        ))}
      </ul>
    </section>
  );
}
