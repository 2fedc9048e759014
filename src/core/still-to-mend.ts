/** Mends that lay no paint and come once everything is on: what is done, and from when. */
import type { Job } from '@/model/job';
import type { Plan } from '@/model/plan';
import { stagesOf } from './aftercare';
import type { Airs } from './job-air';
import { coatlessMends, type Taken } from './mends/taken';
import { doneOf, leftToDo } from './schedule/work/done';
import { mendSteps, openOver } from './schedule/work/mending';
import { productIn, type System } from './seams/seam';
import { coatsOn } from './time/coats-on';

type StillToMend = Plan['mends'];
const UNKNOWN = { at: null, bySheet: false } as const;

/** From when its first task may be done; null while coats are still to come. */
function readyAt(job: Job, system: System, airs: Airs, mend: Taken): { at: string | null; bySheet: boolean } {
  const done = doneOf(job, system);
  const mine = system.layers.filter((l) => l.partIds.some((id) => mend.partIds.includes(id)));
  const isOpen = mine.some((l) =>
    l.partIds
      .filter((id) => mend.partIds.includes(id))
      .some((id) => Array.from({ length: l.coats }, (_, i) => i + 1).some((c) => !done.isOn(l.id, c, id))),
  );
  const top = mine.at(-1);
  const ends = coatsOn(job).filter((c) => c.layerId === top?.id);
  if (isOpen || !top || ends.length === 0) return UNKNOWN;
  const endedMs = Math.max(...ends.map((c) => c.endedMs));
  const reached = stagesOf(job, productIn(system.products, top.productId), endedMs, airs);
  const waits = mend.tasks.flatMap((t) => (t.do === 'wait' ? [reached(t.stage, t.times)] : []));
  const last = waits.sort((a, b) => a.at.localeCompare(b.at)).at(-1);
  return last ?? UNKNOWN;
}

/** In the order they were taken; one whose tasks are all ticked is told as done no more. */
export function stillToMend(job: Job, system: System, airs: Airs | null): StillToMend {
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
        ...(airs ? readyAt(job, system, airs, m) : UNKNOWN),
        tasks: left.map(({ id, kind, detail, minutes }) => ({ id, kind, detail, minutes })),
      },
    ];
  });
}
