/** Papers chosen by hand, judged by the grain ratios of FEPA 43 (worked out here) and not replaced. */
import { describe, expect, it } from 'vitest';
import { allTasks } from '@/demo/test-kit';
import { job, panel, planned } from '@/demo/work-kit';
import { setLadder } from '../edits/layers';
import { systemFor } from '../coating/system';
import type { SystemLayer } from '@/model/job';
import { judgeLadder } from './own-ladder';
import { ladderOf } from './ladder';

const faults = (ladder: number[], gritP: number): unknown[] =>
  judgeLadder({ ladder, gritP }).map((n) => [n.code, n.params.ratio ?? n.params.last ?? n.params.to]);

describe('judged', () => {
  it('P80 120 180 320: 201/125, 125/82, 82/46.2 are under 2: nothing to say', () => {
    expect(faults([80, 120, 180, 320], 320)).toEqual([]);
  });
  it('P80 to P180 is 201 to 82, 2.5 to 1: scratches stay', () => {
    expect(faults([80, 180, 320], 320)).toEqual([['ladder-jumps', 2.5]]);
  });
  it('P180 to P400 is 82 to 35, 2.3 to 1', () => {
    expect(faults([180, 400], 400)).toEqual([['ladder-jumps', 2.3]]);
  });
  it('coarser again, ended too coarse, ended far too fine', () => {
    expect(faults([180, 120, 180], 180)).toEqual([['ladder-goes-back', 120]]);
    expect(faults([180, 320], 600)).toEqual([['ladder-ends-coarse', 320]]);
    // P400 is 35 µm, P1200 15.3: less than half.
    expect(faults([400, 600, 1200], 400)).toEqual([['ladder-ends-fine', 1200]]);
    expect(faults([400, 500], 400)).toEqual([]);
  });
});

describe('not replaced', () => {
  const layers: SystemLayer[] = [
    { role: 'filler', productId: 'tamsel-filler', coats: 3 },
    { role: 'base', productId: 'orrin-base', coats: 3 },
    { role: 'clear', productId: 'halden-1k-gloss', coats: 4 },
  ];
  const j = job(layers, { parts: [panel('p', { condition: 'failing-clear' })] });
  const seam = systemFor(j).seams[0]!;
  const own = setLadder(j, seam, systemFor(j), [80, 180, 320]);
  it('the run sheet sands with these papers, and says what is wrong with them', () => {
    const p = planned(own);
    const sand = allTasks(p).filter((t) => t.id.startsWith('s-filler.sand'));
    expect(sand.map((t) => t.detail.params.grit)).toEqual([80, 180, 320]);
    expect(p.cautions.find((c) => c.code === 'own-ladder')!.params).toMatchObject({
      fault: 'ladder-jumps',
      from: 80,
      to: 180,
    });
  });
  it('other seams keep the ladder of the rules; given back, so does this one', () => {
    expect(systemFor(own).seams.filter((s) => s.ladder)).toHaveLength(1);
    const back = setLadder(own, seam, systemFor(own), null);
    expect(back.ladders).toBeUndefined();
    expect(ladderOf(systemFor(back).seams[0]!)).toEqual(ladderOf(seam));
  });
  it('a seam that goes wet on wet has no papers', () => {
    const wet = { ...j, ladders: [{ below: 'orrin-base', above: 'halden-1k-gloss', grits: [800] }] };
    expect(systemFor(wet).seams.some((s) => s.ladder)).toBe(false);
  });
});
