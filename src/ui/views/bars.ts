/** Rows of a chart of bars: where paint goes, what money hangs on, what each way costs. */
import type { Material } from '@/model/plan';
import { TINT } from '../tokens/tints';
import { fallSteps, isLess, stepMl } from './waterfall';

export interface BarPiece {
  readonly from: number;
  readonly to: number;
  readonly fill: string;
}
export interface BarRow {
  readonly name: string;
  /** One after the other, at most three. */
  readonly pieces: readonly BarPiece[];
  /** At its end. */
  readonly said: string;
}

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

const fillOf = (cause: string | null, label: string): string =>
  cause === null ? (SUM_FILLS[label] ?? 'var(--ink)') : (FILL[cause] ?? 'var(--line)');

/** The fall of a paint: each step from where the one before it ended. */
export const fallRows = (material: Material, text: (ml: number) => string): BarRow[] =>
  fallSteps(material).map((step) => ({
    name: step.label,
    pieces: [
      {
        from: Math.min(step.fromMl, step.toMl),
        to: Math.max(step.fromMl, step.toMl),
        fill: fillOf(step.cause, step.label),
      },
    ],
    said: `${isLess(step) ? '−' : ''}${text(stepMl(step))}`,
  }));

/** One paint as one bar: what it is expected to use by where it goes, then what must be ready beyond that, ml. */
export interface PaintBar {
  readonly pieces: readonly BarPiece[];
  readonly useMl: number;
  readonly readyMl: number;
}

export function paintBar(material: Material): PaintBar {
  const steps = fallSteps(material);
  const used = steps.findIndex((s) => s.label === 'expected use');
  const pieces = steps
    .slice(0, used < 0 ? undefined : used)
    .filter((s) => s.cause !== null && !isLess(s))
    .map((s) => ({ from: s.fromMl, to: s.toMl, fill: fillOf(s.cause, s.label) }));
  const readyMl = Math.max(...steps.map((s) => s.toMl));
  return { pieces, useMl: used < 0 ? readyMl : steps[used]!.toMl, readyMl };
}
