/** What stock still promises, and cans that are dead for the next session. Common practice, no source. */
import { describe, expect, it } from 'vitest';
import { product } from '@/demo/test-kit';
import { job, panel, planned } from '@/demo/work-kit';
import { CATALOGUE, productsOf } from '@/core/coating/catalogue';
import { systemFor } from '@/core/coating/system';
import type { Job, SystemLayer } from '@/model/job';
import type { StockItem } from '@/model/stock';
import { materialsOf } from './materials';
import { soundStock } from './promise';
import { expiryOf, orderOfUse } from './shelf';

const NOW = Date.parse('2026-05-16T10:00:00Z');
const layers: SystemLayer[] = [
  { role: 'base', productId: 'orrin-base', coats: 3 },
  { role: 'clear', productId: 'halden-2k-gloss', coats: 2 },
];
type Aside = NonNullable<Job['shelf']>[number];
const aside = (over: Partial<Aside>): Aside => ({ productId: 'halden-2k-gloss', remainingMl: 200, ...over });
const judged = (...shelf: Aside[]) =>
  soundStock(job(layers, { shelf }), productsOf(CATALOGUE, undefined), NOW);
const can = (over: Partial<StockItem>): StockItem => ({
  id: 'can',
  productId: 'halden-2k-gloss',
  part: 'base',
  name: 'Clear',
  sizeMl: 400,
  remainingMl: 200,
  ...over,
});

describe('an activated can has an age', () => {
  const at = (activatedAt: string): string =>
    expiryOf(can({ activatedAt }), product('halden-2k-gloss'), NOW).state;
  it('is good for its session within a day, then for a hidden return at most, then dead by its label of 48 h', () => {
    expect(at('2026-05-16T07:00:00Z')).toBe('dying');
    expect(at('2026-05-15T11:00:00Z')).toBe('dying');
    expect(at('2026-05-15T09:00:00Z')).toBe('spent');
    expect(at('2026-05-14T09:00:00Z')).toBe('expired');
  });
  it('counts in hours: until a day after it was activated, not the label’s two', () => {
    const { until } = expiryOf(can({ activatedAt: '2026-05-16T07:00:00Z' }), product('halden-2k-gloss'), NOW);
    expect(until).toBe('2026-05-17T07:00');
  });
  it('is no stock: neither used first nor pooled, however young', () => {
    const list = orderOfUse(
      [can({ id: 'live', activatedAt: '2026-05-16T09:59:00Z' }), can({ id: 'shut' })],
      product,
      NOW,
    );
    expect(list.map((x) => x.id)).toEqual(['shut']);
  });
});

describe('what stock promises', () => {
  it.each([
    ['activated', aside({ activatedAt: '2026-05-16T08:00' })],
    ['expired', aside({ expiresOn: '2026-01-31' })],
    ['expired', aside({ productId: 'halden-gun-gloss.hardener', openedOn: '2026-01-01' })],
    ['spoiled', aside({ productId: 'halden-gun-gloss.hardener', look: 'cloudy' })],
    ['mislabelled', aside({ productId: 'orrin-base', mislabelled: true })],
  ] as const)('%s: nothing', (why, item) => {
    const { job: left, left: out } = item.productId.startsWith('halden-gun')
      ? soundStock(
          job([layers[0]!, { role: 'clear', productId: 'halden-gun-gloss', coats: 2 }], { shelf: [item] }),
          productsOf(CATALOGUE, undefined),
          NOW,
        )
      : judged(item);
    expect(left.shelf).toEqual([]);
    expect(out.map((x) => x.why)).toEqual([why]);
  });
  it('sound stock counts, with its age or without one', () => {
    const shelf = [
      aside({}),
      aside({ boughtOn: '2026-01-01' }),
      aside({ productId: 'orrin-base', openedOn: '2026-05-01' }),
    ];
    expect(judged(...shelf)).toMatchObject({ job: { shelf }, left: [] });
  });
  it('the plan buys as if it were not there, and says so', () => {
    const need = (shelf: Aside[]) => planned(job(layers, { shelf }));
    const live = need([aside({ remainingMl: 400, activatedAt: '2026-05-16T06:00' })]);
    const shut = need([aside({ remainingMl: 400 })]);
    const clear = (p: ReturnType<typeof need>) => p.materials.find((m) => m.productId === 'halden-2k-gloss')!;
    expect(clear(live).shelfMl).toBe(0);
    expect(clear(shut).shelfMl).toBe(400);
    expect(clear(live).packs.length).toBeGreaterThan(0);
    expect(live.cautions.find((c) => c.code === 'stock-not-counted')!.params).toEqual({
      name: 'Halden 2K clear',
      ml: 400,
      why: 'activated',
    });
    expect(shut.cautions.some((c) => c.code === 'stock-not-counted')).toBe(false);
  });
});

describe('cans that die are shared only inside their life', () => {
  const cans = (j: Job, id: string): number =>
    materialsOf(j, systemFor(j))
      .filter((m) => m.productId === id)
      .flatMap((m) => m.packs)
      .reduce((a, p) => a + p.count, 0);
  const small = { parts: [panel('p', { lengthMm: 150, widthMm: 100 })] };
  it('clear in two sessions with a scuff between: a can for each, though one holds enough for both', () => {
    const clear: SystemLayer = { role: 'clear', productId: 'halden-2k-gloss', coats: 2 };
    expect(cans(job([layers[0]!, { ...clear, coats: 4 }], small), 'halden-2k-gloss')).toBe(1);
    expect(cans(job([layers[0]!, clear, clear], small), 'halden-2k-gloss')).toBe(2);
  });
  it('one-part clear keeps: one can does both', () => {
    const clear: SystemLayer = { role: 'clear', productId: 'halden-1k-gloss', coats: 3 };
    expect(cans(job([layers[0]!, clear, clear], small), 'halden-1k-gloss')).toBe(1);
  });
});
