'use client';
/**
 * Money: per part, layer and coat, what is left and worth, what the total hangs on, and the other ways to get
 * it painted.
 */
import { useMemo, type ReactNode } from 'react';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableRow from '@mui/material/TableRow';
import type { Sensitivity } from '@/core/material/sensitivity';
import { lineName } from '@/words/shopping';
import type { Desk } from '../desk/job-desk';
import { ProvenanceMark } from '../parts/mark';
import { useFormat } from '../theme/providers';
import type { ProductOf } from '../views/materials';
import { keepsText, moneyView, type MoneyView } from '../views/money';
import { KitAndTax } from './kit-and-tax';
import { WaysTable } from './ways-table';

const INPUTS: Readonly<Record<Sensitivity['what'], readonly [name: string, range: string]>> = {
  area: ['the area', '± 5 %'],
  transfer: ['the share that lands', '50 to 65 %'],
  film: ['film per coat', '± 15 %'],
  coats: ['coats of colour', 'one less, one more'],
  price: ['prices', '± 15 %'],
  risk: ['risk of running out', '20 to 1 %'],
};

interface MoneyPanelProps {
  readonly desk: Desk;
  readonly productOf: ProductOf;
}

export function MoneyPanel({ desk, productOf }: MoneyPanelProps) {
  const f = useFormat();
  const { job, plan } = desk;
  const { materials, parts, layers, cost } = plan;
  const view = useMemo(
    () => moneyView(job, { materials, parts, layers, cost }),
    [job, materials, parts, layers, cost],
  );
  const money = (x: number): string => f.money(x, cost.currency);
  return (
    <section className="panel noprint" aria-label="Money">
      <div className="hd">
        <small>{view.perM2 === null ? '' : `${money(view.perM2)} a m² in all`}</small>
      </div>
      <div className="prepcols mt-8">
        <ByPart view={view} money={money} />
        <ByLayer view={view} money={money} productOf={productOf} />
        <Left view={view} money={money} productOf={productOf} />
        <HangsOn view={view} money={money} />
      </div>
      <WaysTable view={view} currency={cost.currency} />
      <KitAndTax desk={desk} />
    </section>
  );
}

interface ColumnProps {
  readonly view: MoneyView;
  readonly money: (x: number) => string;
}

function Rows({ children }: { children: ReactNode }) {
  return (
    <Table className="tbl">
      <TableBody>{children}</TableBody>
    </Table>
  );
}

function ByPart({ view, money }: ColumnProps) {
  return (
    <div>
      <h3>Paint by part</h3>
      <Rows>
        {view.parts.map((partMoney) => (
          <TableRow key={partMoney.id}>
            <TableCell>{partMoney.name}</TableCell>
            <TableCell className="num">{money(partMoney.cost)}</TableCell>
            <TableCell className="num muted">
              {partMoney.perM2 === null ? '' : `${money(partMoney.perM2)}/m²`}
            </TableCell>
          </TableRow>
        ))}
      </Rows>
    </div>
  );
}

function ByLayer({ view, money, productOf }: ColumnProps & { productOf: ProductOf }) {
  return (
    <div>
      <h3>Paint by layer and coat</h3>
      <Rows>
        {view.layers.map((layerMoney) => (
          <TableRow key={layerMoney.id}>
            <TableCell>
              {productOf(layerMoney.productId).name}
              <br />
              <span className="small muted">
                {layerMoney.coats.map((c) => `coat ${c.coat} ${money(c.cost)}`).join(', ')}
              </span>
            </TableCell>
            <TableCell className="num">{money(layerMoney.cost)}</TableCell>
          </TableRow>
        ))}
      </Rows>
    </div>
  );
}

function Left({ view, money, productOf }: ColumnProps & { productOf: ProductOf }) {
  const f = useFormat();
  return (
    <div>
      <h3>Expected to be left</h3>
      {view.left.length === 0 ? (
        <p className="cap">Nothing to speak of.</p>
      ) : (
        <Rows>
          {view.left.map((leftover) => {
            const { name } = productOf(leftover.productId);
            const line = {
              key: leftover.ingredientId,
              name,
              part: leftover.part,
              params: {},
              colour: leftover.colour,
            };
            return (
              <TableRow key={`${leftover.ingredientId} ${leftover.colour ?? ''}`}>
                <TableCell>
                  {lineName(line)}
                  <br />
                  <span className="small muted">{keepsText(leftover)}</span>
                </TableCell>
                <TableCell className="num">{f.volume(leftover.ml)}</TableCell>
                <TableCell className="num">
                  {leftover.worth > 0 ? money(leftover.worth) : 'nothing'}
                </TableCell>
              </TableRow>
            );
          })}
        </Rows>
      )}
      <p className="cap">
        Worth about {money(view.leftWorth)} to the next job
        <ProvenanceMark mark="M" />.
      </p>
    </div>
  );
}

function HangsOn({ view, money }: ColumnProps) {
  return (
    <div>
      <h3>What the paint money hangs on</h3>
      <ul className="is-grid gap-6">
        {view.hangsOn.map((h) => (
          <li key={h.what}>
            <p className="small row gap-6">
              <b className="fw600">{INPUTS[h.what][0]}</b>
              <span className="muted">{INPUTS[h.what][1]}</span>
              <span className="push" />
              {money(h.low)}–{money(h.high)}
            </p>
            <svg viewBox="0 0 200 8" width="100%" height="8" preserveAspectRatio="none" aria-hidden="true">
              <rect width="200" height="8" fill="var(--panel-2)" />
              <rect width={Math.max(1, h.share * 200)} height="8" fill="var(--lagoon-mid)" />
            </svg>
          </li>
        ))}
      </ul>
      <p className="cap">
        By the millilitre, packs left aside; ranges
        <ProvenanceMark mark="M" />.
      </p>
    </div>
  );
}
