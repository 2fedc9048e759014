/** Default above, yours below, on one axis: the width is the doubt. */
import type { LearnedView } from '../views/logbook';

const W = 300;
const H = 52;

interface LearnedAxisProps {
  readonly view: LearnedView;
}

export function LearnedAxis({ view }: LearnedAxisProps) {
  const { usual, usualBand, yours, band } = view;
  const [low, high] = view.ends;
  const x = (v: number): number => ((v - low) / (high - low)) * W;
  const bar = ([a, b]: readonly [number, number]) => ({ x: x(a), width: Math.max(2, x(b) - x(a)) });
  return (
    <svg viewBox={`0 0 ${W} ${H}`} width="100%" role="img" aria-label={`${view.name}: ${view.figures}`}>
      <rect
        {...bar(usualBand)}
        y="4"
        height="11"
        fill="var(--well)"
        stroke="var(--ink-3)"
        strokeDasharray="4 3"
      />
      <path d={`M${x(usual)} 2V17`} stroke="var(--ink)" strokeWidth="1.6" />
      <rect {...bar(band)} y="19" height="11" fill="var(--lagoon)" />
      <path d={`M${x(yours)} 17V32`} stroke="var(--panel)" strokeWidth="2" />
      <path d={`M0 34H${W}`} stroke="var(--ink-3)" />
      <text x="0" y="45" fontSize="11" fill="var(--ink-2)">
        {view.endsSaid[0]}
      </text>
      <text x={W} y="45" fontSize="11" textAnchor="end" fill="var(--ink-2)">
        {view.endsSaid[1]}
      </text>
    </svg>
  );
}
