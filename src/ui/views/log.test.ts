/** The log in rows: used beside expected, outcomes, times, what is left. */
import { describe, expect, it } from 'vitest';
import { CATALOGUE } from '@/core/coating/catalogue';
import { demo, simulated } from '@/demo/test-kit';
import type { Job } from '@/model/job';
import type { ShelfRow } from '@/usecases/shelf';
import { formatFor } from '@/words/format';
import { asideRows, leftUndone, outcomeRows, timeRows, usedRows } from './log';

const job = demo('tractor-bonnet');
const bonnet = { job, plan: simulated(job) };

describe('the log', () => {
  const rowsOf = (job: Job) => usedRows({ job, plan: bonnet.plan, products: CATALOGUE }, formatFor('metric'));
  it('used beside expected: weights that gain say what to type instead', () => {
    const [base] = CATALOGUE.filter((p) => p.id === 'orrin-base');
    const log = {
      used: [{ by: 'weight' as const, productId: 'orrin-base', beforeG: 300, afterG: 310 }],
      outcomes: [],
      note: '',
    };
    const row = rowsOf({ ...bonnet.job, log }).find((r) => r.product.id === base!.id)!;
    expect(row).toMatchObject({ by: 'weight', usedMl: null, ofPlanPct: null, weightFault: 'At most 300 g.' });
    expect(row.path).toBe('log.used[0].afterG');
    const lighter = { ...log, used: [{ ...log.used[0]!, afterG: 222 }] };
    const good = rowsOf({ ...bonnet.job, log: lighter }).find((r) => r.product.id === base!.id)!;
    // 78 g at 0.78 g/ml is 100 ml.
    expect(good.usedMl).toBeCloseTo(100, 6);
    expect(good.ofPlanPct).toBe(Math.round((100 / good.expected.takenMl) * 100));
  });
  it('a little more than the list bought is asked about, what was bought is not', () => {
    const bought = rowsOf(bonnet.job).find((r) => r.product.id === 'orrin-base')!.expected.boughtMl;
    expect(bought % 400).toBe(0);
    const doubtAt = (cans: number): string | null => {
      const used = [{ by: 'cans' as const, productId: 'orrin-base', cans }];
      const rows = rowsOf({ ...bonnet.job, log: { used, outcomes: [], note: '' } });
      return rows.find((r) => r.product.id === 'orrin-base')!.doubt;
    };
    expect(doubtAt(bought / 400)).toBeNull();
    expect(doubtAt(bought / 400 + 0.5)).toContain('More than the list bought');
  });
  it('far more than planned is asked about and kept; weighed coats are offered', () => {
    const used = [{ by: 'cans' as const, productId: 'orrin-base', cans: 50 }];
    const rows = rowsOf({ ...bonnet.job, log: { used, outcomes: [], note: '' } });
    const base = rows.find((r) => r.product.id === 'orrin-base')!;
    expect(base.doubt).toContain('times what was planned');
    // 50 cans at 11.20.
    const weights = [
      {
        layerId: 'base',
        coat: 1,
        productId: 'orrin-base',
        beforeG: 400,
        afterG: 322,
        at: '2026-05-16T09:00',
      },
      { layerId: 'base', coat: 2, productId: 'orrin-base', beforeG: 322, at: '2026-05-16T09:20' },
    ];
    const weighed = { ...bonnet.job, state: { coats: [], activations: [], weights } };
    const row = rowsOf(weighed).find((r) => r.product.id === 'orrin-base')!;
    // 78 g at 0.78 g/ml; the coat that was weighed on one side alone says nothing.
    expect(row.weighedMl).toBeCloseTo(100, 6);
  });
  it('outcomes from the top down, times at the place, and what is left undone', () => {
    const rows = outcomeRows(bonnet.job, bonnet.plan, CATALOGUE);
    expect(rows.map((r) => r.layerId)).toEqual(bonnet.plan.layers.map((l) => l.id).reverse());
    expect(rows[0]!.said).toBe('not said yet');
    const state = {
      coats: [{ layerId: 'base', coat: 1, endedAt: '2026-05-16T09:05:00Z' }],
      tasks: [],
      activations: [],
    };
    expect(timeRows({ ...bonnet.job, state }, bonnet.plan, CATALOGUE)[0]).toMatchObject({
      date: '2026-05-16',
      clock: '10:05',
    });
    const coats = bonnet.plan.layers.reduce((a, l) => a + l.coats, 0);
    const { state: _none, ...anew } = bonnet.job;
    expect(leftUndone(anew, bonnet.plan)).toMatch(/^No coat is on yet/);
    expect(leftUndone({ ...bonnet.job, state }, bonnet.plan)).toContain(
      `${coats - 1} of ${coats} coats are not on`,
    );
  });
  it('no more is booked off than is in the pack', () => {
    const shelf = [
      { productId: 'orrin-base', remainingMl: 200, stockId: 's' },
      { productId: 'x', remainingMl: 5 },
    ];
    const rows = asideRows({ ...bonnet.job, shelf }, [
      { item: { id: 's', name: 'Half can', remainingMl: 150 } } as ShelfRow,
    ]);
    expect(rows).toEqual([{ stockId: 's', name: 'Half can', asideMl: 200, remainingMl: 150, usualMl: 150 }]);
    expect(asideRows({ ...bonnet.job, shelf }, null)[0]).toMatchObject({ name: 'orrin-base', usualMl: 200 });
  });
});
