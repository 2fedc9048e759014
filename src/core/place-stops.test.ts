/** What a place itself stops, and what an edit of it keeps. */
import { describe, expect, it } from 'vitest';
import { demo, simulated } from '@/demo/test-kit';
import type { Job } from '@/model/job';
import { formatFor } from '@/words/format';
import { sayBlocker } from '@/words/sentences/blockers';
import { editPlace, fromPreset, inShelter, patched, takePlace, withHorizon, withLoud } from './edits/place';
import { placeStops } from './place-stops';

const bonnet = demo('tractor-bonnet');
const inA = (over: Partial<Job['place']>): Job => editPlace(bonnet, patched(over));
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
    const shed = inA({
      shelter: 'shed',
      door: 'half',
      widthM: 2,
      windFrac: 0.1,
      lamp: true,
      heater: { kW: 1, setC: 20, kind: 'electric' },
    }).place;
    expect(inShelter('carport')(shed)).toEqual({ ...bonnet.place, shelter: 'carport', lamp: true });
    const cellar = patched({ measured: { airC: 13, rhPct: 60 } })(shed);
    expect(cellar.measured).toEqual({ airC: 13, rhPct: 60 });
    expect(patched({ measured: undefined })(cellar)).toEqual(shed);
  });
  it('a garage shut and heated begins with a heater and an open door: it is sprayed in open, and cures shut', () => {
    const place = fromPreset('garage-heated')({ ...bonnet.place, name: 'Mine', door: 'shut' });
    expect(place).toMatchObject({
      name: 'Mine',
      shelter: 'garage',
      heater: { kW: 2, setC: 22, kind: 'electric' },
    });
    expect(place.door).toBeUndefined();
  });
  it('eight sides that are all level say nothing; quiet hours of a whole day neither', () => {
    const level = patched({ horizonDeg: undefined })(bonnet.place);
    const east = withHorizon(2, 30)(level);
    expect(east.horizonDeg).toEqual([0, 0, 30, 0, 0, 0, 0, 0]);
    expect(withHorizon(2, 0)(east).horizonDeg).toBeUndefined();
    const quiet = withLoud('from', '09:00')(bonnet.place);
    expect(quiet.loud).toEqual(['09:00', '24:00']);
    expect(withLoud('from', '00:00')(quiet).loud).toBeUndefined();
  });
  it('a place described in a job is its own from then on', () => {
    const taken = takePlace(bonnet, 'yard', { ...bonnet.place, shelter: 'open' });
    expect(taken.placeId).toBe('yard');
    expect(editPlace(taken, patched({ lamp: true })).placeId).toBeUndefined();
  });
});
