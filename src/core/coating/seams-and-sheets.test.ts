/**
 * One seam judged in all its fields, what a sheet may not say, and the character of coats. Common practice,
 * no source.
 */
import { describe, expect, it } from 'vitest';
import { demo, product } from '@/demo/test-kit';
import type { Job, Part } from '@/model/job';
import type { Product } from '@/model/product';
import { CATALOGUE, productsOf } from './catalogue';
import { characterOf, coatWeights } from './character';
import { candyHex, coatsToHide, hidingUm, PRIMER_SHADES } from './depth';
import { judgeSeam, type Pair } from './judge-seam';
import { ruleFor } from './rules/rules';
import { splitAtSeams } from './sessions';
import { sheetFaults } from './sheet-faults';
import type { Seam } from '../seams/seam';

const bonnet = demo('tractor-bonnet');
const layerOf = (p: Product): Pair['layer'] => ({
  id: p.role,
  role: p.role,
  productId: p.id,
  coats: 2,
  filmUmPerCoat: 10,
  partIds: [],
});
const overProduct = (below: string, above: string): Pair => ({
  ground: { kind: 'layer', layerId: product(below).role },
  below: { product: product(below) },
  layer: layerOf(product(above)),
  above: product(above),
  isSpot: false,
});
const overSurface = (substrate: Part['substrate'], condition: Part['condition'], above: string): Pair => ({
  ground: { kind: 'surface', substrate, condition },
  below: { surface: { substrate, condition } },
  layer: layerOf(product(above)),
  above: product(above),
  isSpot: false,
});
const judged = (pair: Pair, over: Partial<Job> = {}): Seam => judgeSeam({ ...bonnet, ...over }, pair, 'p');

describe('a seam in all its fields', () => {
  it('clear on base goes wet, with the waits of the base’s sheet', () => {
    expect(judged(overProduct('orrin-base', 'halden-2k-gloss'))).toMatchObject({
      below: { kind: 'layer', layerId: 'base' },
      above: 'clear',
      verdict: 'ok',
      join: 'wet-on-wet',
      window: { minMin: 20, wetMaxMin: 60, bondMaxMin: 1440 },
      reason: { code: 'two-pack-clear-on-base', params: { below: 'Orrin base', above: 'Halden 2K clear' } },
      wayOut: null,
      partIds: ['p'],
    });
  });
  it('a sheet that gives no latest has none; what is sanded has no waits', () => {
    const silent = { ...product('orrin-base') } as Partial<Product>;
    delete silent.nextWetMaxMin;
    delete silent.nextBondMaxMin;
    const pair = { ...overProduct('orrin-base', 'halden-2k-gloss'), below: { product: silent as Product } };
    expect(judged(pair).window).toEqual({ minMin: 20, wetMaxMin: null, bondMaxMin: null });
    expect(judged(overProduct('tamsel-filler', 'orrin-base'))).toMatchObject({
      join: 'sanded',
      window: null,
    });
    expect(judged(overSurface('steel', 'e-coat', 'tamsel-filler')).window).toBeNull();
  });
  it('the last grit before colour is by grade and colour, or by the school that is chosen', () => {
    const grit = (over: Partial<Job>): number | null =>
      judged(overProduct('tamsel-filler', 'orrin-base'), over).gritP;
    const workhorse = { purpose: { ...bonnet.purpose, grade: 'workhorse' } } as const;
    const light = { purpose: { ...workhorse.purpose, colour: { ...bonnet.purpose.colour, hex: '#E0E0D0' } } };
    expect(grit(light)).toBe(500);
    expect(grit({ ...light, schools: { lastGrit: '400' } })).toBe(400);
    expect(grit({ ...light, schools: { lastGrit: '800' } })).toBe(800);
    const gun = judged(overProduct('tamsel-filler', 'orrin-base-gun'), light);
    expect(gun.gritP).toBe(400);
    // A card with a grit of its own keeps it.
    const own = overSurface('steel', 'bare', 'tamsel-etch');
    const { grit: cards } = ruleFor(own.below, own.above)!;
    expect(judged(own, { schools: { lastGrit: '800' } }).gritP).toBe(cards);
  });
  it('what is refused says the way out; taken on, it stands scuffed at P400 with care, on record', () => {
    const refused = overProduct('skerry-enamel', 'orrin-base');
    expect(judged(refused)).toMatchObject({ verdict: 'no', reason: { code: 'lacquer-over-enamel' } });
    expect(judged(refused).wayOut).not.toBeNull();
    const overrides = [{ below: 'skerry-enamel', above: 'orrin-base' }] as Job['overrides'];
    expect(judged(refused, { overrides })).toMatchObject({
      verdict: 'care',
      join: 'scuffed',
      gritP: 400,
      wet: false,
      mark: 'own',
      window: null,
      reason: { code: 'seam-overridden', params: { code: 'lacquer-over-enamel', below: 'Skerry enamel' } },
      wayOut: { code: 'test-card' },
    });
    const others = [{ below: 'skerry-enamel', above: 'orrin-metallic' }] as Job['overrides'];
    expect(judged(refused, { overrides: others }).verdict).toBe('no');
    const surface = overSurface('steel', 'bare', 'orrin-base');
    const mine = [{ below: 'surface:steel/bare', above: 'orrin-base' }] as Job['overrides'];
    expect(judged(surface).verdict).toBe('no');
    expect(judged(surface, { overrides: mine }).verdict).toBe('care');
    // What holds is not taken on.
    const fine = [{ below: 'orrin-base', above: 'halden-2k-gloss' }] as Job['overrides'];
    expect(judged(overProduct('orrin-base', 'halden-2k-gloss'), { overrides: fine }).mark).not.toBe('own');
  });
  it('a pair that nobody settles stops the plan until a test patch is written down; a press is not enough', () => {
    const pair = overSurface('chrome', 'bare', 'tamsel-epoxy');
    expect(judged(pair)).toMatchObject({
      verdict: 'unknown',
      join: 'none',
      reason: { code: 'plating-and-epoxy' },
      wayOut: { code: 'patch-and-decide' },
    });
    const at = '2026-05-16T08:00';
    const decide = (why?: string): Partial<Job> => ({
      overrides: [{ below: 'surface:chrome/bare', above: 'tamsel-epoxy', at, ...(why ? { why } : {}) }],
    });
    expect(judged(pair, decide()).verdict).toBe('unknown');
    expect(judged(pair, decide('  ')).verdict).toBe('unknown');
    expect(judged(pair, decide('Held under tape after a week.'))).toMatchObject({
      verdict: 'care',
      join: 'scuffed',
      gritP: 600,
      mark: 'own',
      reason: { code: 'seam-decided', params: { why: 'Held under tape after a week.' } },
    });
  });
  it('a kind and chemistry that no card speaks of is unknown, not care', () => {
    const strange: Product = { ...product('halden-1k-gloss'), chemistry: 'silicone' };
    const pair = { ...overProduct('orrin-base', 'halden-1k-gloss'), above: strange };
    expect(judged(pair)).toMatchObject({ verdict: 'unknown', reason: { code: 'pair-not-known' } });
  });
});

