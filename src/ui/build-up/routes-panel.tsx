'use client';
/** The ways to do it, side by side: what each is good for, what it cannot do, what it takes. */
import Button from '@mui/material/Button';
import type { Job } from '@/model/job';
import { compareRoutes, type RouteSummary } from '@/core/compare-routes';
import { ROUTE_NAMES, ROUTE_WORDS } from '@/words/names';
import { StopSign } from '../parts/icons';
import { ProvenanceMark } from '../parts/mark';
import { useFormat } from '../theme/providers';

const same = (
  a: readonly { productId: string; coats: number }[],
  b: readonly { productId: string; coats: number }[],
): boolean =>
  a.length === b.length && a.every((x, i) => x.productId === b[i]!.productId && x.coats === b[i]!.coats);

export function RoutesPanel({
  job,
  chosen,
  onTake,
}: {
  job: Job;
  chosen: readonly { productId: string; coats: number }[];
  onTake: (r: RouteSummary) => void;
}) {
  const f = useFormat();
  const routes = compareRoutes(job);
  return (
    <section className="panel" aria-label="Ways to do it" style={{ gridColumn: '1 / -1' }}>
      <div className="hd">
        Ways to do it <small>for this surface, purpose and kit; take one, then change what you like</small>
      </div>
      {routes.length === 0 ? (
        <p className="cap" style={{ marginTop: 8 }}>
          No usual route holds on this surface. Change the purpose, or choose layers by hand.
        </p>
      ) : (
        <ul className="routes">
          {routes.map((r) => {
            const on = same(r.layers, chosen);
            return (
              <li key={r.route} data-on={on}>
                <h3>
                  {ROUTE_NAMES[r.route]}
                  {r.isocyanate && <StopSign text="2K" />}
                </h3>
                <p className="small">
                  <b>{ROUTE_WORDS[r.route]![0]}</b>
                </p>
                <p className="small muted">
                  But {ROUTE_WORDS[r.route]![1]}.<ProvenanceMark mark="CP" />
                </p>
                <ol className="small">
                  {[...r.names].reverse().map((n, i) => (
                    <li key={i}>
                      {r.layers[r.names.length - 1 - i]!.coats} × {n}
                    </li>
                  ))}
                </ol>
                <dl>
                  <div>
                    <dt>paint</dt>
                    <dd>{f.money(r.cost, job.budget.currency)}</dd>
                  </div>
                  <div>
                    <dt>film</dt>
                    <dd>{f.film(r.filmUm)}</dd>
                  </div>
                  <div>
                    <dt>sessions</dt>
                    <dd>{r.sessions}</dd>
                  </div>
                  <div>
                    <dt>hands-on</dt>
                    <dd>{f.hours(r.handsOnH)}</dd>
                  </div>
                </dl>
                {on ? (
                  <p className="small" style={{ color: 'var(--moss-ink)', fontWeight: 650 }}>
                    this is what is drawn
                  </p>
                ) : (
                  <Button
                    variant="outlined"
                    size="small"
                    aria-label={`Take ${ROUTE_NAMES[r.route]}`}
                    onClick={() => onTake(r)}
                  >
                    Take this
                  </Button>
                )}
                {r.isocyanate && !job.equipment.suppliedAir && (
                  <p className="small" style={{ color: 'var(--oxide-ink)' }}>
                    Isocyanate: only with air-fed protection, or at a paint shop.
                  </p>
                )}
              </li>
            );
          })}
        </ul>
      )}
    </section>
  );
}
