'use client';
/** What to buy for this job: paint by packs, what it is mixed with, and what the work uses up. */
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import { CONSUMABLE_GROUPS, type Consumable } from '@/core/material/consumables';
import { sameTint } from '@/core/coating/tint';
import { priceKey } from '@/core/material/ingredients';
import type { Plan } from '@/model/plan';
import type { Product } from '@/model/product';
import { durationOf } from '@/words/format';
import { amountName, countName, GROUP_NAMES, lineName } from '@/words/shopping';
import type { Desk } from '../desk/job-desk';
import { LinkButton } from '../parts/link-button';
import { MeasureBox } from '../parts/measure-box';
import { ProvenanceMark } from '../parts/mark';
import { PriceBox } from '../parts/price-box';
import { SaveLine } from '../shell/stage-shell';
import { useFormat } from '../theme/providers';
import { StockPick, useShelf } from './stock-pick';

export function BuyPanel({
  desk,
  plan,
  product,
  consumables,
}: {
  desk: Desk;
  plan: Plan;
  product: (id: string) => Product;
  consumables: readonly Consumable[];
}) {
  const f = useFormat();
  const rows = useShelf();
  const { currency } = plan.cost;
  const mine = (
    s: { productId: string; colour?: string | undefined; stockId?: string | undefined },
    id: string,
    tint: string | undefined,
  ): boolean =>
    s.productId === id &&
    s.stockId === undefined &&
    (s.colour === undefined || tint === undefined || sameTint(s.colour, tint));
  const loose = (id: string, tint: string | undefined): number =>
    (desk.job.shelf ?? []).filter((s) => mine(s, id, tint)).reduce((a, s) => a + s.remainingMl, 0);
  const setLoose = (id: string, tint: string | undefined, ml: number): void =>
    desk.edit(({ shelf, ...j }) => {
      const left = (shelf ?? []).filter((s) => !mine(s, id, tint));
      const next =
        ml > 0
          ? [...left, { productId: id, remainingMl: ml, ...(tint === undefined ? {} : { colour: tint }) }]
          : left;
      return { ...j, ...(next.length > 0 ? { shelf: next } : {}) };
    });
  const setPrice = (key: string, price: number): void =>
    desk.edit((j) => ({ ...j, prices: { ...j.prices, [key]: price } }));
  const setHave = (id: string, on: boolean): void =>
    desk.edit(({ have, ...j }) => {
      const next = [...(have ?? []).filter((x) => x !== id), ...(on ? [id] : [])];
      return { ...j, ...(next.length > 0 ? { have: next } : {}) };
    });
  return (
    <section className="panel" aria-label="To buy">
      <div className="hd">
        To buy for this job <small>packs, each, in all</small>
        <span className="r row noprint">
          <Button size="small" variant="outlined" onClick={() => window.print()}>
            Print the list
          </Button>
          <LinkButton size="small" variant="outlined" href={`/shopping?jobs=${desk.id}`}>
            Shopping list
          </LinkButton>
        </span>
      </div>
      <div className="scroll-x" tabIndex={0} role="group" aria-label="Packs">
        <table className="tbl cards">
          <thead>
            <tr>
              <th>Paint</th>
              <th>Here already</th>
              <th className="num">packs</th>
              <th className="num">each</th>
              <th className="num">in all</th>
            </tr>
          </thead>
          <tbody>
            {plan.materials.flatMap((m) => {
              const p = product(m.productId);
              return m.ingredients.map((g) => {
                const name = lineName({
                  key: g.id,
                  name: p.name,
                  part: g.part,
                  params: {},
                  colour: g.part === 'base' ? (m.colour?.name ?? null) : null,
                });
                const tint = g.part === 'base' ? m.colour?.name : undefined;
                return (
                  <tr key={`${m.productId} ${m.colour?.hex ?? ''} ${g.id}`}>
                    <td>
                      <b style={{ fontWeight: 600 }}>{name}</b>
                      {g.part === 'base' && p.potLifeMin !== undefined && (
                        <span className="small muted">
                          , dies {durationOf(p.potLifeMin)} after activation: leave spares sealed
                        </span>
                      )}
                      <StockPick
                        desk={desk}
                        ingredientId={g.id}
                        colour={tint}
                        needMl={g.needMl}
                        rows={rows}
                      />
                    </td>
                    <td style={{ width: 150 }}>
                      <MeasureBox
                        kind="volume"
                        label="In hand"
                        width={138}
                        min={0}
                        max={20000}
                        step={50}
                        value={loose(g.id, tint)}
                        onChange={(ml) => setLoose(g.id, tint, ml)}
                        fault={desk.faultAt(`shelf.${g.id}`)}
                      />
                    </td>
                    <td className="num" data-label="packs">
                      {m.begun
                        ? 'begun, in hand'
                        : g.packs.length === 0
                          ? 'none'
                          : g.packs.map((k) => `${k.count} × ${f.volume(k.size)}`).join(' + ')}
                    </td>
                    <td className="num" data-label="each">
                      {g.packs.map((k) => (
                        <PriceBox
                          key={k.size}
                          label={`Price of ${name}, ${f.volume(k.size)}`}
                          value={k.price}
                          currency={currency}
                          onChange={(v) => setPrice(priceKey(g.id, k.size), v)}
                        />
                      ))}
                    </td>
                    <td className="num" data-label="in all">
                      <b>{f.money(g.cost, currency)}</b>
                    </td>
                  </tr>
                );
              });
            })}
            {CONSUMABLE_GROUPS.flatMap((group) => {
              const list = consumables.filter((c) => c.group === group);
              return list.length === 0
                ? []
                : [
                    <tr key={group}>
                      <td colSpan={5} className="small muted" style={{ paddingTop: 14 }}>
                        {GROUP_NAMES[group]}
                      </td>
                    </tr>,
                    ...list.map((c) => {
                      const name = lineName({ key: c.id, name: null, part: null, params: c.params });
                      return (
                        <tr key={c.id} style={c.have ? { color: 'var(--ink-3)' } : undefined}>
                          <td>
                            <b style={{ fontWeight: 600 }}>{name}</b>
                            <span className="small muted">, {amountName(c.need, c.unit, f)}</span>
                          </td>
                          <td>
                            <label className="row small noprint" style={{ gap: 2 }}>
                              <Checkbox
                                size="small"
                                checked={c.have}
                                onChange={(_e, on) => setHave(c.id, on)}
                                slotProps={{ input: { 'aria-label': `${name} is here already` } }}
                                sx={{ p: 0.5 }}
                              />
                              have it
                            </label>
                          </td>
                          <td className="num" data-label="packs">
                            {c.have ? 'none' : countName({ ...c, count: c.packs }, f)}
                          </td>
                          <td className="num desk-cell" data-label="each">
                            <PriceBox
                              label={`Price of ${name}`}
                              value={c.price}
                              currency={currency}
                              onChange={(v) => setPrice(c.id, v)}
                            />
                          </td>
                          <td className="num" data-label="in all">
                            <b>{f.money(c.cost, currency)}</b>
                          </td>
                        </tr>
                      );
                    }),
                  ];
            })}
            {plan.cost.tax > 0 && (
              <tr>
                <td colSpan={4}>Tax, {desk.job.budget.taxPct} %</td>
                <td className="num">{f.money(plan.cost.tax, currency)}</td>
              </tr>
            )}
            <tr>
              <td colSpan={4}>
                <b style={{ fontWeight: 650 }}>In all</b>{' '}
                <span className="small muted">
                  paint {f.money(plan.cost.paint, currency)}, the rest {f.money(plan.cost.prep, currency)};
                  budget {f.money(plan.cost.budget, currency)}
                </span>
              </td>
              <td className="num">
                <b style={{ fontSize: 16 }}>{f.money(plan.cost.total, currency)}</b>
              </td>
            </tr>
          </tbody>
        </table>
      </div>
      <p className="cap" style={{ marginTop: 8 }}>
        Prices are invented examples until you give yours
        <ProvenanceMark mark="M" />; one spare can of colour is counted, since a spitting nozzle costs a coat
        and the shade cannot be had again on the day
        <ProvenanceMark mark="CP" />.
      </p>
      <SaveLine />
    </section>
  );
}
