import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { DEMO_JOBS } from '@/demo/jobs';
import type { Job } from '@/model/job';
import { parseJob } from '@/formats/job-file';
import { lightnessOf } from './colour';
import { candyHex, coatsToHide, PRIMER_SHADES } from './depth';
import { SILVER_HEX } from './tint';
import { systemFor } from './system';

describe('candy over a silver ground (Beer–Lambert, light passes each coat twice)', () => {
  it('no coat is the ground, the nominal number is the colour, more coats are deeper', () => {
    expect(candyHex('#a51e2e', 0, 4).toLowerCase()).toBe(SILVER_HEX.toLowerCase());
    const four = candyHex('#a51e2e', 4, 4);
    const near = (a: string, b: string): number =>
      Math.max(
        ...[1, 3, 5].map((i) => Math.abs(parseInt(a.slice(i, i + 2), 16) - parseInt(b.slice(i, i + 2), 16))),
      );
    expect(near(four, '#a51e2e')).toBeLessThanOrEqual(12);
    for (let n = 1; n < 8; n++)
      expect(lightnessOf(candyHex('#a51e2e', n, 4))).toBeLessThan(lightnessOf(candyHex('#a51e2e', n - 1, 4)));
  });
  it('two coats and then two are four: the law multiplies (identity, 100 random colours)', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 0xffffff }), (n) => {
        const hex = `#${n.toString(16).padStart(6, '0')}`;
        const twice = candyHex(hex, 2, 4);
        // Per channel, the square of the half way is the whole way, within the rounding of hex.
        for (const i of [1, 3, 5]) {
          const lin = (h: string): number => {
            const v = parseInt(h.slice(i, i + 2), 16) / 255;
            return v <= 0.04045 ? v / 12.92 : ((v + 0.055) / 1.055) ** 2.4;
          };
          expect(Math.abs(lin(twice) ** 2 / lin(SILVER_HEX) - lin(candyHex(hex, 4, 4)))).toBeLessThan(0.02);
        }
      }),
      { numRuns: 100, seed: 6 },
    );
  });
});

describe('primer shade against coats to hide (common practice: dark under dark, white under yellow)', () => {
  it('a primer near the colour’s lightness takes the fewest coats, over 200 random colours', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 0xffffff }), (n) => {
        const hex = `#${n.toString(16).padStart(6, '0')}`;
        const l = lightnessOf(hex);
        const coats = PRIMER_SHADES.map(([, s]) => coatsToHide(hex, s, 8));
        const nearest = PRIMER_SHADES.reduce(
          (best, s, i) => (Math.abs(s[1] - l) < Math.abs(PRIMER_SHADES[best]![1] - l) ? i : best),
          0,
        );
        expect(coats[nearest]).toBe(Math.min(...coats));
        for (const c of coats) {
          expect(c).toBeGreaterThanOrEqual(1);
          expect(c).toBeLessThan(9);
        }
      }),
      { numRuns: 200, seed: 7 },
    );
  });
  it('yellow over black wants more coats than over white; a thinner coat wants more of them', () => {
    expect(coatsToHide('#e8c020', 0.18, 8)).toBeGreaterThan(coatsToHide('#e8c020', 0.97, 8));
    expect(coatsToHide('#202020', 0.97, 4)).toBeGreaterThan(coatsToHide('#202020', 0.97, 12));
  });
});

describe('schools and overrides', () => {
  const job: Job = { ...DEMO_JOBS[2]!.job };
  const after = (j: Job) => systemFor(j);
  it('each school changes what it says: the grit, the sealer, the wait for clear, the coats of clear', () => {
    const grit = (j: Job): number | null | undefined => after(j).seams.find((s) => s.above === 'base')?.gritP;
    expect([grit(job), grit({ ...job, schools: { lastGrit: '320' } })]).toEqual([600, 320]);
    const gun: Job = { ...job, equipment: { sprayer: 'hvlp', suppliedAir: true } };
    expect(after(gun).layers.some((l) => l.role === 'sealer')).toBe(false);
    expect(after({ ...gun, schools: { sealer: 'always' } }).layers.some((l) => l.role === 'sealer')).toBe(
      true,
    );
    const wait = (j: Job): number | undefined =>
      after(j).seams.find((s) => s.above === 'clear')?.window?.minMin;
    expect([wait(job), wait({ ...job, schools: { baseToClear: '60' } })]).toEqual([20, 60]);
    const gloss: Job = { ...job, purpose: { ...job.purpose, finish: 'gloss' } };
    const clears = (j: Job): number => after(j).layers.at(-1)!.coats;
    expect(clears({ ...gloss, schools: { flatting: 'flatted' } })).toBe(clears(gloss) + 1);
  });
  it('a refused seam taken on is planned with care, on record, and only that one', () => {
    const wrong: Job = {
      ...job,
      system: { layers: [{ role: 'colour', productId: 'skerry-enamel', coats: 2 }] },
    };
    expect(after(wrong).blockers.map((b) => b.code)).toContain('seam-no');
    const own: Job = {
      ...wrong,
      overrides: [{ below: 'surface:aluminium/bare', above: 'skerry-enamel', at: '2026-05-16T08:00' }],
    };
    expect(parseJob(own).ok).toBe(true);
    expect(after(own).blockers).toEqual([]);
    expect(after(own).seams[0]).toMatchObject({
      verdict: 'care',
      mark: 'own',
      reason: { code: 'seam-overridden' },
    });
    expect(
      after({
        ...own,
        system: { layers: [{ role: 'base', productId: 'orrin-base', coats: 2 }] },
      }).blockers.map((b) => b.code),
    ).toContain('seam-no');
  });
});
