/** Carried over or shut in and heated after a session: when, what the heat comes to, and how long cold parts sweat. */
import { round1 } from '../../numerics/round';
import type { Session } from '@/model/plan';
import type { AtPart } from '../../air/at-part';
import { nearestNode } from '../../air/grid';
import { clearOfDewH, timeConstantH } from '../../air/mass';
import { bothFacesWm2K } from '../../air/panel';
import { HOUR } from '../../time/instant';
import { MOVE_MIN, type Elsewhere } from '../judge/elsewhere';
import type { Run } from '../judge/run';
import type { Draft, PrepStep } from '../work/draft';

/** Clear of the dew point by so much before paint goes on, K (ISO 12944-7). */
const CLEAR_GAP_K = 3;
/** Sooner than this nobody waits for a part to warm, h. From memory. */
const LEAST_WAIT_H = 0.25;

/** What a heater gives from one instant to another on the central line, kWh. */
export function heatKWh(air: AtPart, fromMs: number, toMs: number): number {
  const o = (air.rows - 1) * air.nodes;
  const stepH = air.stepMs / HOUR;
  let wh = 0;
  for (let i = 0; i < air.nodes; i++) {
    const ms = air.startMs + i * air.stepMs;
    if (ms >= fromMs && ms < toMs) wh += air.heatW[o + i]! * stepH;
  }
  return wh / 1000;
}

const cents = (x: number): number => Math.round(x * 100) / 100;

/** Where the parts went after a session; null where they stay. */
export function movedOf(
  elsewhere: Elsewhere | null,
  run: Run,
  iso: (ms: number) => string,
): Session['moved'] {
  if (!elsewhere || !Number.isFinite(run.movedMs)) return null;
  const { heater } = elsewhere.place;
  const readyMs = Number.isFinite(run.readyMs) ? run.readyMs : run.handleMs;
  const untilMs = Math.max(readyMs, run.movedMs);
  const isHeated = heater !== undefined && Number.isFinite(untilMs);
  const kWh = isHeated ? heatKWh(elsewhere.air, run.movedMs, untilMs) : null;
  const price = heater?.perKWh;
  return {
    move: elsewhere.move,
    at: iso(run.movedMs),
    until: Number.isFinite(untilMs) ? iso(untilMs) : null,
    heatKWh: kWh === null ? null : round1(kWh),
    heatCost: kWh === null || price === undefined ? null : cents(kWh * price),
  };
}

/** Hours a cold part sweats where it is sprayed when it is brought there; null where it does not, Infinity for always. */
export function sweatsH(air: AtPart, elsewhere: Elsewhere | null, startMs: number): number | null {
  if (!elsewhere || elsewhere.move === 'heated') return null;
  const k = (air.rows - 1) * air.nodes + nearestNode(air, air.nodes, startMs);
  const airC = air.airC[k]!;
  const dewC = air.panelC[k]! - air.gapK[k]!;
  const constantH = timeConstantH(air.part.massKJm2K, bothFacesWm2K(air.windMs[k]!, air.part));
  const h = clearOfDewH({ fromC: elsewhere.air.panelC[k]!, airC, dewC, constantH }, CLEAR_GAP_K);
  if (h === null) return Infinity;
  return h >= LEAST_WAIT_H ? h : null;
}

/** To carry the parts over, or to shut the door and set the heater. */
export function moveStep({ id, partIds }: Pick<Draft, 'id' | 'partIds'>, { move }: Elsewhere): PrepStep {
  return {
    id: `${id}.move`,
    kind: 'move',
    minutes: MOVE_MIN,
    detail: { code: `move-${move}`, params: {} },
    partIds,
    needs: 'hands',
    canSplit: false,
  };
}
