/**
 * What is used up beside paint on 0.5 m², what several jobs need together, and what was really used. Rates
 * and prices from memory.
 */
import { describe, expect, it } from 'vitest';
import { jobOf, layerOf, panel, seam, systemOf } from '@/demo/test-job';
import { product } from '@/demo/test-kit';
import type { Job } from '@/model/job';
import type { Material } from '@/model/plan';
import { fillerPlan } from '../prep/filler';
import { consumablesFor, type Consumable } from './consumables';
import { totalsOf } from './money';
import { pooledNeed } from './pooled';
import { jobConsumables } from './session-pours';
import { usedMl } from './used';

describe('what is used up beside paint', () => {
  const context = { seams: [], products: [product('orrin-base')], sessions: 1, pours: 0, cleans: 0 };
  const thing = (list: readonly Consumable[], id: string): Consumable | undefined =>
    list.find((c) => c.id === id);
  it('0.5 m² in one session: three wipes of 37.5 ml of degreaser, four cloths, tape over 3 m of edge, two pairs of gloves and one', () => {
    const list = consumablesFor(jobOf(), context);
    expect(list.map((c) => c.id)).toEqual([
      'degreaser',
      'cloths',
      'tack-cloths',
      'tape',
      'cover',
      'gloves',
      'dust-mask',
      'cartridges',
      'goggles',
    ]);
    expect(thing(list, 'degreaser')).toMatchObject({
      need: 112.5,
      packSize: 500,
      packs: 1,
      price: 6.9,
      unit: 'ml',
    });
    expect(thing(list, 'cloths')).toMatchObject({ need: 4, packSize: 25, group: 'clean', unit: 'piece' });
    expect(thing(list, 'tape')!.need).toBeCloseTo(3.9, 9);
    expect(thing(list, 'cover')).toMatchObject({ group: 'mask', unit: 'm2' });
    expect(thing(list, 'cover')!.need).toBeCloseTo(1.8, 9);
    expect(thing(list, 'gloves')).toMatchObject({ need: 3, group: 'protect', unit: 'pair', cost: 6.4 });
    expect(list.reduce((a, c) => a + c.cost, 0)).toBeCloseTo(
      6.9 + 4.8 + 2.6 + 3.2 + 5.9 + 6.4 + 3.2 + 17.5 + 7.9,
      9,
    );
  });
  it('three sessions: more wipes, cloths, tack and gloves', () => {
    const list = consumablesFor(jobOf(), { ...context, sessions: 3 });
    expect(['degreaser', 'cloths', 'tack-cloths', 'gloves'].map((id) => thing(list, id)!.need)).toEqual([
      262.5, 8, 3, 7,
    ]);
  });
  it('a gun: a strainer and a cup for each pour, 150 ml to wash it each time, a suit with isocyanate', () => {
    const list = consumablesFor(jobOf(), {
      ...context,
      products: [product('halden-gun-gloss')],
      pours: 11,
      cleans: 2,
    });
    expect(thing(list, 'strainers')).toMatchObject({
      need: 11,
      packs: 2,
      cost: 5.8,
      group: 'mix',
      unit: 'piece',
    });
    expect(thing(list, 'cups')).toMatchObject({ need: 11, packs: 3, group: 'mix', unit: 'piece' });
    expect(thing(list, 'gun-wash')).toMatchObject({ need: 300, packs: 1, unit: 'ml', group: 'mix' });
    expect(thing(list, 'suit')).toMatchObject({ need: 1, group: 'protect', unit: 'piece' });
  });
  it('blocking wants a guide coat, scuffing the surface none; a dent its filler', () => {
    const sanded = seam('filler', 'base', { join: 'sanded', gritP: 800, block: true });
    const own = seam('x', 'filler', {
      below: { kind: 'surface', substrate: 'steel', condition: 'e-coat' },
      join: 'sanded',
      gritP: 320,
    });
    const blocked = consumablesFor(jobOf(), { ...context, seams: [sanded] });
    // 40 ml a square metre, 30 ml at least.
    expect(thing(blocked, 'guide-coat')).toMatchObject({ need: 30, group: 'paper', unit: 'ml' });
    const large = jobOf({ parts: [panel({ lengthMm: 4000 })] });
    expect(thing(consumablesFor(large, { ...context, seams: [sanded] }), 'guide-coat')!.need).toBeCloseTo(
      80,
      9,
    );
    expect(thing(consumablesFor(jobOf(), { ...context, seams: [own] }), 'guide-coat')).toBeUndefined();
    const dents = [{ lengthMm: 100, widthMm: 80, depthMm: 4 }];
    const dented = consumablesFor(jobOf({ parts: [panel({ dents })] }), context);
    expect(thing(dented, 'body-filler')!.need).toBeCloseTo(fillerPlan(dents, 20)!.pasteMl, 9);
    expect(thing(dented, 'body-filler')!.need).toBeCloseTo(18.85, 2);
  });
  it('what is here costs nothing, an own price wins, tax comes on both', () => {
    const list = consumablesFor(jobOf({ have: ['cartridges'], prices: { tape: 5 } }), context);
    expect(thing(list, 'cartridges')).toMatchObject({ have: true, cost: 0, price: 17.5 });
    expect(thing(list, 'tape')).toMatchObject({ have: false, cost: 5 });
    const taxed = jobOf({ budget: { ...jobOf().budget, taxPct: 20 } });
    expect(totalsOf(taxed, [{ cost: 30 } as Material], [{ cost: 20 } as Consumable])).toEqual({
      paint: 30,
      prep: 20,
      tax: 10,
      total: 60,
    });
  });
  it('once a coat is on it has been bought; without layers there is nothing to do', () => {
    const system = systemOf([layerOf('orrin-base', 2)]);
    expect(jobConsumables(jobOf(), system).length).toBeGreaterThan(5);
    const state = { coats: [{ layerId: 'base', coat: 1, endedAt: '2026-05-16T08:00' }] };
    expect(jobConsumables(jobOf({ state } as Partial<Job>), system)).toEqual([]);
    expect(jobConsumables(jobOf(), systemOf([]))).toEqual([]);
    const gun = systemOf([layerOf('halden-gun-gloss', 2)]);
    const ids = jobConsumables(jobOf({ equipment: { sprayer: 'hvlp', suppliedAir: true } }), gun);
    expect(ids.find((c) => c.id === 'cups')!.need).toBe(1);
    expect(ids.find((c) => c.id === 'gun-wash')!.need).toBe(150);
  });
});

