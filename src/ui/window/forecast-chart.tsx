'use client';
/** What was told for outside, and what the place makes of it at the part: drawn, and the same as a table. */
import { useState } from 'react';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import { CartesianGrid, Line, LineChart, ResponsiveContainer, XAxis, YAxis } from 'recharts';
import { HOUR } from '@/core/time/instant';
import type { Forecast } from '@/model/forecast';
import { useDesk } from '../desk/job-desk';
import { ButtonChoice } from '../parts/button-choice';
import { Fold } from '../parts/fold';
import { useFormat } from '../theme/providers';
import {
  COMPARED,
  COMPARED_NAMES,
  comparedHours,
  comparedSaid,
  type Compared,
  type ComparedHour,
} from '../views/forecast-chart';

const HEIGHT_PX = 220;
const SHOWN_H = 72;
const TABLE_STEP = 3;

export function ForecastChart({ forecast }: { readonly forecast: Forecast }) {
  const f = useFormat();
  const { air, job, nowMs } = useDesk();
  const [what, setWhat] = useState<Compared>('temp');
  const told = { forecast, air, tz: job.place.tz, fromMs: nowMs - HOUR };
  const hours = comparedHours(told, what, SHOWN_H, f);
  return (
    <div className="mt-8">
      <div className="row mb-8 small">
        <ButtonChoice
          label="Compare"
          value={what}
          options={COMPARED}
          names={COMPARED_NAMES}
          onChange={setWhat}
        />
        <span>dashed: outside, as it was told; solid: at the part</span>
      </div>
      <Lines hours={hours} what={what} />
      <Rows hours={hours} what={what} />
    </div>
  );
}

/** “Sat 16 May, 07:00” where there is little room. */
const tickSaid = (label: string): string => `${label.split(' ')[0]} ${label.split(', ')[1]}`;

interface ShownProps {
  readonly hours: readonly ComparedHour[];
  readonly what: Compared;
}

function Lines({ hours, what }: ShownProps) {
  const f = useFormat();
  return (
    <div style={{ height: HEIGHT_PX }} aria-hidden="true">
      <ResponsiveContainer width="100%" height="100%">
        <LineChart
          accessibilityLayer={false}
          data={[...hours]}
          margin={{ top: 8, right: 16, bottom: 4, left: 8 }}
        >
          <CartesianGrid stroke="var(--line)" vertical={false} />
          <XAxis dataKey="label" tickFormatter={tickSaid} interval={23} stroke="var(--ink-2)" fontSize={13} />
          <YAxis
            width={76}
            tickFormatter={(x: number) => comparedSaid(what, x, f)}
            stroke="var(--ink-2)"
            fontSize={13}
          />
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

function Rows({ hours, what }: ShownProps) {
  const f = useFormat();
  return (
    <Fold summary="The same as a table">
      <Table size="small" className="tbl">
        <TableHead>
          <TableRow>
            <TableCell>Hour</TableCell>
            <TableCell align="right">Outside</TableCell>
            <TableCell align="right">At the part</TableCell>
          </TableRow>
        </TableHead>
        <TableBody>
          {hours
            .filter((_h, i) => i % TABLE_STEP === 0)
            .map((h) => (
              <TableRow key={h.ms}>
                <TableCell>{h.label}</TableCell>
                <TableCell align="right">{comparedSaid(what, h.out, f)}</TableCell>
                <TableCell align="right">{comparedSaid(what, h.here, f)}</TableCell>
              </TableRow>
            ))}
        </TableBody>
      </Table>
    </Fold>
  );
}
