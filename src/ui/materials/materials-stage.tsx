'use client';
/** Materials: how much, in what cans, and the sum laid open. */
import Button from '@mui/material/Button';
import { normalQuantile } from '@/core/numerics/stats';
import { ASSUMPTIONS } from '@/words/say';
import { durationOf } from '@/words/format';
import { Cans, causeFill, NeedBar } from '../drawings/cans';
import { paintOf } from '../drawings/ink';
import { useDesk } from '../desk/job-desk';
import { LinkButton } from '../parts/link-button';
import { ProvenanceMark } from '../parts/mark';
import { MeasureBox } from '../parts/measure-box';
import { Columns, SaveLine } from '../shell/stage-shell';
import { Spine } from '../shell/spine';
import { Verdict } from '../shell/verdict';
import { useFormat } from '../theme/providers';

const CAUSE_NAMES: Readonly<Record<string, string>> = { film: 'stays as film', carrier: 'flies off (solvent, propellant)', overspray: 'misses the part', overrun: 'past the edges', heel: 'left in the can', margin: 'margin against running out', spare: 'spare can' };

export function MaterialsStage() {
  const f = useFormat();
  const desk = useDesk();
  const { job, plan, products } = desk;
  const product = (id: string) => products.find((p) => p.id === id)!;
  const shelfOf = (id: string): number => (job.shelf ?? []).filter((s) => s.productId === id).reduce((a, s) => a + s.remainingMl, 0);
  const setShelf = (id: string, ml: number): void => desk.edit((j) => ({ ...j, shelf: [...(j.shelf ?? []).filter((s) => s.productId !== id), ...(ml > 0 ? [{ productId: id, remainingMl: ml }] : [])] }));
  // What is sprayed already is bought and used; it has no sum any more.
  const open = plan.materials.filter((m) => m.needMl > 0);
  const count = plan.materials.reduce((a, m) => a + m.packs.reduce((b, p) => b + p.count, 0), 0);
  return (
    <Columns kind="cols-3">
      <Spine job={job} plan={plan} products={products}><p><b>One micron over one square metre is one millilitre</b> of dry film. The film above sets every figure on this page.</p></Spine>
      <div className="stack">
        <section className="panel noprint" aria-label="Cans">
          <div className="hd">{count === 0 ? 'Nothing to buy' : `${count} ${count === 1 ? 'can' : 'cans'} to buy, and what each one sprays`} <small>low or old cans on edges and returns, full ones on flats</small></div>
          {plan.materials.length === 0 && <p className="cap" style={{ marginTop: 8 }}>No layers yet. Choose a build-up first, then the cans are counted here.</p>}
          <div className="scroll-x" style={{ display: 'flex', gap: 26, paddingTop: 12, flexWrap: 'wrap' }}>
            {plan.materials.filter((m) => !m.begun).map((m) => { const p = product(m.productId); return <figure key={m.productId}><figcaption style={{ fontWeight: 600, fontSize: 13.5 }}>{p.name}<br /><span className="small muted" style={{ fontWeight: 400 }}>{f.volume(m.sprayMl)} expected</span></figcaption><Cans material={m} paint={paintOf(p, job.purpose.colour.hex)} name={p.name} text={(ml) => (f.units === 'us' ? f.volume(ml).replace(' fl oz', '') : String(Math.round(ml)))} /></figure>; })}
          </div>
        </section>
        <section className="panel noprint" aria-label="The sum">
          <div className="hd">The sum <small>expected use, then what must be ready</small></div>
          <div className="scroll-x" tabIndex={0} role="group" aria-label="The sum as a table"><table className="tbl cards" style={{ marginTop: 6 }}>
            <thead><tr><th>Product</th><th className="num">area</th><th className="num">film</th><th className="num">÷ solids</th><th className="num">÷ lands</th><th className="num">× overrun</th><th className="num">= sprayed</th><th className="num">give or take</th><th className="num">ready</th></tr></thead>
            <tbody>{open.map((m) => { const p = product(m.productId), film = m.breakdown[0]!.ml; return (
              <tr key={m.productId}><td><span className="swatch" style={{ background: paintOf(p, job.purpose.colour.hex).fill, marginRight: 7, borderRadius: 2 }} />{p.name}</td><td className="num" data-label="area">{f.area(m.areaM2)}</td><td className="num" data-label="film">{f.volume(film)}</td><td className="num" data-label="÷ solids">{(m.factors.solidsFrac * 100).toFixed(1).replace('.0', '')} %</td><td className="num" data-label="÷ lands">{(m.factors.transferFrac * 100).toFixed(1).replace('.0', '')} %</td><td className="num" data-label="× overrun">{m.factors.overrun.toFixed(2)}</td><td className="num" data-label="= sprayed"><b>{f.volume(m.sprayMl)}</b></td><td className="num" data-label="give or take">{f.volume(m.spreadMl)}</td><td className="num" data-label="ready"><b>{f.volume(m.needMl)}</b></td></tr>
            ); })}</tbody>
          </table></div>
          <ul style={{ display: 'grid', gap: 10, marginTop: 12 }}>{open.map((m) => (
            <li key={m.productId} style={{ display: 'grid', gridTemplateColumns: 'minmax(110px,150px) minmax(0,1fr)', gap: 10, alignItems: 'center' }}><span className="small">{product(m.productId).name}</span><NeedBar material={m} /></li>
          ))}</ul>
          <p className="cap" style={{ display: 'flex', flexWrap: 'wrap', gap: '4px 14px', marginTop: 10 }}>{Object.entries(CAUSE_NAMES).map(([k, v]) => <span key={k} className="row" style={{ gap: 5 }}><svg width="12" height="12" aria-hidden="true"><rect width="12" height="12" fill={causeFill(k)} stroke="var(--ink-3)" strokeWidth=".6" /></svg>{v}</span>)}</p>
          <details className="how"><summary>How this was computed, and every figure of it</summary>
            <p className="cap">Film in millilitres is area times film. Divided by the solids of the can it is what must land; divided by the share that lands it is what must leave the nozzle over the part; times the overrun it is what leaves the nozzle. The heel stays in the can. The margin is {normalQuantile(0.95).toFixed(2)} times the spread, so that running out in mid-coat has a chance of at most 5 %.</p>
            <div className="scroll-x" tabIndex={0} role="group" aria-label="Every figure"><table className="tbl"><thead><tr><th>Product</th>{Object.values(CAUSE_NAMES).map((n) => <th key={n} className="num">{n}</th>)}<th className="num">sum</th></tr></thead><tbody>{open.map((m) => <tr key={m.productId}><td>{product(m.productId).name}</td>{m.breakdown.map((b) => <td key={b.cause} className="num">{f.units === 'us' ? f.volume(b.ml) : b.ml.toFixed(1)}</td>)}<td className="num"><b>{f.units === 'us' ? f.volume(m.needMl) : m.needMl.toFixed(1)}</b></td></tr>)}</tbody></table></div>
            <ul className="cap" style={{ display: 'grid', gap: 3, padding: '8px 0' }}>{plan.assumptions.filter((a) => ['overrun-mm', 'transfer', 'heel', 'habit-sd', 'coat-sd', 'risk-of-short'].includes(a.what)).map((a, i) => <li key={i}>{ASSUMPTIONS[a.what] ?? a.what}: {typeof a.value === 'number' && a.unit === '1' ? `${(a.value * 100).toFixed(1).replace('.0', '')} %` : typeof a.value === 'number' && a.unit === 'mm' ? f.length(a.value) : `${a.value} ${a.unit}`}<ProvenanceMark mark={a.provenance} /></li>)}</ul>
          </details>
        </section>
        <section className="panel" aria-label="To buy">
          <div className="hd">To buy <small>packs, each, in all</small><span className="r noprint"><Button size="small" variant="outlined" onClick={() => window.print()}>Print the list</Button></span></div>
          <div className="scroll-x" tabIndex={0} role="group" aria-label="Packs"><table className="tbl cards"><thead className="sr"><tr><th>Product</th><th>On the shelf</th><th>Packs</th><th>Each</th><th>In all</th></tr></thead><tbody>
            {plan.materials.map((m) => { const p = product(m.productId); return (
              <tr key={m.productId}><td><b style={{ fontWeight: 600 }}>{p.name}</b>{p.potLifeMin !== undefined && <span className="small muted">, dies {durationOf(p.potLifeMin)} after activation: leave spares sealed</span>}</td>
                <td style={{ width: 150 }}><MeasureBox kind="volume" label="On the shelf" width={138} min={0} max={20000} step={50} value={shelfOf(m.productId)} onChange={(ml) => setShelf(m.productId, ml)} /></td>
                <td className="num" data-label="packs">{m.begun ? 'begun, in hand' : m.packs.length === 0 ? 'none' : m.packs.map((k) => `${k.count} × ${f.volume(k.size)}`).join(' + ')}</td><td className="num" data-label="each">{m.packs.map((k) => f.money(k.price, plan.cost.currency)).join(' + ')}</td><td className="num" data-label="in all"><b>{f.money(m.cost, plan.cost.currency)}</b></td></tr>
            ); })}
            <tr><td colSpan={4}><b style={{ fontWeight: 650 }}>Paint in all</b> <span className="small muted">budget {f.money(plan.cost.budget, plan.cost.currency)}</span></td><td className="num"><b style={{ fontSize: 16 }}>{f.money(plan.cost.total, plan.cost.currency)}</b></td></tr>
          </tbody></table></div>
          <p className="cap" style={{ marginTop: 8 }}>Prices are invented examples<ProvenanceMark mark="M" />; one spare can of colour is counted, since a spitting nozzle costs a coat and the shade cannot be had again on the day<ProvenanceMark mark="CP" />.</p>
          <SaveLine />
        </section>
        <div className="row noprint"><span className="push" /><LinkButton variant="contained" href={`/jobs/${desk.id}/window`}>On to the window</LinkButton></div>
      </div>
      <Verdict plan={plan} session={plan.sessions[0]} stage="materials" />
    </Columns>
  );
}
