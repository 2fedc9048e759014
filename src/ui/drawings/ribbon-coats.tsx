/** The lowest strip of the ribbon: coats and pots of every session, and other starts that were offered. */
import { instantOf, type Span } from '@/core/time/instant';
import type { Plan, Session } from '@/model/plan';
import type { Product } from '@/model/product';
import { percentOf } from '@/words/format';
import { layerPaint } from '../views/ribbon';
import { FOOT, LEFT, STRIPS, type RibbonFrame } from './ribbon-frame';
import { TINT } from '@/ui/tokens/tints';

const { top: TOP, h: H } = STRIPS.coats;
const BASE = FOOT - 8;
/** A start nearer than this to one that is planned would be drawn over it, px. */
const APART = 44;

type X = (ms: number) => number;

interface AlternativesProps {
  readonly plan: Plan;
  readonly sessionId: string;
  readonly frame: RibbonFrame;
}

export function AlternativeMarks({ plan, sessionId, frame: { x, paper } }: AlternativesProps) {
  const planned = plan.sessions.map((s) => x(instantOf(s.startsAt)));
  const others = plan.alternatives.flatMap((a) =>
    a.starts
      .filter((s) => s.sessionId === sessionId)
      .map((s) => ({ at: s.at, x: x(instantOf(s.at)), chance: a.chance })),
  );
  return (
    <>
      <line x1={LEFT} x2={paper.width} y1={BASE} y2={BASE} stroke="var(--ink-3)" />
      {others
        .filter((o) => planned.every((at) => Math.abs(at - o.x) >= APART))
        .map((o) => (
          <g key={o.at}>
            <rect
              x={o.x}
              y={TOP + 16}
              width="12"
              height={H - 24}
              fill="none"
              stroke="var(--ink-2)"
              strokeDasharray="3 2"
            />
            <text x={o.x + 6} y={TOP + 11} fontSize="12.500" textAnchor="middle" fill="var(--ink-2)">
              {percentOf(o.chance)} %
            </text>
          </g>
        ))}
    </>
  );
}

/** Hours in which hands are on other jobs. */
export function OtherJobs({ taken, x }: { taken: readonly Span[]; x: X }) {
  return taken.map(({ startMs, endMs }) => (
    <rect
      key={startMs}
      x={x(startMs)}
      y={TOP + 18}
      width={Math.max(2, x(endMs) - x(startMs))}
      height={BASE - TOP - 18}
      fill="url(#p-future)"
      stroke="var(--mark)"
      strokeWidth=".8"
    />
  ));
}

/** Hands-on hours outside the sessions, and what still rests between two of them. */
export function VisitMarks({ plan, x }: { plan: Plan; x: X }) {
  return plan.visits.map((visit) => {
    const from = x(instantOf(visit.startsAt));
    return (
      <rect
        key={visit.id}
        x={from}
        y={BASE - 7}
        width={Math.max(3, x(instantOf(visit.endsAt)) - from)}
        height={7}
        fill={TINT.dryPaper}
        stroke="var(--ink-3)"
        strokeWidth=".8"
      />
    );
  });
}

/** Where the odds of a session are written: over its start, or beside those of the one before, px. */
function oddsX(sessions: readonly Session[], session: Session, x: X): number {
  let at = -Infinity;
  for (const s of sessions) {
    at = Math.max(x(instantOf(s.startsAt)) - 4, at + APART);
    if (s.id === session.id) return at;
  }
  return x(instantOf(session.startsAt)) - 4;
}

interface SessionMarksProps {
  readonly session: Session;
  readonly x: X;
  readonly drawn: { readonly plan: Plan; readonly products: readonly Product[]; readonly jobHex: string };
  readonly chosen: boolean;
}

export function SessionMarks({ session, x, drawn, chosen }: SessionMarksProps) {
  const from = x(instantOf(session.startsAt));
  const to = x(instantOf(session.handleAt));
  const coats = session.tasks.filter((t) => t.kind === 'coat');
  return (
    <g>
      <line x1={from} x2={to} y1={BASE} y2={BASE} stroke="var(--ink)" strokeWidth="2.500" opacity=".7" />
      {session.activations.map((activation) => {
        const at = x(instantOf(activation.at));
        return (
          <path
            key={`${activation.productId} ${activation.at}`}
            d={`M${at} ${TOP + 18}L${x(instantOf(activation.usableUntil))} ${BASE}H${at}Z`}
            fill="var(--pot)"
            stroke="var(--lagoon)"
            strokeWidth="1"
            opacity=".7"
          />
        );
      })}
      {coats.map((task) => {
        const at = x(instantOf(task.startsAt));
        return (
          <rect
            key={task.id}
            x={at}
            y={TOP + 18}
            width={Math.max(3, x(instantOf(task.endsAt)) - at)}
            height={H - 26}
            fill={layerPaint(drawn, task.layerId)}
            stroke="var(--ink)"
            strokeWidth=".8"
          />
        );
      })}
      <text
        x={oddsX(drawn.plan.sessions, session, x)}
        y={TOP + 12}
        fontSize={chosen ? 15 : 13}
        fontWeight={chosen ? 650 : 500}
        fill="var(--ink)"
      >
        {percentOf(session.chance)} %
      </text>
      <g transform={`translate(${to - 6} ${BASE - 16})`} fill="none" stroke="var(--ink)" strokeWidth="1.500">
        <circle cx="6" cy="2" r="1.600" />
        <path d="M6 3.500V12M3 6h6M1 8c.4 3 2.500 4 5 4s4.600-1 5-4" />
      </g>
    </g>
  );
}
