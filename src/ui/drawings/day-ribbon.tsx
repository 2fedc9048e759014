'use client';
/** One day of the ribbon turned upright for a phone: hours run down; what suits, the coats, the life of the can. */
import type { AirView } from '@/core/air/view';
import { HOUR, instantOf, isoOf } from '@/core/time/instant';
import type { Plan, Session } from '@/model/plan';
import type { Suit } from '@/model/starts';
import type { Product } from '@/model/product';
import type { Format } from '@/words/format';
import { dayInWords, dayRibbonView, spanWord, type DayRibbonView } from '../views/day-ribbon';

import { useWidth } from './use-width';
import { tightestPot } from '../views/tightest-pot';
import { DayPot, DaySession } from './day-session';

const PX_PER_HOUR = 27;
/** What it takes at least, px. */
const LEAST_W = 362;
const TOP = 24;

export interface DayRibbonProps {
  readonly air: AirView;
  readonly plan: Plan;
  readonly session: Session | undefined;
  readonly suit: Suit | undefined;
  readonly dayStartMs: number;
  readonly nowMs: number;
  readonly tz: string;
  readonly products: readonly Product[];
  readonly jobHex: string;
  readonly f: Format;
}

type Y = (ms: number) => number;
const yOf =
  ({ fromMs, toMs }: DayRibbonView): Y =>
  (ms) =>
    TOP + ((Math.min(toMs, Math.max(fromMs, ms)) - fromMs) / HOUR) * PX_PER_HOUR;

export function DayRibbon(props: DayRibbonProps) {
  const { air, plan, suit, dayStartMs, nowMs, tz, f } = props;
  const [box, measured] = useWidth(LEAST_W);
  const width = Math.max(LEAST_W, measured);
  const view = dayRibbonView(air, dayStartMs, props.session, suit);
  const { session } = view;
  const y = yOf(view);
  const height = y(view.toMs) + 12;
  const pot = tightestPot(plan, session);
  const day = f.day(isoOf(dayStartMs + 12 * HOUR, tz));
  return (
    <div ref={box}>
      <svg viewBox={`0 0 ${width} ${height}`} width="100%" role="img" aria-label={dayInWords(view, day, f)}>
        <Heads pot={pot !== null} />
        <Hours hours={view.hours} y={y} width={width} label={(ms) => f.time(isoOf(ms, tz))} />
        {view.spans.map((s) => (
          <Span key={s.startsAt} span={s} y={y} />
        ))}
        <rect
          x="46"
          y={TOP}
          width="70"
          height={y(view.toMs) - TOP}
          fill="none"
          stroke="var(--ink)"
          strokeWidth="1.400"
        />
        {session && <DaySession session={session} drawn={props} y={y} endMs={view.toMs} />}
        {pot && <DayPot pot={pot} y={y} endMs={view.toMs} />}
        {nowMs >= view.fromMs && nowMs <= view.toMs && (
          <NowMark y={y(nowMs)} width={width} text={f.time(isoOf(nowMs, tz))} />
        )}
      </svg>
    </div>
  );
}

function Heads({ pot }: { pot: boolean }) {
  const heads = [['46', 'suits'], ['132', 'coats'], ...(pot ? [['280', 'pot life'] as const] : [])] as const;
  return heads.map(([x, name]) => (
    <text key={name} x={x} y="14" fontSize="14" fill="var(--ink-2)">
      {name}
    </text>
  ));
}

interface HoursProps {
  readonly hours: readonly number[];
  readonly y: Y;
  readonly width: number;
  readonly label: (ms: number) => string;
}

function Hours({ hours, y, width, label }: HoursProps) {
  return hours.map((t, i) => (
    <g key={t}>
      <line x1="40" x2={width} y1={y(t)} y2={y(t)} stroke="var(--line-2)" />
      {i % 2 === 0 && (
        <text x="34" y={y(t) + 5} fontSize="14" textAnchor="end" fill="var(--ink-2)">
          {label(t)}
        </text>
      )}
    </g>
  ));
}

function Span({ span, y }: { span: Suit['spans'][number]; y: Y }) {
  const top = y(instantOf(span.startsAt));
  const h = y(instantOf(span.endsAt)) - top;
  if (h <= 0) return null;
  const good = span.verdict === 'good';
  const narrow = { x: '46', y: top, width: '52', height: h };
  return (
    <g>
      {good && <rect x="46" y={top} width="70" height={h} fill="var(--moss)" />}
      {span.verdict === 'inside' && (
        <>
          <rect {...narrow} fill="var(--amber)" />
          <rect {...narrow} fill="url(#p-warn)" />
        </>
      )}
      {span.verdict !== 'inside' && h > 18 && (
        <text
          x="81"
          y={top + h / 2 + 5}
          fontSize="14"
          textAnchor="middle"
          fontWeight={good ? 650 : 400}
          fill={good ? 'var(--on-moss)' : 'var(--ink-2)'}
        >
          {spanWord(span)}
        </text>
      )}
    </g>
  );
}

function NowMark({ y, width, text }: { y: number; width: number; text: string }) {
  return (
    <g>
      <line x1="0" x2={width} y1={y} y2={y} stroke="var(--lagoon)" strokeWidth="2" />
      <path d={`M0 ${y - 10}H38l6 10-6 10H0z`} fill="var(--lagoon)" />
      <text x="2" y={y + 5} fontSize="14" fontWeight="650" fill="var(--on-lagoon)">
        {text}
      </text>
    </g>
  );
}
