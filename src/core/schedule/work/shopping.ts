/** What is not bought yet has an hour in the shops before it is needed: before all work, or before colour. */
import type { Job } from '@/model/job';
import type { Material } from '@/model/plan';
import { isStaged, LATER_SHOP_ID, laterLayers, SHOP_ID, shopMin, toBuyOn } from '../../material/buying';
import type { Span } from '../../time/instant';
import type { Draft, Drafts, PrepStep } from './draft';
import { placeWork, type HandHours } from './hands';

interface Buying {
  readonly job: Job;
  readonly materials: readonly Material[];
}

const isTicked = (job: Job, taskId: string): boolean =>
  (job.state?.tasks ?? []).some((t) => t.taskId === taskId);

/** @param code of its sentence @param products that are bought on it */
function trip(job: Job, code: 'shop' | 'shop-first' | 'shop-later', products: number): PrepStep {
  const id = code === 'shop-later' ? LATER_SHOP_ID : SHOP_ID;
  return {
    id,
    kind: 'shop',
    minutes: shopMin(job, id),
    detail: { code, params: { products } },
    partIds: [],
    needs: 'shop',
    canSplit: false,
  };
}

/** Before all other work. Once a coat is on, what was to be bought on it is here. */
function firstTrip({ job, materials }: Buying): PrepStep[] {
  const products = toBuyOn(materials, 'first').length;
  if (isTicked(job, SHOP_ID) || (job.state?.coats.length ?? 0) > 0) return [];
  // Paper and cleaner are fetched first even where colour alone is sprayed.
  if (isStaged(job)) return [trip(job, 'shop-first', products)];
  return products > 0 ? [trip(job, 'shop', products)] : [];
}

/** Once a coat of colour is on, the trip has been made. */
function laterTrip({ job, materials }: Buying): PrepStep[] {
  if (materials.some((m) => m.trip === 'later' && m.begun)) return [];
  const products = toBuyOn(materials, 'later').length;
  return products > 0 && !isTicked(job, LATER_SHOP_ID) ? [trip(job, 'shop-later', products)] : [];
}

/** Trips that other jobs make anyway, and the hours in which one of its own could be made. */
interface Shops extends Buying {
  readonly trips: readonly Span[];
  readonly hours: HandHours;
  readonly nowMs: number;
}

/** When the first trip of another is over, where a trip of its own would be over no sooner; undefined where not. */
function sharedMs(own: readonly PrepStep[], { trips, hours, nowMs }: Shops): number | undefined {
  const [first] = trips;
  if (!first || own.length === 0) return undefined;
  return first.endMs <= placeWork(own, hours, nowMs).doneMs ? first.endMs : undefined;
}

/** The visits with the shops before the work they are for; on another's trip its things come along. */
export function withShopping(drafts: Drafts, shops: Shops): Drafts {
  const own = firstTrip(shops);
  const boughtMs = sharedMs(own, shops);
  const trips = shoppedFor(drafts, shops, boughtMs === undefined ? own : []);
  return boughtMs === undefined ? trips : { ...trips, boughtMs };
}

/** @param first trip of its own before all work; none where it needs none */
export function shoppedFor(
  drafts: Drafts,
  shops: Buying,
  first: readonly PrepStep[] = firstTrip(shops),
): Drafts {
  const later = laterLayers(shops.materials);
  const colourAt = drafts.sessions.findIndex((s) => s.layers.some((l) => later.has(l.id)));
  const sessions = drafts.sessions.map((draft, k): Draft => {
    const before = k === 0 ? first : [];
    const after = k === colourAt ? laterTrip(shops) : [];
    return before.length + after.length > 0
      ? { ...draft, visits: [...before, ...draft.visits, ...after] }
      : draft;
  });
  return { ...drafts, sessions };
}
