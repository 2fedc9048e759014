/** Slips that sheets come with, each asked about before it is believed; and none in a sheet that is right. */
import { describe, expect, it } from 'vitest';
import { product } from '@/demo/test-kit';
import { job, planned } from '@/demo/work-kit';
import { sureOf } from '@/core/edits/choices';
import { formatFor } from '@/words/format';
import { say } from '@/words/say';
import type { Job, SystemLayer } from '@/model/job';
import type { Product } from '@/model/product';
import { CATALOGUE } from './catalogue';
import { sheetDoubts } from './sheet-doubts';
import { systemFor } from './system';

const asked = (id: string, over: Partial<Product>): string[] =>
  sheetDoubts({ ...product(id), ...over }).map((d) => `${d.field} ${d.code}`);
const meant = (id: string, over: Partial<Product>): unknown =>
  sheetDoubts({ ...product(id), ...over })[0]?.params.meant;

describe('what is asked', () => {
  it.each([
    [
      'a clear of 1 : 4',
      'halden-gun-gloss',
      { mix: { base: 1, hardener: 4, reducer: 0 } },
      'mix ratio-turned',
    ],
    ['60 : 40', 'halden-gun-gloss', { mix: { base: 60, hardener: 40, reducer: 0 } }, 'mix which-is-paint'],
    ['a film in millimetres', 'halden-gun-gloss', { filmUmPerCoat: 0.05 }, 'filmUmPerCoat film-in-mm'],
    [
      'the film of the whole job',
      'halden-gun-gloss',
      { filmUmPerCoat: 60, coats: 2 },
      'filmUmPerCoat film-of-all-coats',
    ],
    [
      'a can that covers 20 m²',
      'orrin-base',
      { solidsFrac: 0.35, filmUmPerCoat: 7 },
      'solidsFrac can-covers',
    ],
    ['humidity 0.62 as a per cent', 'orrin-base', { rhMaxFrac: 0.0062 }, 'rhMaxFrac humidity-frac'],
    ['a nine-hour flash', 'orrin-base', { flashMin: 540, nextMinMin: 540 }, 'flashMin wait-long'],
    ['solids by weight', 'halden-2k-gloss', { solidsFrac: 0.48 }, 'solidsFrac solids-odd'],
    ['a pot life in hours', 'tamsel-surfacer', { potLifeMin: 2 }, 'potLifeMin pot-short'],
    ['Fahrenheit', 'orrin-base', { tempMinC: 40, tempMaxC: 60 }, 'tempMinC warm-least'],
  ] as const)('%s', (_what, id, over, want) => expect(asked(id, over)).toContain(want));
  it('says what it may have been', () => {
    expect(meant('halden-gun-gloss', { filmUmPerCoat: 0.025 })).toBe(25);
    expect(meant('halden-gun-gloss', { filmUmPerCoat: 60, coats: 2 })).toBe(30);
    expect(meant('orrin-base', { rhMaxFrac: 0.0062 })).toBeCloseTo(62);
    expect(meant('orrin-base', { flashMin: 540 })).toBe(9);
    // 50 °F is 10 °C.
    expect(meant('orrin-base', { tempMinC: 50, tempMaxC: 60 })).toBe(10);
  });
  it('asks nothing of any built-in sheet, of 4 : 1, of 50 : 50, of a thick surfacer', () => {
    for (const p of CATALOGUE) expect(sheetDoubts(p), p.id).toEqual([]);
    expect(asked('halden-gun-gloss', { mix: { base: 4, hardener: 1, reducer: 1 } })).toEqual([]);
    expect(asked('tamsel-epoxy-gun', { mix: { base: 50, hardener: 50, reducer: 0 } })).toEqual([]);
    expect(asked('tamsel-surfacer', { filmUmPerCoat: 90 })).toEqual([]);
  });
});

describe('asked before it is believed', () => {
  const own: Product = { ...product('halden-gun-gloss'), id: 'own', name: 'My clear', filmUmPerCoat: 0.05 };
  const layers: SystemLayer[] = [
    { role: 'base', productId: 'orrin-base-gun', coats: 3 },
    { role: 'clear', productId: 'own', coats: 2 },
  ];
  const j: Job = job(layers, { products: [own] });
  it('a sheet in use stops the plan with the question; one that is not used does not', () => {
    const [first] = systemFor(j).blockers.filter((b) => b.code === 'sheet-doubted');
    expect(first!.params).toMatchObject({ product: 'My clear', field: 'filmUmPerCoat', meant: 50 });
    expect(say(first!, formatFor('metric'))).toContain('Was it 50 µm, given in millimetres?');
    expect(planned(j).kind).toBe('blocked');
    const unused = job([layers[0]!, { role: 'clear', productId: 'halden-gun-gloss', coats: 2 }], {
      products: [own],
    });
    expect(systemFor(unused).blockers).toEqual([]);
  });
  it('is not asked again once the owner says that it is so', () => {
    const odd: Product = { ...product('orrin-base-gun'), id: 'slow', flashMin: 130, nextMinMin: 130 };
    const slow = job(
      [
        { role: 'base', productId: 'slow', coats: 3 },
        { role: 'clear', productId: 'halden-gun-gloss', coats: 2 },
      ],
      { products: [odd] },
    );
    expect(systemFor(slow).blockers.map((b) => b.params.field)).toEqual(['flashMin']);
    expect(systemFor(sureOf(slow, 'slow', 'flashMin')).blockers).toEqual([]);
    expect(systemFor(sureOf(slow, 'slow', 'coats')).blockers).toHaveLength(1);
  });
});
