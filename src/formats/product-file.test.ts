import { describe, expect, it } from 'vitest';
import { CATALOGUE } from '@/core/coating/catalogue';
import { readLabel } from './label/read-label';
import { productFromLabel } from './label/label-product';
import { parseProduct, parseProductsCsv, parseProductsJson } from './product-file';

const base = CATALOGUE.find((p) => p.id === 'orrin-base')!;
const clear = CATALOGUE.find((p) => p.id === 'halden-2k-gloss')!;
const head =
  'id,name,kind,role,chemistry,carrier,effect,isocyanate,filmUmPerCoat,coats,solidsFrac,refTempC,flashMin,nextMinMin,nextBondMaxMin,dustFreeMin,touchDryMin,handleMin,tempMinC,tempMaxC,rhMaxFrac,dewGapMinK,windMaxMs,packMl,packPrice';
const row = (id: string, over: Record<string, string> = {}): string =>
  head
    .split(',')
    .map(
      (k) =>
        over[k] ??
        (
          {
            id,
            name: `Sheet ${id}`,
            kind: 'basecoat',
            role: 'base',
            chemistry: '1k-acrylic',
            carrier: 'aerosol',
            effect: 'solid',
            isocyanate: 'no',
            filmUmPerCoat: '8',
            coats: '3',
            solidsFrac: '0.075',
            refTempC: '20',
            flashMin: '10',
            nextMinMin: '20',
            nextBondMaxMin: '1440',
            dustFreeMin: '10',
            touchDryMin: '20',
            handleMin: '90',
            tempMinC: '10',
            tempMaxC: '30',
            rhMaxFrac: '0.85',
            dewGapMinK: '3',
            windMaxMs: '2',
            packMl: '400',
            packPrice: '9.5',
          } as Record<string, string>
        )[k]!,
    )
    .join(',');

describe('sheets from files', () => {
  it('every sheet of the catalogue passes as it is', () => {
    for (const p of CATALOGUE) expect(parseProduct(p)).toEqual({ ok: true, value: p });
  });
  it('one bad row keeps the good ones and is listed with its row, field and what was expected', () => {
    const r = parseProductsCsv(
      [
        head,
        row('a'),
        row('b', { nextBondMaxMin: '5' }),
        row('c', { filmUmPerCoat: 'thin' }),
        row('d'),
        row('a'),
      ].join('\n'),
    );
    if (!r.ok) throw new Error('refused');
    expect(r.value.products.map((p) => p.id)).toEqual(['a', 'd']);
    expect(r.value.bad.map((b) => [b.row, b.faults[0]!.path])).toEqual([
      [3, 'nextBondMaxMin'],
      [4, 'filmUmPerCoat'],
      [6, 'id'],
    ]);
    expect(r.value.bad[0]!.faults[0]!.expected).toMatch(/at least 20/);
    expect(r.value.products[0]!.provenance.rest).toBe('sheet');
  });
  it('a header that is none, or an unknown column, is refused by name', () => {
    expect(parseProductsCsv('colour,price\nred,3').ok).toBe(false);
    const r = parseProductsCsv(`${head},shine\n${row('a')},5`);
    expect(!r.ok && r.faults[0]!.path).toBe('shine');
  });
  it('JSON: a list or one sheet; contradictions field by field: maximum before minimum, ratio without hardener, pot life for a 1K', () => {
    const r = parseProductsJson(
      JSON.stringify([
        base,
        { ...base, id: 'x', potLifeMin: 60 },
        { ...clear, id: 'y', mix: { base: 2, hardener: 0, reducer: 0 } },
        { ...base, id: 'z', nextBondMaxMin: 3 },
      ]),
    );
    if (!r.ok) throw new Error('refused');
    expect(r.value.products.map((p) => p.id)).toEqual(['orrin-base']);
    expect(r.value.bad.map((b) => b.faults.map((f) => f.path))).toEqual([
      ['potLifeMin'],
      ['mix.hardener'],
      expect.arrayContaining(['nextBondMaxMin']),
    ]);
    expect(parseProductsJson('{').ok).toBe(false);
  });
});

describe('a sheet from a label', () => {
  it('what the label says wins over the sheet it starts from, and each figure says so', () => {
    const p = productFromLabel(
      clear,
      readLabel(
        'Two-part clear, satin. 250 ml\nUse within 24 h of activation. Flash off 15–20 min between coats. Dry to handle 10 h.',
      ).found,
      { id: 'own-1', name: 'My clear', price: 17 },
    );
    expect(p).toMatchObject({
      id: 'own-1',
      name: 'My clear',
      gloss: 'satin',
      potLifeMin: 1440,
      flashMin: 20,
      handleMin: 600,
      packs: [{ sizeMl: 250, price: 17 }],
    });
    expect([p.provenance.byField!.flashMin, p.provenance.byField!.rhMaxFrac, p.provenance.rest]).toEqual([
      'sheet',
      'borrowed',
      'borrowed',
    ]);
    // Both ends of the range are kept; the careful one counts.
    expect(p.ranges).toEqual({ flashMin: [15, 20] });
    expect(parseProduct(p).ok).toBe(true);
  });
});
