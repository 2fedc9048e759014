'use client';
/** The sum: where the paint of a product goes, how sure that is, and the risk that is taken. */
import { useEffect, useState } from 'react';
import Button from '@mui/material/Button';
import type { Habit } from '@/core/material/habit';
import type { Material, Plan } from '@/model/plan';
import type { Product } from '@/model/product';
import { ASSUMPTIONS } from '@/words/say';
import { lineName } from '@/words/shopping';
import { CAUSE_NAMES, Waterfall } from '../drawings/waterfall';
import type { Desk } from '../desk/job-desk';
import { ButtonChoice } from '../parts/choice';
import { ProvenanceMark } from '../parts/mark';
import { useFormat } from '../theme/providers';

const RISKS = ['0.01', '0.05', '0.1', '0.2'] as const;
const RISK_NAMES = { '0.01': '1 %', '0.05': '5 %', '0.1': '10 %', '0.2': '20 %' } as const;
const WHICH = ['overrun-mm', 'transfer', 'heel', 'habit-sd', 'coat-sd', 'risk-of-short'];
const one = (x: number): string => x.toFixed(1).replace(/\.0$/, '');
export const chanceText = (c: number): string =>
  c < 0.005 ? 'under 1 %' : `${Math.max(1, Math.round(c * 100))} %`;

