/** The drawn shelf: kinds of pack, planks, levels and the wedge of an activated can. */
import { describe, expect, it } from 'vitest';
import { CATALOGUE } from '@/core/coating/catalogue';
import type { StockItem } from '@/model/stock';
import type { ShelfRow, ShelfView } from '@/usecases/shelf';
import { containerOf, planksOf } from './planks';

const NOW = Date.parse('2026-05-16T12:00:00Z');
const can: StockItem = {
  id: 'a',
  productId: 'tamsel-filler',
  part: 'base',
  name: 'Tamsel filler primer',
  sizeMl: 400,
  remainingMl: 100,
};
const rowOf = (item: Partial<StockItem>, expiry: Partial<ShelfRow['expiry']> = {}): ShelfRow => ({
  item: { ...can, ...item },
  expiry: { state: 'good', until: null, why: 'unknown', ...expiry },
  hex: null,
  setAside: [],
  wantedBy: [],
});
const viewOf = (rows: ShelfRow[]): ShelfView => ({
  rows,
  moves: [],
  alive: [],
  products: CATALOGUE,
  jobs: [],
});
const first = (row: ShelfRow) => planksOf(viewOf([row]), NOW)[0]!;

describe('the drawn shelf', () => {
  it('a can, a hardener, a litre of thinner and a small cleaner stand in packs of their kind', () => {
    const aerosol = CATALOGUE.find((p) => p.carrier === 'aerosol');
    const gun = CATALOGUE.find((p) => p.carrier === 'gun');
    expect(containerOf(can, aerosol)).toBe('aerosol');
    expect(containerOf(can, gun)).toBe('tin');
    expect(containerOf({ ...can, part: 'hardener' }, gun)).toBe('bottle');
    expect(containerOf({ ...can, part: 'reducer', sizeMl: 1000 }, gun)).toBe('jerrycan');
    expect(containerOf({ ...can, part: 'cleaner', sizeMl: 250 }, undefined)).toBe('bottle');
  });
  it('thinners stand apart from paint, and an empty plank is not drawn', () => {
    const thinner = rowOf({ id: 'b', part: 'reducer', sizeMl: 1000, remainingMl: 700 });
    const planks = planksOf(viewOf([rowOf({ part: 'other' }), thinner]), NOW);
    expect(planks.map((p) => p.id)).toEqual(['mixed', 'liquids']);
    expect(planks[1]!.packs[0]!.full).toBeCloseTo(0.7);
  });
  it('eight times the volume is twice as high, within what can be drawn', () => {
    const size = (sizeMl: number) => first(rowOf({ part: 'other', sizeMl })).packs[0]!.size;
    expect(size(400)).toBe(1);
    expect(size(100)).toBeCloseTo(0.63, 2);
    expect(size(20)).toBe(0.6);
    expect(size(5000)).toBe(1.25);
  });
  it('an activated can of a day has a quarter of its wedge left after 18 hours', () => {
    const life = (activatedAt: string) =>
      first(rowOf({ activatedAt }, { state: 'dying', until: '2026-05-16T18:00' })).packs[0]!.life;
    expect(life('2026-05-15T18:00:00Z')).toBeCloseTo(0.25);
    expect(first(rowOf({})).packs[0]!.life).toBeNull();
  });
});
