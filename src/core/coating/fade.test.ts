import { describe, expect, it } from 'vitest';
import { job, panel, planned } from '@/demo/work-kit';
import type { SystemLayer } from '@/model/job';
import type { Plan } from '@/model/plan';
import { FADE_M, fadeTimes } from './fade';

/** Paint over a square spot that falls evenly to nothing over `outM`, by adding up a grid. */
function summed(sideM: number, outM: number): number {
  const step = 0.001;
  let m2 = 0;
  for (let x = step / 2; x < sideM / 2 + outM; x += step)
    for (let y = step / 2; y < sideM / 2 + outM; y += step) {
      const past = Math.hypot(Math.max(0, x - sideM / 2), Math.max(0, y - sideM / 2));
      m2 += 4 * step * step * Math.max(0, 1 - past / outM);
    }
  return m2 / (sideM * sideM);
}

describe('colour faded out (common practice: over 100–200 mm)', () => {
  it('a hand-wide spot takes three times its own paint in the last coat, by adding up as by the formula', () => {
    expect(FADE_M).toBe(0.15);
    expect(fadeTimes(0.04, 1, 1)).toBeCloseTo(3.089, 3);
    for (const [side, reach] of [
      [0.2, 1],
      [0.1, 0.5],
      [0.6, 0.75],
    ] as const)
      expect(fadeTimes(side * side, reach, 9)).toBeCloseTo(summed(side, FADE_M * reach), 2);
  });
  it('never more than the part has room for; nothing out is the spot alone; nonsense is refused', () => {
    expect(fadeTimes(0.04, 1, 0.02)).toBeCloseTo(1.5, 9);
    expect(fadeTimes(0.04, 0, 1)).toBe(1);
    expect(() => fadeTimes(0, 1, 1)).toThrow(RangeError);
    expect(() => fadeTimes(0.04, 1.2, 1)).toThrow(RangeError);
    expect(() => fadeTimes(0.04, 1, Number.NaN)).toThrow(RangeError);
  });

  const layers = (only?: string[]): SystemLayer[] => [
    { role: 'filler', productId: 'tamsel-filler', coats: 2, only: ['p--z1'] },
    { role: 'base', productId: 'orrin-base', coats: 3, ...(only ? { only } : {}) },
    { role: 'clear', productId: 'halden-1k-gloss', coats: 2 },
  ];
  // 600 × 800 with a chip of 200 × 240.
  const chipped = {
    parts: [
      panel('p', { lengthMm: 800, widthMm: 600, zones: [{ sharePct: 10, condition: 'chipped' as const }] }),
    ],
  };
  const blend = planned(job(layers(['p--z1']), chipped));
  const base = (p: Plan) => p.materials.find((m) => m.productId === 'orrin-base')!;
  it('is on the layer, in the paint of every coat and in the sum, clear and primer not', () => {
    expect(blend.layers.map((l) => l.fades)).toEqual([undefined, ['p--z1'], undefined]);
    const ml = blend.sessions
      .flatMap((s) => s.tasks)
      .filter((t) => t.kind === 'coat' && t.layerId === 'base')
      .map((t) => Number(t.detail.params.ml));
    // 0.048 m² × 8 µm / (0.075 × 0.575) is 8.9 ml a coat; × 1.51, 2.13, 2.86 as the fade runs out; a light first
    // coat and two to make up for it, 0.7 : 1 : 1.
    expect(ml).toEqual([10, 21, 28]);
    expect(base(blend).breakdown.reduce((a, b) => a + b.ml, 0)).toBeCloseTo(base(blend).needMl, 6);
    expect(base(blend).sprayMl).toBeCloseTo(
      ml.reduce((a, x) => a + x, 0),
      -1,
    );
  });
  it('says how much more it is; colour over all of the part fades nowhere', () => {
    const said = blend.cautions.find((c) => c.code === 'blend-limits')!;
    expect(Number(said.params.times)).toBeCloseTo((1.5 + 2.12 + 2.85) / 3, 1);
    const whole = planned(job(layers(), chipped));
    expect(whole.layers.some((l) => l.fades)).toBe(false);
    expect(whole.cautions.map((c) => c.code)).not.toContain('blend-limits');
  });
});
