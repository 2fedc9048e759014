/** What is proposed for which surface by which route, bottom first. Common practice, no source. */
import { describe, expect, it } from 'vitest';
import { demo, product } from '@/demo/test-kit';
import { flatPart } from '@/demo/test-part';
import type { Job, Part, SystemLayer } from '@/model/job';
import type { Product } from '@/model/product';
import { buildUp } from './build-up';
import { CATALOGUE, productsOf } from './catalogue';
import { bareMetal, rawPlastic, rawWood, rough, wantsEpoxy } from './needs';
import { ROUTES, routesFor, type Route } from './routes';
import { schooled, schoolOf } from './schools';
import { proposals, suggest, suggestFor } from './suggest';
import { systemFor } from './system';
import { sameTint, tintKey, tintOf } from './tint';

const { state: _state, system: _system, ...bonnet } = demo('tractor-bonnet');
const products = productsOf(CATALOGUE, undefined);
type Surface = readonly [Part['substrate'], Part['condition']];
const jobOn = (surfaces: readonly Surface[], over: Partial<Job> = {}): Job => ({
  ...bonnet,
  purpose: { ...bonnet.purpose, exposure: [] },
  parts: surfaces.map(([substrate, condition], i) => flatPart({ id: `p${i + 1}`, substrate, condition })),
  ...over,
});
const purposeOf = (over: Partial<Job['purpose']>): Partial<Job> => ({
  purpose: { ...bonnet.purpose, exposure: [], ...over },
});
const coloured = (kind: Job['purpose']['colour']['kind']): Partial<Job> =>
  purposeOf({ colour: { ...bonnet.purpose.colour, kind } });
const said = (layers: readonly SystemLayer[]): string =>
  layers.map((l) => `${l.productId}×${l.coats}`).join(' ');
const route = (r: Route, surface: Surface, over: Partial<Job> = {}): string =>
  said(suggestFor(jobOn([surface], over), products, r).layers);

