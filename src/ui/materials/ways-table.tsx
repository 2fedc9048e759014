'use client';
/** Other ways to get it painted, in money, and from which area the gun pays. */
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
      <h3 style={{ fontSize: 14, fontWeight: 650, margin: '14px 0 6px' }}>Other ways to get it painted</h3>
      <div className="scroll-x" tabIndex={0} role="group" aria-label="Other ways in money">
        <table className="tbl cards">
          <thead>
            <tr>
              <th>Way</th>
              {HEADS.map((name) => (
                <th key={name} className="num">
                  {name}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {list.map((w) => (
              <WayRow key={w.id} way={w} dearest={view.dearest} currency={currency} />
            ))}
          </tbody>
        </table>
      </div>
      {breakEven && (
        <p className="cap" style={{ marginTop: 6 }}>
          {breakEvenText(breakEven, f)}
        </p>
      )}
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
    <tr>
      <td>
        {wayName(way)}
        {way.isocyanate && (
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
          {wayBar(way, dearest).map((b) => (
            <rect key={b.fill} x={b.from * 200} width={(b.to - b.from) * 200} height="5" fill={b.fill} />
          ))}
        </svg>
      </td>
      <td className="num" data-label="paint">
        {cells.paint}
      </td>
      <td className="num" data-label="the rest">
        {cells.rest}
      </td>
      <td className="num" data-label="kit">
        {cells.kit}
      </td>
      <td className="num" data-label="in all">
        <b>{cells.total}</b>
      </td>
      <td className="num desk-cell" data-label="a m²">
        {cells.perM2}
      </td>
      <td className="num" data-label="your hours">
        {cells.hours}
      </td>
    </tr>
  );
}
