/** Mends that lay no paint and come once everything is on: what is done, and from when. */
import type { Job } from '@/model/job';
import type { Plan } from '@/model/plan';
import { lainOn, stagesOf } from './aftercare';
import type { Airs } from './job-air';
import { filmsOn } from './material/film-on';
import { coatlessMends, type Taken } from './mends/taken';
import { doneOf, leftToDo, type Done } from './schedule/work/done';
import type { PrepStep } from './schedule/work/draft';
import { isDone } from './schedule/work/lots';
import { mendSteps, openOver } from './schedule/work/mending';
import type { System } from './seams/seam';
import { coatsOn } from './time/coats-on';

type Told = Plan['mends'][number];
/** Its tasks without their hours, and the same as work for hands. */
export interface OpenMend extends Omit<Told, 'tasks'> {
  readonly tasks: readonly Omit<Told['tasks'][number], 'startsAt' | 'endsAt'>[];
  readonly steps: readonly PrepStep[];
}
const UNKNOWN = { at: null, bySheet: false } as const;

interface Known {
  readonly job: Job;
  readonly system: System;
  readonly done: Done;
  readonly airs: Airs | null;
}

/** From when its first task may be done; null while coats are still to come. */
function readyAt({ job, system, done, airs }: Known, mend: Taken): { at: string | null; bySheet: boolean } {
  const mine = system.layers.filter((l) => l.partIds.some((id) => mend.partIds.includes(id)));
  const isOpen = mend.partIds.some((id) => !isDone(mine, done, id));
  const top = mine.at(-1);
  const ends = coatsOn(job).filter((c) => c.layerId === top?.id);
  if (!airs || isOpen || !top || ends.length === 0) return UNKNOWN;
  const endedMs = Math.max(...ends.map((c) => c.endedMs));
  const lain = lainOn({ filmOn: filmsOn(job, system), system }, top, { partIds: mend.partIds, endedMs });
  const reached = stagesOf(job, lain, airs);
  const waits = mend.tasks.flatMap((t) => (t.do === 'wait' ? [reached(t.stage, t.times)] : []));
  const last = waits.sort((a, b) => a.at.localeCompare(b.at)).at(-1);
  return last ?? UNKNOWN;
}

/** In the order they were taken; one whose tasks are all ticked is told as done no more. */
export function stillToMend(job: Job, system: System, airs: Airs | null): OpenMend[] {
  const done = doneOf(job, system);
  return coatlessMends(job, openOver({ system, done })).after.flatMap((m) => {
    const left = leftToDo(done, mendSteps(m.id, m.tasks, m.partIds));
    const isHere = job.parts.some((p) => m.partIds.includes(p.id));
    if (left.length === 0 || !isHere) return [];
    return [
      {
        id: m.id,
        code: m.code,
        kind: m.kind,
        partIds: [...m.partIds],
        ...readyAt({ job, system, done, airs }, m),
        tasks: left.map(({ id, kind, detail, minutes }) => ({ id, kind, detail, minutes })),
        steps: left,
      },
    ];
  });
}
