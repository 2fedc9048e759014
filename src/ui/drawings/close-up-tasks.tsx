/** The tasks of a session close up: preparation, coats, the waits between them, and what follows the last. */
import { instantOf, minutesBetween } from '@/core/time/instant';
import type { Plan, Session, Task } from '@/model/plan';
import type { Product } from '@/model/product';
import type { Format } from '@/words/format';
import { afterWords, coatMark, prepWord } from '../views/close-up';
import { inkOn } from '../views/ink';
import { layerPaint } from '../views/ribbon';
import { TASKS, type CloseUpFrame } from './close-up-frame';
import { TINT } from '@/ui/tokens/tints';

interface FrameProps {
  readonly frame: CloseUpFrame;
}
const { y: Y, h: H } = TASKS;

const PREP_FILL: Partial<Record<Task['kind'], string>> = {
  fill: TINT.filling,
  sand: TINT.dryPaper,
  clean: TINT.cleaning,
};
const PLAIN_FILL = TINT.other;

export function Preparation({ frame: { prep, x } }: FrameProps) {
  return prep.map((task) => {
    const from = x(instantOf(task.startsAt));
    const w = x(instantOf(task.endsAt)) - from;
    const fill = PREP_FILL[task.kind] ?? PLAIN_FILL;
    return (
      <g key={task.id}>
        <rect
          x={from}
          y={Y + 8}
          width={Math.max(2, w - 1)}
          height={H - 16}
          fill={fill}
          stroke="var(--ink-3)"
          strokeWidth=".8"
        />
        {w > 34 && (
          <text x={from + w / 2} y={Y + 24.5} fontSize="12.500" textAnchor="middle" fill={inkOn(fill)}>
            {prepWord(task)}
          </text>
        )}
      </g>
    );
  });
}

export function Flashes({ frame: { flashes, x } }: FrameProps) {
  return flashes.map((task) => {
    const from = x(instantOf(task.startsAt));
    const to = x(instantOf(task.endsAt));
    return (
      <g key={task.id}>
        <line x1={from} x2={to} y1={Y + H / 2} y2={Y + H / 2} stroke="var(--ink)" strokeWidth="1.500" />
        {to - from > 15 && (
          <text x={(from + to) / 2} y={Y + H / 2 - 5} fontSize="12" textAnchor="middle" fill="var(--ink-2)">
            {Math.round(minutesBetween(task.startsAt, task.endsAt))}
          </text>
        )}
      </g>
    );
  });
}

interface CoatsProps extends FrameProps {
  readonly drawn: { readonly plan: Plan; readonly products: readonly Product[]; readonly jobHex: string };
}

/** A narrow coat has its mark below. */
export function Coats({ frame: { coats, x }, drawn }: CoatsProps) {
  return coats.map((task) => {
    const from = x(instantOf(task.startsAt));
    const w = Math.max(4, x(instantOf(task.endsAt)) - from);
    const fill = layerPaint(drawn, task.layerId, 0.85);
    const wide = w > 22;
    return (
      <g key={task.id}>
        <rect
          x={from}
          y={Y}
          width={w}
          height={H}
          fill={fill}
          stroke="var(--ink)"
          strokeWidth="1"
          strokeDasharray="3 2"
        />
        <text
          x={from + w / 2}
          y={wide ? Y + 25 : Y + H + 15}
          fontSize="12.500"
          fontWeight="650"
          textAnchor="middle"
          fill={wide ? inkOn(fill) : 'var(--ink)'}
        >
          {coatMark(task)}
        </text>
      </g>
    );
  });
}

/**
 * Dust-free as a tick, and until when it stays under cover; beside the tick where there is room, else under
 * the coats.
 */
export function AfterLast({ frame: { coats, s: session, x, paper }, f }: FrameProps & { f: Format }) {
  if (coats.length === 0) return null;
  const dustX = x(instantOf(session.dustFreeAt));
  const beside = dustX < paper.width - 190;
  return (
    <g fontSize="12.500" stroke="var(--panel)" strokeWidth="3" paintOrder="stroke">
      <line x1={dustX} x2={dustX} y1={Y + H / 2 - 8} y2={Y + H / 2 + 8} stroke="var(--ink)" strokeWidth="2" />
      <AfterWords session={session} besideX={beside ? dustX + 6 : null} endX={paper.rightEdge - 4} f={f} />
    </g>
  );
}

interface AfterWordsProps {
  readonly session: Session;
  readonly besideX: number | null;
  /** Where they end otherwise. */
  readonly endX: number;
  readonly f: Format;
}

function AfterWords({ session, besideX, endX, f }: AfterWordsProps) {
  const [dust, cover] = afterWords(session, f);
  if (besideX === null)
    return (
      <text x={endX} y={Y + H + 30} textAnchor="end" fill="var(--ink)">
        {dust}, {cover}
      </text>
    );
  return (
    <>
      <text x={besideX} y={Y + 8} fill="var(--ink)">
        {dust}
      </text>
      <text x={besideX} y={Y + H} fill="var(--ink-2)">
        {cover}
      </text>
    </>
  );
}
