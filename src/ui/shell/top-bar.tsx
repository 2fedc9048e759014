'use client';
/** Brand, where one is, the air at the part now, units and theme; on a phone one line with the clock. */
import Link from 'next/link';
import { usePathname } from 'next/navigation';
import type { AirView } from '@/core/air/view';
import { Brand } from '../parts/icons';
import { useFormat } from '../theme/providers';
import { ThemeSwitch, UnitSwitch } from './switches';

export interface TopBarProps {
  readonly placeName: string;
  readonly nowIso: string;
  readonly demoClock: boolean;
  readonly air: AirView['now'] | null;
  /** What a phone shows beside the brand, and where its back arrow leads; null on the bench itself. */
  readonly title: string;
  readonly under: string;
  readonly back: string | null;
}

const MAIN = [
  ['/', 'Bench'],
  ['/shelf', 'Shelf'],
  ['/shopping', 'Shopping'],
  ['/workshop', 'Workshop'],
] as const;

export function TopBar({ placeName, nowIso, demoClock, air, title, under, back }: TopBarProps) {
  const f = useFormat();
  const path = usePathname();
  return (
    <header className="top">
      <Link className="brand" href="/">
        <Brand />
        Pellucid
      </Link>
      <div className="phone-head">
        {back !== null && (
          <Link href={back} aria-label="Back" className="backlink">
            <svg width="14" height="22" viewBox="0 0 14 22" aria-hidden="true">
              <path d="M12 2L3 11l9 9" fill="none" stroke="currentColor" strokeWidth="2.500" />
            </svg>
          </Link>
        )}
        {back === null && <Brand />}
        <p>
          <b>{title}</b>
          <span>{under}</span>
        </p>
        <time>{f.time(nowIso)}</time>
      </div>
      <nav aria-label="Main" data-deep={path.startsWith('/jobs')}>
        {MAIN.map(([href, name]) => (
          <Link
            key={href}
            href={href}
            aria-current={
              path === href ? 'page' : href === '/' && path.startsWith('/jobs') ? 'true' : undefined
            }
          >
            {name}
          </Link>
        ))}
      </nav>
      <div className="cond" role="group" aria-label="Conditions now">
        <div className="place">
          <b>{placeName}</b>
          <span>
            {f.dayTime(nowIso)}
            {demoClock ? ', demo clock' : ''}
          </span>
        </div>
        {air && (
          <>
            <div className="read">
              <b>{f.temp(round1(air.panelC))}</b>
              <span>panel</span>
            </div>
            <div className="read">
              <b>{f.gap(round1(air.gapK))}</b>
              <span>dew gap</span>
            </div>
            <div className="read">
              <b>{f.pct(air.rhFrac)}</b>
              <span>humidity</span>
            </div>
            <div className="read">
              <b>{f.speed(air.windMs)}</b>
              <span>wind</span>
            </div>
          </>
        )}
        <UnitSwitch />
        <ThemeSwitch />
      </div>
    </header>
  );
}

const round1 = (x: number): number => Math.round(x * 10) / 10;
