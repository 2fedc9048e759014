/** What is not bought yet has an hour in the shops before anything else is begun. */
import type { Job } from '@/model/job';
import type { Material } from '@/model/plan';
import type { Drafts, PrepStep } from './draft';

/** Minutes to the shop and back. From memory; the owner may set his own. */
const SHOP_MIN = 60;
const SHOP_ID = 'shop';

const toBuy = (materials: readonly Material[]): number =>
  materials.filter((m) => !m.begun && m.packs.some((p) => p.count > 0)).length;

/** The first session's visits with the shops before them, when something of it is still to buy. */
export function withShopping(drafts: Drafts, job: Job, materials: readonly Material[]): Drafts {
  const [first, ...others] = drafts.sessions;
  const products = toBuy(materials);
  const isDone = (job.state?.tasks ?? []).some((t) => t.taskId === SHOP_ID);
  // Once a coat is on, what is left was bought with the rest.
  if (!first || products === 0 || isDone || (job.state?.coats.length ?? 0) > 0) return drafts;
  const step: PrepStep = {
    id: SHOP_ID,
    kind: 'shop',
    minutes: job.minutes?.[SHOP_ID] ?? SHOP_MIN,
    detail: { code: 'shop', params: { products } },
    partIds: [],
    needs: 'shop',
    canSplit: false,
  };
  return { ...drafts, sessions: [{ ...first, visits: [step, ...first.visits] }, ...others] };
}