describe('several jobs, and what was really used', () => {
  const line = (useMl: number, over: Partial<Material> = {}): Material =>
    ({
      begun: false,
      useMl,
      breakdown: [{ cause: 'spare', ml: 400 }],
      factors: { cv: 0.2, heelFrac: 0.05, riskOfShort: 0.5 },
      ...over,
    }) as Material;
  it('one spare serves two jobs; what each has of its own evens out, the habit does not', () => {
    const both = pooledNeed([line(300), line(300)]);
    expect(both.useMl).toBe(600);
    // Habit 0.17 stays; the rest of 0.2, 0.0111 squared, halves.
    expect(both.cv).toBeCloseTo(Math.sqrt(0.17 ** 2 + (0.2 ** 2 - 0.17 ** 2) / 2), 9);
    expect(both.needMl).toBeCloseTo(600 / 0.95 + 400, 6);
    expect(pooledNeed([line(300), line(300, { begun: true })])).toMatchObject({ useMl: 300 });
    expect(pooledNeed([])).toEqual({ useMl: 0, needMl: 0, cv: 0 });
    const strict = line(300, { factors: { cv: 0.2, heelFrac: 0.05, riskOfShort: 0.01 } as never });
    expect(pooledNeed([line(300), strict]).needMl).toBeGreaterThan(both.needMl);
  });
  it('a tin weighs a gram a millilitre where nothing is said, a can 0.78', () => {
    const weighed = { productId: 'x', by: 'weight', beforeG: 500, afterG: 344 } as const;
    expect(usedMl(weighed, product('orrin-base'))).toBeCloseTo(200, 9);
    expect(usedMl(weighed, product('orrin-base-gun'))).toBe(156);
    expect(() => usedMl({ ...weighed, afterG: 501 }, product('orrin-base'))).toThrow(
      /more after than before/,
    );
    expect(usedMl({ productId: 'x', by: 'cans', cans: 2 }, product('orrin-base-gun'))).toBe(1000);
  });
});
