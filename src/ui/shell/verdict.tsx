'use client';
/** The job tag: the next window with its odds, what to buy, hours of work, and the cautions of the moment. */
import { useId, useState, type ReactNode } from 'react';
import type { Plan, Session } from '@/model/plan';
import { percentOf } from '@/words/format';
import { say } from '@/words/say';
import { ProvenanceMark } from '../parts/mark';
import { CautionBox } from '../parts/caution';
import { useFormat } from '../theme/providers';

/** One mark per future tried: dot ends well, cross does not. */
export function OddsMarks({ good, of }: { good: number; of: number }) {
  const cols = 25;
  const r = 3.2;
  const gap = 8;
  return (
    <svg
      viewBox={`0 0 ${cols * gap} ${Math.ceil(of / cols) * gap}`}
      width="100%"
      role="img"
      aria-label={`${good} of ${of} futures end well`}
    >
      {Array.from({ length: of }, (_, i) => {
        const x = (i % cols) * gap + 4;
        const y = Math.floor(i / cols) * gap + 4;
        return i < good ? (
          <circle key={i} cx={x} cy={y} r={r} fill="var(--moss)" />
        ) : (
          <path key={i} d={`M${x - 2.5} ${y - 2.5}l5 5m0 -5l-5 5`} stroke="var(--oxide)" strokeWidth="1.6" />
        );
      })}
    </svg>
  );
}

export function BudgetBar({ total, budget }: { total: number; budget: number }) {
  const max = Math.max(total, budget, 1) * 1.08;
  const over = total > budget;
  return (
    <svg viewBox="0 0 200 18" width="100%" height="18" preserveAspectRatio="none" aria-hidden="true">
      <rect x="0" y="3" width="200" height="9" fill="var(--well)" />
      <rect
        x="0"
        y="3"
        width={(200 * total) / max}
        height="9"
        fill={over ? 'var(--oxide)' : 'var(--lagoon)'}
      />
      <line
        x1={(200 * budget) / max}
        x2={(200 * budget) / max}
        y1="0"
        y2="17"
        stroke="var(--ink)"
        strokeWidth="2"
      />
    </svg>
  );
}

/** The tag at the right of a desk; on a phone a bar at the bottom that opens. `bar` is what the closed bar says. */
export function TagPlate({ bar, children }: { bar: ReactNode; children: ReactNode }) {
  const [open, setOpen] = useState(false);
  const id = useId();
  return (
    <aside className="verdict" aria-label="Verdict" data-open={open}>
      <svg className="tagback" aria-hidden="true" preserveAspectRatio="none">
        <rect
          x="0.5"
          y="24"
          width="calc(100% - 1px)"
          height="calc(100% - 25px)"
          fill="var(--panel)"
          stroke="var(--tag-line)"
        />
      </svg>
      <svg
        className="tagtop"
        aria-hidden="true"
        width="100%"
        height="26"
        viewBox="0 0 250 26"
        preserveAspectRatio="none"
        style={{ position: 'absolute', left: 0, top: 0 }}
      >
        <path
          d="M.5 26V24.500L24.500 .5H225.500L249.500 24.500V26"
          fill="var(--panel)"
          stroke="var(--tag-line)"
        />
      </svg>
      <svg
        className="tagtop"
        aria-hidden="true"
        width="40"
        height="44"
        viewBox="0 0 40 44"
        style={{ position: 'absolute', left: '50%', top: -18, marginLeft: -20 }}
      >
        <circle cx="20" cy="37" r="6" fill="var(--ground)" stroke="var(--tag-line)" />
        <path d="M20 37C16 25 25 18 20 2" fill="none" stroke="var(--string)" strokeWidth="2" />
      </svg>
      <button
        type="button"
        className="bar"
        aria-expanded={open}
        aria-controls={id}
        onClick={() => setOpen(!open)}
      >
        <span>{bar}</span>
        <svg width="18" height="12" viewBox="0 0 18 12" aria-hidden="true">
          <path
            d={open ? 'M2 3l7 7 7-7' : 'M2 9l7-7 7 7'}
            fill="none"
            stroke="currentColor"
            strokeWidth="2.500"
          />
        </svg>
      </button>
      <div className="in" id={id}>
        {children}
      </div>
    </aside>
  );
}

const STAGE_CAUTIONS: Readonly<Record<string, readonly string[]>> = {
  surface: ['old-paint-lead', 'rub-test', 'isocyanate-no-air'],
  'build-up': [
    'isocyanate',
    'isocyanate-no-air',
    'rub-test',
    'test-card',
    'seam-overridden',
    'finish-differs',
    'effect-differs',
    'matte-outdoors',
    'flexing',
    'chips-one-pack',
    'base-without-clear',
    'etch-acid',
  ],
  materials: ['over-budget', 'isocyanate', 'isocyanate-no-air', 'ignition'],
  window: [
    'start-outside',
    'past-deadline',
    'isocyanate',
    'isocyanate-no-air',
    'night-after',
    'session-risk',
    'solvent-vapour',
    'ignition',
  ],
};