describe('systems by surface', () => {
  it.each([
    [['steel', 'bare'], 'tamsel-etch×1 tamsel-filler×3'],
    [['aluminium', 'bare'], 'tamsel-etch×1 tamsel-filler×3'],
    [['steel', 'e-coat'], 'tamsel-filler×2'],
    [['steel', 'sound-paint'], 'tamsel-filler×2'],
    [['steel', 'failing-clear'], 'tamsel-filler×3'],
    [['steel', 'chipped'], 'tamsel-filler×3'],
    [['steel', 'rust'], 'tamsel-epoxy×2 tamsel-filler×3'],
    [['steel', 'filled'], 'tamsel-epoxy×2 tamsel-filler×3'],
    [['steel', 'unknown-paint'], 'tamsel-epoxy×2 tamsel-filler×3'],
    [['galvanised', 'bare'], 'tamsel-epoxy×2 tamsel-filler×3'],
    [['fibreglass', 'bare'], 'tamsel-epoxy×2 tamsel-filler×3'],
    [['pp', 'bare'], 'tamsel-promoter×1 tamsel-filler×2'],
    [['abs', 'bare'], 'tamsel-promoter×1 tamsel-filler×2'],
  ] as const)('cans on %s', (surface, primers) => {
    expect(route('cans-1k', surface)).toBe(`${primers} orrin-base×3 halden-1k-gloss×4`);
    expect(route('cans-2k', surface)).toBe(`${primers} orrin-base×3 halden-2k-gloss×2`);
  });
  it('wood is sealed first; its sealer is no filler', () => {
    const wood = suggestFor(jobOn([['wood', 'bare']]), products, 'cans-1k');
    expect(products.get(wood.layers[0]!.productId)!.kind).toBe('wood-sealer');
    expect(wood.layers[1]).toMatchObject({ productId: 'tamsel-filler', coats: 3 });
    expect(wood.why[0]).toMatchObject({ code: 'why-seal' });
  });
  it('a gun on bare steel: one coat of epoxy under surfacer, never etch; on filler the full epoxy', () => {
    expect(route('gun-2k', ['steel', 'bare'])).toBe(
      'tamsel-epoxy-gun×1 tamsel-surfacer×2 orrin-base-gun×3 halden-gun-gloss×2',
    );
    expect(route('gun-2k', ['steel', 'filled'])).toMatch(/^tamsel-epoxy-gun×2 tamsel-surfacer×2/);
    expect(route('gun-1k', ['steel', 'bare'])).toMatch(/^tamsel-etch×1 tamsel-filler×3 orrin-base-gun×3/);
  });
  it('single stage is colour and gloss in one: for a solid colour only', () => {
    const solid = route('gun-single', ['steel', 'e-coat']);
    expect(solid.split(' ')).toHaveLength(2);
    expect(products.get(solid.split(' ')[1]!.split('×')[0]!)!.kind).toBe('single-stage');
    expect(route('gun-single', ['steel', 'e-coat'], coloured('metallic')).split(' ')).toHaveLength(1);
  });
  it('metallic has a base of its own; candy and flake lie over three coats of silver, flake under one more clear', () => {
    expect(route('cans-1k', ['steel', 'e-coat'], coloured('metallic'))).toBe(
      'tamsel-filler×2 orrin-metallic×4 halden-1k-gloss×4',
    );
    expect(route('cans-1k', ['steel', 'e-coat'], coloured('candy'))).toMatch(
      /^tamsel-filler×2 orrin-metallic×3 orrin-candy×\d halden-1k-gloss×4$/,
    );
    expect(route('cans-1k', ['steel', 'e-coat'], coloured('flake'))).toMatch(
      /orrin-metallic×3 orrin-flake×\d halden-1k-gloss×5$/,
    );
  });
  it('clear of the finish asked for; gloss that is to be flatted gets one more, matte never', () => {
    expect(route('cans-1k', ['steel', 'e-coat'], purposeOf({ finish: 'satin' }))).toContain(
      'halden-1k-satin×4',
    );
    expect(route('cans-2k', ['steel', 'e-coat'], purposeOf({ finish: 'matte' }))).toContain(
      'halden-2k-matte×2',
    );
    const flatted = { schools: { flatting: 'flatted' } } as const;
    expect(route('cans-2k', ['steel', 'e-coat'], flatted)).toContain('halden-2k-gloss×3');
    expect(
      route('cans-2k', ['steel', 'e-coat'], { ...flatted, ...purposeOf({ finish: 'matte' }) }),
    ).toContain('halden-2k-matte×2');
  });
  it('heat takes heat paint and nothing else', () => {
    const hot = suggestFor(
      jobOn([['steel', 'bare']], purposeOf({ exposure: ['heat'] })),
      products,
      'cans-1k',
    );
    expect(said(hot.layers)).toBe('skerry-heat×2');
    expect(hot.why.map((w) => w.code)).toEqual(['why-heat']);
  });
  it('a layer names its parts only where it is not for all; epoxy for two reasons is one layer', () => {
    const mixed = suggestFor(
      jobOn([
        ['steel', 'bare'],
        ['steel', 'rust'],
        ['pp', 'bare'],
      ]),
      products,
      'gun-2k',
    );
    expect(mixed.layers.map((l) => [l.productId, l.coats, l.only])).toEqual([
      ['tamsel-promoter', 1, ['p3']],
      ['tamsel-epoxy-gun', 2, ['p2', 'p1']],
      ['tamsel-surfacer', 2, undefined],
      ['orrin-base-gun', 3, undefined],
      ['halden-gun-gloss', 2, undefined],
    ]);
    // Rust asks for the full two coats, bare steel for one: the more counts, rust first.
    const all = suggestFor(
      jobOn([
        ['steel', 'bare'],
        ['steel', 'rust'],
      ]),
      products,
      'gun-2k',
    );
    expect(all.layers[0]).toMatchObject({ role: 'epoxy', coats: 2, only: ['p2', 'p1'] });
  });
  it('each layer says why', () => {
    const codes = (r: Route, s: Surface, over: Partial<Job> = {}): string[] =>
      suggestFor(jobOn([s], over), products, r).why.map((w) => w.code);
    expect(codes('cans-1k', ['steel', 'bare'])).toEqual([
      'why-etch',
      'why-filler-level',
      'why-base',
      'why-one-pack-clear',
    ]);
    expect(codes('cans-2k', ['pp', 'bare'], coloured('metallic'))).toEqual([
      'why-promoter',
      'why-filler-even',
      'why-base-metallic',
      'why-two-pack-clear',
    ]);
    expect(codes('gun-2k', ['steel', 'rust'], coloured('candy'))).toEqual([
      'why-epoxy',
      'why-surfacer',
      'why-ground',
      'why-candy',
      'why-two-pack-clear',
    ]);
    expect(codes('cans-1k', ['steel', 'e-coat'], coloured('flake')).slice(1, 3)).toEqual([
      'why-ground',
      'why-flake',
    ]);
    expect(codes('gun-single', ['steel', 'e-coat']).at(-1)).toBe('why-single-stage');
    expect(suggestFor(jobOn([['steel', 'bare']]), products, 'cans-1k').why[0]!.params).toEqual({
      product: 'Tamsel etch primer',
    });
  });
  it('the painter who always seals gets a sealer of his own carrier', () => {
    const always = { schools: { sealer: 'always' } } as const;
    expect(route('gun-2k', ['steel', 'e-coat'], always)).toContain('sealer');
    expect(route('gun-2k', ['steel', 'e-coat'])).not.toContain('sealer');
    expect(route('cans-1k', ['steel', 'e-coat'], always)).not.toContain('sealer');
    const own = { ...product('tamsel-filler'), id: 'own-sealer', kind: 'sealer', role: 'sealer' } as Product;
    const mine = jobOn([['steel', 'e-coat']], { ...always, products: [own] });
    expect(said(suggestFor(mine, productsOf(CATALOGUE, [own]), 'gun-2k').layers)).toContain('own-sealer');
  });
  it('the owner’s own sheet comes before the catalogue’s', () => {
    const own = { ...product('orrin-base'), id: 'own-base' };
    const job = jobOn([['steel', 'e-coat']], { products: [own] });
    expect(said(suggestFor(job, productsOf(CATALOGUE, [own]), 'cans-1k').layers)).toContain('own-base×3');
  });
});

