/** Two small drawings of the tag: the futures one by one, and the money against its budget. */
import { budgetShares } from '../views/verdict';

const COLS = 25;
const GAP = 8;
const DOT_R = 3.2;

/** One mark per future tried: dot ends well, cross does not. */
export function OddsMarks({ good, of }: { good: number; of: number }) {
  const spot = (i: number): { x: number; y: number } => ({
    x: (i % COLS) * GAP + 4,
    y: Math.floor(i / COLS) * GAP + 4,
  });
  return (
    <svg
      viewBox={`0 0 ${COLS * GAP} ${Math.ceil(of / COLS) * GAP}`}
      width="100%"
      role="img"
      aria-label={`${good} of ${of} futures end well`}
    >
      {Array.from({ length: of }, (_, i) => {
        const { x, y } = spot(i);
        if (i < good) return <circle key={i} cx={x} cy={y} r={DOT_R} fill="var(--moss)" />;
        return (
          <path key={i} d={`M${x - 2.5} ${y - 2.5}l5 5m0 -5l-5 5`} stroke="var(--oxide)" strokeWidth="1.6" />
        );
      })}
    </svg>
  );
}

export function BudgetBar({ total, budget }: { total: number; budget: number }) {
  const shares = budgetShares(total, budget);
  const end = 200 * shares.budget;
  return (
    <svg viewBox="0 0 200 18" width="100%" height="18" preserveAspectRatio="none" aria-hidden="true">
      <rect x="0" y="3" width="200" height="9" fill="var(--well)" />
      <rect
        x="0"
        y="3"
        width={200 * shares.total}
        height="9"
        fill={shares.over ? 'var(--oxide)' : 'var(--lagoon)'}
      />
      <line x1={end} x2={end} y1="0" y2="17" stroke="var(--ink)" strokeWidth="2" />
    </svg>
  );
}
