'use client';
/** One session close up: preparation, every coat with its wait, the activation and the life of the can. */
import { instantOf, minutesBetween } from '@/core/time/instant';
import { useRef } from 'react';
import type { Plan, Session } from '@/model/plan';
import type { Product } from '@/model/product';
import { durationOf, type Format } from '@/words/format';
import { closeUpInWords, closeUpView, dragWords, oddsAt, shareOfHalfHours } from '../views/close-up';

import { AfterLast, Coats, Flashes, Preparation } from './close-up-tasks';
import { PotLife } from './close-up-pot';
import { LEFT, paperOf, timeScale } from './ribbon-frame';
import { TASKS, type CloseUpFrame } from './close-up-frame';
import { useSessionDrag } from './use-session-drag';

export interface CloseUpProps {
  readonly plan: Plan;
  readonly session: Session;
  readonly products: readonly Product[];
  readonly jobHex: string;
  readonly f: Format;
  readonly onShift?: (halfHours: number) => void;
  /** CSS px there are. */
  readonly width: number;
}

export function CloseUp(props: CloseUpProps) {
  const { plan, session, f, onShift, width } = props;
  const paper = paperOf(width);
  const svg = useRef<SVGSVGElement>(null);
  const view = closeUpView(plan, session);
  const frame: CloseUpFrame = { ...view, s: session, x: timeScale(view, paper), paper };
  const { by, grab } = useSessionDrag(svg, { ...view, paper }, onShift);
  const act = view.pot?.act;
  const dx = shareOfHalfHours(by, view) * paper.inner;
  return (
    <svg
      ref={svg}
      viewBox={`0 0 ${width} ${act ? 158 : 108}`}
      width="100%"
      role="img"
      aria-label={closeUpInWords(session, f)}
    >
      <Paper frame={frame} />
      <text x="0" y={TASKS.y + 18} fontSize="13.500" fontWeight="600" fill="var(--ink)">
        {f.day(session.startsAt)}
      </text>
      <text x="0" y={TASKS.y + 34} fontSize="12" fill="var(--ink-2)">
        waits in minutes
      </text>
      <clipPath id="close-up-clip">
        <rect x={LEFT} y="0" width={frame.paper.inner} height="160" />
      </clipPath>
      <g clipPath="url(#close-up-clip)">
        <g {...grab} transform={dx === 0 ? undefined : `translate(${dx} 0)`}>
          <Handle frame={frame} />
          <Preparation frame={frame} />
          <Flashes frame={frame} />
          <Coats frame={frame} drawn={props} />
          <AfterLast frame={frame} f={f} />
          <PotLife frame={frame} products={props.products} f={f} />
        </g>
      </g>
      {act && <PotWords act={act} f={f} />}
      {by !== 0 && (
        <text
          x={LEFT + 6}
          y="16"
          fontSize="13"
          fontWeight="650"
          fill="var(--lagoon-deep)"
          stroke="var(--panel)"
          strokeWidth="4"
          paintOrder="stroke"
        >
          {dragWords(by, instantOf(session.startsAt), {
            clock: view.clock,
            odds: (ms) => oddsAt(plan, session.id, ms),
          })}
        </text>
      )}
    </svg>
  );
}

interface PotWordsProps {
  readonly act: { readonly at: string; readonly usableUntil: string };
  readonly f: Format;
}

function PotWords({ act, f }: PotWordsProps) {
  return (
    <>
      <text x="0" y="116" fontSize="13.500" fontWeight="600" fill="var(--ink)">
        Pot life
      </text>
      <text x="0" y="132" fontSize="12" fill="var(--ink-2)">
        {durationOf(minutesBetween(act.at, act.usableUntil))}
      </text>
      <text x="0" y="147" fontSize="12" fill="var(--ink-2)">
        from {f.time(act.at)}
      </text>
    </>
  );
}

function Paper({ frame }: { frame: CloseUpFrame }) {
  const { pot, hours, x, clock } = frame;
  return (
    <>
      <rect
        x={LEFT}
        y="22"
        width={frame.paper.inner}
        height={pot ? 132 : 82}
        fill="var(--panel)"
        stroke="var(--lagoon)"
      />
      {hours.map((t) => (
        <g key={t}>
          <line x1={x(t)} x2={x(t)} y1="22" y2={pot ? 154 : 104} stroke="var(--line-2)" />
          <text
            x={Math.min(x(t), frame.paper.width - 18)}
            y="16"
            fontSize="12.500"
            textAnchor="middle"
            fill="var(--ink-2)"
          >
            {clock(t)}
          </text>
        </g>
      ))}
    </>
  );
}

/** What a finger takes hold of, and the line on which everything stands. */
function Handle({ frame: { s: session, x, toMs } }: { frame: CloseUpFrame }) {
  const from = x(instantOf(session.startsAt));
  const { y, h } = TASKS;
  return (
    <>
      <rect
        x={from - 4}
        y={y - 6}
        width={Math.max(24, x(instantOf(session.endsAt)) - from + 8)}
        height={h + 26}
        fill="transparent"
      />
      <line
        x1={from}
        x2={x(toMs)}
        y1={y + h / 2}
        y2={y + h / 2}
        stroke="var(--ink-3)"
        strokeDasharray="1 3"
      />
    </>
  );
}
