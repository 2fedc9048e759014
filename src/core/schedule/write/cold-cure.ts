/** Cold after handle-dry spoils nothing any more, but a cure that stands still hardens so much later. */
import type { Session } from '@/model/plan';
import type { Product } from '@/model/product';
import type { AtPart } from '../../air/at-part';
import type { Clocks } from '../../drying/clocks';
import { readyRate, stageOf, stillBelowC } from '../../drying/rate';
import { HOUR, MINUTE } from '../../time/instant';

/** How long after handle-dry it is looked at, ms: the nights that matter most. ASSUMED. */
const WATCHED_MS = 48 * HOUR;
/** Less than this is not worth a word, hours. */
const LEAST_H = 1;

/** On the central line, of the last film; null where no hour is lost. @param clocks of the plan, whose school counts */
export function coldCureOf(
  air: AtPart,
  clocks: Clocks,
  product: Product,
  handleMs: number,
): Session['coldCure'] {
  const { mode } = stageOf(product, 'handle');
  const belowC = stillBelowC(product);
  if (mode !== 'cure' || !Number.isFinite(handleMs) || !Number.isFinite(belowC)) return null;
  const o = (air.rows - 1) * air.nodes;
  const node = (ms: number): number => Math.ceil((ms - air.startMs) / air.stepMs);
  const pace = clocks.pace(product);
  let cold = 0;
  let lostMin = 0;
  for (let i = node(handleMs); i < Math.min(air.nodes, node(handleMs + WATCHED_MS)); i++) {
    const tempC = air.panelC[o + i]!;
    if (tempC >= belowC) continue;
    cold++;
    lostMin += (readyRate(mode, tempC, pace, -Infinity) * air.stepMs) / MINUTE;
  }
  const hours = (cold * air.stepMs) / HOUR;
  return hours < LEAST_H ? null : { hours, lostMin: Math.round(lostMin) };
}
