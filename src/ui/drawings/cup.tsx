/** A mixing cup with the lines to fill to, bottom up. */
import type { MixMark } from '@/core/material/mixing';

const PART_FILL = { base: '#9FB7BC', hardener: '#D8C19A', reducer: '#CFE0E6' } as const;
export const PART_NAMES = { base: 'base', hardener: 'hardener', reducer: 'reducer' } as const;
const H = 132;
const BOTTOM = 14;
const TOP = 4;

export function Cup({
  marks,
  cupMl,
  text,
  weight,
  title,
}: {
  marks: readonly MixMark[];
  cupMl: number;
  text: (ml: number) => string;
  weight: (g: number) => string;
  title: string;
}) {
  const all = Math.max(cupMl, marks.at(-1)?.toMl ?? 1);
  const y = (ml: number): number => H - (ml / all) * (H - 18);
  const half = (ml: number): number => 34 + ((TOP + BOTTOM) * ml) / all / 2;
  // Labels are pushed apart where the lines are close; the lines stay where they are.
  const labels: number[] = [];
  marks.forEach((m, i) => {
    const want = y(m.toMl) + 4;
    labels.push(i === 0 ? want : Math.min(want, labels[i - 1]! - 16));
  });
  return (
    <svg
      viewBox="0 0 290 146"
      width="290"
      height="146"
      role="img"
      aria-label={`${title}: ${marks.map((m) => `${PART_NAMES[m.part]} to ${text(m.toMl)}, ${weight(m.toG)} on the scale`).join(', then ')}`}
    >
      {marks.map((m) => {
        const from = m.toMl - m.ml;
        return (
          <path
            key={m.part}
            d={`M${60 - half(from)} ${y(from)}L${60 - half(m.toMl)} ${y(m.toMl)}H${60 + half(m.toMl)}L${60 + half(from)} ${y(from)}Z`}
            fill={PART_FILL[m.part]}
            stroke="var(--ink-3)"
            strokeWidth=".6"
          />
        );
      })}
      <path
        d={`M${60 - half(all)} ${y(all) - 6}L${60 - half(0)} ${H}H${60 + half(0)}L${60 + half(all)} ${y(all) - 6}`}
        fill="none"
        stroke="var(--ink)"
        strokeWidth="1.600"
      />
      {marks.map((m, i) => (
        <g key={m.part}>
          <path
            d={`M${60 - half(m.toMl)} ${y(m.toMl)}H${60 + half(m.toMl) + 5}L118 ${labels[i]! - 4}`}
            fill="none"
            stroke="var(--ink)"
            strokeWidth="1.200"
          />
          <text x="121" y={labels[i]} fontSize="12.500" fill="var(--ink)">
            <tspan fontWeight="650">{text(m.toMl)}</tspan> {PART_NAMES[m.part]}{' '}
            <tspan fill="var(--ink-2)">{weight(m.toG)}</tspan>
          </text>
        </g>
      ))}
    </svg>
  );
}
