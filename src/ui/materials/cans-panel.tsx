'use client';
/** Cans: how many, what each one sprays, what stays sealed. */
import type { Job } from '@/model/job';
import type { Plan } from '@/model/plan';
import type { Product } from '@/model/product';
import { durationOf } from '@/words/format';
import { Cans } from '../drawings/cans';
import { paintOf } from '../drawings/ink';
import { ProvenanceMark } from '../parts/mark';
import { useFormat } from '../theme/providers';
import { drawnCans } from './assignment';

/** More cans than this are not drawn one by one. */
const MOST_CANS = 20;

export function CansPanel({
  job,
  plan,
  product,
}: {
  job: Job;
  plan: Plan;
  product: (id: string) => Product;
}) {
  const f = useFormat();
  const aerosols = plan.materials.filter(
    (m) => !m.begun && m.needMl > 0 && product(m.productId).carrier === 'aerosol',
  );
  const count = aerosols.reduce((a, m) => a + m.packs.reduce((b, p) => b + p.count, 0), 0);
  if (plan.materials.length > 0 && aerosols.length === 0) return null;
  return (
    <section className="panel noprint" aria-label="Cans">
      <div className="hd">
        {count === 0
          ? 'No cans to buy'
          : `${count} ${count === 1 ? 'can' : 'cans'} to buy, and what each one sprays`}{' '}
        <small>
          low or old cans on edges and returns, full ones on flats
          <ProvenanceMark mark="CP" />
        </small>
      </div>
      {plan.materials.length === 0 && (
        <p className="cap" style={{ marginTop: 8 }}>
          No layers yet. Choose a build-up first, then the cans are counted here.
        </p>
      )}
      <ul style={{ display: 'flex', gap: 26, paddingTop: 12, flexWrap: 'wrap' }}>
        {aerosols.map((m) => {
          const p = product(m.productId);
          const cans = drawnCans(job, p, m, plan.layers);
          return (
            <li key={m.layerIds[0]} style={{ maxWidth: '100%' }}>
              <p style={{ fontWeight: 600, fontSize: 13.5 }}>
                {p.name}
                <br />
                <span className="small muted" style={{ fontWeight: 400 }}>
                  {m.colour ? `${m.colour.name}, ` : ''}
                  {f.volume(m.useMl)} expected
                </span>
              </p>
              <div className="scroll-x" tabIndex={0} role="group" aria-label={`Cans of ${p.name}`}>
                <Cans
                  cans={cans.slice(0, MOST_CANS)}
                  paint={paintOf(p, m.colour?.hex ?? job.purpose.colour.hex)}
                  name={p.name}
                  text={(ml) =>
                    f.units === 'us' ? f.volume(ml).replace(' fl oz', '') : String(Math.round(ml))
                  }
                />
              </div>
              <ol
                className="small muted"
                style={{ maxWidth: Math.max(210, Math.min(cans.length, MOST_CANS) * 76), lineHeight: 1.35 }}
              >
                {cans.slice(0, MOST_CANS).map((c, i) =>
                  c.does.length > 0 ? (
                    <li key={i}>
                      <b style={{ fontWeight: 600, color: 'var(--ink)' }}>{i + 1}</b> {c.does.join('; ')}
                      {c.changes ? '; change at an overlap, not in the middle' : ''}
                    </li>
                  ) : null,
                )}
              </ol>
              {cans.length > MOST_CANS && (
                <p className="small">
                  And {cans.length - MOST_CANS} cans more. For so much a gun is the better tool.
                </p>
              )}
              {p.potLifeMin !== undefined && cans.filter((c) => !c.sealed).length > 0 && (
                <p className="small" style={{ maxWidth: 250 }}>
                  {plan.sessions.flatMap((s) =>
                    s.activations
                      .filter((a) => a.productId === p.id)
                      .map((a) => (
                        <span key={s.id} style={{ display: 'block' }}>
                          <b style={{ fontWeight: 600 }}>{f.dayTime(a.at)}</b>: {a.cans} to activate, dead{' '}
                          {f.dayTime(a.usableUntil)}.
                        </span>
                      )),
                  )}
                  One at a time: each dies {durationOf(p.potLifeMin)} after its pin is in. Leave the rest
                  sealed.
                </p>
              )}
            </li>
          );
        })}
      </ul>
    </section>
  );
}
