/** Where the paint goes, drawn as steps: sums as thin bars, each step from where the one before it ended. */
import type { Material } from '@/model/plan';
import { fallInWords, fallSteps, isLess, stepMl, type FallStep } from '../views/waterfall';
import { TINT } from '@/ui/tokens/tints';

const FILL: Readonly<Record<string, string>> = {
  film: 'var(--lagoon)',
  sanded: TINT.sanded,
  carrier: TINT.carrier,
  overspray: TINT.cleaning,
  overrun: TINT.dryPaper,
  habit: TINT.habit,
  nozzle: TINT.lost,
  nib: TINT.lost,
  purge: TINT.lost,
  heel: TINT.heel,
  margin: TINT.margin,
  spare: 'var(--lagoon-tint)',
};
const SUM_FILLS: Readonly<Record<string, string>> = { 'expected use': 'var(--ink-2)' };

/** On a phone the label stands over its bar. */
const SIZES = {
  wide: { rowH: 25, left: 190, right: 84, w: 560, top: 0, barH: 17, textY: 15, labelY: 15 },
  narrow: { rowH: 40, left: 2, right: 76, w: 340, top: 18, barH: 16, textY: 31, labelY: 14 },
} as const;
type Size = keyof typeof SIZES;

interface WaterfallProps {
  readonly material: Material;
  readonly name: string;
  readonly text: (ml: number) => string;
  readonly size?: Size;
}

export function Waterfall({ material, name, text, size = 'wide' }: WaterfallProps) {
  const { rowH, left, right, w } = SIZES[size];
  const steps = fallSteps(material);
  const total = Math.max(1, material.needMl);
  const x = (ml: number): number => left + (ml / total) * (w - left - right);
  return (
    <svg
      viewBox={`0 0 ${w} ${steps.length * rowH + 6}`}
      role="img"
      aria-label={`${name}: ${fallInWords(steps, text)}`}
      className="wide-100 maxw-680 is-block"
    >
      {steps.map((step, i) => (
        <Step
          key={i}
          step={step}
          y={i * rowH + 3}
          x={x}
          size={size}
          joined={step.cause !== null && (steps[i + 1]?.cause ?? null) !== null}
          text={text(stepMl(step))}
        />
      ))}
    </svg>
  );
}

interface StepProps {
  readonly step: FallStep;
  readonly y: number;
  readonly x: (ml: number) => number;
  readonly size: Size;
  /** A dotted line leads on to the next step. */
  readonly joined: boolean;
  readonly text: string;
}

function Step({ step, y, x, size, joined, text }: StepProps) {
  const card = SIZES[size];
  const isSum = step.cause === null;
  const less = isLess(step);
  const from = x(Math.min(step.fromMl, step.toMl));
  const to = Math.max(x(Math.max(step.fromMl, step.toMl)), from + 1.5);
  const barY = y + card.top + (isSum ? 6 : 2);
  const fill = isSum ? (SUM_FILLS[step.label] ?? 'var(--ink)') : (FILL[step.cause] ?? 'var(--line)');
  const weight = isSum ? 650 : 400;
  return (
    <g>
      <text
        x={size === 'wide' ? card.left - 10 : 0}
        y={y + card.labelY}
        fontSize="13"
        textAnchor={size === 'wide' ? 'end' : 'start'}
        fontWeight={weight}
        fill={isSum ? 'var(--ink)' : 'var(--ink-2)'}
      >
        {step.label}
      </text>
      <rect
        x={from}
        y={barY}
        width={to - from}
        height={isSum ? 6 : card.barH}
        fill={fill}
        stroke="var(--ink-3)"
        strokeWidth={isSum ? 0 : 0.6}
      />
      {joined && (
        <path
          d={`M${less ? from : to} ${y + card.top + 2}V${y + card.rowH + card.top + 2}`}
          stroke="var(--ink-3)"
          strokeWidth="1"
          strokeDasharray="2 2"
        />
      )}
      <text x={to + 7} y={y + card.textY} fontSize="13" fontWeight={weight} fill="var(--ink)">
        {less ? '−' : ''}
        {text}
      </text>
    </g>
  );
}
