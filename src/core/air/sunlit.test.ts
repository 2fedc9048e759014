/** The sun at a part, by hand: directions, what stands in the way, the edge of a roof, a door. Shares are from memory. */
import { describe, expect, it } from 'vitest';
import type { Place } from '@/model/place';
import { sunOfDay, sunSpans } from '../place-air';
import { sunAt } from './sun';
import { apartDeg, edgeDeg, horizonAt, profileDeg, sunShare } from './sunlit';

const at = (over: Partial<Place>): Place => ({ tz: 'UTC', lat: 53, lon: 0, shelter: 'open', ...over });
const sun = (altitudeDeg: number, azimuthDeg: number) => ({ altitudeDeg, azimuthDeg });

describe('where the sun stands', () => {
  it('NREL SPA, worked example: 2003-10-17 12:30:30 at UTC−7, 39.742476° N 105.1786° W: zenith 50.11°, azimuth 194.34°', () => {
    const { altitudeDeg, azimuthDeg } = sunAt(Date.UTC(2003, 9, 17, 19, 30, 30), 39.742476, -105.1786);
    expect(Math.abs(90 - altitudeDeg - 50.11)).toBeLessThan(0.01);
    expect(Math.abs(azimuthDeg - 194.34)).toBeLessThan(0.01);
  });
});

describe('what stands in its way', () => {
  it('350° and 10° lie 20° apart, 90° and 270° half a turn', () => {
    expect(apartDeg(350, 10)).toBe(20);
    expect(apartDeg(10, 350)).toBe(20);
    expect(apartDeg(90, 270)).toBe(180);
  });
  it('between two eighths the skyline runs straight, also over north', () => {
    const line = [10, 20, 0, 0, 0, 0, 0, 40];
    expect(horizonAt(line, 0)).toBe(10);
    expect(horizonAt(line, 22.5)).toBe(15);
    expect(horizonAt(line, 45)).toBe(20);
    expect(horizonAt(line, 337.5)).toBe(25);
    expect(horizonAt(line, -22.5)).toBe(25);
    expect(horizonAt(undefined, 100)).toBe(0);
  });
  it('in the open a sun under the skyline leaves the bright sky, one over it is whole', () => {
    const yard = at({ horizonDeg: [0, 0, 40, 0, 0, 0, 0, 0] });
    expect(sunShare(yard, sun(30, 90))).toBe(0.15);
    expect(sunShare(yard, sun(41, 90))).toBe(1);
    expect(sunShare(yard, sun(30, 180))).toBe(1);
  });
});

describe('roof and door', () => {
  const leanTo = at({ shelter: 'lean-to', depthM: 2.8, heightM: 2.2, facing: 135 });
  it('a part 0.9 m up in the middle of 2.8 m under an edge of 2.2 m sees the sun up to 42.9°: tan is 1.3 over 1.4', () => {
    expect(edgeDeg(leanTo)).toBeCloseTo(42.88, 2);
    expect(sunShare(leanTo, sun(42, 135))).toBe(1);
    expect(sunShare(leanTo, sun(44, 135))).toBe(0.15);
  });
  it('from the side and from behind it does not get in; where nobody said which way it looks, its kind counts', () => {
    // From 70° to the side 10° seem 27.3° in the cut and 20° seem 46.8°: tan a over cos 70°.
    expect(profileDeg(135, sun(10, 205))).toBeCloseTo(27.27, 2);
    expect(profileDeg(135, sun(20, 65))).toBeCloseTo(46.78, 2);
    expect(profileDeg(135, sun(20, 315))).toBeCloseTo(160, 9);
    expect(sunShare(leanTo, sun(10, 205))).toBe(1);
    expect(sunShare(leanTo, sun(20, 205))).toBe(0.15);
    expect(sunShare(leanTo, sun(4, 221))).toBe(0.15);
    expect(sunShare(leanTo, sun(20, 315))).toBe(0.15);
    expect(sunShare(at({ shelter: 'carport' }), sun(20, 10))).toBe(0.2);
  });
  it('through a door of 2 m: whole, half, not at all; a window-less room otherwise dark', () => {
    const garage = (door: Place['door']): Place =>
      at({ shelter: 'garage', depthM: 4, heightM: 2.6, facing: 180, ...(door ? { door } : {}) });
    expect(edgeDeg(garage('open'))).toBeCloseTo(28.81, 2);
    expect(sunShare(garage('open'), sun(20, 200))).toBe(1);
    expect(sunShare(garage('half'), sun(20, 200))).toBe(0.5);
    expect(sunShare(garage('shut'), sun(20, 200))).toBe(0);
    expect(sunShare(garage('open'), sun(30, 200))).toBe(0);
    expect(sunShare(garage('open'), sun(20, 230))).toBe(0);
  });
  it('a day at 53° N in June: open to the south-east the sun is on the part from its rise until it stands over the edge', () => {
    const spans = sunSpans(sunOfDay(leanTo, Date.UTC(2026, 5, 21)));
    expect(spans).toHaveLength(1);
    const from = new Date(spans[0]!.fromMs).getUTCHours();
    const to = profileDeg(135, sunAt(spans[0]!.toMs, 53, 0));
    expect(from).toBe(3);
    expect(to).toBeLessThan(42.9);
    expect(to).toBeGreaterThan(41.5);
    expect(sunSpans(sunOfDay(at({ lat: 80 }), Date.UTC(2026, 11, 21)))).toEqual([]);
  });
});
