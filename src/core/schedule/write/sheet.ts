/** The run sheet while it is written: what every writer of a task needs to know, and the tasks so far. */
import type { Notice } from '@/model/marks';
import type { Activation, Mix, Task } from '@/model/plan';
import type { AtPart } from '../../air/at-part';
import { nearestNode } from '../../air/grid';
import { HOUR, isoOf, MINUTE } from '../../time/instant';
import type { Run } from '../judge/run';
import type { Draft } from '../work/draft';

export interface Sheet {
  readonly air: AtPart;
  readonly draft: Draft;
  /** The session on the central line. */
  readonly run: Run;
  readonly startMs: number;
  /** Of all parts, m²: what grades hardener and reducer beside the heat. */
  readonly areaM2: number;
  readonly iso: (ms: number) => string;
  readonly tasks: Task[];
  readonly activations: Activation[];
  readonly mixes: Mix[];
}

export function newSheet(
  air: AtPart,
  draft: Draft,
  run: Run,
  at: { startMs: number; tz: string; areaM2: number },
): Sheet {
  const iso = (ms: number): string => isoOf(ms, at.tz);
  return {
    air,
    draft,
    run,
    startMs: at.startMs,
    areaM2: at.areaM2,
    iso,
    tasks: [],
    activations: [],
    mixes: [],
  };
}

type NewTask = Pick<Task, 'id' | 'kind' | 'handsOn' | 'detail'> &
  Partial<Pick<Task, 'layerId' | 'coat' | 'partIds' | 'checks'>>;

/** What hands do beside the coats: ticked, it is not asked for again. */
const BESIDE: ReadonlySet<Task['kind']> = new Set(['tack', 'tape', 'untape', 'rinse']);
/** A tack cloth of hours ago counts no more, ms. From memory. */
const COUNTS_MS = 2 * HOUR;

const isTicked = ({ draft }: Sheet, { id, kind }: NewTask, fromMs: number): boolean =>
  BESIDE.has(kind) && fromMs - (draft.tickedMs.get(id) ?? -Infinity) < COUNTS_MS;

/** Adds a task. What is left out belongs to no layer and no part, and has no checks; its hazards come later. */
export function put(sheet: Sheet, task: NewTask, fromMs: number, toMs: number): void {
  if (isTicked(sheet, task, fromMs)) return;
  const { id, kind, layerId = null, coat = null, partIds = [], handsOn, detail } = task;
  const { checks = [] } = task;
  const span = { startsAt: sheet.iso(fromMs), endsAt: sheet.iso(toMs) };
  sheet.tasks.push({
    id,
    kind,
    layerId,
    coat,
    partIds,
    handsOn,
    detail,
    checks,
    cautions: [],
    leftMin: 0,
    ...span,
  });
}

export const notice = (code: string, params: Notice['params'] = {}): Notice => ({ code, params });
export const minutesLater = (ms: number, minutes: number): number => ms + minutes * MINUTE;

export interface AirNow {
  readonly panelC: number;
  readonly gapK: number;
  readonly rhPct: number;
  readonly windMs: number;
}

/** Air at the part at an instant on the central line. */
export function airAt(air: AtPart, ms: number): AirNow {
  const k = (air.rows - 1) * air.nodes + nearestNode(air, air.nodes, ms);
  return { panelC: air.panelC[k]!, gapK: air.gapK[k]!, rhPct: air.rhFrac[k]! * 100, windMs: air.windMs[k]! };
}
