'use client';
/** The air at the part as four tiles, each with its limit and a sign. */
import type { AirView } from '@/core/air/view';
import type { Product } from '@/model/product';
import { GoSign, StopSign } from './icons';
import { useFormat } from '../theme/providers';

const split = (text: string): [string, string] => {
  const i = text.lastIndexOf(' ');
  return [text.slice(0, i), text.slice(i + 1)];
};

export function AirTiles({
  air,
  limits: p,
}: {
  air: AirView['now'];
  limits: Pick<Product, 'tempMinC' | 'tempMaxC' | 'dewGapMinK' | 'rhMaxFrac' | 'windMaxMs'> | undefined;
}) {
  const f = useFormat();
  const one = (x: number): number => Math.round(x * 10) / 10;
  const tiles = [
    {
      name: 'panel',
      text: f.temp(one(air.panelC)),
      limit: p && `${split(f.temp(p.tempMinC))[0]}–${split(f.temp(p.tempMaxC))[0]}`,
      ok: !p || (air.panelC >= p.tempMinC && air.panelC <= p.tempMaxC),
    },
    {
      name: 'dew gap',
      text: f.gap(one(air.gapK)),
      limit: p && `over ${split(f.gap(p.dewGapMinK))[0]}`,
      ok: !p || air.gapK >= p.dewGapMinK,
    },
    {
      name: 'humidity',
      text: f.pct(air.rhFrac),
      limit: p && `to ${Math.round(p.rhMaxFrac * 100)}`,
      ok: !p || air.rhFrac <= p.rhMaxFrac,
    },
    {
      name: 'wind',
      text: f.speed(air.windMs),
      limit: p && `to ${split(f.speed(p.windMaxMs))[0]}`,
      ok: !p || air.windMs <= p.windMaxMs,
    },
  ];
  return (
    <ul className="tiles" aria-label="The air at the part now">
      {tiles.map((t) => {
        const [figure, unit] = split(t.text);
        return (
          <li key={t.name}>
            <b>
              {figure}
              <small>{unit}</small>
            </b>
            <span>{t.name}</span>
            {t.limit && (
              <span className="lim">
                {t.limit}
                {t.ok ? <GoSign size={16} /> : <StopSign size={16} />}
                <span className="sr">{t.ok ? 'inside' : 'outside'}</span>
              </span>
            )}
          </li>
        );
      })}
    </ul>
  );
}
