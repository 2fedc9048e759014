'use client';
/** The head of every page: the mark, where one is, the air at the part now, and the menu. It stays while the page scrolls. */
import Link from 'next/link';
import type { ReactNode } from 'react';
import type { AirNow } from '@/core/air/view';
import { Brand } from '../parts/icons';
import { useFormat } from '../theme/providers';
import { airReadings } from '../views/air';
import { Find } from './find';
import { HeadMenu } from './head-menu';
import { MainLinks } from './main-links';

export interface HeadProps {
  readonly placeName: string;
  readonly nowIso: string;
  readonly demoClock: boolean;
  readonly air: AirNow | null;
  /** What a phone shows beside the mark, and where its back arrow leads; null on the bench itself. */
  readonly title: string;
  readonly under: string;
  readonly back: string | null;
  /** Of a job: its facts and the way through its stages; other pages show the main pages there. */
  readonly job?: { readonly facts: ReactNode; readonly stages: ReactNode };
}

export function Head({ placeName, nowIso, demoClock, air, title, under, back, job }: HeadProps) {
  const f = useFormat();
  return (
    <header className="top" data-job={job !== undefined}>
      <Link className="brand" href="/" aria-label="Pellucid, to the bench">
        <Brand />
        <span>Pellucid</span>
      </Link>
      <div className="phone-head">
        <BackLink back={back} />
        <p>
          <b>{title}</b>
          <span>{under}</span>
        </p>
        {!job && <time>{f.time(nowIso)}</time>}
      </div>
      {job ? (
        <>
          <div className="titles">
            <h1 title={title}>{title}</h1>
            {job.facts}
          </div>
          {job.stages}
        </>
      ) : (
        <MainLinks />
      )}
      <div className="cond" role="group" aria-label="Conditions now">
        {air && <AirShort air={air} />}
        <div className="place">
          <b>{placeName}</b>
          <span>
            {f.dayTime(nowIso)}
            {demoClock ? ', demo' : ''}
          </span>
        </div>
        {air && <Readings air={air} />}
      </div>
      <Find />
      <HeadMenu />
    </header>
  );
}

function BackLink({ back }: Pick<HeadProps, 'back'>) {
  if (back === null) return <Brand />;
  return (
    <Link href={back} aria-label="Back" className="backlink">
      <svg width="14" height="22" viewBox="0 0 14 22" aria-hidden="true">
        <path d="M12 2L3 11l9 9" fill="none" stroke="currentColor" strokeWidth="2.500" />
      </svg>
    </Link>
  );
}

/** The two readings that decide, where there is no room for four. */
function AirShort({ air }: { air: AirNow }) {
  const f = useFormat();
  const [panel, gap] = airReadings(air, f);
  return (
    <b className="airshort">
      {panel!.text}, {gap!.name} {gap!.text}
    </b>
  );
}

function Readings({ air }: { air: AirNow }) {
  const f = useFormat();
  return airReadings(air, f).map(({ name, text }) => (
    <div key={name} className="read">
      <b>{text}</b>
      <span>{name}</span>
    </div>
  ));
}
