/**
 * One small job worked out by hand: a flat panel of 1000 × 500 mm, one side, 0.5 m². Overrun of
 * 65 mm on every edge: 1.13 × 0.63 m = 0.7119 m², 1.4238 times the face. All figures of use come
 * from this, from the sheet and from the shares that the trade goes by (from memory).
 */
import { describe, expect, it } from 'vitest';
import { jobOf, layerOf, panel, seam, systemOf } from '@/demo/test-job';
import { demo, product } from '@/demo/test-kit';
import type { Job } from '@/model/job';
import type { Material, PlanLayer } from '@/model/plan';
import type { Seam } from '../seams/seam';
import { cheapestPerMl, ingredientsOf } from './ingredients';
import { costBy, paintLedger } from './ledger';
import { leftovers } from './leftovers';
import { materialFor } from './material-line';
import { materialsOf } from './materials';
import { sensitivity, smoothPaintCost } from './sensitivity';
import { sessionPours } from './session-pours';

const bonnet = demo('tractor-bonnet');
const lineOf = (job: Job, layers: PlanLayer[], seams: Seam[] = []): Material =>
  materialFor(job, product(layers[0]!.productId), systemOf(layers, seams));
const causes = (m: Material): Record<string, number> =>
  Object.fromEntries(m.breakdown.map((b) => [b.cause, Math.round(b.ml * 100) / 100]));

describe('three coats of base from a can', () => {
  const base = layerOf('orrin-base', 3);
  const baseLine = (): Material => lineOf(jobOf(), [base]);
  it('12 ml of film are 160 ml of contents, 278 ml on the part and 396 ml out of the nozzle', () => {
    // 0.5 m² · 8 µm · 3 = 12 ml; ÷ 0.075; ÷ 0.575; × 1.4238.
    expect(causes(baseLine())).toMatchObject({
      film: 12,
      sanded: 0,
      carrier: 148,
      overspray: 118.26,
      overrun: 117.93,
      habit: 0,
    });
    expect(baseLine().sprayMl).toBeCloseTo(396.19, 2);
    expect(baseLine().factors).toMatchObject({ transferFrac: 0.575, solidsFrac: 0.075, heelFrac: 0.05 });
    expect(baseLine().factors.overrun).toBeCloseTo(1.4238, 9);
    expect(baseLine().areaM2).toBe(0.5);
  });
  it('5 ml on the card, 2 ml to clear the valve, 2 % once more on workhorse, a heel of a nineteenth, a spare can', () => {
    // 396.19 + 5 + 2 + 7.92 = 411.11; the heel is 411.11 · 0.05 / 0.95.
    expect(causes(baseLine())).toMatchObject({ nozzle: 5, purge: 2, nib: 7.92, heel: 21.64, spare: 400 });
    expect(baseLine().useMl).toBeCloseTo(411.11, 2);
    // At even odds of running short the margin of a skewed spread is none.
    expect(causes(baseLine()).margin).toBe(0);
    expect(baseLine().needMl).toBeCloseTo(832.75, 1);
    expect(baseLine().packs).toEqual([{ size: 400, unit: 'can', count: 3, price: 11.2 }]);
    expect(baseLine().cost).toBeCloseTo(33.6, 9);
  });
  it('4 % once more on tidy, 8 % on show; a primer is not sprayed once more', () => {
    const nib = (grade: Job['purpose']['grade'], productId = 'orrin-base'): number =>
      causes(lineOf(jobOf({ purpose: { ...bonnet.purpose, grade } }), [layerOf(productId, 3)])).nib!;
    expect([nib('workhorse'), nib('tidy'), nib('show')]).toEqual([7.92, 15.85, 31.7]);
    expect(nib('show', 'tamsel-filler')).toBe(0);
    expect(nib('tidy', 'halden-1k-gloss')).toBeGreaterThan(0);
  });
  it('less risk of running short is a margin, and it grows as the risk shrinks', () => {
    const margin = (runOut: number): number =>
      causes(lineOf(jobOf({ risk: { ...bonnet.risk, runOut } }), [base])).margin!;
    expect(margin(0.05)).toBeGreaterThan(80);
    expect(margin(0.01)).toBeGreaterThan(margin(0.05));
    const { runOut: _none, ...risk } = { ...bonnet.risk, runOut: 0 };
    expect(causes(lineOf(jobOf({ risk }), [base])).margin).toBe(margin(0.05));
  });
  it('once a coat is on, the cans have been bought: what is left is counted, nothing is bought, no spare', () => {
    const state = { coats: [{ layerId: 'base', coat: 1, endedAt: '2026-05-16T08:00' }] };
    const begun = lineOf(jobOf({ state } as Partial<Job>), [base]);
    expect(begun).toMatchObject({ begun: true, packs: [], cost: 0, shortChance: null });
    expect(causes(begun).spare).toBe(0);
    // Mist 0.7 of 2.7 parts is on: 2 of 2.7 are left of 396.19 ml.
    expect(begun.sprayMl).toBeCloseTo((396.19 * 2) / 2.7, 1);
    const all = { coats: [1, 2, 3].map((coat) => ({ layerId: 'base', coat, endedAt: '2026-05-16T08:00' })) };
    expect(lineOf(jobOf({ state: all } as Partial<Job>), [base])).toMatchObject({
      needMl: 0,
      useMl: 0,
      areaM2: 0,
    });
  });
  it('an own use of 1.2 is a fifth more spray, told apart', () => {
    const mine = lineOf(jobOf({ habit: { factor: 1.2, sdFrac: 0.1 } } as Partial<Job>), [base]);
    expect(causes(mine)).toMatchObject({ film: 12, overrun: 117.93, habit: 79.24 });
  });
  it('two sessions are two cards and two valves to clear', () => {
    const filler = layerOf('tamsel-filler', 2);
    const again = layerOf('tamsel-filler', 2, { id: 'filler-2' });
    const one = lineOf(jobOf(), [filler, again], [seam('filler', 'filler-2')]);
    const two = lineOf(
      jobOf(),
      [filler, again],
      [seam('filler', 'filler-2', { join: 'sanded', block: true })],
    );
    expect([causes(one).nozzle, causes(one).purge]).toEqual([5, 2]);
    expect([causes(two).nozzle, causes(two).purge]).toEqual([10, 4]);
    // Blocking takes a quarter of 50 µm over 0.5 m² off the first of them: 6.25 ml of its film.
    expect(causes(one).sanded).toBe(0);
    expect(causes(two).sanded).toBe(6.25);
    expect(causes(two).film! + causes(two).sanded!).toBe(50);
  });
});

