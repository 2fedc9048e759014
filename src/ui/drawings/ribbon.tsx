/**
 * The week as a ribbon: the second signature. Panel, dew gap, humidity, wind and rain, gathered into what
 * suits; then the coats.
 */
import { HOUR, instantOf } from '@/core/time/instant';
import type { AirView } from '@/core/air/view';
import type { Around } from '@/core/schedule/around';
import type { JobReadings } from '@/model/reading';
import type { Plan, Session } from '@/model/plan';
import type { Product } from '@/model/product';
import type { Format } from '@/words/format';
import { daysIn, nightsOf, nodesIn, ribbonInWords, type DayMark } from '../views/ribbon';
import { clamped, FOOT, LEFT, paperOf, ribbonFrame, stretchOf, STRIPS, timeScale } from './ribbon-frame';
import type { RibbonFrame } from './ribbon-frame';
import { AlternativeMarks, OtherJobs, SessionMarks, VisitMarks } from './ribbon-coats';
import { ReadingMarks } from './ribbon-readings';
import { DewGapStrip, HumidityStrip, PanelStrip, RainStrip, SuitsStrip, WindStrip } from './ribbon-strips';

export interface KnownToPlan {
  readonly around: Around;
  readonly readings: JobReadings;
}

export interface RibbonProps {
  readonly air: AirView;
  readonly plan: Plan;
  readonly sessionId: string;
  readonly products: readonly Product[];
  readonly jobHex: string;
  readonly nowMs: number;
  readonly fromMs: number;
  readonly hours: number;
  readonly tz: string;
  readonly f: Format;
  readonly limits: Product;
  /** What other jobs take, and what was measured. */
  readonly known: KnownToPlan;
  /** CSS px there are. */
  readonly width: number;
}

const HEIGHT = FOOT + 4;
/** A day's name, px. */
const NAME_ROOM = 50;
/** Between a day's name and its noon, px. */
const NOON_ROOM = 82;

interface JoinProps extends Pick<RibbonProps, 'fromMs' | 'hours' | 'width'> {
  readonly session: Session;
}

/** The trapezoid that joins a session on the ribbon to its close-up below. */
export function Join({ session, fromMs, hours, width }: JoinProps) {
  const paper = paperOf(width);
  const x = timeScale(stretchOf(fromMs, hours), paper);
  const from = clamped(x(instantOf(session.startsAt)), paper);
  const to = clamped(x(instantOf(session.endsAt)), paper);
  if (to - from < 1) return <div className="high-8" />;
  return (
    <svg viewBox={`0 0 ${width} 14`} width="100%" aria-hidden="true">
      <path
        d={`M${from} 0H${to}L${paper.rightEdge} 14H${LEFT}Z`}
        fill="var(--lagoon-tint)"
        stroke="var(--lagoon)"
        strokeWidth=".8"
      />
    </svg>
  );
}

export function Ribbon(props: RibbonProps) {
  const { air, plan, sessionId, nowMs, fromMs, hours, tz, f, limits, known, width } = props;
  const stretch = stretchOf(fromMs, hours);
  const paper = paperOf(width);
  const frame = ribbonFrame(air, limits, { ...stretch, nodes: nodesIn(air, stretch), paper });
  const suit = plan.suits.find((s) => s.sessionId === sessionId);
  const nowX = frame.x(nowMs);
  return (
    <svg viewBox={`0 0 ${width} ${HEIGHT}`} width="100%" role="img" aria-label={ribbonInWords(plan, suit, f)}>
      <clipPath id="ribbon-clip">
        <rect x={LEFT} y="0" width={paper.inner} height={HEIGHT} />
      </clipPath>
      <g clipPath="url(#ribbon-clip)">
        <Nights frame={frame} />
        <Days frame={frame} days={daysIn(stretch, nowMs, tz)} />
        <PanelStrip frame={frame} />
        <DewGapStrip frame={frame} />
        <HumidityStrip frame={frame} />
        <WindStrip frame={frame} />
        <RainStrip frame={frame} />
        <SuitsStrip frame={frame} suit={suit} />
        <ReadingMarks frame={frame} readings={known.readings.here} />
        <OtherJobs taken={known.around.hands} x={frame.x} />
        <AlternativeMarks plan={plan} sessionId={sessionId} frame={frame} />
        <VisitMarks plan={plan} x={frame.x} />
        {plan.sessions.map((s) => (
          <SessionMarks key={s.id} session={s} x={frame.x} drawn={props} chosen={s.id === sessionId} />
        ))}
        <line x1={nowX} x2={nowX} y1="20" y2={FOOT} stroke="var(--lagoon)" strokeWidth="2" />
        <path d={`M${nowX - 5} 18h10l-5 8z`} fill="var(--lagoon)" />
      </g>
      <StripNames limits={limits} f={f} />
      <rect
        x={LEFT}
        y={STRIPS.suits.top}
        width={paper.inner}
        height={STRIPS.suits.h}
        fill="none"
        stroke="var(--ink)"
        strokeWidth="1.500"
      />
    </svg>
  );
}