export function SumPanel({
  desk,
  plan,
  product,
}: {
  desk: Desk;
  plan: Plan;
  product: (id: string) => Product;
}) {
  const f = useFormat();
  // What is sprayed already is bought and used; it has no sum any more.
  const open = plan.materials.filter((m) => m.needMl > 0);
  const colour = open.find((m) => product(m.productId).kind === 'basecoat') ?? open[0];
  const [picked, setPicked] = useState<string | null>(null);
  const keyOf = (x: Material): string => x.layerIds[0]!;
  const nameOf = (x: Material): string =>
    lineName({
      key: x.productId,
      name: product(x.productId).name,
      part: 'base',
      params: {},
      colour: open.filter((y) => y.productId === x.productId).length > 1 ? (x.colour?.name ?? null) : null,
    });
  const m = open.find((x) => keyOf(x) === picked) ?? colour;
  if (!m) return null;
  const ml = (x: number): string =>
    f.units === 'us' ? f.volume(x) : `${x < 10 ? one(x) : Math.round(x)} ml`;
  const risk = String(desk.job.risk.runOut ?? 0.05);
  return (
    <section className="panel noprint" aria-label="The sum">
      <div className="hd">
        Where it goes <small>expected use, then what must be ready</small>
      </div>
      <div style={{ margin: '10px 0' }}>
        <ButtonChoice
          label="Product"
          value={keyOf(m)}
          options={open.map(keyOf)}
          names={Object.fromEntries(open.map((x) => [keyOf(x), nameOf(x)]))}
          onChange={setPicked}
        />
      </div>
      <div className="desk-only">
        <Waterfall material={m} name={nameOf(m)} text={ml} />
      </div>
      <div className="phone-only">
        <Waterfall material={m} name={nameOf(m)} text={ml} size="narrow" />
      </div>
      <p className="cap" style={{ marginTop: 8 }}>
        Expected use {f.volume(m.useMl)}, give or take {Math.round(m.factors.cv * 100)} %.{' '}
        {m.shortChance === null ? (
          'Begun, so nothing more is bought.'
        ) : (
          <>
            With what is bought and set aside, running out in mid-coat has a chance of{' '}
            <b>{chanceText(m.shortChance)}</b>
            {m.breakdown.some((b) => b.cause === 'spare' && b.ml > 0) ? ', the spare left sealed' : ''}.
          </>
        )}
      </p>
      <div className="row noprint" style={{ marginTop: 8 }}>
        <span className="small">At most this chance of running out</span>
        <ButtonChoice
          label="At most this chance of running out"
          value={(RISKS as readonly string[]).includes(risk) ? (risk as (typeof RISKS)[number]) : '0.05'}
          options={RISKS}
          names={RISK_NAMES}
          onChange={(v) =>
            desk.edit((j) => {
              const { runOut: _r, ...rest } = j.risk;
              return { ...j, risk: v === '0.05' ? rest : { ...rest, runOut: Number(v) } };
            })
          }
        />
      </div>
      <OwnUse desk={desk} />
      <details className="how">
        <summary>How this was computed, and every figure of it</summary>
        <p className="cap">
          Film in millilitres is area times film. Divided by the solids of the can it is what must land;
          divided by the share that lands it is what must leave the nozzle over the part; times the overrun it
          is what leaves the nozzle. Coats differ: a mist or tack coat lays less, a full one more. A painter’s
          habit is the same in every coat and his luck is not, so three coats spread less than one. The margin
          is what a lognormal of that spread exceeds with the chance you allow.
        </p>
        <div className="scroll-x" tabIndex={0} role="group" aria-label="Every figure">
          <table className="tbl">
            <thead>
              <tr>
                <th>Product</th>
                <th className="num">area</th>
                <th className="num">solids</th>
                <th className="num">lands</th>
                <th className="num">overrun</th>
                {Object.values(CAUSE_NAMES).map((n) => (
                  <th key={n} className="num">
                    {n}
                  </th>
                ))}
                <th className="num">sum</th>
              </tr>
            </thead>
            <tbody>
              {open.map((x) => (
                <tr key={keyOf(x)}>
                  <td>{nameOf(x)}</td>
                  <td className="num">{f.area(x.areaM2)}</td>
                  <td className="num">{one(x.factors.solidsFrac * 100)} %</td>
                  <td className="num">{one(x.factors.transferFrac * 100)} %</td>
                  <td className="num">{x.factors.overrun.toFixed(2)}</td>
                  {x.breakdown.map((b) => (
                    <td key={b.cause} className="num">
                      {f.units === 'us' ? f.volume(b.ml) : b.ml.toFixed(1)}
                    </td>
                  ))}
                  <td className="num">
                    <b>{f.units === 'us' ? f.volume(x.needMl) : x.needMl.toFixed(1)}</b>
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        </div>
        <ul className="cap" style={{ display: 'grid', gap: 3, padding: '8px 0' }}>
          {plan.assumptions
            .filter((a) => WHICH.includes(a.what))
            .map((a, i) => (
              <li key={i}>
                {ASSUMPTIONS[a.what] ?? a.what}:{' '}
                {typeof a.value === 'number' && a.unit === '1'
                  ? `${one(a.value * 100)} %`
                  : typeof a.value === 'number' && a.unit === 'mm'
                    ? f.length(a.value)
                    : `${a.value} ${a.unit}`}
                <ProvenanceMark mark={a.provenance} />
              </li>
            ))}
        </ul>
      </details>
    </section>
  );
}

/** What one's own logs say, taken over or left. */
function OwnUse({ desk }: { desk: Desk }) {
  const [own, setOwn] = useState<Habit | null>(null);
  const here = desk.job.habit;
  useEffect(() => {
    let gone = false;
    void fetch('/api/own-use')
      .then(async (r) => {
        if (r.ok && !gone) setOwn(((await r.json()) as { habit: Habit | null }).habit);
      })
      .catch(() => undefined);
    return () => {
      gone = true;
    };
  }, []);
  const told = (h: Habit): string =>
    `${h.jobs} closed ${h.jobs === 1 ? 'job' : 'jobs'}: you use ${Math.abs(h.factor - 1) < 0.005 ? 'what is reckoned' : `${Math.round(Math.abs(h.factor - 1) * 100)} % ${h.factor > 1 ? 'more' : 'less'} than reckoned`}, sure to ± ${Math.round(h.sdFrac * 100)} %`;
  if (!here && !own)
    return (
      <p className="cap" style={{ marginTop: 6 }}>
        Log what a job really used and close it: from then on your own use counts, and the margin shrinks.
      </p>
    );
  return (
    <p className="cap row noprint" style={{ marginTop: 6 }}>
      {here ? (
        <>
          <span>
            Reckoned with your own use. {told(here)}
            <ProvenanceMark mark="own" />
          </span>
          <Button size="small" onClick={() => desk.edit(({ habit: _h, ...j }) => j)}>
            Without it
          </Button>
        </>
      ) : (
        own && (
          <>
            <span>{told(own)}.</span>
            <Button size="small" variant="outlined" onClick={() => desk.edit((j) => ({ ...j, habit: own }))}>
              Reckon with it
            </Button>
          </>
        )
      )}
    </p>
  );
}
