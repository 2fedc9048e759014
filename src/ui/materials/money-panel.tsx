'use client';
/** Money: per part, layer and coat, what is left and worth, what the total hangs on, and the other ways to get it painted. */
import TextField from '@mui/material/TextField';
import { useMemo } from 'react';
import { systemFor } from '@/core/coating/system';
import { costBy, paintLedger } from '@/core/material/ledger';
import { leftovers } from '@/core/material/leftovers';
import { sensitivity } from '@/core/material/sensitivity';
import { withZones } from '@/core/surface/zones';
import { KIT_KEYS, kitPrice, waysOf } from '@/core/ways';
import type { Plan } from '@/model/plan';
import type { Product } from '@/model/product';
import { ROUTE_NAMES } from '@/words/names';
import { lineName } from '@/words/shopping';
import type { Desk } from '../desk/job-desk';
import { NumberBox } from '../parts/number-box';
import { ProvenanceMark } from '../parts/mark';
import { PriceBox } from '../parts/price-box';
import { useFormat } from '../theme/providers';

const INPUTS = {
  area: ['the area', '± 5 %'],
  transfer: ['the share that lands', '50 to 65 %'],
  film: ['film per coat', '± 15 %'],
  coats: ['coats of colour', 'one less, one more'],
  price: ['prices', '± 15 %'],
  risk: ['risk of running out', '20 to 1 %'],
} as const;
const KIT_NAMES = {
  gun: 'Entry gun',
  compressor: 'Compressor, hose, filter',
  airFed: 'Air-fed mask and breathing air',
  shopPerM2: 'Paint shop, per m²',
  shopFixed: 'Paint shop, to begin',
} as const;

