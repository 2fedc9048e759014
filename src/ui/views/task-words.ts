/** Tasks of the run sheet in words: what is to be done, and what has been. */
import { isHourTask } from '@/core/cautions/hour';
import { msOf } from '@/core/time/instant';
import type { Job } from '@/model/job';
import type { PlanLayer, Task } from '@/model/plan';
import type { Product } from '@/model/product';
import { taskName } from '@/words/names';
import { uncapital } from './session-name';
import { partName } from './part-name';

export interface Done {
  readonly id: string;
  readonly label: string;
  readonly at: string;
}

/** A title inside a sentence: a product keeps its capital, a grit its P. */
export function inSentence(title: string, kind: Task['kind']): string {
  return kind === 'coat' ? title : uncapital(title);
}

/** True for an activation that is a cup to mix, not a can to pin. */
/** Of a plan what names its layers. */
export interface Layered {
  readonly layers: readonly PlanLayer[];
}

export function isMix(plan: Layered, products: readonly Product[], t: Pick<Task, 'layerId'>): boolean {
  const l = plan.layers.find((x) => x.id === t.layerId);
  return products.find((p) => p.id === l?.productId)?.carrier === 'gun';
}

/** Its place among the cups or cans of its product, from 1. */
const nthOf = (taskId: string | undefined): number => Number(taskId?.split('~')[1] ?? 1);

function openingTitle(isCup: boolean, name: string, nth: number): string {
  if (nth === 1) return `${isCup ? 'Mix' : 'Activate'} ${name}`;
  return isCup ? `Mix cup ${nth} of ${name}` : `Activate can ${nth} of ${name}`;
}

function coatTitle(layer: PlanLayer | undefined, paint: string, coat: number | null): string {
  if (!layer) return `A layer that is gone, coat ${coat}`;
  return `${paint}, coat ${coat} of ${layer.coats}${layer.mend ? ', mending' : ''}`;
}

/** Papers are named with their grit. */
function handsTitle({ kind, detail }: Pick<Task, 'kind'> & Partial<Pick<Task, 'detail'>>): string {
  const grit = kind === 'sand' || kind === 'polish' ? Number(detail?.params.grit ?? 0) : 0;
  const name = taskName({ kind, detail });
  return grit > 0 ? `${name} P${grit}` : name;
}

export function taskTitle(
  plan: Layered,
  products: readonly Product[],
  t: Pick<Task, 'kind' | 'layerId' | 'coat'> & Partial<Pick<Task, 'id' | 'detail'>>,
): string {
  const l = plan.layers.find((x) => x.id === t.layerId);
  const paint = products.find((p) => p.id === l?.productId)?.name ?? '';
  if (t.kind === 'coat') return coatTitle(l, paint, t.coat);
  if (t.kind === 'activate') return openingTitle(isMix(plan, products, t), paint, nthOf(t.id));
  return t.kind === 'dry' ? 'Dust-free' : handsTitle(t);
}

function openedLabel({ carrier, name }: Product, nth: number): string {
  const isCup = carrier === 'gun';
  if (nth === 1) return `${isCup ? 'Mixed' : 'Activated'} ${name}`;
  return isCup ? `Mixed cup ${nth} of ${name}` : `Activated can ${nth} of ${name}`;
}

/** Every coat once, with the parts it is on where it is not on all. */
function doneCoats(job: Job, plan: Layered, products: readonly Product[]): Done[] {
  const coats = new Map<string, { done: Done; partIds: Set<string> | null }>();
  for (const { layerId, coat, endedAt, partIds } of job.state?.coats ?? []) {
    const id = `${layerId}.c${coat}`;
    const before = coats.get(id);
    const parts = partIds ? new Set([...(before?.partIds ?? []), ...partIds]) : null;
    const label = taskTitle(plan, products, { kind: 'coat', layerId, coat });
    coats.set(id, { done: { id, label, at: endedAt }, partIds: parts });
  }
  const nameOf = (id: string): string => partName(job, id);
  return [...coats.values()].map(({ done, partIds }) => {
    const layer = plan.layers.find((l) => done.id.startsWith(`${l.id}.c`));
    const isWhole = partIds === null || (layer?.partIds.every((p) => partIds.has(p)) ?? true);
    return isWhole ? done : { ...done, label: `${done.label}: ${[...partIds].map(nameOf).join(', ')}` };
  });
}

/** Tasks that are done, by the end of their ids. */
const DONE_WORDS: Readonly<Record<string, string>> = {
  'strip-down': 'Stripped down',
  fit: 'Fitted',
  wash: 'Washed',
  vacuum: 'Vacuumed',
  dewax: 'Wax off',
  degrease: 'Degreased before the paper',
  key: 'Dents keyed',
  fill: 'Filled',
  feather: 'Feathered',
  convert: 'Rust converted',
  'rinse-acid': 'Acid rinsed off',
  'dry-now': 'Dried off',
  sand: 'Sanded',
  clean: 'Degreased',
  mask: 'Masked',
  tack: 'Tacked off',
  dry: 'Dust-free',
  unmask: 'Tape off',
  bake: 'Bake',
  move: 'Carried over',
  shop: 'Bought',
  wipe: 'Wiped once more',
  scuff: 'Scuffed',
  scrub: 'Scrubbed',
  tape: 'Taped',
  untape: 'Tape pulled',
  rinse: 'Gun rinsed',
  flash: 'Flashed',
  blow: 'Blown off',
  strip: 'Taken off',
  test: 'Tested',
  wiped: 'Wiped off wet',
  nail: 'Tried with a nail',
  polish: 'Polished',
  compound: 'Compounded',
  frame: 'Framed with tape',
  level: 'Levelled',
  flat: 'Flatted',
  edges: 'Edges dressed',
};

/** What the state says is done, newest last, in words. */
export function doneList(job: Job, plan: Layered, products: readonly Product[]): Done[] {
  const s = job.state;
  if (!s) return [];
  const coats = doneCoats(job, plan, products);
  const known = new Set(coats.map((c) => c.id));
  const others = (s.tasks ?? [])
    .filter((t) => !known.has(t.taskId.split(/[~@]/)[0]!) && !isHourTask(t.taskId))
    .map((t) => {
      const tail = t.taskId.split('.').at(-1)!.split('~')[0]!;
      const part = t.minutes === undefined ? '' : `, ${t.minutes} min of it`;
      const product = products.find((p) => tail === `activate-${p.id}`);
      const rung = /^sand\d*-p(\d+)(-machine)?$/.exec(tail);
      if (rung) return { id: t.taskId, label: `Sanded P${rung[1]}${part}`, at: t.endedAt };
      return {
        id: t.taskId,
        label: product
          ? openedLabel(product, nthOf(t.taskId))
          : `${DONE_WORDS[tail.replace(/(-machine|\d+)$/, '')] ?? tail}${part}`,
        at: t.endedAt,
      };
    });
  return [...coats, ...others].sort((a, b) => msOf(a.at, job.place.tz) - msOf(b.at, job.place.tz));
}
