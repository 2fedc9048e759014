'use client';
/** Brand, where one is, the air at the part now, units and theme; on a phone one line with the clock. */
import Link from 'next/link';
import { usePathname } from 'next/navigation';
import type { AirView } from '@/core/air/view';
import { Brand } from '../parts/icons';
import { useFormat } from '../theme/providers';
import { airReadings } from '../views/air';
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
  return (
    <header className="top">
      <Link className="brand" href="/">
        <Brand />
        Pellucid
      </Link>
      <div className="phone-head">
        <BackLink back={back} />
        <p>
          <b>{title}</b>
          <span>{under}</span>
        </p>
        <time>{f.time(nowIso)}</time>
      </div>
      <MainMenu />
      <div className="cond" role="group" aria-label="Conditions now">
        <div className="place">
          <b>{placeName}</b>
          <span>
            {f.dayTime(nowIso)}
            {demoClock ? ', demo clock' : ''}
          </span>
        </div>
        {air && <Readings air={air} />}
        <UnitSwitch />
        <ThemeSwitch />
      </div>
    </header>
  );
}

function BackLink({ back }: Pick<TopBarProps, 'back'>) {
  if (back === null) return <Brand />;
  return (
    <Link href={back} aria-label="Back" className="backlink">
      <svg width="14" height="22" viewBox="0 0 14 22" aria-hidden="true">
        <path d="M12 2L3 11l9 9" fill="none" stroke="currentColor" strokeWidth="2.500" />
      </svg>
    </Link>
  );
}

function MainMenu() {
  const path = usePathname();
  const inJobs = path.startsWith('/jobs');
  // A job belongs to the bench.
  const current = (href: string): 'page' | 'true' | undefined => {
    if (path === href) return 'page';
    return href === '/' && inJobs ? 'true' : undefined;
  };
  return (
    <nav aria-label="Main" data-deep={inJobs}>
      {MAIN.map(([href, name]) => (
        <Link key={href} href={href} aria-current={current(href)}>
          {name}
        </Link>
      ))}
    </nav>
  );
}

function Readings({ air }: { air: AirView['now'] }) {
  const f = useFormat();
  return airReadings(air, f).map(({ name, text }) => (
    <div key={name} className="read">
      <b>{text}</b>
      <span>{name}</span>
    </div>
  ));
}