describe('what a sheet may not say', () => {
  const faults = (over: Partial<Product>, id = 'orrin-base'): string[] =>
    sheetFaults({ ...product(id), ...over }).map((f) => `${f.field} ${f.code}`);
  it.each([
    ['nextBondMaxMin', { nextMinMin: 30, nextBondMaxMin: 29, nextWetMaxMin: 29 }],
    ['nextWetMaxMin', { nextMinMin: 30, nextWetMaxMin: 29 }],
    ['nextBondMaxMin', { nextWetMaxMin: 1441 }],
    ['itselfMaxMin', { flashMin: 10, itselfMaxMin: 9 }],
    ['touchDryMin', { dustFreeMin: 21 }],
    ['handleMin', { touchDryMin: 91 }],
    ['tempMaxC', { tempMinC: 31 }],
    ['cureMin', { cureMin: 89 }],
    ['shelfClosedMonths', { shelfOpenMonths: 13, shelfClosedMonths: 12 }],
    ['itselfForbiddenMin', { itselfForbiddenMin: [60, 59] }],
    ['tipMm', { tipMm: [1.4, 1.3] }],
  ] as const)('%s below its least', (field, over) => {
    expect(faults(over as Partial<Product>)).toContain(`${field} max-before-min`);
  });
  it('equal is in order; the fault says both figures and which they are', () => {
    expect(faults({ nextMinMin: 60, nextWetMaxMin: 60, touchDryMin: 20, dustFreeMin: 20 })).toEqual([]);
    expect(sheetFaults({ ...product('orrin-base'), tempMinC: 31 })).toEqual([
      { field: 'tempMaxC', code: 'max-before-min', params: { low: 31, high: 30, lowName: 'tempMinC' } },
    ]);
    const [span] = sheetFaults({ ...product('orrin-base'), tipMm: [1.4, 1.3] });
    expect(span!.params).toEqual({ low: 1.4, high: 1.3, lowName: 'tipMm[0]' });
  });
  it('a ratio and a pot life go with a hardener, and with nothing else', () => {
    const none = { base: 4, hardener: 0, reducer: 1 };
    const some = { base: 4, hardener: 1, reducer: 0 };
    expect(faults({ mix: none }, 'halden-gun-gloss')).toEqual(['mix.hardener ratio-without-hardener']);
    expect(faults({ mix: some }, 'halden-gun-gloss')).toEqual([]);
    expect(faults({ mix: some })).toEqual(['mix.hardener hardener-in-one-part']);
    expect(faults({ mix: none })).toEqual([]);
    expect(faults({ potLifeMin: 60 })).toEqual(['potLifeMin pot-life-of-one-part']);
    const { potLifeMin: _none, ...silent } = product('halden-gun-gloss');
    expect(sheetFaults(silent).map((f) => f.code)).toEqual(['no-pot-life']);
  });
  it('a sheet of the job’s own takes the place of the catalogue’s with the same id', () => {
    const own = { ...product('orrin-base'), filmUmPerCoat: 11 };
    const map = productsOf(CATALOGUE, [own]);
    expect(map.get('orrin-base')!.filmUmPerCoat).toBe(11);
    expect(map.size).toBe(CATALOGUE.length);
  });
});

