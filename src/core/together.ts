/**
 * The bench planned together: one painter, one place. Jobs are planned one after another, each around those before
 * it, and the order of the turns is sought: every order where the limit of plans allows it, else the best of those
 * that were tried, with how far it can be from the best there is.
 */
import type { Job } from '@/model/job';
import type { Material, Plan, Session } from '@/model/plan';
import { packsIn } from './material/packs';
import {
  aroundOf,
  NOTHING_AROUND,
  standsClear,
  type Around,
  type Drying,
  type PlannedJob,
} from './schedule/around';
import { SEALED_SHARE } from './schedule/judge/start-option';
import { usualHour } from './schedule/search/worth';
import { instantOf } from './time/instant';

export interface OnBench {
  readonly id: string;
  readonly job: Job;
}
/** The plan of a job around what others take. */
export type PlanAround = (id: string, around: Around) => Plan;

/** One job in its turn, beside what it would be were it alone. */
export interface Turn {
  readonly id: string;
  readonly plan: Plan;
  readonly alone: Plan;
  /** What giving way is expected to cost it, money of its own budget; and what cans that others opened save it. */
  readonly givesUp: number;
  readonly saves: number;
  /** Those before it that want what it would have alone. */
  readonly because: readonly string[];
  /** Those before it whose cans it takes from. */
  readonly cansOf: readonly string[];
  /** Its things are bought on a trip of one before it. */
  readonly sharesTrip: boolean;
}

export interface Turns {
  /** In the order of their turns. */
  readonly turns: readonly Turn[];
  /** What all give up less what they save, in hours of the owner: jobs may count in different currencies. */
  readonly hours: number;
  /**
   * No order can come to less than this, hours: the same where every order was looked at or ruled out; null where no
   * other was looked at.
   */
  readonly atLeast: number | null;
  /** Plans that were made. */
  readonly plans: number;
}

/** Plans made before the search of an order gives up. */
const MOST_PLANS = 120;
/** Orders that differ by less are level, hours. */
const LEVEL_H = 0.01;

/** An order so far: who has had his turn, and hours of the owner that have been given up, less those saved. */
interface Order {
  readonly ids: readonly string[];
  readonly planned: readonly PlannedJob[];
  readonly hours: number;
}

/** What a plan is expected to cost, money; one that cannot be made costs what leaving it undone does. */
function costOf(plan: Plan, alone: Plan): number {
  if (plan.kind === 'blocked') return alone.decision?.never ?? 0;
  return plan.decision?.cost ?? 0;
}

/** What an hour of the owner is worth in the money of a job. */
function hourOf({ risk, budget }: Job, { materials }: Plan): number {
  const prices = materials.flatMap((m) => m.packs.map((p) => p.price));
  return Math.max(1e-9, risk.hourValue ?? usualHour(budget.currency, prices));
}

/** Products that are activated, can by can. */
const activatedBy = ({ sessions }: Plan): string[] =>
  sessions.flatMap((s) => s.activations.map((a) => a.productId));

const packsOf = ({ materials }: Plan, productId: string): Material['packs'] =>
  materials.find((m) => m.productId === productId)?.packs ?? [];

/** A can of a product, money; 0 of one that is not bought. */
function canPrice(plan: Plan, productId: string): number {
  const packs = packsOf(plan, productId);
  return packs.length > 0 ? Math.min(...packs.map((p) => p.price)) : 0;
}

const sharesOf = ({ sessions }: Plan): Session['shares'] => sessions.flatMap((s) => s.shares);

/** What cans of others save a job, at what it would pay alone, money: fewer bought, and those that stay sealed. */
function savedBy(plan: Plan, alone: Plan): number {
  return sharesOf(plan).reduce((sum, { productId, saved }) => {
    const price = canPrice(alone, productId);
    const notBought = packsIn(packsOf(alone, productId)) - packsIn(packsOf(plan, productId));
    const sealed = Math.max(0, saved - notBought);
    return sum + (Math.max(0, notBought) + SEALED_SHARE * sealed) * price;
  }, 0);
}

