/** How a purchase is put to the solver, and what a basket comes to. */
import { describe, expect, it } from 'vitest';
import { basketOf, checkPurchase, covers, mostOf, netCost, programmeOf, type Purchase } from './purchase';

describe('a purchase as a programme', () => {
  const p: Purchase = {
    offers: [
      { id: 'kit', price: 30, contents: { clear: 800, hardener: 400 } },
      { id: 'can', price: 4, contents: { clear: 100 }, step: 6 },
    ],
    needs: { clear: 1000, hardener: 300 },
    leftoverWorth: { clear: 0.01 },
  };
  it('reads as the solver expects it: money first, a row for each need, bounds and whole steps', () => {
    // The kit nets 30 − 8; six cans 6 · (4 − 1); a hair for each pack.
    expect(programmeOf(p).split('\n')).toEqual([
      'Minimize',
      ' obj: 22.0000100000 x0 + 18.0000600000 x1',
      'Subject To',
      ' c0: 800.000000000 x0 + 600.000000000 x1 >= 999.999999000',
      ' c1: 400.000000000 x0 >= 299.999999000',
      'Bounds',
      ' 0 <= x0 <= 2',
      ' 0 <= x1 <= 2',
      'General',
      ' x0 x1',
      'End',
    ]);
    expect(programmeOf({ ...p, needs: {} })).toContain(' c0: x0 >= 0');
  });
  it('a basket of one kit and one step: 54 in money, 400 ml of clear and 100 of hardener left', () => {
    const basket = basketOf(p, [1, 1]);
    expect(basket).toEqual({
      counts: { kit: 1, can: 6 },
      cost: 54,
      leftover: { clear: 400, hardener: 100 },
      leftoverWorth: 4,
    });
    expect(basketOf(p, [0, 0])).toEqual({ counts: {}, cost: 0, leftover: {}, leftoverWorth: 0 });
    expect(netCost(p, [1, 2])).toBe(22 + 36);
    expect([covers(p, [1, 1]), covers(p, [1, 0]), covers(p, [0, 2])]).toEqual([true, false, false]);
    expect(p.offers.map((o) => mostOf(p, o))).toEqual([2, 2]);
    // Worth more than its price, a thing is free at best: never bought for its worth.
    expect(netCost({ ...p, leftoverWorth: { clear: 1 } }, [1, 0])).toBe(0);
  });
  it('what cannot be bought, or costs less than nothing, is refused by name', () => {
    const [kit, cans] = p.offers as [Purchase['offers'][0], Purchase['offers'][0]];
    const refused =
      (over: Partial<Purchase>): (() => void) =>
      () =>
        checkPurchase({ ...p, ...over });
    expect(refused({})).not.toThrow();
    expect(refused({ offers: [{ ...kit, price: -1 }, cans] })).toThrow(/price of kit/);
    expect(refused({ offers: [{ ...kit, price: 0 }, cans] })).not.toThrow();
    expect(refused({ offers: [kit, { ...cans, step: 1.5 }] })).toThrow(/step of can/);
    expect(refused({ offers: [kit, { ...cans, step: 0 }] })).toThrow(/step of can/);
    expect(refused({ offers: [kit, { ...cans, contents: {} }] })).toThrow(/can holds nothing/);
    expect(refused({ offers: [{ ...kit, contents: { clear: 800, hardener: 0 } }, cans] })).toThrow(
      /kit holds nothing/,
    );
    expect(refused({ needs: { base: 1 } })).toThrow(/nothing on offer holds base/);
    expect(refused({ needs: { base: 0 } })).not.toThrow();
    expect(refused({ needs: { clear: -1 } })).toThrow(/need of clear/);
  });
});
