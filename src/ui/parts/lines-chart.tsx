'use client';
/** Two lines over the hours, outside dashed and here solid, and the same as a table. */
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import { CartesianGrid, Line, LineChart, ResponsiveContainer, XAxis, YAxis } from 'recharts';
import type { ComparedHour } from '../views/forecast-chart';
import { Fold } from './fold';

const HEIGHT_PX = 220;
const TABLE_STEP = 3;

/** “Sat 16 May, 07:00” where there is little room. */
const tickSaid = (label: string): string => `${label.split(' ')[0]} ${label.split(', ')[1]}`;

interface LinesChartProps {
  readonly rows: readonly ComparedHour[];
  /** A value in words. */
  readonly said: (value: number) => string;
  /** What the solid line is. */
  readonly here: string;
}

export function LinesChart(props: LinesChartProps) {
  return (
    <>
      <Lines {...props} />
      <Rows {...props} />
    </>
  );
}

function Lines({ rows, said }: LinesChartProps) {
  return (
    <div style={{ height: HEIGHT_PX }} aria-hidden="true">
      <ResponsiveContainer width="100%" height="100%">
        <LineChart
          accessibilityLayer={false}
          data={[...rows]}
          margin={{ top: 8, right: 16, bottom: 4, left: 8 }}
        >
          <CartesianGrid stroke="var(--line)" vertical={false} />
          <XAxis dataKey="label" tickFormatter={tickSaid} interval={23} stroke="var(--ink-2)" fontSize={13} />
          <YAxis width={76} tickFormatter={said} stroke="var(--ink-2)" fontSize={13} />
          <Line
            dataKey="out"
            stroke="var(--ink-2)"
            strokeDasharray="5 4"
            dot={false}
            isAnimationActive={false}
          />
          <Line
            dataKey="here"
            stroke="var(--lagoon)"
            strokeWidth={2.5}
            dot={false}
            isAnimationActive={false}
          />
        </LineChart>
      </ResponsiveContainer>
    </div>
  );
}

function Rows({ rows, said, here }: LinesChartProps) {
  return (
    <Fold summary="The same as a table">
      <Table size="small" className="tbl">
        <TableHead>
          <TableRow>
            <TableCell>Hour</TableCell>
            <TableCell align="right">Outside</TableCell>
            <TableCell align="right">{here}</TableCell>
          </TableRow>
        </TableHead>
        <TableBody>
          {rows
            .filter((_h, i) => i % TABLE_STEP === 0)
            .map((h) => (
              <TableRow key={h.ms}>
                <TableCell>{h.label}</TableCell>
                <TableCell align="right">{said(h.out)}</TableCell>
                <TableCell align="right">{said(h.here)}</TableCell>
              </TableRow>
            ))}
        </TableBody>
      </Table>
    </Fold>
  );
}