/** What its own choice of a start counted for them, money. */
const counted = (plan: Plan, alone: Plan): number =>
  sharesOf(plan).reduce((a, x) => a + SEALED_SHARE * x.saved * canPrice(alone, x.productId), 0);

class Bench {
  readonly alone = new Map<string, Plan>();
  private readonly known = new Map<string, Plan>();
  plans = 0;

  constructor(
    readonly jobs: ReadonlyMap<string, Job>,
    private readonly planAround: PlanAround,
  ) {
    for (const id of jobs.keys()) this.alone.set(id, this.made(id, NOTHING_AROUND));
  }

  private made(id: string, around: Around): Plan {
    this.plans++;
    return this.planAround(id, around);
  }

  /** All other jobs as they would be alone: what they have sprayed already dries, whoever's turn it is. */
  private besides(id: string): Drying[] {
    return [...this.alone].flatMap(([other, plan]) =>
      other === id ? [] : [{ job: this.jobs.get(other)!, plan }],
    );
  }

  /** In its turn; what stands clear of the others alone is left as it is. */
  planOf(id: string, others: readonly PlannedJob[]): Plan {
    const job = this.jobs.get(id)!;
    const around = aroundOf(job, others, this.besides(id));
    const alone = this.alone.get(id)!;
    const couldShopAlong = around.trips.length > 0 && hasTrip(alone);
    const ids = new Set(activatedBy(alone));
    const couldShare = around.cans.some((c) => ids.has(c.productId));
    if (!couldShopAlong && !couldShare && standsClear({ job, plan: alone }, around)) return alone;
    const name = JSON.stringify([id, around]);
    const plan = this.known.get(name) ?? this.made(id, around);
    this.known.set(name, plan);
    return plan;
  }

  /** What giving way costs a job, money, what it saves aside; making room never helps. */
  givesUp(id: string, plan: Plan): number {
    const alone = this.alone.get(id)!;
    return Math.max(0, costOf(plan, alone) - costOf(alone, alone) + counted(plan, alone));
  }

  /** The most that others' cans could save a job, money: all that it activates and another does too. */
  couldSave(id: string): number {
    const others = [...this.alone].filter(([other]) => other !== id);
    const shared = new Set(others.flatMap(([, p]) => activatedBy(p)));
    const alone = this.alone.get(id)!;
    return activatedBy(alone)
      .filter((p) => shared.has(p))
      .reduce((a, p) => a + canPrice(alone, p), 0);
  }

  /** The same, hours of the owner. */
  mightSaveH(id: string): number {
    return this.couldSave(id) / hourOf(this.jobs.get(id)!, this.alone.get(id)!);
  }

  /** An order with one more turn. */
  withTurn({ ids, planned, hours }: Order, id: string): Order {
    const job = this.jobs.get(id)!;
    const plan = this.planOf(id, planned);
    const alone = this.alone.get(id)!;
    return {
      ids: [...ids, id],
      planned: [...planned, { job, plan }],
      hours: hours + (this.givesUp(id, plan) - savedBy(plan, alone)) / hourOf(job, alone),
    };
  }
}

const NOBODY: Order = { ids: [], planned: [], hours: 0 };

/** A can that one leaves is one that the other takes from. */
const givesTo = ({ sessions }: PlannedJob['plan'], taker: Plan): boolean => {
  const left = sessions.flatMap((s) => s.left.map((l) => `${l.productId} ${instantOf(l.at)}`));
  return taker.sessions.some((s) => s.shares.some((x) => left.includes(`${x.productId} ${instantOf(x.at)}`)));
};

const hasTrip = ({ visits }: Plan): boolean => visits.some((v) => v.kind === 'shop');

