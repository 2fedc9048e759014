'use client';
/** Other ways to get it painted, in money, and from which area the gun pays. */
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import type { Way } from '@/core/ways';
import { useNarrow } from '../shell/use-width-of-page';
import { useFormat } from '../theme/providers';
import { breakEvenText, wayCells, wayName, wayRows, type MoneyView } from '../views/money';
import { later } from '../parts/later';

const BarsChart = later(null, () => import('../parts/bars-chart').then((m) => m.default), { isHeavy: true });
const HEADS = ['paint', 'the rest', 'kit', 'in all', 'a m²', 'your hours'] as const;

interface WaysTableProps {
  readonly view: MoneyView;
  readonly currency: string;
}

export function WaysTable({ view, currency }: WaysTableProps) {
  const f = useFormat();
  const isNarrow = useNarrow();
  const { list, breakEven } = view.ways;
  return (
    <>
      <h3 className="text-14 fw650 mt-14 mb-6">Other ways to get it painted</h3>
      <p className="cap">
        Each for the whole job from its beginning: paint, then preparation, then kit; amber is the paint shop.
      </p>
      <BarsChart rows={wayRows(view, currency, f)} left={isNarrow ? 120 : 190} right={84} />
      <div className="scroll-x" tabIndex={0} role="group" aria-label="Other ways in money">
        <Table className="tbl cards">
          <TableHead>
            <TableRow>
              <TableCell>Way</TableCell>
              {HEADS.map((name) => (
                <TableCell key={name} className="num">
                  {name}
                </TableCell>
              ))}
            </TableRow>
          </TableHead>
          <TableBody>
            {list.map((w) => (
              <WayRow key={w.id} way={w} currency={currency} />
            ))}
          </TableBody>
        </Table>
      </div>
      {breakEven && <p className="cap mt-6">{breakEvenText(breakEven, f)}</p>}
    </>
  );
}

interface WayRowProps {
  readonly way: Way;
  readonly currency: string;
}

function WayRow({ way, currency }: WayRowProps) {
  const f = useFormat();
  const cells = wayCells(way, currency, f);
  return (
    <TableRow>
      <TableCell>
        {wayName(way)}
        {way.isocyanate && <span className="small ink-oxide-ink">, isocyanate: air-fed only</span>}
      </TableCell>
      <TableCell className="num" data-label="paint">
        {cells.paint}
      </TableCell>
      <TableCell className="num" data-label="the rest">
        {cells.rest}
      </TableCell>
      <TableCell className="num" data-label="kit">
        {cells.kit}
      </TableCell>
      <TableCell className="num" data-label="in all">
        <b>{cells.total}</b>
      </TableCell>
      <TableCell className="num desk-cell" data-label="a m²">
        {cells.perM2}
      </TableCell>
      <TableCell className="num" data-label="your hours">
        {cells.hours}
      </TableCell>
    </TableRow>
  );
}
