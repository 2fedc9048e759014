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
