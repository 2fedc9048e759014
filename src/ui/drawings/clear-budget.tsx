'use client';
/** Film bars, each with what goes, what stays at the thin end and the line that must be left. */
import { useFormat } from '../theme/providers';
import type { BarView } from '../views/finish';
import { useWidth } from './use-width';

const H = 150;
const TOP = 18;
const LABEL_H = 44;
const SLOT_W = 128;

export function ClearBudget({ bars }: { bars: readonly BarView[] }) {
  const f = useFormat();
  const [box, wide] = useWidth(640);
  const perRow = Math.max(1, Math.floor(wide / SLOT_W));
  const rows = Math.ceil(bars.length / perRow);
  const rowH = H + TOP + LABEL_H;
  const most = Math.max(...bars.map((b) => b.builtUm + b.spreadUm), ...bars.map((b) => b.floorUm)) * 1.05;
  const y = (um: number): number => TOP + H - (um / most) * H;
  const said = bars.map((b) => `${b.name}: ${f.film(b.builtUm)}, ${b.actName}, ${f.film(b.leftUm)} stay`);
  return (
    <div ref={box}>
      <svg viewBox={`0 0 ${wide} ${rows * rowH}`} width="100%" role="img" aria-label={said.join('; ')}>
        {bars.map((bar, i) => (
          <g key={bar.key} transform={`translate(${(i % perRow) * SLOT_W} ${Math.floor(i / perRow) * rowH})`}>
            <Bar bar={bar} y={y} />
          </g>
        ))}
      </svg>
    </div>
  );
}

const BAR_W = 62;

function Bar({ bar, y }: { bar: BarView; y: (um: number) => number }) {
  const f = useFormat();
  const { builtUm, spreadUm, takesUm, leftUm, floorUm, act } = bar;
  const top = y(builtUm);
  const base = y(0);
  const gone = act === 'leave' ? 0 : takesUm;
  // The two figures beside the bar keep clear of each other.
  const isNear = Math.abs(y(floorUm) - top) < 20;
  const builtY = isNear ? Math.min(y(floorUm), top) - 5 : top + 10;
  const mustY = isNear ? Math.max(y(floorUm), top) + 14 : y(floorUm) - 4;
  return (
    <>
      <rect x="4" y={top} width={BAR_W} height={base - top} fill="var(--pot)" />
      <rect
        x="4"
        y={top}
        width={BAR_W}
        height={y(builtUm - gone) - top}
        fill="var(--well)"
        stroke="var(--ink)"
        strokeDasharray="3 3"
      />
      <rect
        x="4"
        y={top}
        width={BAR_W}
        height={base - top}
        fill="none"
        stroke="var(--ink)"
        strokeWidth="1.4"
      />
      <path
        d={`M${BAR_W / 2 + 4} ${y(builtUm + spreadUm)}V${y(builtUm - spreadUm)}M${BAR_W / 2 - 1} ${y(builtUm + spreadUm)}h10M${BAR_W / 2 - 1} ${y(builtUm - spreadUm)}h10`}
        stroke="var(--ink)"
        fill="none"
      />
      <path
        d={`M0 ${y(floorUm)}H${SLOT_W - 6}`}
        stroke="var(--oxide)"
        strokeWidth="1.6"
        strokeDasharray="6 4"
      />
      <text x={BAR_W + 10} y={mustY} fontSize="12" fill="var(--oxide-ink)">
        must stay
      </text>
      <text x={BAR_W + 10} y={builtY} fontSize="13" fontWeight="650" fill="var(--ink)">
        {f.film(builtUm)}
      </text>
      <text x={BAR_W + 10} y={base - 4} fontSize="12" fill="var(--ink-2)">
        {f.film(leftUm)} left
      </text>
      <text x="4" y={base + 18} fontSize="13" fontWeight="600" fill="var(--ink)">
        {bar.name.length > 17 ? `${bar.name.slice(0, 16)}…` : bar.name}
      </text>
      <text x="4" y={base + 35} fontSize="13" fill="var(--ink-2)">
        {bar.actName}
      </text>
    </>
  );
}
