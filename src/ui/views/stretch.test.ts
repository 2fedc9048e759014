/** How much of the weeks a ribbon shows. */
import { describe, expect, it } from 'vitest';
import { beginsH, canDo, knownSpan, leafed, movedBy, shownHours, USUAL_SHOWN, zoomed } from './stretch';

const known = { fromH: -48, untilH: 336 };

describe('the stretch of a ribbon', () => {
  it('begins five hours ago and shows three days and a half', () => {
    expect(beginsH(USUAL_SHOWN, known)).toBe(-5);
    expect(shownHours(USUAL_SHOWN, known)).toBe(84);
    expect(canDo(USUAL_SHOWN, known)).toEqual({ closer: true, wider: true, earlier: true, later: true });
  });
  it('leafs a day at a time at three days and a half, and stops at both ends of what is known', () => {
    expect(beginsH(leafed(USUAL_SHOWN, 1, known), known)).toBe(19);
    let shown = USUAL_SHOWN;
    for (let k = 0; k < 30; k++) shown = leafed(shown, 1, known);
    expect(beginsH(shown, known)).toBe(336 - 84);
    expect(canDo(shown, known).later).toBe(false);
    for (let k = 0; k < 30; k++) shown = leafed(shown, -1, known);
    expect(beginsH(shown, known)).toBe(-48);
    expect(canDo(shown, known).earlier).toBe(false);
  });
  it('zooms from a day and a half to fourteen days, about the middle once it is leafed', () => {
    expect(shownHours(zoomed(USUAL_SHOWN, -1, known), known)).toBe(36);
    const wide = zoomed(zoomed(zoomed(USUAL_SHOWN, 1, known), 1, known), 1, known);
    expect(shownHours(wide, known)).toBe(336);
    expect(canDo(wide, known).wider).toBe(false);
    const off = movedBy(USUAL_SHOWN, 105, known);
    expect(beginsH(off, known)).toBe(100);
    expect(beginsH(zoomed(off, -1, known), known)).toBe(124);
  });
  it('a short forecast is shown from where it begins, however wide', () => {
    const short = { fromH: -3, untilH: 20 };
    expect(beginsH(USUAL_SHOWN, short)).toBe(-3);
    expect(canDo(USUAL_SHOWN, short)).toMatchObject({ earlier: false, later: false, wider: false });
    expect(shownHours(USUAL_SHOWN, short)).toBe(23);
  });
  it('what is known follows from the nodes of the air', () => {
    const hour = 3_600_000;
    expect(knownSpan({ startMs: 10 * hour, stepMs: hour, sunDeg: [1, 2, 3, 4] }, 12 * hour)).toEqual({
      fromH: -2,
      untilH: 1,
    });
  });
});
