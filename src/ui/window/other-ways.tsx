'use client';
/** Beside the start: other chains, what rules the other hours out, and how it was all computed. */
import Button from '@mui/material/Button';
import Slider from '@mui/material/Slider';
import type { Alternative, Suit } from '@/model/plan';
import { percentOf } from '@/words/format';
import { ASSUMPTIONS } from '@/words/assumptions';
import { say } from '@/words/say';
import { useDesk } from '../desk/job-desk';
import { ProvenanceMark } from '../parts/mark';
import { useFormat } from '../theme/providers';
import { assumedValue, causeName, lostHours, windowAssumptions } from '../views/window';

export function Alternatives({ onTake }: { onTake: (starts: Alternative['starts']) => void }) {
  const { plan } = useDesk();
  return (
    <section className="panel" aria-label="Alternatives">
      <div className="hd">Other ways</div>
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

function AlternativeRow({ alternative: a, onTake }: RowProps) {
  const f = useFormat();
  return (
    <div className="row" style={{ padding: '9px 0', borderTop: '1px solid var(--line-2)', marginTop: 6 }}>
      <b style={{ fontSize: 18, fontWeight: 650, minWidth: 52 }}>{percentOf(a.chance)} %</b>
      <span className="small" style={{ flex: 1, minWidth: 130 }}>
        {a.starts.map((s) => f.dayTime(s.at)).join(', then ')}
        <br />
        <span className="muted">
          {say(a.why, f)}, handle-dry {f.dayTime(a.finishesAt)}
        </span>
      </span>
      <Button size="small" variant="outlined" onClick={() => onTake(a.starts)}>
        Take this
      </Button>
    </div>
  );
}

export function RuledOut({ suit }: { suit: Suit | undefined }) {
  return (
    <section className="panel" aria-label="Why not the other hours">
      <div className="hd">What rules the other hours out</div>
      {suit && (
        <ul className="cap" style={{ display: 'grid', gap: 5, marginTop: 8 }}>
          {lostHours(suit).map((l) => (
            <li key={l.cause} className="row" style={{ flexWrap: 'nowrap' }}>
              <b style={{ minWidth: 48 }}>{Math.round(l.hours)} h</b>
              <span>{causeName(l.cause)}</span>
            </li>
          ))}
        </ul>
      )}
      <RushOrSafe />
    </section>
  );
}

function RushOrSafe() {
  const { job, edit } = useDesk();
  const set = (rushSafe: number): void => edit((j) => ({ ...j, risk: { ...j.risk, rushSafe } }));
  return (
    <div style={{ marginTop: 14 }}>
      <p className="small" id="rush">
        Rush or safe: how much a lost session weighs against waiting
      </p>
      <div className="row" style={{ flexWrap: 'nowrap', gap: 14 }}>
        <span className="small muted">rush</span>
        <Slider
          aria-labelledby="rush"
          value={job.risk.rushSafe}
          min={0}
          max={1}
          step={0.1}
          marks
          size="small"
          onChange={(_e, v) => set(v as number)}
        />
        <span className="small muted">safe</span>
      </div>
    </div>
  );
}

export function HowComputed() {
  const f = useFormat();
  const { plan } = useDesk();
  return (
    <details className="how">
      <summary>How this was computed</summary>
      <p className="cap">
        Each half hour of the week is tried as a start in every future of the forecast. In each, the waits
        follow the panel temperature of that hour, and every limit is held until the film no longer minds it.
        The chance is (good futures + 1) over (futures + 2), for the whole chain at once.
      </p>
      <ul className="cap" style={{ display: 'grid', gap: 3, padding: '6px 0' }}>
        {windowAssumptions(plan).map((a) => (
          <li key={a.what}>
            {ASSUMPTIONS[a.what] ?? a.what}: {assumedValue(a, plan.cost.currency, f)}
            <ProvenanceMark mark={a.provenance} />
          </li>
        ))}
      </ul>
    </details>
  );
}
