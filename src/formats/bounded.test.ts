/** Every accepted text has a bounded price, and every refusal a bounded length. */
import { describe, expect, it } from 'vitest';
import { CATALOGUE } from '@/core/coating/catalogue';
import type { ShoppingList } from '@/model/shopping';
import { formatFor } from '@/words/format';
import { faultsOf, told } from './faults';
import { parseJob, parseJson } from './job-file';
import { clausesOf } from './label/clause';
import { readLabel } from './label/read-label';
import { parseProductsCsv, parseProductsJson } from './product-file';
import { listCsv } from './shopping-file';

const size = (x: unknown): number => JSON.stringify(x).length;
const faultsIn = (r: { ok: boolean; faults?: readonly { path: string; expected: string }[] }) =>
  r.faults ?? [];

describe('refusals', () => {
  it('of many faults twenty are told and the rest counted', () => {
    const many = Array.from({ length: 70 }, (_, i) => ({ path: `p${i}`, expected: 'x' }));
    expect(told(many.slice(0, 20))).toHaveLength(20);
    const some = told(many);
    expect(some).toHaveLength(21);
    expect(some.at(-1)).toEqual({ path: '(and more)', expected: '50 faults more were found' });
    expect(told(some)).toEqual(some);
    expect(told(many.slice(0, 5), 9).at(-1)!.expected).toBe('4 faults more were found');
  });
  it('a wrong file sent as data sheets has a short answer: rows of nothing, keys without end, a million fields', () => {
    const rows = parseProductsJson(JSON.stringify(Array.from({ length: 500 }, () => ({ a: 1 }))));
    expect(rows).toMatchObject({ ok: true, value: { products: [], badCount: 500 } });
    expect(size(rows)).toBeLessThan(60_000);
    const wide = Object.fromEntries(Array.from({ length: 20_000 }, (_, i) => [`k${i}`, 'x'.repeat(20)]));
    expect(size(parseProductsJson(JSON.stringify(wide)))).toBeLessThan(10_000);
    const long = parseProductsJson(JSON.stringify({ ['k'.repeat(500_000)]: 1, name: 'n'.repeat(500_000) }));
    expect(size(long)).toBeLessThan(10_000);
    const list = parseProductsJson(JSON.stringify(Array.from({ length: 501 }, () => 0)));
    expect(faultsIn(list)[0]).toEqual({ path: '(the whole)', expected: 'at most 500 sheets (got 501)' });
    expect(
      size(parseProductsCsv(`id,name,${Array.from({ length: 5000 }, (_, i) => `c${i}`).join()}\n`)),
    ).toBeLessThan(5000);
  });
  it('a job of wrong fields throughout has a short answer', () => {
    const parts = Array.from({ length: 40 }, () => ({ id: '', lengthMm: -1, widthMm: 'x', sides: 3 }));
    const refused = parseJob({ name: '', parts });
    expect(faultsIn(refused)).toHaveLength(21);
    expect(size(refused)).toBeLessThan(8000);
    const error = {
      issues: [{ code: 'unrecognized_keys', keys: Array.from({ length: 99 }, (_, i) => `k${i}`), path: [] }],
    };
    expect(faultsOf(error as never, {}).at(-1)!.expected).toBe('79 faults more were found');
  });
});

describe('labels', () => {
  it('a clause without end is cut at a space, and nothing of it is lost', () => {
    const words = Array.from({ length: 900 }, (_, i) => `w${i}`).join(' ');
    const clauses = clausesOf(words).map((c) => c.text);
    expect(Math.max(...clauses.map((c) => c.length))).toBeLessThanOrEqual(300);
    expect(clauses.join(' ')).toBe(words);
    expect(Math.max(...clausesOf('x'.repeat(5000)).map((c) => c.text.length))).toBeLessThanOrEqual(300);
    expect(
      clausesOf('x'.repeat(5000))
        .map((c) => c.text)
        .join(''),
    ).toBe('x'.repeat(5000));
  });
  it('what stands at the end of a long text is still read', () => {
    const text = `${'Shake well before use. '.repeat(300)}Pot life 8 h.`;
    expect(readLabel(text).found.find((x) => x.field === 'potLifeMin')!.value).toBe(480);
  });
});

describe('tables from elsewhere', () => {
  const header = 'id,name,kind,role,chemistry,carrier,filmUmPerCoat,coats,solidsFrac,packMl,packPrice';
  it('a row with a cell too many is refused as a row; the others come in', () => {
    const read = parseProductsCsv(
      `${header}\na,A,basecoat,base,1k-acrylic,aerosol,8,3,0.08,400,9,extra,more\n`,
    );
    expect(read).toMatchObject({ ok: true, value: { products: [], badCount: 1 } });
    expect(JSON.stringify(read)).toContain('a cell beyond the last column');
  });
  it('a column named twice is refused by name, in sheets', () => {
    expect(faultsIn(parseProductsCsv(`${header},name\n`))[0]).toEqual({
      path: 'name',
      expected: 'a column named once',
    });
  });
  it('a byte-order mark before JSON is none of its words', () => {
    expect(parseJson('\uFEFF{"a":1}')).toEqual({ ok: true, value: { a: 1 } });
    expect(parseProductsJson(`\uFEFF${JSON.stringify([CATALOGUE[0]])}`)).toMatchObject({
      ok: true,
      value: { badCount: 0 },
    });
  });
  it('a name that a table program would take for a formula goes out as text, whatever stands before its sign', () => {
    const line = (name: string) => ({
      key: 'x',
      name,
      part: 'base',
      params: {},
      colour: null,
      group: 'paint',
      have: false,
      count: 1,
      price: 1,
      cost: 1,
      pack: { size: 400, unit: 'can' },
    });
    for (const name of ['=1+1', ' =1+1', '\t=1', '＝1+1', '＠x', '  －2']) {
      const csv = listCsv(
        { lines: [line(name)], currency: 'GBP' } as unknown as ShoppingList,
        formatFor('metric'),
      );
      expect(csv.split('\r\n')[1]).toContain("'");
    }
    const plain = listCsv(
      { lines: [line('Orrin base')], currency: 'GBP' } as unknown as ShoppingList,
      formatFor('metric'),
    );
    expect(plain).not.toContain("'");
  });
});
