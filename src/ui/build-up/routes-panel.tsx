'use client';
/** The ways to do it, side by side: what each is good for, what it cannot do, what it takes. */
import Button from '@mui/material/Button';
import { withZones } from '@/core/surface/zones';
import type { Job } from '@/model/job';
import type { PlanLayer } from '@/model/plan';
import { compareRoutes, type RouteSummary } from '@/core/compare-routes';
import { ROUTE_NAMES, ROUTE_WORDS } from '@/words/route-names';
import { StopSign } from '../parts/icons';
import { ProvenanceMark } from '../parts/mark';
import { useFormat } from '../theme/providers';
import { sameLayers } from '../views/build-up';

interface RoutesPanelProps {
  readonly job: Job;
  readonly chosen: readonly PlanLayer[];
  readonly onTake: (r: RouteSummary) => void;
}

export function RoutesPanel({ job, chosen, onTake }: RoutesPanelProps) {
  const routes = compareRoutes(job).map((r) => r.summary);
  return (
    <section className="panel" aria-label="Ways to do it" style={{ gridColumn: '1 / -1' }}>
      <div className="hd">
        Ways to do it <small>for this surface, purpose and kit; take one, then change what you like</small>
      </div>
      {routes.length === 0 && (
        <p className="cap" style={{ marginTop: 8 }}>
          No usual route holds on this surface. Change the purpose, or choose layers by hand.
        </p>
      )}
      {routes.length > 0 && (
        <ul className="routes">
          {routes.map((r) => (
            <RouteCard
              key={r.route}
              route={r}
              job={job}
              on={sameLayers(r.layers, chosen, withZones(job).parts.length)}
              onTake={onTake}
            />
          ))}
        </ul>
      )}
    </section>
  );
}

interface RouteCardProps extends Pick<RoutesPanelProps, 'job' | 'onTake'> {
  readonly route: RouteSummary;
  /** It is what is drawn. */
  readonly on: boolean;
}

function RouteCard({ route, job, on, onTake }: RouteCardProps) {
  const name = ROUTE_NAMES[route.route];
  const [good, but] = ROUTE_WORDS[route.route]!;
  const topDown = route.names.map((n, i) => `${route.layers[i]!.coats} × ${n}`).reverse();
  return (
    <li data-on={on}>
      <h3>
        {name}
        {route.isocyanate && <StopSign text="2K" />}
      </h3>
      <p className="small">
        <b>{good}</b>
      </p>
      <p className="small muted">
        But {but}.<ProvenanceMark mark="CP" />
      </p>
      <ol className="small">
        {topDown.map((line, i) => (
          <li key={i}>{line}</li>
        ))}
      </ol>
      <RouteFigures route={route} currency={job.budget.currency} />
      {on ? (
        <p className="small" style={{ color: 'var(--moss-ink)', fontWeight: 650 }}>
          this is what is drawn
        </p>
      ) : (
        <Button variant="outlined" size="small" aria-label={`Take ${name}`} onClick={() => onTake(route)}>
          Take this
        </Button>
      )}
      {route.isocyanate && !job.equipment.suppliedAir && (
        <p className="small" style={{ color: 'var(--oxide-ink)' }}>
          Isocyanate: only with air-fed protection, or at a paint shop.
        </p>
      )}
    </li>
  );
}

function RouteFigures({ route, currency }: { route: RouteSummary; currency: string }) {
  const f = useFormat();
  const figures = [
    ['paint', f.money(route.cost, currency)],
    ['film', f.film(route.filmUm)],
    ['sessions', String(route.sessions)],
    ['hands-on', f.hours(route.handsOnH)],
  ] as const;
  return (
    <dl>
      {figures.map(([name, text]) => (
        <div key={name}>
          <dt>{name}</dt>
          <dd>{text}</dd>
        </div>
      ))}
    </dl>
  );
}
