import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { changedPath, mergeThree, sameJson, type Json } from './three-way';

const base = {
  name: 'Lids',
  parts: [
    { id: 'a', lengthMm: 300, widthMm: 200 },
    { id: 'b', lengthMm: 400, widthMm: 200 },
  ],
  budget: { amount: 50 },
};

describe('merging what two tabs changed', () => {
  it('different fields merge by themselves, also within one part of a list', () => {
    const mine = {
      ...base,
      name: 'Caravan lids',
      parts: [{ ...base.parts[0]!, lengthMm: 310 }, base.parts[1]!],
    };
    const theirs = {
      ...base,
      parts: [{ ...base.parts[0]!, widthMm: 210 }, base.parts[1]!],
      budget: { amount: 60 },
    };
    expect(mergeThree(base, mine, theirs)).toEqual({
      clashes: [],
      merged: {
        name: 'Caravan lids',
        parts: [{ id: 'a', lengthMm: 310, widthMm: 210 }, base.parts[1]],
        budget: { amount: 60 },
      },
    });
  });
  it('the same field changed differently is a clash with its path, and mine stays until somebody decides', () => {
    const r = mergeThree(
      base,
      { ...base, parts: [{ ...base.parts[0]!, lengthMm: 310 }, base.parts[1]!] },
      { ...base, parts: [{ ...base.parts[0]!, lengthMm: 320 }, base.parts[1]!] },
    );
    expect(r.clashes).toEqual(['parts[a].lengthMm']);
    expect((r.merged as typeof base).parts[0]!.lengthMm).toBe(310);
  });
  it('a list in which two entries bear one id is not merged entry by entry: both changed it, so it is asked about', () => {
    const twins = {
      list: [
        { id: 'a', n: 1 },
        { id: 'a', n: 2 },
      ],
    };
    const r = mergeThree(
      twins,
      {
        list: [
          { id: 'a', n: 1 },
          { id: 'a', n: 3 },
        ],
      },
      {
        list: [
          { id: 'a', n: 9 },
          { id: 'a', n: 2 },
        ],
      },
    );
    expect(r.clashes).toEqual(['list']);
    expect(r.merged).toEqual({
      list: [
        { id: 'a', n: 1 },
        { id: 'a', n: 3 },
      ],
    });
  });
  it('one adds a part while the other takes one out: both happen', () => {
    const r = mergeThree(
      base,
      { ...base, parts: [...base.parts, { id: 'c', lengthMm: 1, widthMm: 1 }] },
      { ...base, parts: [base.parts[1]!] },
    );
    expect(r.clashes).toEqual([]);
    expect((r.merged as typeof base).parts.map((p) => p.id)).toEqual(['b', 'c']);
  });
  it('a part changed here and taken out there is a clash, and is not lost', () => {
    const r = mergeThree(
      base,
      { ...base, parts: [{ ...base.parts[0]!, lengthMm: 9 }, base.parts[1]!] },
      { ...base, parts: [base.parts[1]!] },
    );
    expect(r.clashes).toEqual(['parts[a]']);
    expect((r.merged as typeof base).parts.some((p) => p.lengthMm === 9)).toBe(true);
  });
  it('an ordered list named atomic is never mixed', () => {
    const b = { system: { layers: [{ id: '1' }, { id: '2' }] } };
    const r = mergeThree(
      b,
      { system: { layers: [{ id: '2' }, { id: '1' }] } },
      { system: { layers: [{ id: '1' }, { id: '2' }, { id: '3' }] } },
      ['system.layers'],
    );
    expect(r.clashes).toEqual(['system.layers']);
  });
  const json = fc.letrec<{ v: Json }>((tie) => ({
    v: fc.oneof(
      { depthSize: 'small' },
      fc.integer({ min: 0, max: 3 }),
      fc.constantFrom('a', 'b'),
      fc.constant(null),
      fc.dictionary(fc.constantFrom('x', 'y', 'z'), tie('v'), { maxKeys: 3 }),
      fc.array(tie('v'), { maxLength: 3 }),
    ),
  })).v;
  it('laws, over 400 random triples (seed 5): unchanged sides vanish, and who merges with himself gets himself', () => {
    fc.assert(
      fc.property(json, json, (b, x) => {
        expect(sameJson(mergeThree(b, x, b).merged, x)).toBe(true);
        expect(sameJson(mergeThree(b, b, x).merged, x)).toBe(true);
        expect(mergeThree(b, x, x)).toEqual({ merged: x, clashes: [] });
      }),
      { numRuns: 400, seed: 5 },
    );
  });
});

describe('what an edit changed', () => {
  it('one field is named to the leaf, two fields by what holds both', () => {
    expect(changedPath(base, { ...base, parts: [{ ...base.parts[0]!, lengthMm: 5 }, base.parts[1]!] })).toBe(
      'parts[0].lengthMm',
    );
    expect(
      changedPath(base, { ...base, parts: [{ ...base.parts[0]!, lengthMm: 5, widthMm: 6 }, base.parts[1]!] }),
    ).toBe('parts[0]');
    expect(changedPath(base, { ...base, parts: base.parts.slice(1) })).toBe('parts');
    expect(changedPath(base, { ...base, name: 'x', budget: { amount: 1 } })).toBe('');
    expect(changedPath(base, base)).toBe('');
  });
});