describe('two coats of clear from a gun', () => {
  const clear = layerOf('halden-gun-gloss', 2);
  const job = jobOf({ equipment: { sprayer: 'hvlp', suppliedAir: true, cupMl: 600 } });
  const clearLine = (): Material => lineOf(job, [clear]);
  it('gun and cup keep 20 ml, a card takes 12, a tin 2 % on its walls; conventional lands 0.325', () => {
    // 0.5 · 25 · 2 = 25 ml; ÷ 0.44; ÷ 0.575; × 1.4238 = 140.69 ml.
    expect(clearLine().sprayMl).toBeCloseTo(140.69, 1);
    expect(causes(clearLine())).toMatchObject({ nozzle: 12, purge: 20, spare: 0 });
    expect(causes(clearLine()).heel).toBeCloseTo((clearLine().useMl * 0.02) / 0.98, 2);
    const loud = lineOf({ ...job, equipment: { ...job.equipment, sprayer: 'conventional' } }, [clear]);
    expect(loud.sprayMl / clearLine().sprayMl).toBeCloseTo(0.575 / 0.325, 9);
    const cans = lineOf({ ...job, equipment: { ...job.equipment, sprayer: 'aerosol' } }, [clear]);
    expect(cans.sprayMl).toBeCloseTo(clearLine().sprayMl, 9);
  });
  it('2 : 1 is bought as two thirds of base and one of hardener, each in its own tins', () => {
    const [base, hardener, ...none] = clearLine().ingredients;
    expect(none).toEqual([]);
    expect(base!.needMl / hardener!.needMl).toBeCloseTo(2, 9);
    expect([base!.id, hardener!.id]).toEqual(['halden-gun-gloss', 'halden-gun-gloss.hardener']);
    expect(base!.packs).toEqual([{ size: 750, unit: 'tin', count: 1, price: 32 }]);
    expect(hardener!.packs).toEqual([{ size: 250, unit: 'tin', count: 1, price: 13.5 }]);
    expect(clearLine().cost).toBeCloseTo(45.5, 9);
  });
  it('hardener in hand counts for hardener alone', () => {
    const shelf = [{ productId: 'halden-gun-gloss.hardener', remainingMl: 250 }];
    const [base, hardener] = lineOf({ ...job, shelf }, [clear]).ingredients;
    expect(hardener).toMatchObject({ shelfMl: 250, packs: [], cost: 0 });
    expect(base!.packs).toHaveLength(1);
  });
  it('is poured in one cup: 140.69 ml and the card and the gun beside the first coat', () => {
    const [poured] = sessionPours(job, systemOf([clear]), 20);
    expect(poured!.session).toBe(0);
    expect(poured!.pours).toHaveLength(1);
    expect(poured!.pours[0]!.ml).toBeCloseTo(140.69 + 32, 1);
    expect(poured!.pours[0]!.coats).toEqual(['clear.c1', 'clear.c2']);
    // Two rounds of two minutes and the flash of 15 between.
    expect(poured!.pours[0]!.lastsMin).toBe(19);
    // At sixty degrees a pot of two hours is seven and a half minutes: each coat has its own.
    expect(sessionPours(job, systemOf([clear]), 60)[0]!.pours.map((p) => p.coats)).toEqual([
      ['clear.c1'],
      ['clear.c2'],
    ]);
    const small = { ...job, equipment: { ...job.equipment, cupMl: 50 } };
    expect(sessionPours(small, systemOf([clear]), 20)[0]!.pours[0]!.part).toEqual([1, 2]);
  });
  it('what is on already is not poured; a can is not poured at all; two sessions are counted from nought', () => {
    const state = { coats: [1, 2].map((coat) => ({ layerId: 'clear', coat, endedAt: '2026-05-16T08:00' })) };
    expect(sessionPours({ ...job, state } as Job, systemOf([clear]), 20)).toEqual([]);
    const first = { coats: state.coats.slice(0, 1) };
    const [left] = sessionPours({ ...job, state: first } as Job, systemOf([clear]), 20);
    expect(left!.pours.map((p) => p.coats)).toEqual([['clear.c2']]);
    expect(sessionPours(jobOf(), systemOf([layerOf('orrin-base', 2)]), 20)).toEqual([]);
    const epoxy = layerOf('tamsel-epoxy-gun', 1);
    const sanded = systemOf([epoxy, clear], [seam('epoxy', 'clear', { join: 'sanded' })]);
    expect(sessionPours(job, sanded, 20).map((s) => s.session)).toEqual([0, 1]);
    const wet = systemOf([epoxy, clear], [seam('epoxy', 'clear')]);
    expect(sessionPours(job, wet, 20).map((s) => s.session)).toEqual([0, 0]);
  });
});

