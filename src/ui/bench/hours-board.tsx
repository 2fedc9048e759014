'use client';
/** Suitable hours per job over one week or two, for the product that goes on next. */
import { useState } from 'react';
import Button from '@mui/material/Button';
import ButtonGroup from '@mui/material/ButtonGroup';
import { HOUR } from '@/core/time/instant';
import type { BenchJob } from '@/usecases/bench';
import { useWidth } from '../drawings/use-width';
import { useFormat } from '../theme/providers';
import { boardRow, boardScale, type BoardBlock, type BoardRow, type BoardScale } from '../views/bench';

/** Days that the board can show. */
const WEEKS = [7, 14] as const;
/** Until it is measured, px. */
const USUAL_W = 960;
const LEFT = 178;
const HEAD = 28;
const ROW_H = 44;
const HALF_DAY = 12 * HOUR;

type X = (ms: number) => number;
const xOf =
  ({ fromMs, toMs }: BoardScale, width: number): X =>
  (ms) =>
    LEFT + ((ms - fromMs) / (toMs - fromMs)) * (width - LEFT);

interface HoursBoardProps {
  readonly jobs: readonly BenchJob[];
  readonly nowMs: number;
  readonly tz: string;
}

export function HoursBoard({ jobs, nowMs, tz }: HoursBoardProps) {
  const f = useFormat();
  const [days, setDays] = useState<number>(WEEKS[0]);
  const scale = boardScale(nowMs, tz, days);
  const [box, width] = useWidth(USUAL_W);
  const x = xOf(scale, width);
  const height = HEAD + jobs.length * ROW_H;
  const rows = jobs.map((j) => boardRow(j, f));
  return (
    <section aria-label="Suitable hours">
      <BoardKey days={days} onDays={setDays} />
      <div className="scroll-x" tabIndex={0} role="group" aria-label="Hours of the weeks">
        <div ref={box} className="minw-640">
          <svg
            viewBox={`0 0 ${width} ${height}`}
            width="100%"
            role="img"
            aria-label={rows.map((r) => r.said).join('; ')}
          >
            <Nights nights={jobs[0]?.nights ?? []} scale={scale} x={x} height={height} />
            <Days scale={scale} x={x} height={height} tz={tz} />
            {rows.map((row, r) => (
              <JobHours key={row.id} row={row} y={HEAD + r * ROW_H} x={x} width={width} />
            ))}
            <line x1={x(nowMs)} x2={x(nowMs)} y1="22" y2={height} stroke="var(--lagoon)" strokeWidth="2" />
            <path d={`M${x(nowMs) - 5} 20h10l-5 8z`} fill="var(--lagoon)" />
          </svg>
        </div>
      </div>
    </section>
  );
}

function BoardKey({ days, onDays }: { days: number; onDays: (days: number) => void }) {
  const keys = [
    { name: 'good', fills: ['var(--moss)'] },
    { name: 'just inside', fills: ['var(--amber)', 'url(#p-warn)'] },
    { name: 'no', fills: ['var(--well)'] },
  ];
  return (
    <div className="hd mb-6">
      Suitable hours <small>per job, for what goes on next</small>
      <ButtonGroup size="small" aria-label="Days on the board" className="ml-12">
        {WEEKS.map((count) => (
          <Button
            key={count}
            aria-pressed={days === count}
            variant={days === count ? 'contained' : 'outlined'}
            onClick={() => onDays(count)}
          >
            {count} days
          </Button>
        ))}
      </ButtonGroup>
      <span className="r row gap-14">
        {keys.map((k) => (
          <span key={k.name} className="row gap-6">
            <svg width="22" height="10" aria-hidden="true">
              {k.fills.map((fill) => (
                <rect key={fill} width="22" height="10" fill={fill} />
              ))}
            </svg>
            {k.name}
          </span>
        ))}
      </span>
    </div>
  );
}

interface FrameProps {
  readonly scale: BoardScale;
  readonly x: X;
  readonly height: number;
}

function Nights({ nights, scale, x, height }: FrameProps & Pick<BenchJob, 'nights'>) {
  return nights.map(([from, to]) => {
    const left = x(Math.max(from, scale.fromMs));
    const right = x(Math.min(to, scale.toMs));
    return (
      <rect
        key={from}
        x={left}
        y="24"
        width={Math.max(0, right - left)}
        height={height - 24}
        fill="var(--night)"
        className="o-night-o"
      />
    );
  });
}

function Days({ scale, x, height, tz }: FrameProps & { tz: string }) {
  const name = new Intl.DateTimeFormat('en-GB', { weekday: 'short', day: 'numeric', timeZone: tz });
  return scale.days.map((day, i) => (
    <g key={day}>
      <line x1={x(day)} x2={x(day)} y1="4" y2={height} stroke="var(--line)" />
      <text x={x(day) + 6} y="16" fontSize="13" fontWeight={i === 0 ? 650 : 400} fill="var(--ink)">
        {i === 0 && scale.days.length <= WEEKS[0] ? 'Today, ' : ''}
        {name.format(day + HALF_DAY)}
      </text>
    </g>
  ));
}

interface RowProps {
  readonly row: BoardRow;
  readonly y: number;
  readonly x: X;
  readonly width: number;
}

function JobHours({ row, y, x, width: boardW }: RowProps) {
  // Past what is known there is neither yes nor no.
  const knownW = row.untilMs === null ? 0 : Math.max(0, Math.min(x(row.untilMs), boardW) - LEFT);
  return (
    <g>
      <text x="0" y={y + 26} fontSize="13.500" fontWeight="600" fill="var(--ink)">
        {row.name}
      </text>
      <rect x={LEFT} y={y + 30} width={knownW} height="7" fill="var(--well)" />
      {row.spans.map((s) => {
        const left = x(s.fromMs);
        const width = Math.max(0, Math.min(x(s.toMs), boardW) - left);
        const band = { x: left, y: y + 30, width, height: '7' };
        return (
          <g key={s.fromMs}>
            <rect {...band} fill={s.isGood ? 'var(--moss)' : 'var(--amber)'} />
            {!s.isGood && <rect {...band} fill="url(#p-warn)" />}
          </g>
        );
      })}
      {row.blocks.map((b) => (
        <SessionBlock key={b.id} block={b} y={y} x={x} width={boardW} />
      ))}
      <line x1="0" x2={boardW} y1={y + ROW_H} y2={y + ROW_H} stroke="var(--line-2)" />
    </g>
  );
}

function SessionBlock({ block, y, x, width: boardW }: Omit<RowProps, 'row'> & { block: BoardBlock }) {
  const left = x(block.fromMs);
  const right = x(block.toMs);
  const half = (right - left) / 2;
  const [first, last] = block.fills;
  const { pot } = block;
  return (
    <g>
      {pot && (
        <path
          d={`M${x(pot.fromMs)} ${y + 8}L${x(pot.toMs)} ${y + 28}H${x(pot.fromMs)}Z`}
          fill="var(--pot)"
          stroke="var(--lagoon)"
          opacity=".75"
        />
      )}
      <rect x={left} y={y + 8} width={Math.max(4, half)} height="20" fill={first} stroke="var(--ink)" />
      <rect x={left + half} y={y + 8} width={Math.max(3, half)} height="20" fill={last} stroke="var(--ink)" />
      <text
        x={Math.min(right + 5, boardW - 34)}
        y={y + 20}
        fontSize="13"
        fontWeight="650"
        fill="var(--ink)"
        stroke="var(--ground)"
        strokeWidth="3"
        paintOrder="stroke"
      >
        {block.odds}
      </text>
    </g>
  );
}
