/** Tasks of the run sheet in words: what is to be done, and what has been. */
import { msOf } from '@/core/time/instant';
import type { Job } from '@/model/job';
import type { Plan, Task } from '@/model/plan';
import type { Product } from '@/model/product';
import { TASK_NAMES } from '@/words/names';

export interface Done {
  readonly id: string;
  readonly label: string;
  readonly at: string;
}

/** A title inside a sentence: a product keeps its capital, a grit its P. */
export function inSentence(title: string, kind: Task['kind']): string {
  return kind === 'coat' ? title : `${title.charAt(0).toLowerCase()}${title.slice(1)}`;
}

/** True for an activation that is a cup to mix, not a can to pin. */
export function isMix(plan: Plan, products: readonly Product[], t: Pick<Task, 'layerId'>): boolean {
  const l = plan.layers.find((x) => x.id === t.layerId);
  return products.find((p) => p.id === l?.productId)?.carrier === 'gun';
}

export function taskTitle(
  plan: Plan,
  products: readonly Product[],
  t: Pick<Task, 'kind' | 'layerId' | 'coat'> & { readonly detail?: Task['detail'] },
): string {
  const l = plan.layers.find((x) => x.id === t.layerId);
  const name = products.find((p) => p.id === l?.productId)?.name ?? '';
  if (t.kind === 'coat') return `${name}, coat ${t.coat} of ${l?.coats ?? t.coat}`;
  if (t.kind === 'activate') return `${isMix(plan, products, t) ? 'Mix' : 'Activate'} ${name}`;
  if (t.kind === 'dry') return 'Dust-free';
  const grit = t.kind === 'sand' ? Number(t.detail?.params.grit ?? 0) : 0;
  return grit > 0 ? `${TASK_NAMES.sand} P${grit}` : TASK_NAMES[t.kind];
}

/** What the state says is done, newest last, in words. */
export function doneList(job: Job, plan: Plan, products: readonly Product[]): Done[] {
  const s = job.state;
  if (!s) return [];
  const kinds: Readonly<Record<string, string>> = {
    'strip-down': 'Stripped down',
    fill: 'Filled',
    sand: 'Sanded',
    clean: 'Degreased',
    mask: 'Masked',
    tack: 'Tacked off',
    dry: 'Dust-free',
    unmask: 'Tape off',
    flash: 'Flashed',
  };
  const coats = s.coats.map((c) => ({
    id: `${c.layerId}.c${c.coat}`,
    label: taskTitle(plan, products, { kind: 'coat', layerId: c.layerId, coat: c.coat }),
    at: c.endedAt,
  }));
  const known = new Set(coats.map((c) => c.id));
  const others = (s.tasks ?? [])
    .filter((t) => !known.has(t.taskId))
    .map((t) => {
      const tail = t.taskId.split('.').at(-1) ?? '';
      const product = products.find((p) => tail === `activate-${p.id}`);
      const rung = /^sand\d*-p(\d+)$/.exec(tail);
      if (rung) return { id: t.taskId, label: `Sanded P${rung[1]}`, at: t.endedAt };
      return {
        id: t.taskId,
        label: product
          ? `${product.carrier === 'gun' ? 'Mixed' : 'Activated'} ${product.name}`
          : (kinds[tail.replace(/\d+$/, '')] ?? tail),
        at: t.endedAt,
      };
    });
  return [...coats, ...others].sort((a, b) => msOf(a.at, job.place.tz) - msOf(b.at, job.place.tz));
}