describe('lines of a job', () => {
  const gun = jobOf({ equipment: { sprayer: 'hvlp', suppliedAir: true } });
  const base = layerOf('orrin-base-gun', 2);
  const metallic = layerOf('orrin-metallic-gun', 2, { id: 'base-2' });
  it('one maker’s reducer is bought once, with the first that takes it, for the need of both', () => {
    const [a, b] = materialsOf(gun, systemOf([base, metallic]));
    const reducer = (m: Material) => m.ingredients.find((g) => g.part === 'reducer')!;
    expect(reducer(a!).id).toBe('orrin.reducer');
    expect(reducer(a!).packs).toEqual([{ size: 500, unit: 'tin', count: 1, price: 6.8 }]);
    expect(reducer(b!)).toMatchObject({ packs: [], cost: 0, shelfMl: 0 });
    expect(b!.cost).toBe(27);
    expect(a!.cost).toBeCloseTo(24 + 6.8, 9);
    const shelf = [{ productId: 'orrin.reducer', remainingMl: 5000 }];
    const [held] = materialsOf({ ...gun, shelf }, systemOf([base, metallic]));
    expect(reducer(held!)).toMatchObject({ packs: [], shelfMl: 5000 });
  });
  it('one product in two layers is one line; in two colours two', () => {
    const again = { ...base, id: 'base-2' };
    expect(materialsOf(gun, systemOf([base, again])).map((m) => m.layerIds)).toEqual([['base', 'base-2']]);
    const red = { ...again, hex: '#AA2222' };
    expect(materialsOf(gun, systemOf([base, red])).map((m) => m.colour?.hex)).toEqual([
      bonnet.purpose.colour.hex,
      '#AA2222',
    ]);
    // What is in hand without a colour counts once, with the first.
    const shelf = [{ productId: 'orrin-base-gun', remainingMl: 100 }];
    expect(materialsOf({ ...gun, shelf }, systemOf([base, red])).map((m) => m.shelfMl)).toEqual([100, 0]);
  });
  it('paint money goes to parts and coats by what they are sprayed with', () => {
    const two = jobOf({ parts: [panel(), panel({ id: 'q', lengthMm: 2000 })] });
    const layers = [layerOf('orrin-base', 3, { partIds: ['p', 'q'] })];
    const system = systemOf(layers);
    const materials = materialsOf(two, system);
    const rows = paintLedger(two, layers, system.products, materials);
    expect(rows).toHaveLength(6);
    const byPart = costBy(rows, (r) => r.partId);
    // Swept: 1.13 × 0.63 against 2.13 × 0.63.
    expect(byPart.get('q')! / byPart.get('p')!).toBeCloseTo(2.13 / 1.13, 6);
    const byCoat = costBy(rows, (r) => String(r.coat));
    // Mist 0.7 against medium 1.
    expect(byCoat.get('1')! / byCoat.get('2')!).toBeCloseTo(0.7, 6);
    expect(byCoat.get('2')).toBeCloseTo(byCoat.get('3')!, 9);
    const state = { coats: [{ layerId: 'base', coat: 1, endedAt: '2026-05-16T08:00' }] };
    const left = paintLedger({ ...two, state } as Job, layers, system.products, materials);
    expect(new Set(left.map((r) => r.coat))).toEqual(new Set([2, 3]));
    expect(left.reduce((a, r) => a + r.cost, 0)).toBeCloseTo(materials[0]!.cost, 9);
  });
  it('left is what is bought and in hand less what is taken out, heel and all; 1K base keeps half its price', () => {
    const job = jobOf({ shelf: [{ productId: 'orrin-base', remainingMl: 100 }] });
    const system = systemOf([layerOf('orrin-base', 3)]);
    const [m] = materialsOf(job, system);
    const [left] = leftovers(job, [m!], system.products);
    const boughtMl = m!.packs.reduce((a, p) => a + p.count * p.size, 0);
    expect(left!.ml).toBeCloseTo(100 + boughtMl - 411.11 / 0.95, 1);
    expect(left!.worth).toBeCloseTo((left!.ml * 11.2) / 400 / 2, 9);
    expect(leftovers(job, [{ ...m!, begun: true }], system.products)).toEqual([]);
    const inHand = jobOf({ shelf: [{ productId: 'orrin-base', remainingMl: 5000 }] });
    expect(leftovers(inHand, materialsOf(inHand, system), system.products)).toEqual([]);
  });
  it('hardener that is left is worth nothing', () => {
    const system = systemOf([layerOf('halden-gun-gloss', 2)]);
    const [base, hardener] = leftovers(gun, materialsOf(gun, system), system.products);
    expect([base!.part, hardener!.part]).toEqual(['base', 'hardener']);
    expect(hardener!.worth).toBe(0);
    expect(base!.worth).toBeGreaterThan(0);
  });
});

