'use client';
/** The air as it came: the panel and its gap over the dew point, a mark at each coat. */
import { CartesianGrid, Line, LineChart, ReferenceLine, ResponsiveContainer, XAxis, YAxis } from 'recharts';
import { isoOf } from '@/core/time/instant';
import { useFormat } from '../theme/providers';
import { scaleOf, type CameView } from '../views/air-came';

interface CameChartProps {
  readonly view: CameView;
  readonly tz: string;
  readonly heightPx?: number;
  /** Ends of its scale, where it stands beside another; left out: its own. °C */
  readonly ends?: readonly [number, number];
}

export function CameChart({ view, tz, heightPx = 190, ends = scaleOf([view]) }: CameChartProps) {
  const f = useFormat();
  const axis = { stroke: 'var(--ink-2)', fontSize: 13 } as const;
  return (
    <figure className="m-0">
      <div style={{ height: heightPx }} aria-hidden="true">
        <ResponsiveContainer width="100%" height="100%">
          <LineChart
            accessibilityLayer={false}
            data={[...view.points]}
            margin={{ top: 8, right: 16, bottom: 4, left: 8 }}
          >
            <CartesianGrid stroke="var(--line)" vertical={false} />
            <XAxis
              dataKey="ms"
              type="number"
              domain={['dataMin', 'dataMax']}
              ticks={[...view.ticksMs]}
              tickFormatter={(ms: number) => f.dayTime(isoOf(ms, tz))}
              minTickGap={24}
              {...axis}
            />
            <YAxis domain={[...ends]} width={64} tickFormatter={(c: number) => f.temp(c)} {...axis} />
            {view.coatsMs.map((ms) => (
              <ReferenceLine key={ms} x={ms} stroke="var(--ink-3)" strokeDasharray="2 3" />
            ))}
            <Line
              dataKey="panelC"
              stroke="var(--lagoon)"
              strokeWidth={2.5}
              dot={false}
              isAnimationActive={false}
            />
            <Line
              dataKey="gapK"
              stroke="var(--oxide)"
              strokeWidth={2}
              strokeDasharray="6 4"
              dot={false}
              isAnimationActive={false}
            />
          </LineChart>
        </ResponsiveContainer>
      </div>
      <figcaption className="small muted">
        {view.said} Solid: the panel; dashed: degrees over the dew point; dotted: a coat.
      </figcaption>
    </figure>
  );
}
