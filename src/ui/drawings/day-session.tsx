/** The session of an upright day: preparation, coats, dust-free, handle-dry; and the life of its pot beside it. */
import { instantOf, minutesBetween } from '@/core/time/instant';
import type { Plan, Session } from '@/model/plan';
import type { Product } from '@/model/product';
import { durationOf } from '@/words/format';
import { layerPaint } from '../views/ribbon';
import type { TightestPot } from '../views/tightest-pot';

type Y = (ms: number) => number;

interface DaySessionProps {
  readonly session: Session;
  readonly drawn: { readonly plan: Plan; readonly products: readonly Product[]; readonly jobHex: string };
  readonly y: Y;
  /** Where the day ends; what comes later is not drawn. */
  readonly endMs: number;
}

export function DaySession({ session, drawn, y, endMs }: DaySessionProps) {
  const fromY = y(instantOf(session.startsAt));
  const sprayY = y(instantOf(session.sprayAt));
  const coats = session.tasks.filter((t) => t.kind === 'coat');
  return (
    <>
      <line
        x1="166"
        x2="166"
        y1={fromY}
        y2={y(instantOf(session.handleAt))}
        stroke="var(--ink-3)"
        strokeDasharray="1 4"
      />
      <rect
        x="132"
        y={fromY}
        width="68"
        height={Math.max(2, sprayY - fromY)}
        fill="var(--well)"
        stroke="var(--ink-3)"
        strokeWidth=".8"
      />
      {sprayY - fromY > 17 && (
        <text x="166" y={(fromY + sprayY) / 2 + 5} fontSize="14" textAnchor="middle" fill="var(--ink)">
          prepare
        </text>
      )}
      {coats.map((task) => {
        const top = y(instantOf(task.startsAt));
        return (
          <rect
            key={task.id}
            x="132"
            y={top}
            width="68"
            height={Math.max(4, y(instantOf(task.endsAt)) - top)}
            fill={layerPaint(drawn, task.layerId)}
            stroke="var(--ink)"
            strokeDasharray="3 2"
          />
        );
      })}
      {instantOf(session.dustFreeAt) < endMs && <DustFree y={y(instantOf(session.dustFreeAt))} />}
      {instantOf(session.handleAt) < endMs && <HandleDry y={y(instantOf(session.handleAt))} />}
    </>
  );
}

function DustFree({ y }: { y: number }) {
  return (
    <g>
      <line x1="152" x2="180" y1={y} y2={y} stroke="var(--ink)" strokeWidth="2" />
      <text x="206" y={y + 5} fontSize="14" fill="var(--ink-2)">
        dust-free
      </text>
    </g>
  );
}

function HandleDry({ y }: { y: number }) {
  return (
    <g transform={`translate(158 ${y - 8})`}>
      <g fill="none" stroke="var(--ink)" strokeWidth="1.700">
        <circle cx="8" cy="2" r="2" />
        <path d="M8 4V14M4 7h8M1.500 9c.5 4 3 5.500 6.500 5.500s6-1.500 6.500-5.500" />
      </g>
      <text x="48" y="12" fontSize="14" fill="var(--ink-2)">
        handle-dry
      </text>
    </g>
  );
}

const POT_X = 280;
const POT_W = 78;

interface DayPotProps {
  readonly pot: TightestPot;
  readonly y: Y;
  readonly endMs: number;
}

/** A wedge that narrows as the pot's life runs out, dark as far as it is used. */
export function DayPot({ pot: { act, last }, y, endMs }: DayPotProps) {
  const atMs = instantOf(act.at);
  const deadMs = instantOf(act.usableUntil);
  const lastMs = instantOf(last.endsAt);
  const shownMs = Math.min(deadMs, endMs);
  const atY = y(atMs);
  const wordY = (below: number): number => Math.min(y(shownMs) - 6, y(lastMs) + below);
  const x = (ms: number): number => POT_X + POT_W * (1 - (ms - atMs) / (deadMs - atMs));
  const wedge = (ms: number): string => `M${POT_X} ${atY}H${POT_X + POT_W}L${x(ms)} ${y(ms)}H${POT_X}Z`;
  return (
    <g>
      <path d={wedge(shownMs)} fill="var(--pot)" stroke="var(--lagoon)" />
      <path d={wedge(lastMs)} fill="var(--lagoon)" />
      <text x={POT_X + 6} y={wordY(20)} fontSize="14" fontWeight="650" fill="var(--ink)">
        {durationOf(minutesBetween(act.at, last.endsAt))}
      </text>
      {shownMs < deadMs && (
        <text x={POT_X + 6} y={wordY(38)} fontSize="14" fill="var(--ink)">
          of {durationOf(minutesBetween(act.at, act.usableUntil))}
        </text>
      )}
      <line x1="120" x2={POT_X + POT_W} y1={atY} y2={atY} stroke="var(--lagoon)" strokeWidth="2" />
      <circle cx="122" cy={atY} r="4.500" fill="var(--lagoon)" />
    </g>
  );
}
