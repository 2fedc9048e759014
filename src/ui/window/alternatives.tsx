'use client';
/** Other chains of starts, each with its chance. */
import Button from '@mui/material/Button';
import type { Alternative } from '@/model/plan';
import { percentOf } from '@/words/format';
import { sayWhy } from '@/words/sentences/whys';
import { useDesk } from '../desk/job-desk';
import { useFormat } from '../theme/providers';

export function Alternatives({ onTake }: { onTake: (starts: Alternative['starts']) => void }) {
  const { plan } = useDesk();
  return (
    <section className="panel" aria-label="Alternatives">
      {plan.alternatives.length === 0 && (
        <p className="cap" style={{ marginTop: 6 }}>
          No other chain of starts fits the free hours of the week.
        </p>
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
  return (
    <div className="row" style={{ padding: '9px 0', borderTop: '1px solid var(--line-2)', marginTop: 6 }}>
      <b style={{ fontSize: 18, fontWeight: 650, minWidth: 52 }}>{percentOf(alternative.chance)} %</b>
      <span className="small" style={{ flex: 1, minWidth: 130 }}>
        {alternative.starts.map((s) => f.dayTime(s.at)).join(', then ')}
        <br />
        <span className="muted">
          {sayWhy(alternative.why, f)}, handle-dry {f.dayTime(alternative.finishesAt)}
        </span>
      </span>
      <Button size="small" variant="outlined" onClick={() => onTake(alternative.starts)}>
        Take this
      </Button>
    </div>
  );
}
