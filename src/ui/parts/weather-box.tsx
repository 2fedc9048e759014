'use client';
/** A temperature or a wind in the units on the screen; stored once, in °C and m/s. */
import { cFromF, fFromC, msFrom, type WindUnit } from '@/core/units/convert';
import { useFormat } from '../theme/providers';
import { NumberBox, type NumberBoxProps } from './number-box';

type Props = Omit<NumberBoxProps, 'unit' | 'digits' | 'likely'>;

const same = (x: number): number => x;

export function TempBox({ value, min, max, onChange, ...rest }: Props) {
  const isUs = useFormat().units === 'us';
  const shown = isUs ? fFromC : same;
  const kept = isUs ? cFromF : same;
  return (
    <NumberBox
      {...rest}
      unit={isUs ? '°F' : '°C'}
      digits={1}
      value={value === null ? null : shown(value)}
      min={shown(min)}
      max={shown(max)}
      onChange={(x) => onChange(kept(x))}
    />
  );
}

export function WindBox({ value, min, max, onChange, wind, ...rest }: Props & { readonly wind: WindUnit }) {
  const per = msFrom(1, wind);
  return (
    <NumberBox
      {...rest}
      unit={wind}
      digits={1}
      value={value === null ? null : value / per}
      min={min / per}
      max={Math.floor(max / per)}
      onChange={(x) => onChange(msFrom(x, wind))}
    />
  );
}
