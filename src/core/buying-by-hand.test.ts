/** Bought in two trips: primer and paper first, colour and clear once they stand sanded. Common practice, no source. */
import { describe, expect, it } from 'vitest';
import { job, panel, planned } from '@/demo/work-kit';
import { allTasks, ms } from '@/demo/test-kit';
import type { SystemLayer } from '@/model/job';
import type { Plan } from '@/model/plan';
import { isLaterDue } from './material/buying';

const layers: SystemLayer[] = [
  { role: 'filler', productId: 'tamsel-filler', coats: 3 },
  { role: 'base', productId: 'orrin-base', coats: 2 },
  { role: 'clear', productId: 'halden-1k-gloss', coats: 2 },
];
const shops = (p: Plan) => allTasks(p).filter((t) => t.kind === 'shop');

describe('bought in stages', () => {
  const once = planned(job(layers));
  const staged = planned(job(layers, { buying: 'staged' }));
  it('one trip or two; the second after the primer is sanded and before the first colour', () => {
    expect(shops(once).map((t) => t.id)).toEqual(['shop']);
    const [first, later] = shops(staged);
    expect([first!.id, later!.id]).toEqual(['shop', 'shop-later']);
    const tasks = allTasks(staged);
    const colour = tasks.find((t) => t.kind === 'coat' && t.layerId === 'base')!;
    const primer = tasks.filter((t) => t.kind === 'coat' && t.layerId === 'filler').at(-1)!;
    const sanding = tasks.filter((t) => t.kind === 'sand' && t.id.startsWith('s-base')).at(-1)!;
    expect(ms(first!.startsAt)).toBeLessThan(ms(primer.startsAt));
    expect(ms(later!.startsAt)).toBeGreaterThanOrEqual(ms(sanding.endsAt));
    expect(ms(later!.endsAt)).toBeLessThanOrEqual(ms(colour.startsAt));
  });
  it('the first names one paint, the second two', () => {
    const [first, later] = shops(staged);
    expect([first!.detail, later!.detail]).toEqual([
      { code: 'shop-first', params: { products: 1 } },
      { code: 'shop-later', params: { products: 2 } },
    ]);
  });
  it('the bill stays the same; what can wait is the price of colour and clear, tax with it', () => {
    expect(staged.cost.total).toBeCloseTo(once.cost.total, 9);
    const costOf = (p: Plan, id: string): number => p.materials.find((m) => m.productId === id)!.cost;
    const seen = costOf(once, 'orrin-base') + costOf(once, 'halden-1k-gloss');
    expect(once.buying).toEqual({ isStaged: false, later: seen, tripMin: 60 });
    const taxed = planned(job(layers, { budget: { currency: 'GBP', amount: 500, taxPct: 20 } }));
    expect(taxed.buying.later).toBeCloseTo(1.2 * seen, 9);
    expect(staged.materials.map((m) => m.trip)).toEqual(['first', 'later', 'later']);
  });
  it('colour alone: paper is fetched first, the paint once the old coat stands sanded', () => {
    const respray = planned(job(layers.slice(1), { buying: 'staged' }));
    const [first, later] = shops(respray);
    expect([first!.detail.params, later!.detail.params]).toEqual([{ products: 0 }, { products: 2 }]);
    const sanding = allTasks(respray)
      .filter((t) => t.kind === 'sand')
      .at(-1)!;
    expect(ms(first!.endsAt)).toBeLessThanOrEqual(ms(sanding.startsAt));
    expect(ms(later!.startsAt)).toBeGreaterThanOrEqual(ms(sanding.endsAt));
  });
  it('with the primer on, the second trip remains; bought or begun it is gone', () => {
    const on = (layerId: string, coats: number) =>
      Array.from({ length: coats }, (_, i) => ({
        layerId,
        coat: i + 1,
        endedAt: `2026-05-1${layerId === 'base' ? 5 : 4}T1${i}:00`,
      }));
    const state = { coats: on('filler', 3), activations: [] };
    const primed = job(layers, { buying: 'staged', state });
    const p = planned(primed);
    expect(shops(p).map((t) => t.id)).toEqual(['shop-later']);
    expect(isLaterDue(primed, p.materials)).toBe(true);
    expect(isLaterDue(job(layers, { buying: 'staged' }), staged.materials)).toBe(false);
    const bought = { ...state, tasks: [{ taskId: 'shop-later', endedAt: '2026-05-16T07:00' }] };
    expect(shops(planned({ ...primed, state: bought }))).toEqual([]);
    const begun = { ...state, coats: [...state.coats, ...on('base', 1)] };
    expect(shops(planned({ ...primed, state: begun }))).toEqual([]);
  });
  it('two parts one after the other: still one second trip, before the first colour', () => {
    const p = planned(job(layers, { buying: 'staged', parts: [panel('p'), panel('q')] }));
    expect(shops(p).length).toBe(2);
  });
});