/**
 * Depth first, the most promising turn first. Whoever comes later finds no more room than now, so that an order
 * comes to what it gives up so far and what each of the others would if it were next, less what cans could still
 * save it: what is not below the best is left.
 */
class Search {
  best: Order | null = null;
  /** Least that an order can come to which was not followed for lack of time, hours. */
  open = Infinity;

  constructor(
    private readonly bench: Bench,
    private readonly most: number,
  ) {}

  private isBelow(hours: number): boolean {
    return !this.best || hours < this.best.hours - LEVEL_H;
  }

  follow(order: Order, left: readonly string[]): void {
    if (left.length === 0) {
      if (!this.best || order.hours < this.best.hours) this.best = order;
      return;
    }
    const next = left.map((id) => ({ id, then: this.bench.withTurn(order, id) }));
    const least = next.reduce(
      (sum, { id, then }) => sum + then.hours - order.hours - this.bench.mightSaveH(id),
      order.hours,
    );
    // Level ones stay in the order of their urgency.
    for (const { id, then } of next.sort((a, b) => a.then.hours - b.then.hours)) {
      if (!this.isBelow(least)) return;
      if (this.best && this.bench.plans >= this.most) {
        this.open = Math.min(this.open, least);
        return;
      }
      this.follow(
        then,
        left.filter((other) => other !== id),
      );
    }
  }
}

const dueOf = ({ purpose, parts }: Job): string =>
  [purpose.deadline, ...parts.map((p) => p.deadline)].filter((d) => d !== undefined).sort()[0] ?? '9999';
const startOf = ({ sessions }: Plan): string => sessions[0]?.startsAt ?? '9999';

/** What is due first, then what would begin first. */
function byUrgency(bench: Bench): string[] {
  const key = (id: string): string => `${dueOf(bench.jobs.get(id)!)} ${startOf(bench.alone.get(id)!)}`;
  return [...bench.jobs.keys()].sort((a, b) => key(a).localeCompare(key(b)));
}

function turnsOf(bench: Bench, { ids, hours }: Order, atLeast: number | null): Turns {
  const planned: (PlannedJob & { readonly id: string })[] = [];
  const turns = ids.map((id): Turn => {
    const job = bench.jobs.get(id)!;
    const alone = bench.alone.get(id)!;
    const plan = bench.planOf(id, planned);
    const inTheWay = planned.filter((o) => !standsClear({ job, plan: alone }, aroundOf(job, [o])));
    // Before it stands among them itself: what it leaves is in the same can.
    const givers = planned.filter((o) => givesTo(o.plan, plan));
    planned.push({ id, job, plan });
    return {
      id,
      plan,
      alone,
      givesUp: bench.givesUp(id, plan),
      saves: savedBy(plan, alone),
      because: inTheWay.map((o) => o.id),
      cansOf: givers.map((o) => o.id),
      sharesTrip: hasTrip(alone) && !hasTrip(plan),
    };
  });
  return { turns, hours, atLeast, plans: bench.plans };
}

const benchOf = (jobs: readonly OnBench[], planAround: PlanAround): Bench =>
  new Bench(new Map(jobs.map((j) => [j.id, j.job])), planAround);

/** The order that gives up least. @param most plans made in all before it leaves off */
export function bestTurns(
  jobs: readonly OnBench[],
  planAround: PlanAround,
  most: number = MOST_PLANS,
): Turns {
  const bench = benchOf(jobs, planAround);
  const search = new Search(bench, most);
  search.follow(NOBODY, byUrgency(bench));
  const best = search.best ?? NOBODY;
  return turnsOf(bench, best, Math.min(best.hours, search.open));
}

/** What an order that the owner sets comes to; nothing is said of others. */
export function turnsIn(jobs: readonly OnBench[], planAround: PlanAround): Turns {
  const bench = benchOf(jobs, planAround);
  const order = jobs.reduce((o, { id }) => bench.withTurn(o, id), NOBODY);
  return turnsOf(bench, order, null);
}
