/** What may be taken off a film, by hand: the thin end of the film, the high end of the loss. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { product, ms, NOW } from '@/demo/test-kit';
import { job, panel } from '@/demo/work-kit';
import { systemFor } from '../coating/system';
import { setWeight } from '../edits/weights';
import { coatUses } from '../material/coat-uses';
import { expectedUse } from '../material/used';
import type { Job, SystemLayer } from '@/model/job';
import { PEELS, type FinishWish as Wish } from '@/model/finish';
import { finishPlan, type PartFinish } from './budget';
import { flatSteps, glossSteps, takenBy } from './losses';

const HAND: Wish = { peel: 'light', tool: 'hand' };

/** A panel on which every coat of these layers is on. */
function sprayed(layers: readonly SystemLayer[]): Job {
  const coats = layers.flatMap((l) =>
    Array.from({ length: l.coats }, (_, i) => ({ layerId: l.role, coat: i + 1 })),
  );
  const endedAt = (k: number): string => `2026-05-15T${String(8 + k).padStart(2, '0')}:00`;
  return job(layers, {
    parts: [panel('p')],
    state: { coats: coats.map((c, k) => ({ ...c, endedAt: endedAt(k) })), activations: [] },
  });
}
function finished(j: Job, wish = HAND): PartFinish {
  return finishPlan(j, systemFor(j), wish)[0]!;
}
const topped = (productId: string, coats: number): Job =>
  sprayed([
    { role: 'base', productId: 'orrin-base', coats: 3 },
    { role: 'clear', productId, coats },
  ]);
const faces = (f: PartFinish) => f.bars[0]!;
const edges = (f: PartFinish) => f.bars[1]!;

/** Every coat of the clear weighed as it was reckoned, near enough: a hundredth more. */
function weighed(j: Job): Job {
  const { layers } = systemFor(j);
  const clear = layers.at(-1)!;
  const of = product(clear.productId);
  const density = of.densityGPerMl ?? (of.carrier === 'aerosol' ? 0.78 : 1);
  return Array.from({ length: clear.coats }, (_, i) => i + 1).reduce((acc, coat) => {
    const ml = coatUses(j, of, [clear]).find((u) => u.coat === coat)!.sprayMl * 1.01;
    const key = { layerId: clear.id, coat, productId: of.id };
    return setWeight(acc, key, { beforeG: 900, afterG: 900 - ml * density }, NOW);
  }, j);
}

describe('what was really sprayed', () => {
  const sheetUm = finished(topped('halden-gun-gloss', 3)).film;
  const logged = (j: Job, ml: number): Job => {
    const of = product('halden-gun-gloss');
    const gPerMl = of.densityGPerMl ?? 1;
    const used = [{ by: 'weight' as const, productId: of.id, beforeG: ml * gPerMl, afterG: 0, gPerMl }];
    return { ...j, log: { used, outcomes: [], note: '' } };
  };
  it('by the sheet a fifth is in doubt either way', () => {
    expect(sheetUm.basis).toBe('sheet');
    expect(sheetUm.um[0] / sheetUm.meanUm).toBeCloseTo(0.8, 6);
    expect(sheetUm.um[1] / sheetUm.meanUm).toBeCloseTo(1.2, 6);
  });
  it('by what was logged: nine tenths used are nine tenths of the film, and less is in doubt', () => {
    const j = topped('halden-gun-gloss', 3);
    const { takenMl } = expectedUse(j, product('halden-gun-gloss'), systemFor(j));
    const { film } = finished(logged(j, 0.9 * takenMl));
    expect(film.basis).toBe('logged');
    expect(film.meanUm / sheetUm.meanUm).toBeCloseTo(0.9, 3);
    expect(film.um[0] / film.meanUm).toBeCloseTo(0.85, 6);
  });
  it('by own use where nothing was logged; a slip of ten times is no film', () => {
    const j = { ...topped('halden-gun-gloss', 3), habit: { factor: 0.8, sdFrac: 0.03, jobs: 20 } };
    expect(finished(j).film).toMatchObject({ basis: 'own-use' });
    expect(finished(j).film.meanUm / sheetUm.meanUm).toBeCloseTo(0.8, 6);
    expect(finished(logged(j, 90_000)).film.basis).toBe('own-use');
  });
  it('a coat on the scale is what it is, whatever one’s own use was before', () => {
    const plain = weighed(topped('halden-gun-gloss', 3));
    const habitual = { ...plain, habit: { factor: 0.8, sdFrac: 0.03, jobs: 20 } };
    expect(finished(habitual).film.basis).toBe('weighed');
    expect(finished(habitual).film.meanUm).toBeCloseTo(finished(plain).film.meanUm, 6);
  });
});