describe('the manner of each coat', () => {
  const USUAL = { firstClear: 'tack', lastEffect: 'drop' };
  const manner = (id: string, coats: number, firstClear = 'tack', lastEffect = 'drop'): string[] =>
    Array.from({ length: coats }, (_, i) =>
      characterOf(product(id), i + 1, coats, { firstClear, lastEffect }),
    );
  it('who lays the last metallic wet gets it as wet as the others; a solid never drops', () => {
    expect(manner('orrin-metallic', 3, 'tack', 'wet')).toEqual(['mist', 'medium', 'medium']);
    expect(manner('orrin-pearl', 3, 'tack', 'wet')).toEqual(['mist', 'medium', 'medium']);
    expect(manner('orrin-base', 3, 'tack', 'drop').at(-1)).toBe('medium');
  });
  it('base begins with a mist, metallic ends with a drop coat; clear tacks first and then goes full, matte even', () => {
    expect(manner('orrin-base', 3)).toEqual(['mist', 'medium', 'medium']);
    expect(manner('orrin-metallic', 4)).toEqual(['mist', 'medium', 'medium', 'drop']);
    expect(manner('halden-2k-gloss', 3)).toEqual(['tack', 'full', 'full']);
    expect(manner('halden-2k-matte', 2)).toEqual(['even', 'even']);
    expect(manner('orrin-pearl', 3)).toEqual(['mist', 'medium', 'drop']);
    expect(manner('halden-2k-gloss', 2, 'medium')).toEqual(['medium', 'full']);
    expect(manner('tamsel-promoter', 1)).toEqual(['thin']);
    expect(manner('tamsel-etch', 2)).toEqual(['thin', 'thin']);
    expect(manner('tamsel-filler', 2)).toEqual(['medium', 'medium']);
  });
  it('what isolates and what is alone is closed; candy is like itself each time, flake has a manner of its own', () => {
    expect(manner('tamsel-epoxy', 2)).toEqual(['closed', 'closed']);
    expect(manner('orrin-sealer', 1)).toEqual(['closed']);
    expect(manner('skerry-wood-sealer', 2)).toEqual(['closed', 'closed']);
    for (const alone of ['orrin-base', 'orrin-metallic', 'halden-2k-gloss', 'skerry-enamel', 'skerry-single'])
      expect(manner(alone, 1)).toEqual(['closed']);
    expect(manner('halden-2k-gloss', 1, 'medium')).toEqual(['medium']);
    expect(manner('orrin-candy', 4)).toEqual(['candy', 'candy', 'candy', 'candy']);
    expect(manner('orrin-flake', 3)).toEqual(['flake', 'flake', 'flake']);
    expect(manner('skerry-single', 2)).toEqual(['mist', 'full']);
    expect(manner('skerry-heat', 2)).toEqual(['thin', 'thin']);
  });
  it('mist 0.7, drop 0.6, full 1.2 of a medium coat (from memory), adding up to the sheet’s film', () => {
    const weights = coatWeights(product('orrin-metallic'), 4, USUAL);
    // 0.7 + 1 + 1 + 0.6 = 3.3 for four coats.
    [0.7, 1, 1, 0.6].forEach((w, i) => expect(weights[i]).toBeCloseTo((w * 4) / 3.3, 9));
    const clear = coatWeights(product('halden-2k-gloss'), 2, USUAL);
    expect(clear[1]! / clear[0]!).toBeCloseTo(1.2 / 0.7, 9);
    const etch = coatWeights(product('tamsel-etch'), 2, USUAL);
    expect(etch).toEqual([1, 1]);
  });
});

