/** Something bought becomes a job on which everything is on: every fault that its film can show has a mend there. */
import { describe, expect, it } from 'vitest';
import { ms, NOW } from '@/demo/test-kit';
import { job, planned } from '@/demo/work-kit';
import { jobSchema } from '@/model/job';
import { mendingNow } from '../faults/at-hand';
import { BOUGHT_AGES, BOUGHT_TOPS, boughtSchema, type Bought } from '@/model/bought';
import { boughtJob } from './bought';

const bare = job([{ role: 'base', productId: 'orrin-base', coats: 2 }]);
const lid: Bought = {
  name: 'Lid',
  top: 'two-part-clear',
  age: 'years',
  lengthMm: 500,
  widthMm: 300,
  substrate: 'abs',
};

describe('work that was bought', () => {
  it.each(BOUGHT_TOPS)('%s: nothing is left to spray, and its newest film is hard', (top) => {
    for (const age of BOUGHT_AGES) {
      const made = boughtJob(bare, { ...lid, top, age }, NOW);
      expect(jobSchema.safeParse(made).success).toBe(true);
      const plan = planned(made);
      expect(plan.sessions).toEqual([]);
      expect(plan.blockers).toEqual([]);
      const products = new Map(plan.layers.map((l) => [l.productId, l]));
      expect(products.size).toBe(made.system!.layers.length);
      const days = (NOW - ms(made.state!.coats.at(-1)!.endedAt)) / 86_400_000;
      expect(Math.round(days)).toBe({ weeks: 14, months: 90, years: 730 }[age]);
    }
  });
  it('takes what sheets of such paint ask for, as nobody measured it', () => {
    const made = boughtJob(bare, lid, NOW);
    expect(made.parts).toMatchObject([
      { lengthMm: 500, widthMm: 300, substrate: 'abs', condition: 'sound-paint' },
    ]);
    expect(made.system!.layers.map((l) => l.coats)).toEqual([3, 2]);
  });
  it('refuses a size of nought and a name of blanks', () => {
    expect(boughtSchema.safeParse({ ...lid, lengthMm: 0 }).success).toBe(false);
    expect(boughtSchema.safeParse({ ...lid, name: '  ' }).success).toBe(false);
  });
  it('is hard: two-part clear may be polished, as its sheet has it', async () => {
    const { CATALOGUE } = await import('../coating/catalogue');
    const made = boughtJob(bare, lid, NOW);
    const products = new Map(CATALOGUE.map((p) => [p.id, p]));
    const on = { job: made, layers: planned(made).layers, products, spraying: null };
    expect(mendingNow(on, NOW)).toMatchObject({ layerId: 'clear', reached: 'hard' });
  });
});
