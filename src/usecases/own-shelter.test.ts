/** Own sheltering from readings beside what was told: found again, robust, used by the next job, and taken back. */
import { describe, expect, it } from 'vitest';
import { besideOf, readingsApart } from '@/core/sheltering';
import { placeHours } from '@/core/place-air';
import { normals } from '@/core/numerics/random';
import { HOUR } from '@/core/time/instant';
import { demo, NOW } from '@/demo/test-kit';
import type { Beside } from '@/model/beside';
import type { Place } from '@/model/place';
import { inOwnPlaces, withPlace } from './places';
import { ofShelter, ownShelters } from './own-shelter';
import type { StoredJob } from './ports';
import { storedJob } from './test-stored';

const TOLD = { airC: 18, dewC: 9, windMs: 2 };
const pair = (read: Beside['read'], told = TOLD): Beside => ({ ms: NOW, told, read });
const yard: Place = { name: 'Yard', tz: 'Europe/London', lat: 53.4, lon: -3.1, shelter: 'carport' };
const closed = (beside: Beside[], over: Partial<StoredJob['job']> = {}): StoredJob => {
  const job = { ...demo('cargo-bike'), placeId: 'yard', place: yard, ...over };
  return storedJob({ ...job, log: { used: [], outcomes: [], note: '', beside, ...over.log } });
};
const itemOf = (kind: string, beside: Beside[]) =>
  ofShelter([closed(beside)]).find((x) => x.item === `${kind}:yard`)!;

describe('own sheltering', () => {
  it('of a place with six tenths of the wind: within a sixth after twenty readings that stray by a third', () => {
    const z = normals(3);
    let near = 0;
    for (let seed = 0; seed < 500; seed++) {
      const read = Array.from({ length: 20 }, () => pair({ windMs: 1.2 * Math.exp(0.33 * z()) }));
      if (Math.abs(itemOf('wind', read).yours / 0.6 - 1) < 1 / 6) near += 1;
    }
    expect(near / 500).toBeGreaterThan(0.9);
  });
  it('its bands hold what is true in nine of ten, of the air and of damp', () => {
    const z = normals(5);
    const held = { air: 0, damp: 0 };
    for (let seed = 0; seed < 400; seed++) {
      const [air, damp] = [1.5 * z(), z()];
      const read = Array.from({ length: 6 }, () =>
        pair({ airC: 18 + air + 1.5 * z(), dewC: 9 + damp + 1.5 * z() }),
      );
      const [a, d] = [itemOf('air', read), itemOf('damp', read)];
      if (a.band[0] <= air && air <= a.band[1]) held.air += 1;
      if (d.band[0] <= damp && damp <= d.band[1]) held.damp += 1;
    }
    for (const n of Object.values(held)) {
      expect(n / 400).toBeGreaterThan(0.85);
      expect(n / 400).toBeLessThan(0.95);
    }
  });
  it('one absurd reading moves it less than its own spread', () => {
    const usual = [19, 18.7, 19.2, 18.8, 19.1].map((airC) => pair({ airC }));
    const [before, after] = [itemOf('air', usual), itemOf('air', [...usual, pair({ airC: 48 })])];
    expect(Math.abs(after.yours - before.yours)).toBeLessThan(before.sdFrac);
  });
  it('a hand sum: two readings 3 K warmer, prior 1.5 K, reading 1.5 K: 2 K, and 0.87 K of doubt', () => {
    const air = itemOf('air', [pair({ airC: 21 }), pair({ airC: 21 })]);
    expect(air.yours).toBeCloseTo(2, 1);
    expect(air.sdFrac).toBeCloseTo(1.5 / Math.sqrt(3), 1);
  });
  it('calm air tells nothing of a share of the wind', () => {
    expect(itemOf('wind', [pair({ windMs: 0.1 }, { ...TOLD, windMs: 0.1 })])).toBeUndefined();
  });
  it('one place teaches nothing of another; what was reset rests on nothing', () => {
    const here = closed([pair({ airC: 21 })]);
    const there = closed([pair({ airC: 15 })], { placeId: 'shed', place: { ...yard, name: 'Shed' } });
    const own = ownShelters([here, there]);
    expect(own.get('yard')!.own.airK).toBeGreaterThan(0);
    expect(own.get('shed')!.own.airK).toBeLessThan(0);
    const log = { used: [], outcomes: [], note: '', unlearned: ['air:yard'] };
    const reset = closed([pair({ airC: 21 })], { log: { ...log, beside: [pair({ airC: 21 })] } });
    expect(ownShelters([reset]).get('yard')).toBeUndefined();
  });
});

