'use client';
/** The forecast against what came: readings beside what was expected in the place, and highs told beforehand. */
import { CompareChoice } from '../parts/compare-choice';
import { useMemo, useState } from 'react';
import { CartesianGrid, ComposedChart, Line, ResponsiveContainer, Scatter, XAxis, YAxis } from 'recharts';
import type { DayRecord } from '@/core/air/record';
import { placeHours } from '@/core/place-air';
import { isoOf } from '@/core/time/instant';
import type { Place } from '@/model/place';
import type { KeptReading } from '@/model/reading';
import type { PlaceWeather } from '@/usecases/place-weather';
import { useFormat } from '../theme/providers';
import { comparedSaid, type Compared } from '../views/forecast-chart';
import { daysCame, offInAll, readPoints, type ReadPoint } from '../views/readings';

const BACK_H = 24;
const HEIGHT_PX = 200;

interface CamePanelProps {
  readonly place: Place;
  readonly weather: PlaceWeather | null;
  readonly readings: readonly KeptReading[];
  readonly record: readonly DayRecord[];
  readonly nowMs: number;
}

export function CamePanel({ place, weather, readings, record, nowMs }: CamePanelProps) {
  return (
    <section className="panel" aria-label="Forecast and what came">
      <div className="hd">Forecast and what came</div>
      {weather && readings.length > 0 && (
        <ReadChart place={place} weather={weather} readings={readings} nowMs={nowMs} />
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

function ReadChart({
  place,
  weather,
  readings,
  nowMs,
}: Omit<CamePanelProps, 'weather' | 'record'> & { readonly weather: PlaceWeather }) {
  const f = useFormat();
  const [kind, setKind] = useState<Compared>('temp');
  const hours = useMemo(() => placeHours({ place, ...weather }), [place, weather]);
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
        at={(ms) => f.time(isoOf(ms, place.tz))}
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
