/** A mixing cup with the lines to fill to, bottom up. */
import type { MixMark } from '@/core/material/mixing';
import { TINT } from '@/ui/tokens/tints';

const PART_FILL = { base: TINT.wetPaper, hardener: TINT.dryPaper, reducer: TINT.cleaning } as const;
const H = 132;
const CENTRE = 60;
/** The cup is this much wider at its rim than at its foot, px. */
const WIDENS = 18;

interface CupProps {
  readonly marks: readonly MixMark[];
  readonly cupMl: number;
  readonly text: (ml: number) => string;
  readonly weight: (g: number) => string;
  readonly title: string;
}

/** The cup's own measures. */
interface CupFrame {
  readonly fullMl: number;
  readonly y: (ml: number) => number;
  /** Half its width at a height. */
  readonly half: (ml: number) => number;
}
function cupFrame(fullMl: number): CupFrame {
  return { fullMl, y: (ml) => H - (ml / fullMl) * (H - 18), half: (ml) => 34 + (WIDENS * ml) / fullMl / 2 };
}

/** Labels are pushed apart where the lines are close; the lines stay where they are. */
function labelYs(marks: readonly MixMark[], { y }: CupFrame): number[] {
  const ys: number[] = [];
  for (const m of marks) ys.push(Math.min(y(m.toMl) + 4, (ys.at(-1) ?? Infinity) - 16));
  return ys;
}

export function Cup({ marks, cupMl, text, weight, title }: CupProps) {
  const cup = cupFrame(Math.max(cupMl, marks.at(-1)?.toMl ?? 1));
  const { fullMl, y, half } = cup;
  const labels = labelYs(marks, cup);
  const rimY = y(fullMl) - 6;
  const [rim, foot] = [half(fullMl), half(0)];
  const said = marks.map((m) => `${m.part} to ${text(m.toMl)}, ${weight(m.toG)} on the scale`);
  return (
    <svg
      viewBox="0 0 290 146"
      width="290"
      height="146"
      role="img"
      aria-label={`${title}: ${said.join(', then ')}`}
    >
      {marks.map((m) => (
        <Filling key={m.part} mark={m} cup={cup} />
      ))}
      <path
        d={`M${CENTRE - rim} ${rimY}L${CENTRE - foot} ${H}H${CENTRE + foot}L${CENTRE + rim} ${rimY}`}
        fill="none"
        stroke="var(--ink)"
        strokeWidth="1.600"
      />
      {marks.map((mark, i) => (
        <g key={mark.part}>
          <path
            d={`M${CENTRE - half(mark.toMl)} ${y(mark.toMl)}H${CENTRE + half(mark.toMl) + 5}L118 ${labels[i]! - 4}`}
            fill="none"
            stroke="var(--ink)"
            strokeWidth="1.200"
          />
          <text x="121" y={labels[i]} fontSize="12.500" fill="var(--ink)">
            <tspan fontWeight="650">{text(mark.toMl)}</tspan> {mark.part}{' '}
            <tspan fill="var(--ink-2)">{weight(mark.toG)}</tspan>
          </text>
        </g>
      ))}
    </svg>
  );
}

function Filling({ mark, cup: { y, half } }: { mark: MixMark; cup: CupFrame }) {
  const fromMl = mark.toMl - mark.ml;
  const [low, high] = [half(fromMl), half(mark.toMl)];
  return (
    <path
      d={`M${CENTRE - low} ${y(fromMl)}L${CENTRE - high} ${y(mark.toMl)}H${CENTRE + high}L${CENTRE + low} ${y(fromMl)}Z`}
      fill={PART_FILL[mark.part]}
      stroke="var(--ink-3)"
      strokeWidth=".6"
    />
  );
}
