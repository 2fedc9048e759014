/** What a place itself stops, and what an edit of it keeps. */
import { describe, expect, it } from 'vitest';
import { demo, simulated } from '@/demo/test-kit';
import type { Job } from '@/model/job';
import { formatFor } from '@/words/format';
import { sayBlocker } from '@/words/sentences/blockers';
import { patchPlace, setMeasured, setShelter } from './edits/purpose';
import { placeStops } from './place-stops';

const bonnet = demo('tractor-bonnet');
const inA = (over: Partial<Job['place']>): Job => patchPlace(bonnet, over);
const codes = (job: Job): string[] => placeStops(job).map((n) => n.code);

describe('what a place stops', () => {
  it('nothing is sprayed behind a shut door; half open or open, or where there is none, it may be', () => {
    expect(codes(inA({ shelter: 'garage', door: 'shut' }))).toEqual(['place-shut']);
    expect(codes(inA({ shelter: 'garage', door: 'half' }))).toEqual([]);
    expect(codes(inA({ shelter: 'garage' }))).toEqual([]);
    expect(codes(inA({ shelter: 'lean-to', door: 'shut' }))).toEqual([]);
    const p = simulated(inA({ shelter: 'garage', door: 'shut' }));
    expect(p.kind).toBe('blocked');
    expect(p.sessions).toEqual([]);
  });
  it('a part and the arm past both its ends must fit the floor that was measured: 1.4 m and 1.6 m in 2.9 m do not, in 3 m they do', () => {
    const parts = [{ ...bonnet.parts[0]!, name: 'Door', lengthMm: 1400, widthMm: 600 }];
    const on = (depthM: number): Job => ({ ...inA({ shelter: 'tent', widthM: 2, depthM }), parts });
    expect(codes(on(3))).toEqual([]);
    const [stop] = placeStops(on(2.9));
    expect(stop).toEqual({
      code: 'part-too-large',
      params: { part: 'Door', partMm: 1400, swingMm: 800, floorMm: 2900 },
    });
    expect(sayBlocker(stop!, formatFor('metric'))).toBe(
      'Door is 1400 mm long; with 800 mm for the arm at each end it wants 3000 mm, and the floor has 2900 mm. Take another place on Surface.',
    );
    // A floor that nobody measured stops nothing.
    expect(codes({ ...inA({ shelter: 'tent' }), parts })).toEqual([]);
  });
  it('where vapour gathers it is said, where it blows away it is not', () => {
    const said = (shelter: Job['place']['shelter']): boolean =>
      simulated(inA({ shelter })).cautions.some((c) => c.code === 'close-place');
    expect((['tent', 'shed', 'cellar', 'enclosure'] as const).every(said)).toBe(true);
    expect((['open', 'carport', 'lean-to'] as const).some(said)).toBe(false);
  });
  it('another kind of place forgets what was said of the walls before; measured air can be given and taken back', () => {
    const shed = inA({ shelter: 'shed', door: 'half', widthM: 2, windFrac: 0.1, lamp: true });
    expect(setShelter(shed, 'carport').place).toEqual({ ...bonnet.place, shelter: 'carport', lamp: true });
    const cellar = setMeasured(shed, { airC: 13, rhPct: 60 });
    expect(cellar.place.measured).toEqual({ airC: 13, rhPct: 60 });
    expect(setMeasured(cellar, undefined).place).toEqual(shed.place);
  });
});
