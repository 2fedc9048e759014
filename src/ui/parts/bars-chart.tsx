'use client';
/** Bars beside one another on one scale, a row each; fetched with its library when a chart is on the screen. */
import { Bar, BarChart, LabelList, Rectangle, ResponsiveContainer, XAxis, YAxis } from 'recharts';
import type { BarRow } from '../views/bars';

interface BarsChartProps {
  readonly rows: readonly BarRow[];
  /** Room for the names at the left and the figures at the right, px. */
  readonly left: number;
  readonly right: number;
  /** Ranges are compared: the scale begins at the lowest of them instead of nought. */
  readonly isOfRanges?: boolean;
}

const ROW_PX = 27;
const LABEL_SIZE = 13;

/** The space before the first piece, and each piece after it: bars of one stack. */
const MOST_PIECES = 3;
const PIECES = Array.from({ length: MOST_PIECES }, (_, k) => k);

interface ShapeProps {
  readonly payload?: BarRow;
}
const shapeOf = (k: number) =>
  function Piece({ payload, ...at }: ShapeProps) {
    const piece = payload?.pieces[k];
    return piece ? <Rectangle {...at} fill={piece.fill} stroke="var(--ink-3)" strokeWidth={0.6} /> : <g />;
  };
const SHAPES = PIECES.map(shapeOf);

export default function BarsChart({ rows, left, right, isOfRanges = false }: BarsChartProps) {
  const least = isOfRanges ? Math.min(...rows.map((row) => row.pieces[0]?.from ?? 0)) : 0;
  const most = Math.max(...rows.map((row) => row.pieces.at(-1)?.to ?? 0), 1e-9);
  return (
    <div style={{ height: rows.length * ROW_PX + 6 }} aria-hidden="true" className="barschart">
      <ResponsiveContainer width="100%" height="100%">
        <BarChart
          accessibilityLayer={false}
          layout="vertical"
          data={[...rows]}
          barCategoryGap={4}
          margin={{ top: 2, right, bottom: 2, left: 0 }}
        >
          <XAxis type="number" domain={[0, most - least]} hide />
          <YAxis
            type="category"
            dataKey="name"
            width={left}
            tickLine={false}
            axisLine={false}
            interval={0}
            tick={{ fontSize: LABEL_SIZE, fill: 'var(--ink-2)' }}
          />
          <Bar
            dataKey={(row: BarRow) => (row.pieces[0]?.from ?? 0) - least}
            stackId="row"
            fill="none"
            isAnimationActive={false}
          />
          {PIECES.map((k) => (
            <Bar
              key={k}
              stackId="row"
              dataKey={(row: BarRow) => {
                const piece = row.pieces[k];
                return piece ? piece.to - piece.from : 0;
              }}
              shape={SHAPES[k]!}
              isAnimationActive={false}
            >
              {k === MOST_PIECES - 1 && (
                <LabelList
                  dataKey="said"
                  position="right"
                  style={{ fontSize: LABEL_SIZE, fill: 'var(--ink)' }}
                />
              )}
            </Bar>
          ))}
        </BarChart>
      </ResponsiveContainer>
    </div>
  );
}
