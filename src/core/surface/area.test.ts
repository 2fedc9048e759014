/** Areas worked by hand: 1000 × 500 mm is half a square metre. */
import { DEMO_JOBS } from '@/demo/jobs';
import { flatPart } from '@/demo/test-part';
import type { Job, Part } from '@/model/job';
import { describe, expect, it } from 'vitest';
import {
  measured,
  measuredInAll,
  overrunFactor,
  partAreaM2,
  partOverrun,
  postureShare,
  totalAreaM2,
} from './area';
import { withZones } from './zones';

const panel = flatPart();

describe('area to paint', () => {
  it('hidden edges add their share, never take it', () => {
    expect(partAreaM2(panel)).toBeCloseTo(0.5, 12);
    expect(partAreaM2({ ...panel, hiddenEdgePct: 10 })).toBeCloseTo(0.55, 12);
    expect(partAreaM2({ ...panel, hiddenEdgePct: 100 })).toBeCloseTo(1, 12);
  });
  it('both sides are twice the area, three pieces three times, a tenth of the part a tenth', () => {
    expect(partAreaM2({ ...panel, sides: 2 })).toBeCloseTo(1, 12);
    expect(partAreaM2({ ...panel, count: 3 })).toBeCloseTo(1.5, 12);
    expect(partAreaM2({ ...panel, areaFrac: 0.1 })).toBeCloseTo(0.05, 12);
    expect(totalAreaM2([panel, { ...panel, count: 3 }])).toBeCloseTo(2, 12);
  });
  it('a pass begins 65 mm before the part and ends 65 after, and so do its sides: 1130 × 630 over 1000 × 500', () =>
    expect(overrunFactor(1000, 500)).toBeCloseTo((1130 * 630) / 500_000, 9));
  it('half of two equal panels stands upright', () =>
    expect(postureShare([panel, { ...panel, posture: 'upright' }], 'upright')).toBeCloseTo(0.5, 12));
  it('a part that is being measured has no figures yet', () => {
    expect(measured({ ...panel, widthMm: 0 })).toBeNull();
    expect(measured({ ...panel, widthMm: 10_001 })).toBeNull();
    expect(measured(panel)?.areaM2).toBeCloseTo(0.5, 12);
    const begun = { ...panel, lengthMm: 0 };
    expect(measuredInAll([panel, begun, panel])).toEqual({ areaM2: 1, complete: false });
    expect(measuredInAll([panel]).complete).toBe(true);
  });
});

describe('small pieces on one board share their overrun, gaps of 40 mm included (by hand)', () => {
  const plate = (lengthMm: number, widthMm: number, count: number): number =>
    partOverrun(flatPart({ lengthMm, widthMm, count, hiddenEdgePct: 0 }));
  it('six plates of 100 × 80: a board of two by three is swept once, 370 × 450 mm over 6 × 0.008 m²', () => {
    // 2 × 100 + 40 + 130 = 370; 3 × 80 + 2 × 40 + 130 = 450; by itself a plate is swept 230 × 210.
    expect(plate(100, 80, 6)).toBeCloseTo((370 * 450) / (6 * 8000), 9);
    expect(plate(100, 80, 1)).toBeCloseTo((230 * 210) / 8000, 9);
  });
  it('what is larger than 300 mm is sprayed by itself, however many there are', () => {
    expect(plate(400, 200, 6)).toBeCloseTo(plate(400, 200, 1), 9);
  });
  it('never worse than each by itself, never less than the piece', () => {
    for (const count of [2, 3, 5, 12, 50])
      for (const [l, w] of [
        [20, 20],
        [150, 100],
        [290, 40],
        [300, 300],
      ] as const) {
        expect(plate(l, w, count)).toBeLessThanOrEqual(plate(l, w, 1) + 1e-9);
        expect(plate(l, w, count)).toBeGreaterThanOrEqual(1);
      }
  });
  it('six plates as six parts are swept as one part of six; another posture, other layers or a day apart are not', () => {
    const plates = (over: (i: number) => Partial<Part> = () => ({})): Part[] =>
      Array.from({ length: 6 }, (_, i) =>
        flatPart({ id: `p${i}`, lengthMm: 100, widthMm: 80, hiddenEdgePct: 0, ...over(i) }),
      );
    const overruns = (of: Part[], system?: Job['system']): number[] =>
      withZones({ ...DEMO_JOBS[0]!.job, parts: of, system })
        .parts.slice(0, 6)
        .map(partOverrun);
    const together = (370 * 450) / (6 * 8000);
    const alone = (230 * 210) / 8000;
    for (const x of overruns(plates())) expect(x).toBeCloseTo(together, 9);
    const one = (over: Partial<Part>): number => overruns(plates((i) => (i === 0 ? over : {})))[0]!;
    expect(one({ posture: 'upright' })).toBeCloseTo(alone, 9);
    expect(one({ readyFrom: '2026-06-01' })).toBeCloseTo(alone, 9);
    expect(one({ lengthMm: 400 })).toBeCloseTo((530 * 210) / 32000, 9);
    const only = ['p1', 'p2', 'p3', 'p4', 'p5'];
    const striped = { layers: [{ role: 'base' as const, productId: 'orrin-base', coats: 2, only }] };
    expect(overruns(plates(), striped)[0]).toBeCloseTo(alone, 9);
    // A part that is not measured yet stands in nobody's way.
    const unmeasured = flatPart({ id: 'new', lengthMm: 0 });
    expect(overruns([...plates(), unmeasured])[0]).toBeCloseTo(together, 9);
  });
});