function Nights({ frame }: { frame: RibbonFrame }) {
  return nightsOf(frame.air, frame.nodes, frame.toMs).map(([from, to]) => (
    <rect
      key={from}
      x={frame.x(from)}
      y="22"
      width={Math.max(0, frame.x(to) - frame.x(from))}
      height={FOOT - 22}
      fill="var(--night)"
      className="o-night-o"
    />
  ));
}

function Days({ frame, days }: { frame: RibbonFrame; days: readonly DayMark[] }) {
  const dayPx = (24 * HOUR * frame.paper.inner) / (frame.toMs - frame.fromMs);
  // Where names do not fit side by side, every second day has one.
  const every = dayPx < NAME_ROOM ? 2 : 1;
  const todayAt = Math.max(
    0,
    days.findIndex((d) => d.isToday),
  );
  return days.map((dayMark, i) => {
    const x = frame.x(dayMark.startMs);
    const isNamed = (i - todayAt) % every === 0;
    return (
      <g key={dayMark.startMs}>
        <line x1={x} x2={x} y1="6" y2={FOOT} stroke="var(--rule)" />
        <text
          x={Math.max(x + 6, LEFT + 4)}
          y="15"
          fontSize="13"
          fontWeight={dayMark.isToday ? 650 : 400}
          fill="var(--ink)"
        >
          {isNamed ? dayMark.name : ''}
        </text>
        {frame.x(dayMark.noonMs) - Math.max(x, LEFT) > NOON_ROOM && (
          <text x={frame.x(dayMark.noonMs)} y="15" fontSize="12" textAnchor="middle" fill="var(--ink-3)">
            12:00
          </text>
        )}
      </g>
    );
  });
}

function StripNames({ limits, f }: Pick<RibbonProps, 'limits' | 'f'>) {
  const panel =
    f.units === 'us'
      ? `${f.temp(limits.tempMinC)} to ${f.temp(limits.tempMaxC)}`
      : `${limits.tempMinC}–${limits.tempMaxC} °C`;
  const names = [
    { name: 'Panel', y: STRIPS.panel.top + 13, limit: panel },
    { name: 'Dew gap', y: STRIPS.gap.top + 16, limit: `${f.gap(limits.dewGapMinK)} or more` },
    { name: 'Humidity', y: STRIPS.humidity.top + 10, limit: `to ${f.pct(limits.rhMaxFrac)}` },
    { name: 'Wind', y: STRIPS.wind.top + 10, limit: `to ${f.speed(limits.windMaxMs)}` },
    { name: 'Rain', y: STRIPS.rain.top + 11 },
    { name: 'Suits it', y: STRIPS.suits.top + 18 },
    { name: 'Coats', y: STRIPS.coats.top + 26 },
  ];
  return names.map(({ name, y, limit }) => (
    <g key={name}>
      <text x="0" y={y} fontSize="13.500" fontWeight="600" fill="var(--ink)">
        {name}
      </text>
      {limit && (
        <text x="0" y={y + 15} fontSize="12" fill="var(--ink-2)">
          {limit}
        </text>
      )}
    </g>
  ));
}
