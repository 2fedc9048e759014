/** The life of a pot under the tasks: a wedge that runs out, dark as far as it is used. */
import { instantOf } from '@/core/time/instant';
import type { Product } from '@/model/product';
import type { Format } from '@/words/format';
import { potWords } from '../views/close-up';

import { TASKS, type CloseUpFrame } from './close-up-frame';
import { LEFT } from './ribbon-frame';

const TOP = 104;
const BOTTOM = 148;
/** Room that the words need before the wedge, px. */
const WORDS_PX = 290;

interface PotLifeProps {
  readonly frame: CloseUpFrame;
  readonly products: readonly Product[];
  readonly f: Format;
}

export function PotLife({ frame: { pot, s: session, x, toMs }, products, f }: PotLifeProps) {
  if (!pot) return null;
  const atMs = instantOf(pot.act.at);
  const deadMs = instantOf(pot.act.usableUntil);
  const atX = x(atMs);
  const usedMs = Math.min(instantOf(pot.last.endsAt), deadMs);
  const shownMs = Math.min(deadMs, toMs);
  const yAt = (ms: number): number => TOP + (BOTTOM - TOP) * Math.min(1, (ms - atMs) / (deadMs - atMs));
  const wedge = (ms: number): string => `M${atX} ${TOP}L${x(ms)} ${yAt(ms)}V${BOTTOM}H${atX}Z`;
  const name = products.find((p) => p.id === pot.act.productId)?.name ?? pot.act.productId;
  const words = potWords(pot, session.activations.length > 1 ? name : null, f);
  // Beside the wedge where there is room before it, else over its pale part.
  const before = atX - LEFT > WORDS_PX;
  const place = before
    ? ({ x: atX - 10, textAnchor: 'end' } as const)
    : ({ x: x(usedMs) + 10, textAnchor: 'start' } as const);
  return (
    <g>
      <line x1={atX} x2={atX} y1={TASKS.y - 6} y2={BOTTOM} stroke="var(--lagoon)" strokeWidth="2" />
      <circle
        cx={atX}
        cy={TASKS.y - 8}
        r="5"
        fill="var(--lagoon)"
        stroke="var(--panel)"
        strokeWidth="1.500"
      />
      <path d={wedge(shownMs)} fill="var(--pot)" stroke="var(--lagoon)" />
      <path d={wedge(usedMs)} fill="var(--lagoon)" />
      <g stroke="var(--panel)" strokeWidth="3" paintOrder="stroke">
        <text {...place} y={TOP + 16} fontSize="13" fontWeight="600" fill="var(--ink)">
          {words.coats}
        </text>
        <text {...place} y={TOP + 33} fontSize="12.500" fill="var(--ink-2)">
          {words.dead}
        </text>
      </g>
    </g>
  );
}
