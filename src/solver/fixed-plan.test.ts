/**
 * A fixed plan of several sessions as a mixed-integer programme, solved by HiGHS: the search of chains is held against
 * its optimum on weeks that are too large to try everything.
 */
import loadHighs from 'highs';
import { describe, expect, it } from 'vitest';
import { searchChains } from '@/core/schedule/search/chains';
import { week } from '@/core/schedule/search/week-kit';
import { edgesOf, programmeOf } from './fixed-plan';

describe('a fixed plan against the optimum of a mixed-integer programme', () => {
  it('three sessions of 24 starts, four of 16 and six of 20, on 24 weeks: the search finds it', async () => {
    const highs = await loadHighs();
    let solved = 0;
    for (let n = 0; n < 24; n++) {
      const input = [week(3, 24), week(4, 16), week(6, 20)][n % 3]!;
      const edges = edgesOf(input);
      if (!edges.some((e) => e.from === 'source')) continue;
      const found = searchChains(input, 1)[0];
      const best = highs.solve(programmeOf(input, edges));
      if (best.Status !== 'Optimal') {
        expect(found).toBeUndefined();
        continue;
      }
      solved++;
      expect(found!.score).toBeCloseTo(best.ObjectiveValue, 5);
    }
    expect(solved).toBeGreaterThan(10);
  });
});