describe('sessions', () => {
  const layers = ['filler', 'base', 'clear'].map((id) => ({ ...layerOf(product('orrin-base')), id }));
  const seam = (below: string, above: string, join: Seam['join']): Seam =>
    ({ below: { kind: 'layer', layerId: below }, above, join }) as Seam;
  const groups = (...seams: Seam[]): string[] =>
    splitAtSeams({ layers, seams }).map((g) => g.map((l) => l.id).join(' '));
  it('are cut where a film is sanded or scuffed, not where it is wet, and not for a film of an earlier session', () => {
    expect(groups(seam('filler', 'base', 'sanded'), seam('base', 'clear', 'wet-on-wet'))).toEqual([
      'filler',
      'base clear',
    ]);
    expect(groups(seam('filler', 'base', 'scuffed'), seam('base', 'clear', 'scuffed'))).toEqual([
      'filler',
      'base',
      'clear',
    ]);
    expect(groups(seam('filler', 'base', 'wet-on-wet'))).toEqual(['filler base clear']);
    // The clear on parts without base lies on filler that the base's session has sanded already.
    expect(groups(seam('filler', 'base', 'sanded'), seam('filler', 'clear', 'sanded'))).toEqual([
      'filler',
      'base clear',
    ]);
    const surface = {
      ...seam('x', 'base', 'sanded'),
      below: { kind: 'surface', substrate: 'steel', condition: 'bare' },
    } as Seam;
    expect(groups(surface)).toEqual(['filler base clear']);
    expect(splitAtSeams({ layers: [], seams: [] })).toEqual([]);
  });
});

describe('depth and hiding', () => {
  it('clean reds and yellows hide worst, 34 µm; blues, greys and dark ones 20; a sheet’s own figure wins (from memory)', () => {
    expect(['#FFD400', '#FF3010', '#2040FF', '#808080', '#400000'].map((hex) => hidingUm(hex))).toEqual([
      34, 34, 20, 20, 20,
    ]);
    expect(hidingUm('#FFD400', 15)).toBe(15);
  });
  it('black under white falls from 1 to what is seen, a hundredth: its own film, in whole coats', () => {
    // 20 µm hide black from white: at 8 µm a coat three, at 20 one, at 19.9 two.
    expect([8, 20, 19.9].map((um) => coatsToHide('#FFFFFF', 0, um, 20))).toEqual([3, 1, 2]);
    expect(coatsToHide('#FFFFFF', 1, 8, 20)).toBe(1);
    // From a tenth of the difference half the film is enough.
    expect(coatsToHide('#FFFFFF', 0.9, 10, 20)).toBe(1);
    expect(coatsToHide('#FFFFFF', 0.9, 9.9, 20)).toBe(2);
    expect(() => coatsToHide('#FFFFFF', 0, 0)).toThrow(/film above 0/);
    expect(() => coatsToHide('#FFFFFF', 1.1, 8)).toThrow(RangeError);
    expect(() => coatsToHide('#FFFFFF', -0.1, 8)).toThrow(RangeError);
  });
  it('shades to be had, light to dark', () => {
    expect(PRIMER_SHADES.map(([name]) => name)).toEqual([
      'white',
      'light grey',
      'grey',
      'dark grey',
      'black',
      'red oxide',
    ]);
  });
  it('a candy needs a ground and a whole number of coats; brighter than its ground it cannot be', () => {
    expect(() => candyHex('#a51e2e', -1, 4)).toThrow(/coats 0 or more/);
    expect(() => candyHex('#a51e2e', 1, 0)).toThrow(/nominal 1 or more/);
    expect(candyHex('#FFFFFF', 3, 4, '#808080').toLowerCase()).toBe('#808080');
    expect(candyHex('#000000', 8, 1, '#808080').toLowerCase()).toBe('#000000');
    expect(candyHex('#404040', 4, 4, '#808080').toLowerCase()).toBe('#404040');
  });
});
