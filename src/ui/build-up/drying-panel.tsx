'use client';
/** Any stage of a product against the temperature, by both schools, with the sheet's own point on it. */
import { useState } from 'react';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import {
  CartesianGrid,
  Line,
  LineChart,
  ReferenceDot,
  ResponsiveContainer,
  Tooltip,
  XAxis,
  YAxis,
} from 'recharts';
import type { Product } from '@/model/product';
import { durationOf, type Format } from '@/words/format';
import { CHARTED_NAMES } from '@/words/names';
import { ListChoice } from '../parts/list-choice';
import { ProvenanceMark } from '../parts/mark';
import { useFormat } from '../theme/providers';
import { chartedOf, chartRows, sheetPoint, type Charted } from '../views/drying-chart';
import { Fold } from '@/ui/parts/fold';

const HEIGHT_PX = 260;
const TICKS_C = [0, 5, 10, 15, 20, 25, 30, 35, 40];
/** Rows of the table beside the drawing: every so many degrees. */
const TABLE_STEP_C = 5;

export function DryingPanel({ products }: { readonly products: readonly Product[] }) {
  const f = useFormat();
  const [id, setId] = useState(products.at(-1)?.id ?? '');
  const [what, setWhat] = useState<Charted>('handle');
  const product = products.find((p) => p.id === id) ?? products.at(-1);
  if (!product) return null;
  const known = chartedOf(product);
  const shown = known.includes(what) ? what : known[0]!;
  const names = Object.fromEntries(products.map((p) => [p.id, p.name]));
  return (
    <section className="panel" aria-label="Drying and heat">
      <div className="hd">
        <small>
          at a steady temperature of the film
          <ProvenanceMark mark="M" />
        </small>
      </div>
      <div className="row mt-8 mb-8">
        <ListChoice
          label="Product"
          value={product.id}
          options={Object.keys(names)}
          names={names}
          width={220}
          onChange={setId}
        />
        <ListChoice
          label="What"
          value={shown}
          options={known}
          names={CHARTED_NAMES}
          width={220}
          onChange={setWhat}
        />
      </div>
      <Chart product={product} what={shown} f={f} />
      <Rows product={product} what={shown} f={f} />
    </section>
  );
}

interface ChartProps {
  readonly product: Product;
  readonly what: Charted;
  readonly f: Format;
}

function Chart({ product, what, f }: ChartProps) {
  const point = sheetPoint(product, what);
  return (
    <div style={{ height: HEIGHT_PX }} aria-hidden="true">
      <ResponsiveContainer width="100%" height="100%">
        <LineChart
          accessibilityLayer={false}
          data={chartRows(product, what)}
          margin={{ top: 12, right: 16, bottom: 4, left: 8 }}
        >
          <CartesianGrid stroke="var(--line)" vertical={false} />
          <XAxis
            dataKey="tempC"
            ticks={TICKS_C}
            tickFormatter={(c: number) => f.temp(c)}
            stroke="var(--ink-2)"
            fontSize={13}
          />
          <YAxis
            width={76}
            tickFormatter={(m: number) => durationOf(m)}
            stroke="var(--ink-2)"
            fontSize={13}
            domain={[0, 4 * point.minutes]}
            ticks={[0, 1, 2, 3, 4].map((n) => n * point.minutes)}
            allowDataOverflow
          />
          <Tooltip
            formatter={(m) => durationOf(Number(m))}
            labelFormatter={(c) => f.temp(Number(c))}
            contentStyle={{ background: 'var(--panel)', border: '1px solid var(--line)' }}
          />
          <Line
            dataKey="energy"
            name="by its energy"
            stroke="var(--lagoon)"
            strokeWidth={2.5}
            dot={false}
            isAnimationActive={false}
          />
          <Line
            dataKey="tenth"
            name="half per 10 °C"
            stroke="var(--ink-2)"
            strokeDasharray="5 4"
            dot={false}
            isAnimationActive={false}
          />
          <ReferenceDot x={point.tempC} y={point.minutes} r={5} fill="var(--oxide)" stroke="var(--panel)" />
        </LineChart>
      </ResponsiveContainer>
    </div>
  );
}

/** The same in figures, every five degrees. */
function Rows({ product, what, f }: ChartProps) {
  const point = sheetPoint(product, what);
  const rows = chartRows(product, what).filter((r) => r.tempC % TABLE_STEP_C === 0);
  const said = (m: number | null): string => (m === null ? 'stands still' : durationOf(m));
  return (
    <>
      <p className="cap">
        The dot is the sheet: {durationOf(point.minutes)} at {f.temp(point.tempC)}. The solid line goes by its
        energy, the dashed one by half per 10 °C; no credit is given above 40 °C.
      </p>
      <Fold summary="The same as a table">
        <Table className="tbl">
          <TableHead>
            <TableRow>
              <TableCell>Film at</TableCell>
              <TableCell>by its energy</TableCell>
              <TableCell>half per 10 °C</TableCell>
            </TableRow>
          </TableHead>
          <TableBody>
            {rows.map((r) => (
              <TableRow key={r.tempC}>
                <TableCell>{f.temp(r.tempC)}</TableCell>
                <TableCell>{said(r.energy)}</TableCell>
                <TableCell>{said(r.tenth)}</TableCell>
              </TableRow>
            ))}
          </TableBody>
        </Table>
      </Fold>
    </>
  );
}
