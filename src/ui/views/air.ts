/** The air at the part as figures, each against the limit of what is sprayed next. */
import { round1 } from '@/core/numerics/round';
import type { AirNow } from '@/core/air/view';
import type { Product } from '@/model/product';
import type { Format } from '@/words/format';

export type Limits = Pick<Product, 'tempMinC' | 'tempMaxC' | 'dewGapMinK' | 'rhMaxFrac' | 'windMaxMs'>;

export interface Reading {
  readonly name: string;
  readonly text: string;
}

export function airReadings(air: AirNow, f: Format): Reading[] {
  return [
    { name: 'panel', text: f.temp(round1(air.panelC)) },
    { name: 'dew gap', text: f.gap(round1(air.gapK)) },
    { name: 'humidity', text: f.pct(air.rhFrac) },
    { name: 'wind', text: f.speed(air.windMs) },
  ];
}

/** "12.5 °C" as figure and unit. */
export function splitUnit(text: string): readonly [figure: string, unit: string] {
  const at = text.lastIndexOf(' ');
  return [text.slice(0, at), text.slice(at + 1)];
}

export interface AirTile extends Reading {
  readonly limit: string | undefined;
  readonly ok: boolean;
}

/** @param limits of what is sprayed next; without them everything is well */
export function airTiles(air: AirNow, limits: Limits | undefined, f: Format): AirTile[] {
  const readings = airReadings(air, f);
  if (!limits) return readings.map((r) => ({ ...r, limit: undefined, ok: true }));
  const { tempMinC, tempMaxC, dewGapMinK, rhMaxFrac, windMaxMs } = limits;
  const figure = (text: string): string => splitUnit(text)[0];
  const against = [
    {
      limit: `${figure(f.temp(tempMinC))}–${figure(f.temp(tempMaxC))}`,
      ok: air.panelC >= tempMinC && air.panelC <= tempMaxC,
    },
    { limit: `over ${figure(f.gap(dewGapMinK))}`, ok: air.gapK >= dewGapMinK },
    { limit: `to ${Math.round(rhMaxFrac * 100)}`, ok: air.rhFrac <= rhMaxFrac },
    { limit: `to ${figure(f.speed(windMaxMs))}`, ok: air.windMs <= windMaxMs },
  ];
  return readings.map((r, i) => ({ ...r, ...against[i]! }));
}
