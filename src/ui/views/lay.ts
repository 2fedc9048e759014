/** How the next coat is laid, in lines that are read from the bench: which can, which parts in order, how. */
import { characterOf } from '@/core/coating/character';
import { layingOf } from '@/core/coating/lay';
import { handOf } from '@/core/coating/schools';
import { canFor, mlByPart, type InCan } from '@/core/material/which-can';
import { withZones } from '@/core/surface/zones';
import { minutesBetween } from '@/core/time/instant';
import type { Job } from '@/model/job';
import type { Plan, Task } from '@/model/plan';
import type { Product } from '@/model/product';
import { percentOf, type Format } from '@/words/format';
import { partName } from './part-name';

interface LayOf {
  readonly job: Job;
  readonly plan: Plan;
  readonly products: readonly Product[];
}

const OVERLAPS: Readonly<Record<string, string>> = { '0.5': 'half', '0.75': 'three quarters' };

function canSaid({ nth, fullFrac, more }: InCan, product: Product): string {
  const full = fullFrac > 0.97 ? 'full' : `about ${percentOf(Math.round(fullFrac * 10) / 10)} % full`;
  const then = more > 0 ? `; ${more === 1 ? 'the next one' : `${more} more`} at hand` : '';
  return `Can ${nth} of ${product.name}, ${full}${then}.`;
}

/** Of the coat that is next; empty of any other task. */
export function layLines({ job: whole, plan, products }: LayOf, task: Task, f: Format): string[] {
  const job = withZones(whole);
  const layer = plan.layers.find((l) => l.id === task.layerId);
  const product = products.find((p) => p.id === layer?.productId);
  if (task.kind !== 'coat' || task.coat === null || !layer || !product) return [];
  const can = canFor(job, product, plan.layers, { layerId: layer.id, coat: task.coat });
  const ml = mlByPart(job, product, layer, task.coat);
  const round = plan.sessions[0]?.rounds.find((r) => r.taskId === task.id);
  const order = [...new Set((round?.parts ?? []).map((p) => p.partId))];
  const nameOf = (id: string): string => partName(job, id);
  const parts = order.map((id) => `${nameOf(id)} ${f.volume(ml.get(id) ?? 0)}`);
  const character = characterOf(product, task.coat, layer.coats, handOf(job));
  const { distanceMm, overlapFrac } = layingOf(product, job.equipment.sprayer, character);
  const minutes = Math.round(minutesBetween(task.startsAt, task.endsAt));
  const far = `${f.length(distanceMm[0])} to ${f.length(distanceMm[1])} off, ${OVERLAPS[overlapFrac]} of the last pass again`;
  return [
    ...(can ? [canSaid(can, product)] : []),
    ...(parts.length > 0 ? [`${parts.join(', then ')}. Edges and returns first on each.`] : []),
    `${far}, off the part at each end. About ${minutes} min.`,
  ];
}

/** What hands may do while a film waits: no dust, and on none of its parts. */
const QUIET: ReadonlySet<Task['kind']> = new Set(['strip-down', 'fit', 'clean', 'mask', 'check']);

export function meanwhile(plan: Plan): Task | null {
  const wet = new Set(plan.waiting?.partIds ?? []);
  if (wet.size === 0) return null;
  for (const visit of plan.visits.filter((v) => v.kind === 'prepare')) {
    const [first] = visit.tasks;
    const isFree = first && first.partIds.length > 0 && first.partIds.every((id) => !wet.has(id));
    if (isFree && QUIET.has(first.kind)) return first;
  }
  return null;
}
