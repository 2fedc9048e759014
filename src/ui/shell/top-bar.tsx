'use client';
/** Brand, where one is, the air at the part now, the unit switch. */
import Link from 'next/link';
import { usePathname } from 'next/navigation';
import type { AirView } from '@/core/air/view';
import { Brand } from '../parts/icons';
import { useFormat, useSetUnits } from '../theme/providers';

export interface TopBarProps { readonly placeName: string; readonly nowIso: string; readonly demoClock: boolean; readonly air: AirView['now'] | null }

export function TopBar({ placeName, nowIso, demoClock, air }: TopBarProps) {
  const f = useFormat();
  const path = usePathname();
  const setUnits = useSetUnits();
  return (
    <header className="top">
      <Link className="brand" href="/"><Brand />Pellucid</Link>
      <nav aria-label="Main"><Link href="/" aria-current={path === '/' ? 'page' : path.startsWith('/jobs') ? 'true' : undefined}>Bench</Link></nav>
      <div className="cond" role="group" aria-label="Conditions now">
        <div className="place"><b>{placeName}</b><span>{f.dayTime(nowIso)}{demoClock ? ', demo clock' : ''}</span></div>
        {air && <>
          <div className="read"><b>{f.temp(round1(air.panelC))}</b><span>panel</span></div>
          <div className="read"><b>{f.gap(round1(air.gapK))}</b><span>dew gap</span></div>
          <div className="read"><b>{f.pct(air.rhFrac)}</b><span>humidity</span></div>
          <div className="read"><b>{f.speed(air.windMs)}</b><span>wind</span></div>
        </>}
        <div className="units" role="group" aria-label="Units">
          <button type="button" aria-pressed={f.units === 'metric'} onClick={() => setUnits('metric')}>metric</button>
          <button type="button" aria-pressed={f.units === 'us'} onClick={() => setUnits('us')}>US</button>
        </div>
      </div>
    </header>
  );
}

const round1 = (x: number): number => Math.round(x * 10) / 10;
