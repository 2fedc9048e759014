'use client';
/** Mixing for a gun: every pour of every session, with cup marks by volume and by weight, and the grade for its hour. */
import type { AirView } from '@/core/air/view';
import { baseDensity, gradeFor, mixMarks, potLifeAt } from '@/core/material/mixing';
import { CUP_ML, sessionPours } from '@/core/material/session-pours';
import { totalAreaM2 } from '@/core/surface/area';
import { withZones } from '@/core/surface/zones';
import type { Plan } from '@/model/plan';
import type { Product } from '@/model/product';
import { durationOf } from '@/words/format';
import { Cup } from '../drawings/cup';
import type { Desk } from '../desk/job-desk';
import { CautionBox } from '../parts/caution';
import { MeasureBox } from '../parts/measure-box';
import { ProvenanceMark } from '../parts/mark';
import { useFormat } from '../theme/providers';

/** More cups than this are not drawn one by one. */
const MOST_CUPS = 12;
const GRADE_NAMES = { fast: 'fast', standard: 'standard', slow: 'slow', 'very-slow': 'very slow' } as const;

/** Air at the part at an instant, from the hours the page draws. */
function panelAt(air: AirView, iso: string | undefined): number | null {
  if (iso === undefined) return null;
  const i = Math.round((Date.parse(iso) - air.startMs) / air.stepMs);
  const { mid } = air.panelC;
  const c = mid[Math.min(mid.length - 1, Math.max(0, i))];
  return c ?? null;
}

export function MixingPanel({
  desk,
  plan,
  product,
}: {
  desk: Desk;
  plan: Plan;
  product: (id: string) => Product;
}) {
  const f = useFormat();
  const job = withZones(desk.job);
  const products = new Map(desk.products.map((p) => [p.id, p]));
  if (!plan.materials.some((m) => product(m.productId).carrier === 'gun' && m.sprayMl > 0)) return null;
  const list = sessionPours(job, plan.layers, plan.seams, products, 20);
  if (list.length === 0) return null;
  const areaM2 = totalAreaM2(job.parts);
  const scale = (x: number): string => `${x.toFixed(0)} g`;
  return (
    <section className="panel" aria-label="Mixing">
      <div className="hd">
        Mixing <small>parts by volume; fill to each line in turn, or by the scale with the cup tared</small>
        <span className="r noprint">
          <MeasureBox
            kind="volume"
            label="Cup of the gun"
            value={desk.job.equipment.cupMl ?? CUP_ML}
            min={20}
            max={2000}
            step={50}
            width={132}
            onChange={(cupMl) => desk.edit((j) => ({ ...j, equipment: { ...j.equipment, cupMl } }))}
            fault={desk.faultAt('equipment.cupMl')}
          />
        </span>
      </div>
      <div
        style={{
          display: 'grid',
          gridTemplateColumns: 'repeat(auto-fit, minmax(min(100%, 320px), 1fr))',
          gap: '0 28px',
        }}
      >
        {list.map(({ session, product: p, pours }) => {
          const first = pours[0]!.coats[0]!;
          const planned = plan.sessions.find((s) => s.tasks.some((t) => t.id === first));
          const task = planned?.tasks.find((t) => t.id === first);
          const tempC = panelAt(desk.air, task?.startsAt);
          const grade = gradeFor(tempC ?? 20, areaM2);
          const pot = p.potLifeMin === undefined ? null : potLifeAt(p.potLifeMin, p.refTempC, tempC ?? 20);
          return (
            <article
              key={`${session} ${p.id}`}
              style={{ borderTop: '1px solid var(--line)', padding: '10px 0' }}
            >
              <h3 style={{ fontSize: 14.5, fontWeight: 650 }}>
                {p.name}
                {p.mix
                  ? `, ${[p.mix.base, p.mix.hardener, p.mix.reducer].filter((x, i) => i === 0 || x > 0).join(' : ')}`
                  : ', ready to spray'}
              </h3>
              <p className="cap">
                {task
                  ? `${f.dayTime(task.startsAt)}, panel ${f.temp(Math.round((tempC ?? 20) * 10) / 10)}`
                  : 'No start yet, so taken at 20 °C'}
                :{' '}
                {p.mix && (p.mix.reducer > 0 || p.mix.hardener > 0) ? (
                  <>
                    <b>{GRADE_NAMES[grade]}</b> {p.mix.reducer > 0 ? 'reducer' : 'hardener'}
                    {p.mix.reducer > 0 && p.mix.hardener > 0 ? ' and hardener' : ''}
                    <ProvenanceMark mark="CP" />.{' '}
                  </>
                ) : null}
                {pot !== null
                  ? `Pot life there ${durationOf(pot)}; four fifths of it are planned with. `
                  : ''}
                Strain every pour. Keep some gun wash;{' '}
                {p.potLifeMin !== undefined
                  ? `gun clean by ${durationOf(pot!)} after mixing: 2K left in it is its end.`
                  : 'rinse before it dries.'}
              </p>
              <ul style={{ display: 'flex', flexWrap: 'wrap', gap: '8px 18px', marginTop: 6 }}>
                {pours.slice(0, MOST_CUPS).map((q, i) => {
                  const marks = p.mix
                    ? mixMarks(p.mix, q.ml, { base: baseDensity(p) })
                    : [
                        {
                          part: 'base' as const,
                          ml: q.ml,
                          toMl: q.ml,
                          g: q.ml * baseDensity(p),
                          toG: q.ml * baseDensity(p),
                        },
                      ];
                  return (
                    <li key={i}>
                      <p className="small">
                        <b style={{ fontWeight: 600 }}>
                          Pour {i + 1}, {f.volume(q.ml)}
                        </b>{' '}
                        {q.part[1] > 1
                          ? `part ${q.part[0]} of ${q.part[1]} of coat ${q.coats[0]!.split('.c')[1]}`
                          : `coat ${q.coats.map((c) => c.split('.c')[1]).join(' and ')}`}
                      </p>
                      <Cup
                        marks={marks}
                        cupMl={Math.max(desk.job.equipment.cupMl ?? CUP_ML, 1)}
                        text={f.volume}
                        weight={scale}
                        title={`${p.name}, pour ${i + 1}`}
                      />
                    </li>
                  );
                })}
              </ul>
              {pours.length > MOST_CUPS && (
                <p className="cap">
                  And {pours.length - MOST_CUPS} more pours. A larger cup saves most of them.
                </p>
              )}
            </article>
          );
        })}
      </div>
      <p className="cap">
        Weights by density, base and all, from memory where the sheet says nothing
        <ProvenanceMark mark="M" />; the sheet on the tin wins. Gun cup, strainer and test card take their
        share of the first pour.
      </p>
      {list.some((x) => x.product.isocyanate) && (
        <div className="cauts" style={{ marginTop: 8, maxWidth: 480 }}>
          <CautionBox caution={{ code: 'isocyanate', severity: 'stop', params: {} }} />
        </div>
      )}
    </section>
  );
}
