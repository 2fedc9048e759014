/** What hangs on one socket, by hand: ampere are watts over volts (identity). A compressor draws 1.5 kW [M]. */
import { describe, expect, it } from 'vitest';
import { demo, simulated } from '@/demo/test-kit';
import type { Job } from '@/model/job';
import type { Place } from '@/model/place';
import { formatFor } from '@/words/format';
import { toldText } from '@/words/sentences/head';
import { sayCaution } from '@/words/sentences/cautions';
import { fuseTrips } from './mains';

const bonnet = demo('tractor-bonnet');
const on = (place: Partial<Place>, sprayer: Job['equipment']['sprayer'] = 'hvlp'): Job => ({
  ...bonnet,
  equipment: { ...bonnet.equipment, sprayer },
  place: { ...bonnet.place, shelter: 'garage', ...place },
});
const heater = (kW: number, kind: 'electric' | 'flame' = 'electric') => ({ kW, setC: 22, kind });

describe('one socket', () => {
  it('2 kW at 230 V are 8.7 A and the compressor 6.5: each goes on 13 A, both together do not', () => {
    expect(fuseTrips(on({ fuseA: 13, heater: heater(2) }))).toEqual([
      { heaterA: 8.7, compressorA: 6.5, fuseA: 13, alone: 0 },
    ]);
    expect(fuseTrips(on({ fuseA: 16, heater: heater(2) }))).toEqual([]);
    expect(fuseTrips(on({ fuseA: 13, heater: heater(2) }, 'aerosol'))).toEqual([]);
    expect(fuseTrips(on({ fuseA: 13, heater: heater(2, 'flame') }))).toEqual([]);
  });
  it('at 120 V the same heater is 16.7 A and trips 15 A by itself', () => {
    expect(fuseTrips(on({ fuseA: 15, volts: 120, heater: heater(2) }, 'aerosol'))).toEqual([
      { heaterA: 16.7, compressorA: 0, fuseA: 15, alone: 1 },
    ]);
  });
  it('where nobody said what the fuse is, nothing is said', () => {
    expect(fuseTrips(on({ heater: heater(9) }))).toEqual([]);
  });
});

describe('what a place makes one mind', () => {
  const said = (job: Job): Record<string, string> =>
    Object.fromEntries(
      simulated(job).cautions.map((c) => [c.code, toldText(sayCaution(c, formatFor('metric')))]),
    );
  it('a dusty floor: damped the hour before, but with no leads on it', () => {
    expect(said(on({ dusty: true }))['dusty-place']).toMatch(/no water on it while leads lie there/);
    expect(said(on({ dusty: true }, 'aerosol'))['dusty-place']).toMatch(/damp it an hour before/);
    expect(said(on({}, 'aerosol'))).not.toHaveProperty('dusty-place');
  });
  it('cans that stand in a place under 15 °C are said to be cold; indoors they are not', () => {
    const cold = (paintHere: boolean): Job => ({
      ...on({ shelter: 'cellar', measured: { airC: 12, rhPct: 50 }, lamp: true }, 'aerosol'),
      place: {
        ...bonnet.place,
        shelter: 'cellar',
        measured: { airC: 12, rhPct: 50 },
        lamp: true,
        ...(paintHere ? { paintHere } : {}),
      },
    });
    expect(said(cold(true))['cold-paint']).toMatch(/at about 12 °C: they spit/);
    expect(said(cold(false))).not.toHaveProperty('cold-paint');
  });
});
