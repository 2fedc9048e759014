'use client';
/** The forecast against what came: readings beside what was expected in the place, and highs told beforehand. */
import { useState } from 'react';
import { CartesianGrid, ComposedChart, Line, ResponsiveContainer, Scatter, XAxis, YAxis } from 'recharts';
import type { DayRecord } from '@/core/air/record';
import type { PlaceHour } from '@/core/place-air';
import type { Place } from '@/model/place';
import type { KeptReading } from '@/model/reading';
import { CompareChoice } from '../parts/compare-choice';
import { useFormat } from '../theme/providers';
import { comparedSaid, type Compared } from '../views/forecast-chart';
import { clockAt, daysCame, offInAll, readPoints, type ReadPoint } from '../views/readings';

const BACK_H = 24;
const HEIGHT_PX = 200;

interface CamePanelProps {
  readonly place: Place;
  /** As it is sprayed in; none without weather. */
  readonly hours: readonly PlaceHour[];
  readonly readings: readonly KeptReading[];
  readonly record: readonly DayRecord[];
  readonly nowMs: number;
}

export function CamePanel({ place, hours, readings, record, nowMs }: CamePanelProps) {
  return (
    <section className="panel" aria-label="Forecast and what came">
      <div className="hd">Forecast and what came</div>
      {hours.length > 0 && readings.length > 0 && (
        <ReadChart place={place} hours={hours} readings={readings} nowMs={nowMs} />
      )}
      {record.length > 0 && <DaysChart record={record} />}
      {readings.length === 0 && record.length === 0 && (
        <p className="cap">
          Nothing to compare yet. Keep a reading, or type the forecast in on more days: what was told the day
          before then stands beside what came.
        </p>
      )}
    </section>
  );
}

function ReadChart({ place, hours, readings, nowMs }: Omit<CamePanelProps, 'record'>) {
  const f = useFormat();
  const [kind, setKind] = useState<Compared>('temp');
  const points = readPoints(hours, readings, { kind, tz: place.tz, nowMs, back: BACK_H }, f);
  const off = offInAll(points);
  return (
    <>
      <div className="row mb-8 small">
        <CompareChoice value={kind} onChange={setKind} />
        <span>line: expected in the place; dots: read there</span>
      </div>
      <ReadPlot
        points={points}
        said={(x) => comparedSaid(kind, x, f)}
        at={(ms) => clockAt(ms, place.tz, f)}
      />
      {off && (
        <p className="cap">
          Over {off.n} readings it was {comparedSaid(kind, Math.abs(off.mean), f)}{' '}
          {off.mean >= 0 ? 'more' : 'less'} than expected on average.
        </p>
      )}
    </>
  );
}

interface ReadPlotProps {
  readonly points: readonly ReadPoint[];
  readonly said: (value: number) => string;
  readonly at: (ms: number) => string;
}

function ReadPlot({ points, said, at }: ReadPlotProps) {
  return (
    <div style={{ height: HEIGHT_PX }} aria-hidden="true">
      <ResponsiveContainer width="100%" height="100%">
        <ComposedChart
          accessibilityLayer={false}
          data={[...points]}
          margin={{ top: 8, right: 16, bottom: 4, left: 8 }}
        >
          <CartesianGrid stroke="var(--line)" vertical={false} />
          <XAxis
            dataKey="ms"
            type="number"
            domain={['dataMin', 'dataMax']}
            tickFormatter={at}
            stroke="var(--ink-2)"
            fontSize={13}
          />
          <YAxis width={76} tickFormatter={said} stroke="var(--ink-2)" fontSize={13} />
          <Line
            dataKey="expected"
            connectNulls
            stroke="var(--lagoon)"
            strokeWidth={2.5}
            dot={false}
            isAnimationActive={false}
          />
          <Scatter dataKey="read" fill="var(--oxide)" isAnimationActive={false} />
        </ComposedChart>
      </ResponsiveContainer>
    </div>
  );
}

/** Highs as they were told a day before, beside those that came. */
function DaysChart({ record }: { readonly record: readonly DayRecord[] }) {
  const f = useFormat();
  const days = daysCame(record, f);
  return (
    <>
      <p className="small mt-10 mb-6">Highs: dashed as told beforehand, solid as they came</p>
      <div style={{ height: HEIGHT_PX }} aria-hidden="true">
        <ResponsiveContainer width="100%" height="100%">
          <ComposedChart
            accessibilityLayer={false}
            data={days}
            margin={{ top: 8, right: 16, bottom: 4, left: 8 }}
          >
            <CartesianGrid stroke="var(--line)" vertical={false} />
            <XAxis dataKey="label" stroke="var(--ink-2)" fontSize={13} />
            <YAxis width={76} tickFormatter={(x: number) => f.temp(x)} stroke="var(--ink-2)" fontSize={13} />
            <Line dataKey="told" stroke="var(--ink-2)" strokeDasharray="5 4" isAnimationActive={false} />
            <Line dataKey="came" stroke="var(--lagoon)" strokeWidth={2.5} isAnimationActive={false} />
          </ComposedChart>
        </ResponsiveContainer>
      </div>
    </>
  );
}