describe('what a part asks for', () => {
  it.each([
    ['steel', 'bare', 'metal rough'],
    ['aluminium', 'bare', 'metal rough'],
    ['galvanised', 'bare', 'epoxy rough'],
    ['fibreglass', 'bare', 'epoxy rough'],
    ['pp', 'bare', 'plastic'],
    ['abs', 'bare', 'plastic'],
    ['pe', 'bare', ''],
    ['wood', 'bare', 'wood rough'],
    ['steel', 'filled', 'epoxy rough'],
    ['steel', 'rust', 'epoxy rough'],
    ['abs', 'unknown-paint', 'epoxy rough'],
    ['steel', 'chipped', 'rough'],
    ['steel', 'failing-clear', 'rough'],
    ['steel', 'e-coat', ''],
    ['wood', 'sound-paint', ''],
  ] as const)('%s, %s: %s', (substrate, condition, want) => {
    const p = flatPart({ substrate, condition });
    const needs = { metal: bareMetal, plastic: rawPlastic, wood: rawWood, epoxy: wantsEpoxy, rough };
    expect(
      Object.entries(needs)
        .flatMap(([name, need]) => (need(p) ? [name] : []))
        .join(' '),
    ).toBe(want);
  });
});

describe('routes for a kit', () => {
  const first = (sprayer: Job['equipment']['sprayer'], suppliedAir: boolean): readonly Route[] =>
    routesFor({ sprayer, suppliedAir });
  it('two-part comes first only where air-fed protection is at hand; each kit sees all', () => {
    expect(first('aerosol', true).slice(0, 2)).toEqual(['cans-2k', 'cans-1k']);
    expect(first('aerosol', false)[0]).toBe('cans-1k');
    expect(first('hvlp', true).slice(0, 3)).toEqual(['gun-2k', 'gun-single', 'gun-1k']);
    expect(first('lvlp', false).slice(0, 2)).toEqual(['gun-1k', 'cans-1k']);
    for (const air of [true, false])
      for (const sprayer of ['aerosol', 'hvlp', 'lvlp', 'conventional'] as const)
        expect([...first(sprayer, air)].sort()).toEqual([...ROUTES].sort());
  });
  it('five are shown at most, the first is the one advised, none twice', () => {
    const list = proposals(jobOn([['steel', 'e-coat']]), products);
    expect(list.map((p) => [p.route, p.isocyanate, p.recommended])).toEqual([
      ['cans-2k', true, true],
      ['cans-1k', false, false],
      ['cans-enamel', false, false],
      ['gun-2k', true, false],
      ['gun-1k', false, false],
    ]);
    // Heat paint is the same by every route: said once.
    expect(proposals(jobOn([['steel', 'bare']], purposeOf({ exposure: ['heat'] })), products)).toHaveLength(
      1,
    );
    expect(proposals(jobOn([['pe', 'bare']]), products)).toEqual([]);
  });
  it('without air-fed protection none with isocyanate is taken; where none holds, the kit’s own is shown with its refusals', () => {
    const bare = (suppliedAir: boolean): Job =>
      jobOn([['steel', 'e-coat']], { equipment: { sprayer: 'aerosol', suppliedAir } });
    expect(said(suggest(bare(false), products).layers)).toContain('halden-1k-gloss');
    expect(said(suggest(bare(true), products).layers)).toContain('halden-2k-gloss');
    expect(suggest(jobOn([['pe', 'bare']]), products).layers.length).toBeGreaterThan(2);
    // Fuel wants a two-part top: without air there is none without isocyanate.
    const fuel = { ...bare(false), ...purposeOf({ exposure: ['fuel'] }) };
    expect(systemFor(fuel).blockers.map((b) => b.code)).toContain('fuel-dissolves-one-pack');
  });
});

