'use client';
/** Other chains of starts, each with its chance. */
import Button from '@mui/material/Button';
import type { Alternative } from '@/model/plan';
import { percentOf } from '@/words/format';
import { sayWhy } from '@/words/sentences/whys';
import { useDesk } from '../desk/job-desk';
import { useFormat } from '../theme/providers';
import { tradeSaid } from '../views/trade';

export function Alternatives({ onTake }: { onTake: (starts: Alternative['starts']) => void }) {
  const { plan } = useDesk();
  return (
    <section className="panel" aria-label="Alternatives">
      {plan.alternatives.length === 0 && (
        <p className="cap mt-6">No other chain of starts fits the free hours of the week.</p>
      )}
      {plan.alternatives.map((a) => (
        <AlternativeRow key={a.starts.map((s) => s.at).join()} alternative={a} onTake={onTake} />
      ))}
    </section>
  );
}

interface RowProps {
  readonly alternative: Alternative;
  readonly onTake: (starts: Alternative['starts']) => void;
}

function AlternativeRow({ alternative, onTake }: RowProps) {
  const f = useFormat();
  const { plan } = useDesk();
  return (
    <div className="row pt-10 pb-10 bt-1px-solid-line-2 mt-6">
      <b className="text-18 fw650 minw-52">{percentOf(alternative.chance)} %</b>
      <span className="small flex-1 minw-130">
        {alternative.starts.map((s) => f.dayTime(s.at)).join(', then ')}
        <br />
        <span className="muted">
          {sayWhy(alternative.why, f)}, handle-dry {f.dayTime(alternative.finishesAt)}: against the plan{' '}
          {tradeSaid(alternative, plan.cost.currency, f)}
        </span>
      </span>
      <Button size="small" variant="outlined" onClick={() => onTake(alternative.starts)}>
        Take this
      </Button>
    </div>
  );
}
