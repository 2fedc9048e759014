/** Steps of several parts as one task a grit: minutes and sheets of all of them, whatever each of them gets. */
import { describe, expect, it } from 'vitest';
import type { Peel } from '@/model/finish';
import type { PartFinish } from './budget';
import { flatSteps } from './losses';
import { finishSteps } from './tasks';

const flatted = (partId: string, areaM2: number, peel: Peel): PartFinish =>
  ({
    partId,
    areaM2,
    bars: [
      { where: 'faces', act: 'flat', steps: flatSteps(1500, peel, 'hand') },
      { where: 'edges', act: 'leave', steps: [] },
    ],
  }) as unknown as PartFinish;
const at1500 = (...parts: PartFinish[]) => finishSteps(parts).find((t) => t.id === 'finish.sand-p1500')!;

describe('one task a grit', () => {
  // 30 min a square metre and pass by hand, 5 to lay it out; a sheet for half a square metre and pass.
  it('a square metre once and half of one twice: 5 + 30 + 30 min, two passes of sheets each', () => {
    const [light, medium] = [flatted('a', 1, 'light'), flatted('b', 0.5, 'medium')];
    for (const task of [at1500(light, medium), at1500(medium, light)])
      expect(task).toMatchObject({ minutes: 65, sheets: 4, passes: 2, areaM2: 1.5 });
  });
  it('adds up as the parts alone do, but for laying it out', () => {
    const [a, b] = [flatted('a', 0.7, 'light'), flatted('b', 0.4, 'heavy')];
    expect(at1500(a, b).minutes).toBeCloseTo(at1500(a).minutes + at1500(b).minutes - 5, 0);
  });
  it('tapes the edges of what is flatted first, dresses edges last where they carry it', () => {
    const edged = flatted('a', 1, 'light');
    const carries = { ...edged, bars: [edged.bars[0]!, { ...edged.bars[1]!, act: 'polish' as const }] };
    const ids = finishSteps([carries]).map((t) => t.id);
    expect(ids[0]).toBe('finish.tape');
    expect(ids.at(-1)).toBe('finish.edges');
    expect(finishSteps([edged]).map((t) => t.id)).not.toContain('finish.edges');
  });
});
