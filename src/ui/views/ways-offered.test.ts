import { describe, expect, it } from 'vitest';
import { systemFor } from '@/core/coating/system';
import { demo, simulated } from '@/demo/test-kit';
import { formatFor } from '@/words/format';
import { wayLine, waysOffered } from './ways-offered';

const bike = demo('cargo-bike');
const plan = simulated(bike);
const drawn = systemFor(bike).layers;

describe('ways as they are compared', () => {
  const ways = waysOffered(bike, drawn, plan);
  it('one of them is what is drawn, with the hours of its plan; once work is done they are its own again', () => {
    expect(ways.filter((w) => w.isDrawn)).toHaveLength(1);
    const way = ways.find((w) => w.isDrawn)!;
    expect(way.route.handsOnH).toBe(plan.handsOnH);
    const begun = { ...bike, state: { coats: [], activations: [] } };
    const later = waysOffered(begun, drawn, { ...plan, handsOnH: 0.5 }).find((w) => w.isDrawn)!;
    expect(later.route.handsOnH).toBeGreaterThan(1);
  });
  it('says what the kit lacks, and in one line what it takes', () => {
    const lacks = new Map(ways.map((w) => [w.route.route, w.lacks]));
    expect(lacks.get('cans-1k')).toBeNull();
    expect(lacks.get('cans-2k')).toBe('air-fed mask not in your kit');
    expect(lacks.get('gun-1k')).toBe('gun not in your kit');
    expect(lacks.get('gun-2k')).toBe('gun and air-fed mask not in your kit');
    const line = wayLine(ways[0]!, 'GBP', formatFor('metric'));
    expect(line).toMatch(/^£[\d.]+ paint · \d sessions? · \d+ h \d\d hands-on · \d+ µm$/);
  });
});