describe('layers, parts and the stack as a whole', () => {
  const layer = (productId: string, over: Partial<SystemLayer> = {}): SystemLayer => ({
    role: product(productId).role,
    productId,
    coats: 2,
    ...over,
  });
  const job = jobOn([
    ['steel', 'e-coat'],
    ['steel', 'e-coat'],
    ['steel', 'bare'],
  ]);
  it('a role that comes twice is numbered; an unknown product is left out and named with its place', () => {
    const b = buildUp(
      job,
      [layer('orrin-base'), layer('orrin-base'), { ...layer('orrin-base'), productId: 'gone' }],
      products,
    );
    expect(b.layers.map((l) => l.id)).toEqual(['base', 'base-2']);
    expect(b.blockers).toContainEqual({ code: 'product-unknown', params: { product: 'gone', layer: 3 } });
  });
  it('parts of one surface share a seam; a part without a layer is told; a layer may have its own colour', () => {
    const b = buildUp(
      job,
      [
        layer('tamsel-filler', { only: ['p1', 'p2'] }),
        layer('orrin-base', { only: ['p1', 'p2'], hex: '#112233' }),
      ],
      products,
    );
    expect(b.seams.map((s) => s.partIds)).toEqual([
      ['p1', 'p2'],
      ['p1', 'p2'],
    ]);
    expect(b.blockers).toContainEqual({ code: 'part-without-layer', params: { part: 'p3' } });
    expect(b.layers.map((l) => l.hex)).toEqual([undefined, '#112233']);
  });
  it('petrol dissolves a one-part top, heat wants a rating over 90 °C, a primer is no top', () => {
    const codes = (ids: readonly string[], exposure: Job['purpose']['exposure'] = []): string[] =>
      buildUp(
        jobOn([['steel', 'e-coat']], purposeOf({ exposure })),
        ids.map((id) => layer(id)),
        products,
      ).blockers.map((b) => b.code);
    expect(codes(['tamsel-filler', 'orrin-base', 'halden-1k-gloss'], ['fuel'])).toEqual([
      'fuel-dissolves-one-pack',
    ]);
    expect(codes(['tamsel-filler', 'orrin-base', 'halden-2k-gloss'], ['fuel'])).toEqual([]);
    expect(codes(['tamsel-filler', 'orrin-base', 'halden-2k-gloss'], ['heat'])).toEqual(['heat-needs-rated']);
    expect(codes(['tamsel-filler'])).toEqual(['stack-ends-in-primer']);
    for (const id of [
      'tamsel-epoxy',
      'tamsel-surfacer',
      'tamsel-promoter',
      'tamsel-etch',
      'tamsel-spray-filler',
    ])
      expect(codes([id])).toContain('stack-ends-in-primer');
    expect(codes([])).toEqual(['part-without-layer']);
  });
  it('candy deepens with every coat: parts with unequal numbers of it are refused by name, parts without are not', () => {
    const candy = (...layers: SystemLayer[]): string[] =>
      buildUp(job, [layer('orrin-metallic'), ...layers, layer('halden-2k-gloss')], products)
        .blockers.filter((b) => b.code === 'candy-uneven')
        .map((b) => `${b.params.part} ${b.params.coats}, ${b.params.other} ${b.params.otherCoats}`);
    expect(candy(layer('orrin-candy', { coats: 4 }))).toEqual([]);
    expect(candy(layer('orrin-candy', { coats: 4, only: ['p1', 'p2'] }))).toEqual([]);
    const more = layer('orrin-candy', { coats: 1, only: ['p2'] });
    expect(candy(layer('orrin-candy', { coats: 3 }), more)).toEqual(['p1 3, p2 4']);
  });
});