describe('ladders', () => {
  // The sums of the trade's own list, each rung one pass, compound and polish by hand with it; from memory.
  it.each([
    [800, 11, 20],
    [1000, 7, 15],
    [1200, 5, 10],
    [1500, 4, 9],
    [2000, 2, 5],
  ])('from P%i light peel takes %i to %i µm in all', (grit, low, high) => {
    const [least, most] = takenBy(flatSteps(grit, 'light', 'hand'));
    expect(Math.abs(least - low)).toBeLessThan(0.8);
    expect(Math.abs(most - high)).toBeLessThan(1.1);
  });
  it('medium peel takes 3 to 6 µm more and one pass again, heavy 9 to 19 and two', () => {
    const [low, high] = takenBy(flatSteps(1200, 'light', 'hand'));
    const [low2, high2] = takenBy(flatSteps(1200, 'medium', 'hand'));
    expect([low2 - low, high2 - high].map((x) => Math.round(x * 10) / 10)).toEqual([3, 6]);
    expect(flatSteps(1200, 'heavy', 'hand')[0]!.passes).toBe(3);
    const [low3, high3] = takenBy(flatSteps(1200, 'heavy', 'hand'));
    expect([low3 - low, high3 - high].map((x) => Math.round(x * 10) / 10)).toEqual([9, 19]);
  });
  it('a machine takes no more than a hand with paper, and polish by machine 0.7 to 2 µm', () => {
    expect(takenBy(flatSteps(800, 'light', 'machine'))[1]).toBeLessThan(20);
    expect(takenBy(glossSteps('machine'))).toEqual([0.7, 2]);
  });
  it('begins with no other grit', () => {
    expect(() => flatSteps(600, 'light', 'hand')).toThrow(RangeError);
  });
});