/** (k + 1) over (n + 2), said with its own figures. */
function chainText(plan: Plan): string {
  const of = plan.sessions.at(-1)!.oksOf[1];
  const k = Math.round((plan.chance ?? 0) * (of + 2)) - 1;
  return `${k} of ${of} futures of the weather keep every limit of ${plan.sessions.length > 1 ? 'all sessions' : 'the session'} until handle-dry: (${k} + 1) over (${of} + 2) is ${percentOf(plan.chance ?? 0)} %.`;
}

export function Verdict({
  plan,
  session,
  stage,
}: {
  plan: Plan;
  session: Session | undefined;
  stage: string;
}) {
  const f = useFormat();
  const cans = plan.materials.reduce((a, m) => a + m.packs.reduce((b, p) => b + p.count, 0), 0);
  const codes = STAGE_CAUTIONS[stage] ?? [];
  const cautions = codes.flatMap((c) => plan.cautions.filter((x) => x.code === c)).slice(0, 3);
  const done = plan.kind === 'planned' && plan.sessions.length === 0;
  const bar =
    plan.kind === 'blocked' ? (
      <b>Blocked</b>
    ) : done ? (
      <b>All coats are on</b>
    ) : session ? (
      <>
        <b>{percentOf(plan.chance ?? 0)} %</b> {f.day(session.startsAt)}, {f.time(session.startsAt)};{' '}
        {f.money(plan.cost.total, plan.cost.currency)}
      </>
    ) : (
      <b>{f.money(plan.cost.total, plan.cost.currency)}</b>
    );
  return (
    <TagPlate bar={bar}>
      {plan.kind === 'blocked' ? (
        <div className="vsec">
          <h3>Blocked</h3>
          <ul style={{ display: 'grid', gap: 8, marginTop: 4 }}>
            {plan.blockers.slice(0, 3).map((b, i) => (
              <li key={i} className="small" style={{ color: 'var(--oxide-ink)', fontWeight: 600 }}>
                {say(b, f)}
              </li>
            ))}
          </ul>
        </div>
      ) : done ? (
        <div className="vsec">
          <p className="mid">All coats are on</p>
          <p className="sub">Nothing left to spray.</p>
        </div>
      ) : (
        session && (
          <div className="vsec">
            <h3>Next good window</h3>
            <p className="mid">
              {f.day(session.startsAt)}, {f.time(session.startsAt)}–{f.time(session.handsOffAt)}
            </p>
            <p className="sub">
              {plan.sessions.length > 1
                ? `${plan.sessions.length} sessions, last on ${f.day(plan.sessions.at(-1)!.startsAt)}`
                : `first coat ${f.time(session.sprayAt)}, handle-dry ${f.time(session.handleAt)}`}
            </p>
            <div className="pair" style={{ margin: '8px 0 6px' }}>
              <span className="big">{percentOf(plan.chance ?? 0)} %</span>
              <span className="sub" style={{ textAlign: 'right' }}>
                of futures
                <br />
                end well
              </span>
            </div>
            <OddsMarks good={plan.sessions.at(-1)!.oksOf[0]} of={plan.sessions.at(-1)!.oksOf[1]} />
            <details>
              <summary>How this was computed</summary>
              <p className="sub">
                {chainText(plan)}
                <ProvenanceMark mark="ID" /> The futures: the forecast with errors that grow with its lead
                time
                <ProvenanceMark mark="M" />.
              </p>
            </details>
          </div>
        )
      )}
      <div className="vsec">
        <h3>
          <span>Cans to buy</span>
          <span>of {f.money(plan.cost.budget, plan.cost.currency)}</span>
        </h3>
        <div className="pair">
          <span className="big">{cans}</span>
          <span className="mid">{f.money(plan.cost.total, plan.cost.currency)}</span>
        </div>
        <BudgetBar total={plan.cost.total} budget={plan.cost.budget} />
        <p className="sub">
          {plan.cost.prep + plan.cost.tax > 0
            ? `paint ${f.money(plan.cost.paint, plan.cost.currency)}, the rest ${f.money(plan.cost.prep + plan.cost.tax, plan.cost.currency)}`
            : 'paint; the rest is in hand'}
        </p>
      </div>
      {plan.handsOnH > 0 && (
        <div className="vsec">
          <h3>Hands-on</h3>
          <div className="pair">
            <span className="big">{f.hours(plan.handsOnH)}</span>
            <span className="sub" style={{ textAlign: 'right' }}>
              {plan.sessions.map((s) => (
                <span key={s.id} style={{ display: 'block' }}>
                  {f.day(s.startsAt)}
                </span>
              ))}
            </span>
          </div>
        </div>
      )}
      {cautions.length > 0 && (
        <div className="vsec cauts">
          {cautions.map((c) => (
            <CautionBox key={c.code + JSON.stringify(c.params)} caution={c} />
          ))}
        </div>
      )}
    </TagPlate>
  );
}