describe('schools', () => {
  it('the first option holds where nothing was chosen', () => {
    expect(schoolOf({}, 'lastGrit')).toBe('by-colour');
    expect(schoolOf({}, 'sealer')).toBe('patchy');
    expect(schoolOf({ schools: { firstClear: 'medium' } }, 'firstClear')).toBe('medium');
  });
  it('a base waits longer for its clear where the painter wants it: never shorter than its sheet, never past its bond', () => {
    const waits = (baseToClear: '30' | '60' | '180' | 'sheet') => {
      const map = schooled({ ...bonnet, schools: { baseToClear } }, products);
      const p = map.get('orrin-base')!;
      return [p.nextMinMin, p.nextWetMaxMin];
    };
    // The sheet: 20 min, wet to 60, bond to 1440.
    expect(waits('sheet')).toEqual([20, 60]);
    expect(waits('30')).toEqual([30, 60]);
    expect(waits('180')).toEqual([180, 180]);
    const map = schooled({ ...bonnet, schools: { baseToClear: '60' } }, products);
    expect(map.get('tamsel-filler')).toBe(products.get('tamsel-filler'));
    expect(map.get('halden-2k-gloss')).toBe(products.get('halden-2k-gloss'));
    // The same product each time, so that what was judged with it is known again.
    expect(schooled({ ...bonnet, schools: { baseToClear: '60' } }, products).get('orrin-base')).toBe(
      map.get('orrin-base'),
    );
    const short = { ...product('orrin-base'), id: 's', nextBondMaxMin: 40 };
    const { nextWetMaxMin: _wet, ...noWet } = { ...product('orrin-base'), id: 'n' };
    const own = schooled(
      { ...bonnet, schools: { baseToClear: '60' } },
      new Map([
        ['s', short],
        ['n', noWet],
      ]),
    );
    expect([own.get('s')!.nextMinMin, own.get('s')!.nextWetMaxMin]).toEqual([40, 40]);
    expect(own.get('n')).not.toHaveProperty('nextWetMaxMin');
    const slow = { ...product('orrin-base'), nextMinMin: 90 };
    expect(schooled({ ...bonnet, schools: { baseToClear: '60' } }, new Map([['b', slow]])).get('b')).toBe(
      slow,
    );
  });
});

describe('tints', () => {
  const { colour } = bonnet.purpose;
  const tint = (id: string, kind: typeof colour.kind = 'solid', hex?: string) =>
    tintOf({ purpose: { ...bonnet.purpose, colour: { ...colour, kind } } }, product(id), hex ? { hex } : {});
  it('a primer and a clear have none; a base has the job’s; its own hex is named by itself', () => {
    expect(tint('tamsel-filler')).toBeNull();
    expect(tint('halden-1k-gloss')).toBeNull();
    expect(tint('orrin-base')).toEqual({ hex: colour.hex, name: colour.name });
    expect(tint('skerry-enamel')!.name).toBe(colour.name);
    expect(tint('orrin-base', 'solid', '#aabbcc')).toEqual({ hex: '#aabbcc', name: '#AABBCC' });
    expect(tint('orrin-base', 'solid', colour.hex.toLowerCase())!.name).toBe(colour.name);
  });
  it('under a candy the metallic base is silver, the candy its colour', () => {
    expect(tint('orrin-metallic', 'candy')).toEqual({ hex: '#C9CED0', name: 'silver ground' });
    expect(tint('orrin-candy', 'candy')!.name).toBe(colour.name);
    expect(tint('orrin-base', 'candy')!.name).toBe(colour.name);
    expect(tint('orrin-metallic', 'metallic')!.name).toBe(colour.name);
  });
  it('names are compared without case and space around', () => {
    expect(tintKey('  Moss GREEN ')).toBe('moss green');
    expect(sameTint('Moss green', ' moss Green')).toBe(true);
    expect(sameTint('Moss green', 'Mossgreen')).toBe(false);
  });
});
