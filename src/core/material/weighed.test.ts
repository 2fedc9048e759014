/** Weights of a coat by hand: millilitres, how much more than reckoned, and what that makes of the film and the cans. */
import { describe, expect, it } from 'vitest';
import { setWeight, withoutWeight } from '../edits/weights';
import { ms, product as productOf, TZ } from '@/demo/test-kit';
import { coatsOf, job, panel, planned } from '@/demo/work-kit';
import type { Job, SystemLayer } from '@/model/job';
import { stateSchema } from '@/model/state';
import { MINUTE, msOf } from '../time/instant';
import { canFor, mlByPart } from './which-can';
import { isSameCoat, weighedOf } from './weighed';
import { coatUses } from './coat-uses';

const layers: SystemLayer[] = [
  { role: 'base', productId: 'orrin-base', coats: 3 },
  { role: 'clear', productId: 'halden-2k-gloss', coats: 2 },
];
const endedMs = msOf('2026-05-16T07:46', TZ);
const withCoats = (n: number): Job =>
  job(layers, {
    parts: [panel('p'), panel('q')],
    equipment: { sprayer: 'aerosol', suppliedAir: true },
    state: {
      coats: Array.from({ length: n }, (_, i) => ({
        layerId: 'base',
        coat: i + 1,
        endedAt: `2026-05-16T07:4${i + 4}`,
      })),
      activations: [],
    },
  });
const base = (job: Job) => {
  const plan = planned(job);
  const product = productOf('orrin-base');
  return { plan, product, layer: plan.layers[0]! };
};
const COAT = (coat: number) => ({ layerId: 'base', coat, productId: 'orrin-base' });
/** A coat that lost so many times what was reckoned for it; a millilitre out of a can weighs 0.78 g. */
function weighing(whole: Job, coat: number, times: number): Job {
  const { product, layer } = base(whole);
  const ml = [...mlByPart(whole, product, layer, coat).values()].reduce((a, b) => a + b, 0);
  const lost = { beforeG: 400, afterG: 400 - 0.78 * ml * times };
  return setWeight(whole, COAT(coat), lost, endedMs);
}
const waitMin = (j: Job): number =>
  (ms(planned(j).waiting!.earliestAt!) - ms(planned(j).waiting!.endedAt)) / MINUTE;

describe('a coat on the scale', () => {
  const one = withCoats(1);
  it('is 100 ml for 78 g out of a can; nothing is said with one side missing, or heavier after', () => {
    const { product, plan } = base(one);
    const uses = coatUses(one, product, plan.layers);
    const w = { ...COAT(1), at: '2026-05-16T07:50', beforeG: 378, afterG: 300 };
    expect(weighedOf(uses, product, w)!.ml).toBeCloseTo(100, 9);
    expect(weighedOf(uses, product, { ...COAT(1), at: w.at, beforeG: 378 })).toBeNull();
    expect(weighedOf(uses, product, { ...w, afterG: 390 })).toBeNull();
  });
  it('counts for its own parts: a lot’s coat is compared with that lot’s share', () => {
    const { product, plan } = base(one);
    const uses = coatUses(one, product, plan.layers);
    const w = { ...COAT(1), at: '2026-05-16T07:50', beforeG: 378, afterG: 300 };
    const both = weighedOf(uses, product, w)!.reckonedMl;
    expect(weighedOf(uses, product, { ...w, partIds: ['q'] })!.reckonedMl).toBeCloseTo(both / 2, 6);
    expect(isSameCoat(w, { ...COAT(1), partIds: ['q'] })).toBe(true);
    expect(isSameCoat({ ...w, partIds: ['p'] }, { ...COAT(1), partIds: ['q'] })).toBe(false);
  });
  it('is kept side by side, forgotten, and read back by the model', () => {
    const before = setWeight(one, COAT(1), { beforeG: 400 }, endedMs);
    const after = setWeight(before, COAT(1), { afterG: 330 }, endedMs);
    expect(after.state!.weights).toMatchObject([{ beforeG: 400, afterG: 330 }]);
    expect(stateSchema.safeParse(after.state).success).toBe(true);
    expect(withoutWeight(after, COAT(1)).state!.weights).toBeUndefined();
  });
});

describe('what it makes of the day', () => {
  // By hand: of three coats the misted first is 0.7 / 0.9 of a medium one, so 0.778 of the sheet's film; what
  // leaves a film takes as much longer as that is thicker, and a thin one never dries sooner than its sheet.
  const one = withCoats(1);
  it('as reckoned it waits its sheet’s 10 min, and so it does where it was thin', () => {
    expect(waitMin(weighing(one, 1, 1))).toBeCloseTo(waitMin(one), 1);
    expect(waitMin(weighing(one, 1, 0.6))).toBeCloseTo(waitMin(one), 1);
  });
  it('two and a half times as much is 1.94 of the film, and waits 1.94 times as long, in plan and dial', () => {
    const thick = weighing(one, 1, 2.5);
    expect(waitMin(thick) / waitMin(one)).toBeCloseTo(1.944, 1);
    expect(planned(thick).waiting!.over).toBeCloseTo(1.944, 2);
    const firstOf = (j: Job): number => ms(coatsOf(planned(j).sessions[0]!)[0]!.startsAt);
    expect(firstOf(thick) - firstOf(one)).toBeGreaterThan(5 * MINUTE);
  });
  it('five times as much is a slip on the scale: it is kept and moves nothing', () => {
    expect(waitMin(weighing(one, 1, 5))).toBeCloseTo(waitMin(one), 1);
  });
  it('a medium second coat is 1.11 of the sheet’s by itself', () => {
    expect(planned(withCoats(2)).waiting!.over).toBeCloseTo(1.111, 2);
  });
  it('empties the can it came out of: the next coat begins with so much less', () => {
    const at = { layerId: 'base', coat: 2 };
    const { product, plan } = base(one);
    const asReckoned = canFor(one, product, plan.layers, at)!;
    const twice = canFor(weighing(one, 1, 2), product, plan.layers, at)!;
    const gone = (c: typeof twice): number => c.nth - c.fullFrac;
    expect(gone(twice)).toBeCloseTo(2 * gone(asReckoned), 6);
  });
});
