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
import { lineName } from '@/words/shopping';
import type { Desk } from '../desk/job-desk';
import { Fold } from '../parts/fold';
import { ProvenanceMark } from '../parts/mark';
import { useFormat } from '../theme/providers';
import type { ProductOf } from '../views/materials';
import { hangRows, INPUTS, keepsText, moneyView, type MoneyView } from '../views/money';
import { KitAndTax } from './kit-and-tax';
import { WaysTable } from './ways-table';
import { later } from '../parts/later';

const BarsChart = later(null, () => import('../parts/bars-chart').then((m) => m.default), { isHeavy: true });

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
      <BarsChart rows={hangRows(view, money)} left={130} right={118} isOfRanges />
      <Fold summary="The same as a table">
        <Rows>
          {view.hangsOn.map((h) => (
            <TableRow key={h.what}>
              <TableCell>
                {INPUTS[h.what][0]} <span className="muted">{INPUTS[h.what][1]}</span>
              </TableCell>
              <TableCell className="num">
                {money(h.low)}–{money(h.high)}
              </TableCell>
            </TableRow>
          ))}
        </Rows>
      </Fold>
      <p className="cap">
        Reckoned by the millilitre, not by whole packs; ranges
        <ProvenanceMark mark="M" />.
      </p>
    </div>
  );
}
