/** Which surfaces have a way, and what leads to one where they have none. Common practice, no source. */
import { describe, expect, it } from 'vitest';
import { EVERY_SURFACE } from '@/demo/cells';
import { job, panel, planned } from '@/demo/work-kit';
import { surfaceText, type Surface } from '@/model/ground';
import type { Job, Part } from '@/model/job';
import { isMetal } from '@/model/substrates';
import { CATALOGUE, productsOf } from './catalogue';
import { withZones } from '../surface/zones';
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

describe('a plain enamel, and a mended spot', () => {
  const ways = (over: Partial<Part>, purpose: Partial<Job['purpose']> = {}) => {
    const { system: _system, ...j } = job([], {
      parts: [{ ...panel('p'), ...over }],
      equipment: { sprayer: 'aerosol', suppliedAir: true },
    });
    const whole = withZones({ ...j, purpose: { ...j.purpose, ...purpose } });
    return new Map(proposals(whole, productsOf(CATALOGUE, undefined)).map((x) => [x.route, x.layers]));
  };
  const gloss = {
    finish: 'gloss',
    exposure: [],
    colour: { name: 'Red', hex: '#A03020', kind: 'solid' },
  } as const;
  it('enamel: primer and two coats, no clear, gloss and solid only, not where petrol drips', () => {
    const layers = ways({ condition: 'bare' }, { ...gloss, exposure: [] }).get('cans-enamel')!;
    expect(layers.map((l) => l.productId)).toEqual(['tamsel-etch', 'tamsel-filler', 'skerry-enamel']);
    expect(ways({}, { ...gloss, finish: 'matte', exposure: [] }).has('cans-enamel')).toBe(false);
    expect(ways({}, { ...gloss, exposure: ['fuel'] }).has('cans-enamel')).toBe(false);
  });
  it('blend: primer and colour on the chip alone, clear over all of the panel; its limits are said', () => {
    const chipped = { zones: [{ sharePct: 10, condition: 'chipped' as const }] };
    const layers = ways(chipped, { ...gloss, exposure: [] }).get('blend')!;
    const on = (role: string) => layers.find((l) => l.role === role)!.only;
    expect(on('base')).toEqual(['p--z1']);
    expect(on('filler')).toEqual(['p--z1']);
    expect(on('clear')).toBeUndefined();
    const j = job([...layers], { parts: [{ ...panel('p'), ...chipped }] });
    expect(planned(j).cautions.map((c) => c.code)).toContain('blend-limits');
  });
  it('no blend without a zone, over paint that is not sound, or in candy and flake', () => {
    expect(ways({}, { ...gloss, exposure: [] }).has('blend')).toBe(false);
    const zones = [{ sharePct: 10, condition: 'chipped' as const }];
    expect(ways({ condition: 'unknown-paint', zones }, { ...gloss, exposure: [] }).has('blend')).toBe(false);
    const colour = { ...gloss.colour, kind: 'candy' as const };
    expect(ways({ zones }, { ...gloss, exposure: [], colour }).has('blend')).toBe(false);
  });
});
