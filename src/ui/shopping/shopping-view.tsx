'use client';
/** The shopping list for the jobs that are chosen: grouped, ticked off in the shop, printed, taken along as a file. */
import { useOptimistic, useState, useTransition } from 'react';
import { useRouter } from 'next/navigation';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import { SHOPPING_GROUPS, type ShoppingLine, type ShoppingList } from '@/model/shopping';
import { countName, GROUP_NAMES, lineName, packName } from '@/words/shopping';
import { PriceBox } from '../parts/price-box';
import { ProvenanceMark } from '../parts/mark';
import { useFormat } from '../theme/providers';

export interface ShoppingPageProps {
  readonly jobs: readonly { id: string; name: string }[];
  readonly chosen: readonly string[];
  readonly shopping:
    | { readonly kind: 'list'; readonly list: ShoppingList }
    | { readonly kind: 'currencies'; readonly currencies: readonly string[] };
  readonly ticked: readonly string[];
}

const SILENT = 'The server does not answer. Not kept; try again in a moment.';

export function ShoppingPage({ jobs, chosen, shopping, ticked }: ShoppingPageProps) {
  const f = useFormat();
  const router = useRouter();
  const [ticks, setTicks] = useState<ReadonlySet<string>>(new Set(ticked));
  const [said, setSaid] = useState<string | null>(null);
  const [prices, setPrices] = useState(false);
  // The box answers at once; the list follows when it has been worked out.
  const [wanted, setWanted] = useOptimistic(chosen);
  const [busy, start] = useTransition();
  const choose = (ids: readonly string[]): void =>
    start(() => {
      setWanted(ids);
      router.push(ids.length === jobs.length ? '/shopping' : `/shopping?jobs=${ids.join(',')}`, {
        scroll: false,
      });
    });
  const tick = async (key: string, on: boolean): Promise<void> => {
    const set = (v: boolean): void =>
      setTicks((t) => {
        const n = new Set(t);
        if (v) n.add(key);
        else n.delete(key);
        return n;
      });
    set(on);
    setSaid(null);
    const r = await fetch('/api/shopping/tick', {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ key, on }),
    }).catch(() => null);
    if (!r?.ok) {
      set(!on);
      setSaid(SILENT);
    }
  };
  const clear = async (): Promise<void> => {
    const r = await fetch('/api/shopping/tick', { method: 'DELETE' }).catch(() => null);
    if (r?.ok) setTicks(new Set());
    else setSaid(SILENT);
  };
  const price = async (l: ShoppingLine, value: number): Promise<void> => {
    setSaid(null);
    const r = await fetch('/api/shopping/price', {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ key: l.priceKey, price: value, jobs: l.jobs }),
    }).catch(() => null);
    if (r?.ok) router.refresh();
    else setSaid(r ? 'This price is not taken: 0 or more.' : SILENT);
  };
  const list = shopping.kind === 'list' ? shopping.list : null;
  const q = `jobs=${chosen.join(',')}&units=${f.units}`;
  const lines = list?.lines.filter((l) => !l.have) ?? [];
  const got = lines.filter((l) => ticks.has(l.key)).length;
  const money = (x: number): string => f.money(x, list?.currency ?? 'GBP');
  return (
    <main id="main" className="body" style={{ maxWidth: 980 }}>
      <h1 className="sr-phone" style={{ fontSize: 20, fontWeight: 650 }}>
        Shopping
      </h1>
      <section className="panel noprint" aria-label="For which jobs">
        <div className="hd" style={{ marginBottom: 6 }}>
          For which jobs <small>bought together they share packs and one spare</small>
        </div>
        {jobs.length === 0 ? (
          <p className="cap">No open jobs, so nothing to buy. Start one on the bench.</p>
        ) : (
          <ul className="row" style={{ gap: '2px 18px' }}>
            {jobs.map((j) => (
              <li key={j.id}>
                <label className="row" style={{ gap: 2, flexWrap: 'nowrap' }}>
                  <Checkbox
                    size="small"
                    checked={wanted.includes(j.id)}
                    onChange={(_e, on) =>
                      choose(jobs.map((x) => x.id).filter((id) => (id === j.id ? on : wanted.includes(id))))
                    }
                    sx={{ p: 0.75 }}
                  />
                  {j.name}
                </label>
              </li>
            ))}
          </ul>
        )}
      </section>
      {shopping.kind === 'currencies' && (
        <section className="panel" role="alert" style={{ borderColor: 'var(--oxide)' }}>
          <div className="hd">Two currencies</div>
          <p className="cap" style={{ marginTop: 6 }}>
            These jobs are in {shopping.currencies.join(' and ')}; their prices cannot be added. Choose jobs
            of one currency, or change it under Money on Materials.
          </p>
        </section>
      )}
      {list && jobs.length > 0 && (
        <section
          className="panel"
          aria-label="Shopping list"
          aria-busy={busy}
          style={busy ? { opacity: 0.6 } : undefined}
        >
          <div className="hd">
            To buy <small>{lines.length === 0 ? 'nothing' : `${got} of ${lines.length} ticked`}</small>
            <span className="r row noprint">
              <Button size="small" variant="outlined" onClick={() => window.print()}>
                Print
              </Button>
              <Button size="small" variant="outlined" href={`/api/shopping/list?as=csv&${q}`} download>
                CSV
              </Button>
              <Button size="small" variant="outlined" href={`/api/shopping/list?as=text&${q}`} download>
                Text
              </Button>
              {got > 0 && (
                <Button size="small" onClick={() => void clear()}>
                  Untick all
                </Button>
              )}
              <Button
                size="small"
                className="phone-inline"
                aria-pressed={prices}
                onClick={() => setPrices(!prices)}
              >
                {prices ? 'Hide prices' : 'Change prices'}
              </Button>
            </span>
          </div>
          {said && (
            <p className="status" data-kind="bad" role="alert">
              {said}
            </p>
          )}
          {lines.length === 0 && (
            <p className="cap" style={{ marginTop: 8 }}>
              {chosen.length === 0
                ? 'No job is chosen.'
                : 'What is left to spray has been bought. Coats already on are not counted.'}
            </p>
          )}
          {SHOPPING_GROUPS.map((g) => {
            const of = lines.filter((l) => l.group === g);
            return of.length === 0 ? null : (
              <div key={g}>
                <h2 style={{ fontSize: 14, fontWeight: 650, margin: '14px 0 2px' }}>{GROUP_NAMES[g]}</h2>
                <ul className="buylist" data-prices={prices}>
                  {of.map((l) => {
                    const on = ticks.has(l.key);
                    const name = lineName(l);
                    return (
                      <li key={l.key} data-on={on}>
                        <label>
                          <Checkbox
                            checked={on}
                            onChange={(_e, v) => void tick(l.key, v)}
                            slotProps={{ input: { 'aria-label': `${countName(l, f)} ${name}` } }}
                            sx={{ p: 1 }}
                          />
                          <span>
                            <b>{countName(l, f)}</b> {name}
                          </span>
                        </label>
                        <span className="price noprint">
                          <PriceBox
                            label={`Price of ${name}, ${packName(l, f)}`}
                            value={l.price}
                            currency={list.currency}
                            onChange={(v) => void price(l, v)}
                          />
                        </span>
                        <b className="num">{money(l.cost)}</b>
                      </li>
                    );
                  })}
                </ul>
              </div>
            );
          })}
          {lines.length > 0 && (
            <dl className="sums">
              {list.tax > 0 && (
                <div>
                  <dt>Tax, {list.taxPct} %</dt>
                  <dd>{money(list.tax)}</dd>
                </div>
              )}
              <div>
                <dt>In all</dt>
                <dd>
                  <b>{money(list.total)}</b>
                </dd>
              </div>
              {chosen.length > 1 && (
                <div>
                  <dt>Paint bought one job at a time</dt>
                  <dd>
                    {money(list.apart)}
                    {list.apart > list.paint + 0.005
                      ? `; together ${money(list.apart - list.paint)} less`
                      : ''}
                  </dd>
                </div>
              )}
              <div>
                <dt>
                  Expected to be left, worth about
                  <ProvenanceMark mark="M" />
                </dt>
                <dd>{money(list.leftoverWorth)}</dd>
              </div>
            </dl>
          )}
          {list.shelf.length > 0 && (
            <p className="cap">
              Taken from the shelf first: {list.shelf.map((s) => `${f.volume(s.ml)} of ${s.name}`).join(', ')}
              .
            </p>
          )}
          <p className="cap">
            The cheapest packs that cover all the jobs, found exactly; what is left over counts for what it
            will still be worth.
          </p>
        </section>
      )}
    </main>
  );
}
