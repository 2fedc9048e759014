/** The strips of the ribbon: each quantity with its limit, and what they gather into. */
import { instantOf } from '@/core/time/instant';
import type { Suit } from '@/model/starts';
import { mergedSpans, rainyNodes, wordsFor } from '../views/ribbon';
import { areaTo, bandPath, clamped, LEFT, linePath, STRIPS, type RibbonFrame } from './ribbon-frame';

interface StripProps {
  readonly frame: RibbonFrame;
}
/** Past the end of every paper: the ribbon cuts it. */
const W = 4000;

export function PanelStrip({ frame }: StripProps) {
  const { air, limits, panelY } = frame;
  const coldY = panelY(limits.tempMinC);
  const hotY = panelY(limits.tempMaxC);
  return (
    <>
      <rect x={LEFT} y={hotY} width={W} height={coldY - hotY} fill="var(--zone)" opacity=".75" />
      <path d={bandPath(frame, air.panelC, panelY)} fill="var(--ink-2)" opacity=".22" />
      <path d={linePath(frame, air.panelC.mid, panelY)} fill="none" stroke="var(--ink)" strokeWidth="2" />
    </>
  );
}

/** Over the limit filled calm, under it with a warning. */
export function DewGapStrip({ frame }: StripProps) {
  const { air, limits, gapY } = frame;
  const limitY = gapY(limits.dewGapMinK);
  const { top } = STRIPS.gap;
  const area = areaTo(frame, air.gapK.mid, gapY, limitY);
  return (
    <>
      <clipPath id="gap-bad">
        <rect x={LEFT} y={limitY} width={W} height="60" />
      </clipPath>
      <clipPath id="gap-good">
        <rect x={LEFT} y={top - 6} width={W} height={limitY - top + 6} />
      </clipPath>
      <path d={area} fill="var(--lagoon)" opacity=".45" clipPath="url(#gap-good)" />
      <path d={area} fill="url(#p-no)" clipPath="url(#gap-bad)" />
      <path d={linePath(frame, air.gapK.mid, gapY)} fill="none" stroke="var(--lagoon)" strokeWidth="1.400" />
      <line x1={LEFT} x2={W} y1={limitY} y2={limitY} stroke="var(--oxide)" strokeWidth="1.300" />
    </>
  );
}

/** A limit of what is sprayed, across the ribbon. */
function LimitLine({ y, dash }: { y: number; dash: string }) {
  return (
    <line
      x1={LEFT}
      x2={W}
      y1={y}
      y2={y}
      stroke="var(--oxide-ink)"
      strokeWidth="1.200"
      strokeDasharray={dash}
    />
  );
}

export function HumidityStrip({ frame }: StripProps) {
  const { air, limits, humidityY } = frame;
  const { top, h } = STRIPS.humidity;
  const limitY = humidityY(limits.rhMaxFrac);
  return (
    <>
      <path d={areaTo(frame, air.rhFrac.mid, humidityY, top + h)} fill="var(--humid)" opacity=".75" />
      <LimitLine y={limitY} dash="4 3" />
    </>
  );
}

function windColour(mid: number, high: number, limit: number): string {
  if (mid > limit) return 'var(--oxide-ink)';
  return high > limit ? 'var(--amber-ink)' : 'var(--ink)';
}

/** Slanted strokes, every second hour. */
export function WindStrip({ frame }: StripProps) {
  const { air, limits, nodes, xAt, windY } = frame;
  const foot = STRIPS.wind.top + STRIPS.wind.h;
  const limit = limits.windMaxMs;
  const limitY = windY(limit);
  return (
    <>
      {nodes
        .filter((_, k) => k % 2 === 0)
        .map((i) => {
          const mid = air.windMs.mid[i]!;
          const x = xAt(i);
          return (
            <line
              key={i}
              x1={x - 3}
              x2={x + 1.5}
              y1={foot}
              y2={windY(mid)}
              stroke={windColour(mid, air.windMs.high[i]!, limit)}
              strokeWidth={mid > limit ? 2.6 : 1.4}
            />
          );
        })}
      <LimitLine y={limitY} dash="2 3" />
    </>
  );
}

export function RainStrip({ frame }: StripProps) {
  const { air, nodes, xAt } = frame;
  const { top, h } = STRIPS.rain;
  return (
    <>
      <rect x={LEFT} y={top} width={W} height={h} fill="var(--well)" />
      {rainyNodes(air, nodes).map((i) => {
        const share = air.rain[i]!;
        const hour = { x: xAt(i), y: top, width: Math.max(1, xAt(i + 1) - xAt(i)), height: h };
        return (
          <g key={i}>
            <rect {...hour} fill="var(--rain-tint)" opacity={Math.min(1, share + 0.3)} />
            <rect {...hour} fill="url(#p-rain)" opacity={Math.min(1, share + 0.2)} />
          </g>
        );
      })}
    </>
  );
}

export function SuitsStrip({ frame, suit }: StripProps & { suit: Suit | undefined }) {
  const { top, h } = STRIPS.suits;
  return (
    <>
      <rect x={LEFT} y={top} width={W} height={h} fill="var(--panel)" />
      {mergedSpans(suit).map((s) => (
        <SuitSpan key={s.startsAt} span={s} frame={frame} />
      ))}
    </>
  );
}

/** Good is full height, just inside lower and hatched, no is empty with its reasons. */
function SuitSpan({ span, frame }: StripProps & { span: Suit['spans'][number] }) {
  const { top, h } = STRIPS.suits;
  const from = clamped(frame.x(instantOf(span.startsAt)), frame.paper);
  const w = clamped(frame.x(instantOf(span.endsAt)), frame.paper) - from;
  if (w <= 0) return null;
  const good = span.verdict === 'good';
  const low = { x: from, y: top + 8, width: w, height: h - 8 };
  const words = wordsFor(span, w);
  return (
    <g>
      {good && <rect x={from} y={top} width={w} height={h} fill="var(--moss)" />}
      {span.verdict === 'inside' && (
        <>
          <rect {...low} fill="var(--amber)" />
          <rect {...low} fill="url(#p-warn)" />
        </>
      )}
      {words !== '' && span.verdict !== 'inside' && (
        <text
          x={from + w / 2}
          y={top + 17.5}
          fontSize="12.500"
          fontWeight={good ? 650 : 400}
          textAnchor="middle"
          fill={good ? 'var(--on-moss)' : 'var(--ink-2)'}
        >
          {words}
        </text>
      )}
    </g>
  );
}
