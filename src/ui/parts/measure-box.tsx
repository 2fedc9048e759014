'use client';
/**
 * A length, a volume or an area in the units on the screen; stored once, in mm, ml, m² or cm², and never
 * rounded by being looked at.
 */
import { unitsPer } from '@/core/units/measures';
import { useFormat } from '../theme/providers';
import { NumberBox, type NumberBoxProps } from './number-box';

interface Shown {
  readonly metric: string;
  readonly us: string;
  /** ASSUMED from common practice: sizes of panels and parts, packs and dabs; beyond them a bare figure asks. */
  readonly likely: readonly [number, number];
}
const SHOWN = {
  length: { metric: 'mm', us: 'in', likely: [5, 4000] },
  /** floor and height of a room */
  room: { metric: 'mm', us: 'in', likely: [800, 30_000] },
  /** from a corner or a chord: as small as one likes */
  offset: { metric: 'mm', us: 'in', likely: [0.1, 4000] },
  depth: { metric: 'mm', us: 'in', likely: [0.1, 30] },
  volume: { metric: 'ml', us: 'fl oz', likely: [5, 6000] },
  area: { metric: 'm²', us: 'ft²', likely: [0.004, 30] },
  patch: { metric: 'cm²', us: 'in²', likely: [0.1, 100_000] },
} as const satisfies Record<string, Shown>;
/** Limits are said to the hundredth, inwards. */
const inwards = (round: (x: number) => number, x: number): number => round(x * 100) / 100;

export function MeasureBox({
  kind,
  onChange,
  step = 1,
  ...rest
}: Omit<NumberBoxProps, 'unit' | 'digits' | 'likely'> & { readonly kind: keyof typeof SHOWN }) {
  const { units } = useFormat();
  const { metric, likely, ...of } = SHOWN[kind];
  const unit = units === 'us' ? of.us : metric;
  const { value, min, max } = rest;
  const per = unitsPer(unit, metric)!;
  const isKept = per === 1;
  return (
    <NumberBox
      {...rest}
      unit={unit}
      digits={2}
      value={value === null ? null : value / per}
      min={isKept ? min : inwards(Math.ceil, min / per)}
      max={isKept ? max : inwards(Math.floor, max / per)}
      likely={[likely[0] / per, likely[1] / per]}
      step={isKept ? step : 0.5}
      onChange={(v) => onChange(v * per)}
    />
  );
}
