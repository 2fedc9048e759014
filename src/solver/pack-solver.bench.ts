/** Four products with hardener and reducer for three jobs, warm: the figure to beat is 100 ms. */
import { bench, describe } from 'vitest';
import type { Purchase } from '@/core/material/purchase';
import { packSolver } from './pack-solver';

const solve = await packSolver();
const sizes = (thing: string, list: [number, number][]): Purchase['offers'] =>
  list.map(([ml, price]) => ({ id: `${thing}@${ml}`, price, contents: { [thing]: ml } }));
const things = [
  'epoxy',
  'epoxy.hardener',
  'surfacer',
  'surfacer.hardener',
  'base',
  'clear',
  'clear.hardener',
  'reducer',
];
const purchase: Purchase = {
  offers: [
    ...things.flatMap((t, i) =>
      sizes(t, [
        [250, 9 + i],
        [500, 15 + i],
        [1000, 25 + 2 * i],
        [5000, 99 + 9 * i],
      ]),
    ),
    { id: 'kit', price: 41, contents: { clear: 1000, 'clear.hardener': 500 } },
  ],
  needs: Object.fromEntries(things.map((t, i) => [t, 3 * (420 + 173 * i)])),
  leftoverWorth: Object.fromEntries(things.map((t) => [t, 0.005])),
};
describe('pack optimum', () => {
  bench('four products, three jobs', () => {
    solve(purchase);
  });
});