describe('what it hangs on', () => {
  const system = systemOf([layerOf('orrin-base', 3)]);
  it('money by the millilitre: the need at 2.8 p', () => {
    const [m] = materialsOf(jobOf(), system);
    expect(smoothPaintCost(jobOf(), system)).toBeCloseTo(m!.needMl * 0.028, 6);
    // What is in hand does not make paint cheaper.
    expect(
      smoothPaintCost(jobOf({ shelf: [{ productId: 'orrin-base', remainingMl: 400 }] }), system),
    ).toBeCloseTo(m!.needMl * 0.028, 6);
    expect(cheapestPerMl(ingredientsOf(product('orrin-base-gun'))[0]!)).toBeCloseTo(0.041, 9);
  });
  it('prices move all of it by 15 %, film and transfer the sprayed part, a coat a third of it', () => {
    const all = Object.fromEntries(sensitivity(jobOf(), system).map((s) => [s.what, s]));
    const mid = smoothPaintCost(jobOf(), system);
    expect(all.price!.low).toBeCloseTo(mid * 0.85, 6);
    expect(all.price!.high).toBeCloseTo(mid * 1.15, 6);
    // Without card, valve and spare: 396.19 ml · 1.02 ÷ 0.95 at 2.8 p.
    const sprayed = ((396.19 * 1.02) / 0.95) * 0.028;
    const wide = (what: string): number => all[what]!.high - all[what]!.low;
    expect(wide('film')).toBeCloseTo(sprayed * 0.3, 2);
    expect(wide('transfer')).toBeCloseTo(sprayed * (0.575 / 0.5 - 0.575 / 0.65), 2);
    expect(wide('coats')).toBeCloseTo((sprayed * 2) / 3, 2);
    expect(wide('area')).toBeCloseTo(sprayed * 0.1, 2);
    expect(wide('risk')).toBeGreaterThan(0);
  });
  it('a coat more or less is one of colour: primer and clear keep theirs, one coat stays one', () => {
    const primer = systemOf([layerOf('tamsel-filler', 2)]);
    const coats = sensitivity(jobOf(), primer).find((s) => s.what === 'coats')!;
    expect(coats.high).toBe(coats.low);
    const single = systemOf([layerOf('orrin-base', 1)]);
    const one = sensitivity(jobOf(), single).find((s) => s.what === 'coats')!;
    expect(one.low).toBeCloseTo(smoothPaintCost(jobOf(), single), 9);
  });
});
