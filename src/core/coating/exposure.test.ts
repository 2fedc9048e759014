/** What a top stands and does not, by what it meets in service. Common practice, no source. */
import { describe, expect, it } from 'vitest';
import { job, panel, planned } from '@/demo/work-kit';
import type { Job, Purpose, SystemLayer } from '@/model/job';
import { systemFor } from './system';

const base: SystemLayer = { role: 'base', productId: 'orrin-base-gun', coats: 3 };
const two: SystemLayer = { role: 'clear', productId: 'halden-gun-gloss', coats: 2 };
const one: SystemLayer = { role: 'clear', productId: 'halden-1k-gloss', coats: 4 };
const meets = (
  what: Purpose['exposure'][number],
  layers: readonly SystemLayer[],
  over: Partial<Job> = {},
): Job => {
  const j = job(layers, over);
  return { ...j, purpose: { ...j.purpose, exposure: [what] } };
};
const stops = (j: Job): unknown[] => systemFor(j).blockers.map((b) => [b.code, b.params.product]);
const words = (j: Job): string[] => planned(j).cautions.map((c) => c.code);

describe('petrol, brake fluid, hot oil', () => {
  it('petrol and brake fluid take a one-part clear off: refused, and the layer is named', () => {
    expect(stops(meets('fuel', [base, one]))).toEqual([['fuel-dissolves-one-pack', 'Halden 1K clear']]);
    expect(stops(meets('brake-fluid', [base, one]))).toEqual([['brake-fluid-strips', 'Halden 1K clear']]);
  });
  it('two-part clear stands petrol; brake fluid attacks even that, and it is said', () => {
    expect(stops(meets('fuel', [base, two]))).toEqual([]);
    expect(stops(meets('brake-fluid', [base, two]))).toEqual([]);
    expect(words(meets('brake-fluid', [base, two]))).toContain('brake-fluid');
    expect(words(meets('fuel', [base, two]))).not.toContain('brake-fluid');
  });
  it('hot oil softens lacquer in time, not two-part paint and not enamel', () => {
    expect(words(meets('oil', [base, one]))).toContain('hot-oil');
    expect(words(meets('oil', [base, two]))).not.toContain('hot-oil');
    const enamel: SystemLayer = { role: 'colour', productId: 'skerry-enamel', coats: 2 };
    expect(words(meets('oil', [enamel]))).not.toContain('hot-oil');
  });
  it('every part has a top of its own: the one that ends in one-part clear is the one that is refused', () => {
    const parts = [panel('a'), panel('b')];
    const mixed = [base, { ...one, only: ['a'] }, { ...two, only: ['b'] }];
    expect(stops(meets('fuel', mixed, { parts }))).toEqual([['fuel-dissolves-one-pack', 'Halden 1K clear']]);
  });
});
