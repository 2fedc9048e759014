/** Drawings of faults: each its own, inside its window, told by form alone. */
import { describe, expect, it } from 'vitest';
import { FAULTS, LOOKS } from '@/model/fault';
import { faultCard } from '@/core/faults/cards';
import { FACE_H, FACE_W, faultFace, LOOK_FACES } from './fault-faces';

/** Absolute points of a path: those after M and L, which is where its strokes begin. */
const beginnings = (d: string): [number, number][] =>
  [...d.matchAll(/[ML](-?[\d.]+) (-?[\d.]+)/g)].map((m) => [Number(m[1]), Number(m[2])]);

describe('drawings of faults', () => {
  it.each(FAULTS)('%s lies inside its window and is drawn', (code) => {
    const strokes = faultFace(code);
    expect(strokes.length).toBeGreaterThan(0);
    const points = strokes.flatMap((s) => beginnings(s.d));
    expect(points.length).toBeGreaterThan(0);
    for (const [x, y] of points) {
      expect(x).toBeGreaterThanOrEqual(-6);
      expect(x).toBeLessThanOrEqual(FACE_W + 40);
      expect(y).toBeGreaterThanOrEqual(-8);
      expect(y).toBeLessThanOrEqual(FACE_H + 2);
    }
    expect(JSON.stringify(strokes)).not.toMatch(/NaN|undefined|Infinity/);
  });
  it('no two are alike, and each lies still', () => {
    const drawn = FAULTS.map((c) => JSON.stringify(faultFace(c)));
    expect(new Set(drawn).size).toBe(FAULTS.length);
    expect(drawn).toEqual(FAULTS.map((c) => JSON.stringify(faultFace(c))));
  });
  it('a group is drawn as one of its own faults', () => {
    for (const look of LOOKS) expect(faultCard(LOOK_FACES[look]).looks).toContain(look);
  });
});