describe('a job in a place that was learned', () => {
  const told = closed(Array.from({ length: 8 }, () => pair({ airC: 20, dewC: 10, windMs: 1 })));
  const bare = { ...demo('cargo-bike'), placeId: 'yard', place: yard };
  const job = inOwnPlaces(bare, [told]);
  const line = {
    airTempC: [15, 15, 15, 15],
    rhPct: [60, 60, 60, 60],
    windMs: [4, 4, 4, 4],
    gustMs: [6, 6, 6, 6],
    rainMm: [0, 0, 0, 0],
    cloudFrac: [1, 1, 1, 1],
  };
  const at = (place: Place) => placeHours({ place, line, startMs: NOW })[1]!;

  it('is planned in warmer, calmer, damper air, by as much as was learned', () => {
    const { own } = job.place;
    expect(own!.windTimes).toBeGreaterThan(0.5);
    expect(own!.windTimes).toBeLessThan(0.6);
    const [usual, here] = [at(yard), at(job.place)];
    expect(here.windMs / usual.windMs).toBeCloseTo(own!.windTimes!, 6);
    expect(here.airC - usual.airC).toBeCloseTo(own!.airK!, 6);
    // The dew point is up by less than the air: the gap is wider by what is between.
    expect(own!.airK! - own!.dewK!).toBeGreaterThan(0.3);
    const { windTimes: _calmer, ...warmed } = own!;
    const gapK = at({ ...yard, own: warmed }).gapK - usual.gapK;
    expect(gapK).toBeCloseTo(own!.airK! - own!.dewK!, 1);
  });
  it('what was read while it was of another kind says nothing; a share of the wind that its owner gives wins', () => {
    const roofed: Place = { ...yard, shelter: 'shed' };
    expect(inOwnPlaces({ ...bare, place: roofed }, [told]).place).toEqual(roofed);
    const given = inOwnPlaces({ ...bare, place: { ...yard, windFrac: 0.3 } }, [told]).place;
    expect(given.own!.windTimes).toBeUndefined();
    // Given later, over what was learned: it wins all the same.
    const later = { ...job.place, windFrac: 0.3 };
    expect(at(later).windMs).toBeCloseTo(at({ ...yard, windFrac: 0.3 }).windMs, 9);
    expect(given.own!.airK).toBe(job.place.own!.airK);
  });
  it('a share that was given while it was read is taken out again: half of it, read as told, is half of the usual', () => {
    const [usual] = ofShelter([closed([pair({ windMs: 1 })])]);
    const half = { ...yard, windFrac: 0.375 };
    const [halved] = ofShelter([closed([pair({ windMs: 2 })], { place: half })]);
    expect(halved!.yours).toBeCloseTo(usual!.yours, 6);
  });
  it('is as usual again once nothing is known, and keeps it when the place is described anew', () => {
    expect(inOwnPlaces(job, []).place).toEqual(yard);
    const anew = withPlace(job, { id: 'yard', place: { ...yard, name: 'Back yard' } });
    expect(anew.place).toEqual({ ...yard, name: 'Back yard', own: job.place.own });
  });
});

describe('readings beside what was told', () => {
  const hours = placeHours({
    place: yard,
    line: {
      airTempC: [15, 16],
      rhPct: [50, 50],
      windMs: [3, 3],
      gustMs: [4, 4],
      rainMm: [0, 0],
      cloudFrac: [1, 1],
    },
    startMs: NOW,
  });
  it('are paired with the nearest hour; the dew point is of what was read together (psychrometric table: 20 °C, 50 %: 9.3 °C)', () => {
    const b = besideOf({ ms: NOW + HOUR / 4, airC: 20, rhPct: 50, windMs: 1 }, hours)!;
    expect(b.told.airC).toBeCloseTo(15, 1);
    expect(b.read.dewC).toBeCloseTo(9.3, 1);
    expect(besideOf({ ms: NOW + 9 * HOUR, airC: 20 }, hours)).toBeNull();
    expect(besideOf({ ms: NOW, airC: 20 }, hours)!.read).toEqual({ airC: 20 });
  });
  it('within two hours say the same, and a surface alone nothing', () => {
    const at = (h: number, over = {}) => ({ ms: NOW + h * HOUR, airC: 18, ...over });
    expect(readingsApart([at(3), at(0), at(1), { ms: NOW + 9 * HOUR, panelC: 20 }])).toEqual([at(0), at(3)]);
  });
});