export function MoneyPanel({
  desk,
  plan,
  product,
}: {
  desk: Desk;
  plan: Plan;
  product: (id: string) => Product;
}) {
  const f = useFormat();
  const { job } = desk;
  const { currency } = plan.cost;
  const money = (x: number): string => f.money(x, currency);
  const worked = useMemo(() => {
    const s = systemFor(job);
    const z = withZones(job);
    const rows = paintLedger(job, s.layers, s.products, plan.materials);
    return {
      rows,
      left: leftovers(job, plan.materials, s.products),
      hang: sensitivity(z, s),
      ways: waysOf(job),
    };
  }, [job, plan.materials]);
  const byPart = costBy(worked.rows, (r) => r.partId);
  const byLayer = costBy(worked.rows, (r) => r.layerId);
  const byCoat = costBy(worked.rows, (r) => `${r.layerId}.${r.coat}`);
  const worth = worked.left.reduce((a, l) => a + l.worth, 0);
  const widest = Math.max(0.01, ...worked.hang.map((h) => h.high - h.low));
  const areaM2 = plan.parts.reduce((a, p) => a + p.areaM2, 0);
  const dearest = Math.max(0.01, ...worked.ways.list.map((w) => w.total));
  const set = (key: string, price: number): void =>
    desk.edit((j) => ({ ...j, prices: { ...j.prices, [key]: price } }));
  return (
    <section className="panel noprint" aria-label="Money">
      <div className="hd">
        Money <small>{areaM2 > 0 ? `${money(plan.cost.total / areaM2)} a m² in all` : ''}</small>
      </div>
      <div className="prepcols" style={{ marginTop: 8 }}>
        <div>
          <h3>Paint by part</h3>
          <table className="tbl">
            <tbody>
              {job.parts
                .filter((p) => byPart.has(p.id))
                .map((p) => {
                  const m2 = plan.parts.find((x) => x.id === p.id)?.areaM2 ?? 0;
                  return (
                    <tr key={p.id}>
                      <td>{p.name ?? p.id}</td>
                      <td className="num">{money(byPart.get(p.id)!)}</td>
                      <td className="num muted">{m2 > 0 ? `${money(byPart.get(p.id)! / m2)}/m²` : ''}</td>
                    </tr>
                  );
                })}
            </tbody>
          </table>
        </div>
        <div>
          <h3>Paint by layer and coat</h3>
          <table className="tbl">
            <tbody>
              {plan.layers
                .filter((l) => byLayer.has(l.id))
                .map((l) => (
                  <tr key={l.id}>
                    <td>
                      {product(l.productId).name}
                      <br />
                      <span className="small muted">
                        {Array.from({ length: l.coats }, (_, i) => byCoat.get(`${l.id}.${i + 1}`))
                          .flatMap((x, i) => (x === undefined ? [] : [`coat ${i + 1} ${money(x)}`]))
                          .join(', ')}
                      </span>
                    </td>
                    <td className="num">{money(byLayer.get(l.id)!)}</td>
                  </tr>
                ))}
            </tbody>
          </table>
        </div>
        <div>
          <h3>Expected to be left</h3>
          {worked.left.filter((l) => l.ml > 5).length === 0 ? (
            <p className="cap">Nothing to speak of.</p>
          ) : (
            <table className="tbl">
              <tbody>
                {worked.left
                  .filter((l) => l.ml > 5)
                  .map((l) => (
                    <tr key={`${l.ingredientId} ${l.colour ?? ''}`}>
                      <td>
                        {lineName({
                          key: l.ingredientId,
                          name: product(l.productId).name,
                          part: l.part,
                          params: {},
                          colour: l.colour,
                        })}
                        <br />
                        <span className="small muted">
                          {l.keeps === 0 ? 'dies once opened' : l.keeps < 0.5 ? 'keeps some months' : 'keeps'}
                        </span>
                      </td>
                      <td className="num">{f.volume(l.ml)}</td>
                      <td className="num">{l.worth > 0 ? money(l.worth) : 'nothing'}</td>
                    </tr>
                  ))}
              </tbody>
            </table>
          )}
          <p className="cap">
            Worth about {money(worth)} to the next job
            <ProvenanceMark mark="M" />.
          </p>
        </div>
        <div>
          <h3>What the paint money hangs on</h3>
          <ul style={{ display: 'grid', gap: 6 }}>
            {worked.hang.map((h) => (
              <li key={h.what}>
                <p className="small row" style={{ gap: 6 }}>
                  <b style={{ fontWeight: 600 }}>{INPUTS[h.what][0]}</b>
                  <span className="muted">{INPUTS[h.what][1]}</span>
                  <span className="push" />
                  {money(h.low)}–{money(h.high)}
                </p>
                <svg
                  viewBox="0 0 200 8"
                  width="100%"
                  height="8"
                  preserveAspectRatio="none"
                  aria-hidden="true"
                >
                  <rect width="200" height="8" fill="var(--panel-2)" />
                  <rect
                    width={Math.max(1, ((h.high - h.low) / widest) * 200)}
                    height="8"
                    fill="var(--lagoon-mid)"
                  />
                </svg>
              </li>
            ))}
          </ul>
          <p className="cap">
            By the millilitre, packs left aside; ranges
            <ProvenanceMark mark="M" />.
          </p>
        </div>
      </div>
      <h3 style={{ fontSize: 14, fontWeight: 650, margin: '14px 0 6px' }}>Other ways to get it painted</h3>
      <div className="scroll-x" tabIndex={0} role="group" aria-label="Other ways in money">
        <table className="tbl cards">
          <thead>
            <tr>
              <th>Way</th>
              <th className="num">paint</th>
              <th className="num">the rest</th>
              <th className="num">kit to buy</th>
              <th className="num">in all</th>
              <th className="num">a m²</th>
              <th className="num">your hours</th>
            </tr>
          </thead>
          <tbody>
            {worked.ways.list.map((w) => (
              <tr key={w.id}>
                <td>
                  {w.id === 'shop' ? 'A paint shop' : ROUTE_NAMES[w.id]}
                  {w.isocyanate && (
                    <span className="small" style={{ color: 'var(--oxide-ink)' }}>
                      , isocyanate: air-fed only
                    </span>
                  )}
                  <svg
                    viewBox="0 0 200 5"
                    width="100%"
                    height="5"
                    preserveAspectRatio="none"
                    aria-hidden="true"
                    style={{ display: 'block', marginTop: 3 }}
                  >
                    <rect width={(w.paint / dearest) * 200} height="5" fill="var(--lagoon)" />
                    <rect
                      x={(w.paint / dearest) * 200}
                      width={(w.prep / dearest) * 200}
                      height="5"
                      fill="#D8C19A"
                    />
                    <rect
                      x={((w.paint + w.prep) / dearest) * 200}
                      width={(w.kit / dearest) * 200}
                      height="5"
                      fill="var(--ink-3)"
                    />
                    {w.id === 'shop' && (
                      <rect width={(w.total / dearest) * 200} height="5" fill="var(--amber)" />
                    )}
                  </svg>
                </td>
                <td className="num" data-label="paint">
                  {w.id === 'shop' ? '' : money(w.paint)}
                </td>
                <td className="num" data-label="the rest">
                  {w.id === 'shop' ? '' : money(w.prep)}
                </td>
                <td className="num" data-label="kit to buy">
                  {w.kit > 0 ? money(w.kit) : w.id === 'shop' ? '' : 'here'}
                </td>
                <td className="num" data-label="in all">
                  <b>{money(w.total)}</b>
                </td>
                <td className="num desk-cell" data-label="a m²">
                  {money(w.perM2)}
                </td>
                <td className="num" data-label="your hours">
                  {w.id === 'shop' ? 'none' : f.hours(w.handsOnH)}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      {worked.ways.breakEven && (
        <p className="cap" style={{ marginTop: 6 }}>
          {worked.ways.breakEven.m2 === null
            ? 'At no area from a twentieth to forty times this one do the two cross: '
            : `From about ${f.area(worked.ways.breakEven.m2)} of the same parts the gun is cheaper than cans, by paint and kit: `}
          {ROUTE_NAMES[worked.ways.breakEven.gun]} against {ROUTE_NAMES[worked.ways.breakEven.cans]}.
        </p>
      )}
      <details className="noprint">
        <summary>Prices of kit and shop, tax, currency</summary>
        <div className="row" style={{ gap: 14, padding: '6px 0', alignItems: 'flex-start' }}>
          {(Object.keys(KIT_NAMES) as (keyof typeof KIT_NAMES)[]).map((k) => (
            <span key={k} className="small">
              {KIT_NAMES[k]}
              <br />
              <PriceBox
                label={KIT_NAMES[k]}
                value={kitPrice(job, k)}
                currency={currency}
                onChange={(v) => set(KIT_KEYS[k], v)}
              />
            </span>
          ))}
          <NumberBox
            label="Kit spread over jobs"
            value={job.equipment.kitJobs ?? 1}
            min={1}
            max={100}
            width={150}
            onChange={(kitJobs) => desk.edit((j) => ({ ...j, equipment: { ...j.equipment, kitJobs } }))}
            fault={desk.faultAt('equipment.kitJobs')}
          />
          <NumberBox
            label="Tax on top"
            unit="%"
            value={job.budget.taxPct ?? 0}
            min={0}
            max={60}
            width={120}
            onChange={(taxPct) => desk.edit((j) => ({ ...j, budget: { ...j.budget, taxPct } }))}
            fault={desk.faultAt('budget.taxPct')}
          />
          <TextField
            size="small"
            label="Currency"
            value={currency}
            error={desk.faultAt('budget.currency') !== null}
            helperText={desk.faultAt('budget.currency') ?? undefined}
            onChange={(e) =>
              desk.edit((j) => ({
                ...j,
                budget: { ...j.budget, currency: e.target.value.toUpperCase().slice(0, 3) },
              }))
            }
            sx={{ width: 100 }}
          />
        </div>
        <p className="small muted">
          Kit and shop prices are invented
          <ProvenanceMark mark="M" />; changing the currency renames the prices, it does not convert them.
        </p>
      </details>
    </section>
  );
}
