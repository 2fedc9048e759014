/** What one more coat on the scale takes off the margins: by hand for one paint. */
import { describe, expect, it } from 'vitest';
import { job, panel } from '@/demo/work-kit';
import { systemFor } from '../coating/system';
import { weighWorth } from './weigh-worth';

const one = job([{ role: 'clear', productId: 'halden-2k-gloss', coats: 2 }], { parts: [panel('p')] });
const system = systemFor(one);

describe('what weighing one more coat is worth', () => {
  it('the margin of a beginner shrinks by a third and more: 17 % of doubt become 8.6 % (1/√(1/0.17² + 1/0.1²))', () => {
    const { marginMl, withOneMoreMl } = weighWorth(one, system);
    // Coats of 10 % scatter, two of them, stay in it: √(17² + 10²/2) = 18.4 % becomes √(8.6² + 50) = 11.2 %.
    expect(withOneMoreMl / marginMl).toBeGreaterThan(0.55);
    expect(withOneMoreMl / marginMl).toBeLessThan(0.66);
  });
  it('the margin of one who weighed forty coats hardly moves, and never grows', () => {
    const sure = { ...one, habit: { factor: 1, sdFrac: 0.015, jobs: 40 } };
    const { marginMl, withOneMoreMl } = weighWorth(sure, system);
    expect(withOneMoreMl).toBeLessThanOrEqual(marginMl);
    expect(withOneMoreMl / marginMl).toBeGreaterThan(0.99);
  });
  it('keeps the use itself: a habit of 0.9 is weighed on, not forgotten', () => {
    const light = { ...one, habit: { factor: 0.5, sdFrac: 0.17, jobs: 1 } };
    const [half, usual] = [weighWorth(light, system), weighWorth(one, system)];
    expect(half.marginMl / usual.marginMl).toBeLessThan(0.7);
    expect(half.withOneMoreMl).toBeLessThan(half.marginMl);
  });
});
