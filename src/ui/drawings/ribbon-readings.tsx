/** What was measured, as dots over what was forecast: the panel, the humidity, the wind. */
import type { Reading } from '@/model/reading';
import type { RibbonFrame } from './ribbon-frame';

interface ReadingMarksProps {
  readonly frame: RibbonFrame;
  readonly readings: readonly Reading[];
}

export function ReadingMarks({ frame, readings }: ReadingMarksProps) {
  const { x, panelY, humidityY, windY, fromMs, toMs } = frame;
  const here = readings.filter((r) => r.ms >= fromMs && r.ms <= toMs);
  const dots = here.flatMap(({ ms, panelC, rhPct, windMs }) => [
    ...(panelC === undefined ? [] : [{ ms, of: 'panel', y: panelY(panelC) }]),
    ...(rhPct === undefined ? [] : [{ ms, of: 'humidity', y: humidityY(rhPct / 100) }]),
    ...(windMs === undefined ? [] : [{ ms, of: 'wind', y: windY(windMs) }]),
  ]);
  return dots.map((d) => (
    <circle
      key={`${d.ms} ${d.of}`}
      cx={x(d.ms)}
      cy={d.y}
      r="3"
      fill="var(--amber)"
      stroke="var(--ink)"
      strokeWidth="1"
    />
  ));
}
