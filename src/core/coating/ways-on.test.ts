/** Which surfaces have a way, and what leads to one where they have none. Common practice, no source. */
import { describe, expect, it } from 'vitest';
import { EVERY_SURFACE } from '@/demo/cells';
import { job, panel } from '@/demo/work-kit';
import { surfaceText, type Surface } from '@/model/ground';
import type { Job, Part } from '@/model/job';
import { isMetal } from '@/model/substrates';
import { CATALOGUE, productsOf } from './catalogue';
import { proposals } from './suggest';

describe('a way for every surface, or a way out that leads to one', () => {
  const whole = (part: Surface): Job => {
    const { system: _system, ...rest } = job([], { parts: [{ ...panel('p'), ...part }] });
    return rest;
  };
  const waysOn = (part: Surface): number => proposals(whole(part), productsOf(CATALOGUE, undefined)).length;
  const BEARS_NONE: readonly Part['substrate'][] = ['pe', 'rubber'];
  const without = EVERY_SURFACE.filter((s) => waysOn(s) === 0);
  it('none is proposed only where none holds: it bends, dissolves, softens, is waterborne, or cannot be', () => {
    const why = (s: Surface): boolean =>
      BEARS_NONE.includes(s.substrate) ||
      (s.condition === 'rust' && !isMetal(s)) ||
      (s.condition === 'e-coat' && s.film !== 'baked' && s.film !== 'powder') ||
      s.film === 'soft' ||
      s.film === 'waterborne' ||
      surfaceText(s) === 'chrome/bare';
    expect(without.filter((s) => !why(s)).map(surfaceText)).toEqual([]);
    expect(without.length).toBeGreaterThan(100);
  });
  it('stripped to what is below, every one of them has a way; plating has one once it is decided', () => {
    const stripped = [...new Set(without.map((s) => s.substrate))].filter((s) => !BEARS_NONE.includes(s));
    const still = stripped.filter((substrate) => waysOn({ substrate, condition: 'bare' }) === 0);
    expect(still).toEqual(['chrome']);
    const at = '2026-05-16T08:00';
    const why = 'Cross-cut and tape held on the back.';
    const overrides = [{ below: 'surface:chrome/bare', above: 'tamsel-epoxy-gun', at, why }];
    const decided = { ...whole({ substrate: 'chrome', condition: 'bare' }), overrides };
    expect(proposals(decided, productsOf(CATALOGUE, undefined)).length).toBeGreaterThan(0);
  });
});
