'use client';
/** Other ways to get it painted, in money, and from which area the gun pays. */
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import type { Way } from '@/core/ways';
import { useFormat } from '../theme/providers';
import { breakEvenText, wayBar, wayCells, wayName, type MoneyView } from '../views/money';

const HEADS = ['paint', 'the rest', 'kit', 'in all', 'a m²', 'your hours'] as const;

interface WaysTableProps {
  readonly view: MoneyView;
  readonly currency: string;
}

export function WaysTable({ view, currency }: WaysTableProps) {
  const f = useFormat();
  const { list, breakEven } = view.ways;
  return (
    <>
      <h3 className="text-14 fw650 mt-14 mb-6">Other ways to get it painted</h3>
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
              <WayRow key={w.id} way={w} dearest={view.dearest} currency={currency} />
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
  readonly dearest: number;
  readonly currency: string;
}

function WayRow({ way, dearest, currency }: WayRowProps) {
  const f = useFormat();
  const cells = wayCells(way, currency, f);
  return (
    <TableRow>
      <TableCell>
        {wayName(way)}
        {way.isocyanate && <span className="small ink-oxide-ink">, isocyanate: air-fed only</span>}
        <svg
          viewBox="0 0 200 5"
          width="100%"
          height="5"
          preserveAspectRatio="none"
          aria-hidden="true"
          className="is-block mt-4"
        >
          {wayBar(way, dearest).map((b) => (
            <rect key={b.fill} x={b.from * 200} width={(b.to - b.from) * 200} height="5" fill={b.fill} />
          ))}
        </svg>
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
