/**
 * Buying for several products or several jobs at once, as a mixed-integer programme: whole packs,
 * kits that hold several things, packs sold by the step, leftovers worth something when they keep.
 * The programme is made here; a solver outside solves it.
 */

/** Something a shop sells: one price, one or more things in it. */
export interface Offer {
  readonly id: string;
  readonly price: number;
  /** ml or pieces of each thing in one of it */ readonly contents: Readonly<Record<string, number>>;
  /** sold only in multiples of this; left out means 1 */ readonly step?: number;
}
export interface Purchase {
  readonly offers: readonly Offer[];
  /** What must be in hand, by thing, after the shelf. */
  readonly needs: Readonly<Record<string, number>>;
  /**
   * Worth of a unit left over, by thing; left out means nothing. Must be under the cheapest unit price, or
   * more would be bought for its worth.
   */
  readonly leftoverWorth?: Readonly<Record<string, number>>;
}
export interface Basket {
  readonly counts: Readonly<Record<string, number>>;
  readonly cost: number;
  readonly leftover: Readonly<Record<string, number>>;
  readonly leftoverWorth: number;
}

/** @throws RangeError when a price is below 0, a content or a step is not above 0, or a thing needed is in no offer */
export function checkPurchase(purchase: Purchase): void {
  for (const offer of purchase.offers) {
    if (!(offer.price >= 0)) throw new RangeError(`purchase: price of ${offer.id} below 0`);
    if (offer.step !== undefined && !(Number.isInteger(offer.step) && offer.step >= 1))
      throw new RangeError(`purchase: step of ${offer.id} is not a whole number of 1 or more`);
    const sizes = Object.values(offer.contents);
    if (sizes.length === 0 || sizes.some((x) => !(x > 0)))
      throw new RangeError(`purchase: ${offer.id} holds nothing`);
  }
  for (const [thing, need] of Object.entries(purchase.needs)) {
    if (!(need >= 0)) throw new RangeError(`purchase: need of ${thing} is no number of 0 or more`);
    if (need > 0 && !purchase.offers.some((o) => (o.contents[thing] ?? 0) > 0))
      throw new RangeError(`purchase: nothing on offer holds ${thing}`);
  }
}

const worthOf = (p: Purchase, thing: string): number => p.leftoverWorth?.[thing] ?? 0;
/** Price of an offer less what its contents are worth if they are left over; never below 0. */
const netPrice = (p: Purchase, o: Offer): number =>
  Math.max(0, o.price - Object.entries(o.contents).reduce((a, [t, x]) => a + worthOf(p, t) * x, 0)) *
  (o.step ?? 1);

/** The basket of given counts, in steps. */
export function basketOf(purchase: Purchase, steps: readonly number[]): Basket {
  const counts: Record<string, number> = {};
  const have: Record<string, number> = {};
  let cost = 0;
  purchase.offers.forEach((offer, i) => {
    const n = steps[i]! * (offer.step ?? 1);
    if (n === 0) return;
    counts[offer.id] = n;
    cost += n * offer.price;
    for (const [t, x] of Object.entries(offer.contents)) have[t] = (have[t] ?? 0) + n * x;
  });
  const leftover: Record<string, number> = {};
  for (const t of Object.keys(have)) leftover[t] = have[t]! - (purchase.needs[t] ?? 0);
  return {
    counts,
    cost,
    leftover,
    leftoverWorth: Object.entries(leftover).reduce((a, [t, x]) => a + worthOf(purchase, t) * x, 0),
  };
}

/** Amount by which a cover may fall short by rounding, in ml. */
const SLACK = 1e-6;

/**
 * The programme in the LP format that solvers read: least net price, every need covered, whole
 * steps. Variables x0, x1 … in the order of the offers.
 */
export function programmeOf(purchase: Purchase): string {
  checkPurchase(purchase);
  const n = (x: number): string => (Math.abs(x) < 1e-12 ? '0' : x.toPrecision(12));
  const things = Object.keys(purchase.needs).filter((t) => purchase.needs[t]! > SLACK);
  const rows = things.map((t, r) => {
    const terms = purchase.offers.flatMap((o, i) => {
      const inOne = (o.contents[t] ?? 0) * (o.step ?? 1);
      return inOne > 0 ? [`${n(inOne)} x${i}`] : [];
    });
    return ` c${r}: ${terms.join(' + ')} >= ${n(purchase.needs[t]! - SLACK)}`;
  });
  const bounds = purchase.offers.map((o, i) => ` 0 <= x${i} <= ${mostOf(purchase, o)}`);
  // A hair per pack: of two baskets of one price the one with fewer packs.
  return [
    'Minimize',
    ` obj: ${purchase.offers.map((o, i) => `${n(netPrice(purchase, o) + 1e-5 * (o.step ?? 1))} x${i}`).join(' + ')}`,
    'Subject To',
    ...(rows.length > 0 ? rows : [' c0: x0 >= 0']),
    'Bounds',
    ...bounds,
    'General',
    ` ${purchase.offers.map((_o, i) => `x${i}`).join(' ')}`,
    'End',
  ].join('\n');
}

/** Steps of an offer beyond which another covers nothing more. */
export function mostOf(p: Purchase, o: Offer): number {
  return Math.max(
    0,
    ...Object.entries(o.contents).map(([t, x]) => Math.ceil((p.needs[t] ?? 0) / (x * (o.step ?? 1)) - 1e-9)),
  );
}

/** True when the basket covers every need. */
export function covers(p: Purchase, steps: readonly number[]): boolean {
  return Object.entries(p.needs).every(
    ([t, need]) =>
      p.offers.reduce((a, o, i) => a + (o.contents[t] ?? 0) * (o.step ?? 1) * steps[i]!, 0) >=
      need - 2 * SLACK,
  );
}

export const netCost = (p: Purchase, steps: readonly number[]): number =>
  p.offers.reduce((a, o, i) => a + netPrice(p, o) * steps[i]!, 0);
