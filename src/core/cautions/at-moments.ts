/** Hazards put where they belong: on the first task of each moment of a visit or a session. */
import type { Job, Part } from '@/model/job';
import type { Session, Task, Visit } from '@/model/plan';
import type { Product } from '@/model/product';
import { isSanded, productIn, type System } from '../seams/seam';
import { hazardsAt, MOMENT_OF, type Doing } from './hazards';

interface Work {
  readonly job: Job;
  readonly system: System;
}

/** What a session works on: its own layers, and what lies below where they begin. */
function groundOf(
  { job, system }: Work,
  session: Pick<Session, 'layerIds' | 'partIds'>,
): Omit<Doing, 'code'> {
  const { layers, seams, products } = system;
  const productOf = (layerId: string): Product[] =>
    layers.filter((l) => l.id === layerId).map((l) => productIn(products, l.productId));
  const parts = job.parts.filter((p) => session.partIds.includes(p.id));
  const isHere = (id: string): boolean => session.partIds.includes(id);
  const under = seams.filter((s) => session.layerIds.includes(s.above) && s.partIds.some(isHere));
  const own = under.filter((s) => s.below.kind === 'surface').flatMap((s) => s.partIds.filter(isHere));
  const films = under.flatMap((s) => (s.below.kind === 'layer' && isSanded(s) ? [s.below.layerId] : []));
  const surfaces: Part[] = parts.filter((p) => own.includes(p.id));
  return {
    job,
    parts,
    surfaces,
    products: [...new Set(session.layerIds.flatMap(productOf))],
    films: [...new Set(films.flatMap(productOf))],
  };
}

/** Each cell once, where it is first met. */
function withHazards(
  tasks: readonly Task[],
  ground: Omit<Doing, 'code'>,
  of: (task: Task) => readonly Product[],
): Task[] {
  const said = new Set<string>();
  return tasks.map((task) => {
    const moment = MOMENT_OF[task.kind];
    if (moment === null) return { ...task, cautions: [] };
    const cells = hazardsAt(moment, { ...ground, products: of(task), code: task.detail.code });
    const cautions = cells.filter((c) => !said.has(c));
    for (const c of cautions) said.add(c);
    return { ...task, cautions };
  });
}

interface Scheduled {
  readonly sessions: readonly Session[];
  readonly visits: readonly Visit[];
}

/** The run sheet with every hazard at its moment. */
export function atMoments(
  work: Work,
  { sessions, visits }: Scheduled,
): { sessions: Session[]; visits: Visit[] } {
  const { layers, products } = work.system;
  const everything = layers.map((l) => productIn(products, l.productId));
  const ground = new Map(sessions.map((s) => [s.id, groundOf(work, s)]));
  const nothing = groundOf(work, { layerIds: [], partIds: [] });
  const productsAt = (task: Task, all: readonly Product[]): readonly Product[] => {
    const layer = layers.find((l) => l.id === task.layerId);
    // What is left behind, and what is made ready, is all of it.
    return layer && task.kind !== 'dry' ? [productIn(products, layer.productId)] : all;
  };
  return {
    sessions: sessions.map((s) => {
      const here = ground.get(s.id)!;
      return { ...s, tasks: withHazards(s.tasks, here, (t) => productsAt(t, here.products)) };
    }),
    visits: visits.map((v) => {
      const here = ground.get(v.sessionId) ?? nothing;
      const all = v.kind === 'shop' ? everything : here.products;
      return { ...v, tasks: withHazards(v.tasks, here, (t) => productsAt(t, all)) };
    }),
  };
}
