/** A can or cup that lives for hours: what is staked when it is opened, what is written on it, what becomes of its rest. */
import { openedPots, potEndMs, sprayedIn } from '@/core/material/opened';
import { instantOf, isoOf } from '@/core/time/instant';
import type { Job } from '@/model/job';
import type { Plan, Session, Task } from '@/model/plan';
import type { Product } from '@/model/product';
import { percentOf, type Format } from '@/words/format';
import { inAList } from './session-name';
import { activationOf } from './spray-day';

interface CanOf {
  readonly job: Job;
  readonly plan: Plan;
  readonly products: readonly Product[];
  /** Other jobs at the bench that still spray such a paint. */
  readonly canUsers: readonly { readonly name: string; readonly productIds: readonly string[] }[];
}

const sessionWith = (plan: Plan, task: Task): Session | undefined =>
  plan.sessions.find((s) => s.tasks.some((t) => t.id === task.id));

interface Said {
  readonly tz: string;
  readonly f: Format;
}

/** What is on the label: the paint, when it was opened, when it is used up and when it is dead. */
function labelLine(product: Product, openedIso: string, endMs: number, { tz, f }: Said): string {
  const endIso = isoOf(endMs, tz);
  const word = product.carrier === 'gun' ? 'cup' : 'can';
  const opened = product.carrier === 'gun' ? 'mixed' : 'activated';
  return `Write on the ${word}: ${product.name}, ${opened} ${f.dayTime(openedIso)}, dead ${f.dayTime(endIso)}.`;
}

/** What stays in it after the session, where that is worth a word, ml. */
const WORTH_ML = 15;

function restLine(session: Session, productId: string, product: Product, f: Format): string[] {
  const ml = session.left.filter((l) => l.productId === productId).reduce((a, l) => a + l.ml, 0);
  if (ml < WORTH_ML) return [];
  const what =
    product.carrier === 'gun'
      ? 'let it set in the cup outdoors, thin: a full cup heats itself'
      : 'small parts of another job today, or spray it out on card outdoors; it cannot be kept';
  return [`About ${f.volume(ml)} stays over: ${what}.`];
}

function stakesLine(session: Session, plan: Plan, f: Format): string {
  const { money } = session.stakes;
  return `${percentOf(session.chance)} % of futures end well; at stake ${f.money(money, plan.cost.currency)}, hours counted.`;
}

function usersLine(canUsers: CanOf['canUsers'], productId: string): string[] {
  const names = canUsers.filter((u) => u.productIds.includes(productId)).map((u) => u.name);
  return names.length > 0 ? [`${inAList(names)} could use the same can: have the parts ready first.`] : [];
}

/** Before it is opened: odds and stakes, what will be written on it, what stays over; empty of any other task. */
export function openingLines({ job, plan, products, canUsers }: CanOf, task: Task, f: Format): string[] {
  if (task.kind !== 'activate') return [];
  const { productId } = activationOf(plan, task.id);
  const session = sessionWith(plan, task);
  const product = products.find((p) => p.id === productId);
  if (!session || !product || productId === null) return [];
  const endMs = potEndMs(product, instantOf(task.startsAt));
  const label = endMs === null ? [] : [labelLine(product, task.startsAt, endMs, { tz: job.place.tz, f })];
  return [
    stakesLine(session, plan, f),
    ...usersLine(canUsers, productId),
    ...label,
    ...restLine(session, productId, product, f),
  ];
}

/** Of the cans that are alive: their labels, as they were opened. */
export function livingLabels({ job, plan, products }: Omit<CanOf, 'canUsers'>, f: Format): string[] {
  const open = sprayedIn(plan);
  return openedPots(job, products)
    .filter(({ product }) => open.has(product.id))
    .map(({ product, at, endMs }) => labelLine(product, at, endMs, { tz: job.place.tz, f }));
}