describe('the finish budget by hand', () => {
  it('2K from a gun, three coats: 75 built, 60 at the thin end; from P1500 at most 8.5 go, 51.5 stay, over 40', () => {
    const f = finished(topped('halden-gun-gloss', 3));
    expect(faces(f)).toMatchObject({ act: 'flat', firstGritP: 1500, meanUm: 75, floorUm: 40 });
    expect(faces(f).builtUm[0]).toBeCloseTo(60, 6);
    expect(faces(f).leftUm).toBeCloseTo(51.5, 6);
  });
  it('its edges are half: 30 at the thin end is under what must stay, and they are left', () => {
    const f = finished(topped('halden-gun-gloss', 3));
    expect(edges(f)).toMatchObject({ act: 'leave', firstGritP: null });
    expect(edges(f).builtUm[0]).toBeCloseTo(30, 6);
  });
  it('2K from a gun, two coats: 40 at the thin end leaves nothing to take; weighed it is 45 and polishes', () => {
    expect(faces(finished(topped('halden-gun-gloss', 2)))).toMatchObject({ act: 'leave', meanUm: 50 });
    const f = finished(weighed(topped('halden-gun-gloss', 2)));
    expect(f.film.weighed).toBe(2);
    expect(faces(f).act).toBe('polish');
    // 50.5 less a tenth is 45.45; compound and polish by hand take at most 1.5.
    expect(faces(f).leftUm).toBeCloseTo(43.95, 2);
  });
  it('four coats from a gun with heavy peel: from P800, 80 less 38.5 is 41.5', () => {
    const f = finished(topped('halden-gun-gloss', 4), { peel: 'heavy', tool: 'hand' });
    expect(faces(f)).toMatchObject({ act: 'flat', firstGritP: 800 });
    expect(faces(f).leftUm).toBeCloseTo(41.5, 6);
  });
  it('activated cans, two coats of 22: 35.2 at the thin end is under 40 as it is; weighed it may be polished no more', () => {
    expect(faces(finished(topped('halden-2k-gloss', 2)))).toMatchObject({ act: 'leave', meanUm: 44 });
    // 44.44 less a tenth is 40.0, less 1.5 is under 40.
    expect(faces(finished(weighed(topped('halden-2k-gloss', 2)))).act).toBe('leave');
  });
  it('activated cans, three coats: 66 built, 52.8 thin, from P1500 44.3 stay', () => {
    const f = finished(topped('halden-2k-gloss', 3));
    expect(faces(f)).toMatchObject({ act: 'flat', firstGritP: 1500 });
    expect(faces(f).leftUm).toBeCloseTo(44.3, 6);
  });
  it('1K lacquer, three coats of 10: polished by hand at most, and its 24 are under 25: left', () => {
    const f = finished(topped('halden-1k-gloss', 3));
    expect(f.allowed).toMatchObject({ way: 'hand-polish', why: 'one-part-few' });
    expect(faces(f).act).toBe('leave');
  });
  it('1K lacquer, five coats: 40 at the thin end, from P1500 31.5 stay over 25', () => {
    const f = finished(topped('halden-1k-gloss', 5));
    expect(f.allowed.why).toBe('one-part-many');
    expect(faces(f)).toMatchObject({ act: 'flat', firstGritP: 1500, floorUm: 25 });
    expect(faces(f).leftUm).toBeCloseTo(31.5, 6);
  });
  it('matte and satin never, enamel by hand once it is cured, a bare metallic never', () => {
    expect(finished(topped('halden-2k-matte', 2)).allowed).toMatchObject({ way: 'never', why: 'matte' });
    const enamel = finished(sprayed([{ role: 'colour', productId: 'skerry-enamel', coats: 2 }]));
    expect(enamel.allowed).toMatchObject({ way: 'hand-polish', waits: null });
    const bare = finished(sprayed([{ role: 'base', productId: 'orrin-metallic', coats: 4 }]));
    expect(bare.allowed).toMatchObject({ way: 'never', why: 'effect-bare' });
  });
});

describe('whatever is asked', () => {
  const clears = ['halden-gun-gloss', 'halden-2k-gloss', 'halden-1k-gloss'];
  const any = fc.record({
    productId: fc.constantFrom(...clears),
    coats: fc.integer({ min: 1, max: 8 }),
    peel: fc.constantFrom(...PEELS),
    tool: fc.constantFrom('hand' as const, 'machine' as const),
  });
  it('nothing that is done ends below what must stay, at the thin end', () => {
    fc.assert(
      fc.property(any, ({ productId, coats, peel, tool }) => {
        for (const bar of finished(topped(productId, coats), { peel, tool }).bars)
          if (bar.act !== 'leave') expect(bar.leftUm).toBeGreaterThanOrEqual(bar.floorUm);
      }),
      { numRuns: 60 },
    );
  });
  it('flatting more never leaves more', () => {
    for (const tool of ['hand', 'machine'] as const)
      for (const grit of [800, 1000, 1200, 1500, 2000]) {
        const taken = PEELS.map((peel) => takenBy(flatSteps(grit, peel, tool))[1]);
        expect(taken).toEqual(taken.toSorted((a, b) => a - b));
        expect(taken[0]).toBeGreaterThan(takenBy(glossSteps(tool))[1]);
      }
  });
});

it('the last coat was on when it was looked at', () => {
  expect(ms(topped('halden-gun-gloss', 2).state!.coats.at(-1)!.endedAt)).toBeLessThan(NOW);
});
