'use client';
/**
 * A length, a volume or an area in the units on the screen; stored once, in mm, ml, m² or cm², and never
 * rounded by being looked at.
 */
import { M2_PER_FT2, ML_PER_US_FL_OZ, MM_PER_INCH } from '@/core/units/convert';
import { useFormat } from '../theme/providers';
import { NumberBox, type NumberBoxProps } from './number-box';

const SHOWN = {
  length: { metric: ['mm', 1], us: ['in', MM_PER_INCH] },
  volume: { metric: ['ml', 1], us: ['fl oz', ML_PER_US_FL_OZ] },
  area: { metric: ['m²', 1], us: ['ft²', M2_PER_FT2] },
  patch: { metric: ['cm²', 1], us: ['in²', MM_PER_INCH ** 2 / 100] },
} as const;
/** To the hundredth on the screen; what is stored keeps all its digits. */
const round = (x: number): number => Math.round(x * 100) / 100;

export function MeasureBox({
  kind,
  value,
  onChange,
  min,
  max,
  step = 1,
  ...rest
}: Omit<NumberBoxProps, 'unit'> & { readonly kind: keyof typeof SHOWN }) {
  const [unit, per] = SHOWN[kind][useFormat().units];
  const shown = value === null ? null : round(value / per);
  return (
    <NumberBox
      {...rest}
      unit={unit}
      value={shown}
      min={per === 1 ? min : Math.ceil((min / per) * 100) / 100}
      max={per === 1 ? max : Math.floor((max / per) * 100) / 100}
      step={per === 1 ? step : 0.5}
      onChange={(v) => {
        if (shown === null || round(v) !== shown) onChange(v * per);
      }}
    />
  );
}