describe('what is the same, and where two records differ', () => {
  it('a list is the same entry by entry, a record by its keys, an undefined field is an absent one', () => {
    expect(sameJson([1, [2, 3]], [1, [2, 3]])).toBe(true);
    expect(sameJson([1, 2], [1, 3])).toBe(false);
    expect(sameJson([1, 2], [1])).toBe(false);
    expect(sameJson([], {})).toBe(false);
    expect(sameJson({ 0: 1 }, [1])).toBe(false);
    expect(sameJson({ a: 1, b: undefined }, { a: 1 })).toBe(true);
    expect(sameJson({ a: 1 }, { a: 1, b: null })).toBe(false);
    expect(sameJson(null, {})).toBe(false);
    expect(sameJson('1', 1)).toBe(false);
  });
  it('the one path under which they differ, down to the field; none when there are several', () => {
    expect(changedPath({ a: { b: [1, { c: 2 }] } }, { a: { b: [1, { c: 3 }] } })).toBe('a.b[1].c');
    expect(changedPath({ a: [1, 2] }, { a: [1, 2, 3] })).toBe('a');
    expect(changedPath({ a: [1, 2] }, { a: [2, 1] })).toBe('a');
    expect(changedPath({ a: [1] }, { a: { 0: 2 } })).toBe('a');
    expect(changedPath({ a: { 0: 1 } }, { a: [2] })).toBe('a');
    expect(changedPath({ a: 1 }, { a: { b: 1 } })).toBe('a');
    expect(changedPath({ a: 1, b: 1 }, { a: 2, b: 2 })).toBe('');
    expect(changedPath(1, 2, 'x')).toBe('x');
    expect(changedPath({ a: 1 }, { a: 1 })).toBe('');
  });
});

describe('what cannot be merged from within', () => {
  const clash = (base: Json, mine: Json, theirs: Json) => mergeThree(base, mine, theirs).clashes;
  it('two plain values, a list against a record, entries without a name: asked about, mine stays', () => {
    expect(mergeThree(1, 2, 3)).toEqual({ merged: 2, clashes: ['(the whole)'] });
    expect(clash({ a: 1 }, { a: [1] }, { a: { b: 1 } })).toEqual(['a']);
    expect(clash({ a: 1 }, { a: { b: 1 } }, { a: [1] })).toEqual(['a']);
    expect(clash({ a: [1] }, { a: [2] }, { a: [3] })).toEqual(['a']);
    expect(clash({ a: [{ n: 1 }] }, { a: [{ n: 2 }] }, { a: [{ n: 3 }] })).toEqual(['a']);
  });
  it('a list that one of the three has twice under one name, or without a name, is not merged by entry', () => {
    const one = [{ id: 'x', n: 1 }];
    const two = [{ id: 'x', n: 2 }];
    const twins = [...one, ...two];
    expect(clash({ a: twins }, { a: one }, { a: two })).toEqual(['a']);
    expect(clash({ a: [] }, { a: twins }, { a: two })).toEqual(['a']);
    expect(clash({ a: [] }, { a: one }, { a: [...twins, 5] })).toEqual(['a']);
  });
  it('lists that both began, from nothing or from what was no list, keep the entries of both', () => {
    const mine = [{ id: 'x', n: 1 }];
    const theirs = [{ date: '2026-05-01', n: 2 }];
    expect(mergeThree({}, { a: mine }, { a: theirs })).toEqual({
      merged: { a: [...theirs, ...mine] },
      clashes: [],
    });
    expect(mergeThree({ a: 5 }, { a: mine }, { a: theirs }).merged).toEqual({ a: [...theirs, ...mine] });
    // Records that both began merge field by field.
    expect(mergeThree({ a: 5 }, { a: { b: 1 } }, { a: { c: 2 } })).toEqual({
      merged: { a: { c: 2, b: 1 } },
      clashes: [],
    });
  });
  it('coats go by layer and number; an entry with a layer but no number by its id', () => {
    const coat = (n: number, endedAt: string) => ({ layerId: 'base', coat: n, endedAt });
    const merged = mergeThree(
      { coats: [coat(1, 'a')] },
      { coats: [coat(1, 'a'), coat(2, 'b')] },
      { coats: [coat(1, 'c')] },
    );
    expect(merged).toEqual({ merged: { coats: [coat(1, 'c'), coat(2, 'b')] }, clashes: [] });
    const outcome = (id: string, mark: number) => ({ layerId: 'base', id, mark });
    expect(
      mergeThree(
        { o: [outcome('p', 1), outcome('q', 1)] },
        { o: [outcome('p', 2), outcome('q', 1)] },
        { o: [outcome('p', 1), outcome('q', 3)] },
      ),
    ).toEqual({ merged: { o: [outcome('p', 2), outcome('q', 3)] }, clashes: [] });
  });
  it('a clash inside an entry is named by the entry; a field that both took away is gone', () => {
    const part = (n: number) => ({ parts: [{ id: 'a:b', n }] });
    expect(clash(part(1), part(2), part(3))).toEqual(['parts[a:b].n']);
    expect(mergeThree({ a: 1, b: 1, c: 1 }, { b: 2, c: 1 }, { b: 1, c: 2 })).toEqual({
      merged: { b: 2, c: 2 },
      clashes: [],
    });
    expect(Object.keys(mergeThree({ a: 1, b: 1 }, { b: 2 }, { a: 1, b: 1 }).merged as object)).toEqual(['b']);
    // What one took away and the other changed is asked about, and what is left of it stays.
    expect(mergeThree({ a: 1, b: 1 }, { b: 2 }, { a: 3, b: 1 })).toEqual({
      merged: { a: 3, b: 2 },
      clashes: ['a'],
    });
  });
});
