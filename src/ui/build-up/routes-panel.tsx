'use client';
/** The ways to do it, comparable at a glance; once one is taken they fold to its line. */
import { useState } from 'react';
import ButtonBase from '@mui/material/ButtonBase';
import Button from '@mui/material/Button';
import type { RouteSummary } from '@/core/compare-routes';
import type { Job } from '@/model/job';
import type { Plan, PlanLayer } from '@/model/plan';
import { WayThumb } from '../drawings/way-thumb';
import { GoSign, StopSign } from '../parts/icons';
import { ProvenanceMark } from '../parts/mark';
import { useFormat } from '../theme/providers';
import { wayLine, waysOffered, type WayOffered } from '../views/ways-offered';

interface RoutesPanelProps {
  readonly job: Job;
  readonly plan: Plan;
  readonly chosen: readonly PlanLayer[];
  readonly onTake: (r: RouteSummary) => void;
}

export function RoutesPanel({ job, plan, chosen, onTake }: RoutesPanelProps) {
  const [open, setOpen] = useState(job.system === undefined);
  const ways = waysOffered(job, chosen, plan);
  const drawn = ways.find((w) => w.isDrawn);
  const take = (way: WayOffered): void => {
    onTake(way.route);
    setOpen(false);
  };
  return (
    <section className="panel ways" aria-label="Ways to do it">
      <div className="hd">
        Ways <Taken drawn={drawn} job={job} />
        {ways.length > 0 && (
          <span className="r">
            <Button size="small" aria-expanded={open} onClick={() => setOpen(!open)}>
              {open ? 'Fold to this line' : `Compare ${ways.length} ways`}
            </Button>
          </span>
        )}
      </div>
      {ways.length === 0 && (
        <p className="cap mt-8">
          No usual way holds on this surface. Change the purpose, or choose layers by hand.
        </p>
      )}
      {open && ways.length > 0 && (
        <ul className="waylist">
          {ways.map((way) => (
            <Way
              key={way.route.route}
              way={way}
              currency={job.budget.currency}
              tallestUm={Math.max(...ways.map((w) => w.route.filmUm))}
              onTake={() => take(way)}
            />
          ))}
        </ul>
      )}
    </section>
  );
}

function Taken({ drawn, job }: { drawn: WayOffered | undefined; job: Job }) {
  const f = useFormat();
  if (!drawn) return <small>layers chosen by hand; none of the usual ways is drawn</small>;
  return (
    <>
      <span className="text-14">{drawn.name}</span>{' '}
      <small>
        {wayLine(drawn, job.budget.currency, f)}
        {job.state ? ' · from the start' : ''}
      </small>
    </>
  );
}

interface WayProps {
  readonly way: WayOffered;
  readonly currency: string;
  readonly tallestUm: number;
  readonly onTake: () => void;
}

function Way({ way, currency, tallestUm, onTake }: WayProps) {
  const f = useFormat();
  const { route, name, good, but, lacks, isDrawn } = way;
  const sessions = route.sessions === 1 ? 'session' : 'sessions';
  return (
    <li data-on={isDrawn}>
      <ButtonBase
        aria-label={isDrawn ? `${name}, drawn below` : `Take ${name}`}
        aria-pressed={isDrawn}
        onClick={isDrawn ? undefined : onTake}
      >
        <WayThumb bands={way.bands} ground={way.ground} tallestUm={tallestUm} />
        <span className="waytext">
          <b>
            {name} {route.isocyanate && <StopSign text="2K" />}
          </b>
          <span>
            <b>{f.money(route.cost, currency)}</b> paint, <b>{route.sessions}</b> {sessions}
          </span>
          <span>
            <b>{f.film(route.filmUm)}</b>, <b>{f.hours(route.handsOnH)}</b> hands-on
          </span>
          <span>{good}</span>
          <span>
            <b className="wayno">but</b> {but}
            <ProvenanceMark mark="CP" />
          </span>
        </span>
        <span className="wayfoot">
          {isDrawn ? (
            <>
              <GoSign /> drawn below
            </>
          ) : (
            <u>Take</u>
          )}
          {lacks !== null && <em>{lacks}</em>}
        </span>
      </ButtonBase>
    </li>
  );
}
