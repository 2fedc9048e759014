/** What the entries of a list are known by, so that two tabs can each change their own. */
import { describe, expect, it } from 'vitest';
import { remember } from './remember';
import { mergeThree, sameJson } from './three-way';

describe('entries of a list are known by their names', () => {
  it.each([
    ['id', { id: 'a' }, { id: 'b' }],
    ['taskId', { taskId: 'a' }, { taskId: 'b' }],
    ['sessionId', { sessionId: 'a' }, { sessionId: 'b' }],
    ['productId', { productId: 'a' }, { productId: 'b' }],
    ['date', { date: '2026-05-16' }, { date: '2026-05-17' }],
    ['layer and coat', { layerId: 'base', coat: 1 }, { layerId: 'base', coat: 2 }],
  ])('%s: each changes another one, both are kept', (_name, a, b) => {
    const base = [
      { ...a, n: 1 },
      { ...b, n: 1 },
    ];
    const mine = [{ ...a, n: 2 }, base[1]!];
    const theirs = [base[0]!, { ...b, n: 3 }];
    expect(mergeThree(base, mine, theirs)).toEqual({
      merged: [
        { ...a, n: 2 },
        { ...b, n: 3 },
      ],
      clashes: [],
    });
  });
  it('a layer without a coat has no name, and neither has a plain figure: both changed, so it is asked', () => {
    const of = (n: number) => [{ layerId: 'base', n }];
    expect(mergeThree({ x: of(1) }, { x: of(2) }, { x: of(3) }).clashes).toEqual(['x']);
    expect(mergeThree({ x: [1] }, { x: [2] }, { x: [3] }).clashes).toEqual(['x']);
  });
  it('an undefined field is an absent one; lists differ by their order and length, objects do not by that of their keys', () => {
    expect(sameJson({ a: 1, b: undefined }, { a: 1 })).toBe(true);
    expect(sameJson({ a: 1, b: 2 }, { b: 2, a: 1 })).toBe(true);
    expect(sameJson([1, 2], [2, 1])).toBe(false);
    expect(sameJson([1], [1, 2])).toBe(false);
    expect(sameJson({ a: 1 }, [1])).toBe(false);
    expect(sameJson(null, {})).toBe(false);
  });
});

describe('a bounded memory', () => {
  it('gives again what it made, and lets the oldest go when there are too many', () => {
    const made = new Map<string, number>();
    let n = 0;
    const ask = (key: string): number => remember(made, key, 2, () => ++n);
    expect([ask('a'), ask('a'), ask('b')]).toEqual([1, 1, 2]);
    expect(ask('a')).toBe(1);
    expect(ask('c')).toBe(3);
    expect([...made.keys()]).toEqual(['b', 'c']);
    expect(ask('a')).toBe(4);
    expect(made.size).toBe(2);
  });
});
