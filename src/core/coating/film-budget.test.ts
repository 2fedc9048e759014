/**
 * The film's budget by hand: every sum is worked out in the test. Clear: 2K must keep 40 µm, flatting and
 * compound take 5 to 15, clear carries about 150 in all, colour about 40. From memory, as the trade says.
 */
import { describe, expect, it } from 'vitest';
import { job, panel } from '@/demo/work-kit';
import { product } from '@/demo/test-kit';
import type { Job, SystemLayer } from '@/model/job';
import { systemFor } from './system';
import { filmLimits, filmLines } from './film-budget';

const base: SystemLayer = { role: 'base', productId: 'orrin-base-gun', coats: 3 };
const clear = (coats: number, productId = 'halden-gun-gloss'): SystemLayer => ({
  role: 'clear',
  productId,
  coats,
});
const FLATTED = { schools: { flatting: 'flatted' } } as const;
const of = (layers: readonly SystemLayer[], over: Partial<Job> = {}): Job => job(layers, over);
const codes = (j: Job): string[] => systemFor(j).blockers.map((b) => b.code);
const cares = (j: Job): string[] =>
  filmLines(j, systemFor(j))
    .filter((l) => l.verdict === 'care')
    .map((l) => l.code);

describe('clear', () => {
  it('one thin coat of 25 is under 70 % of 40: refused, with the coats that do', () => {
    const j = of([base, clear(1)]);
    expect(codes(j)).toEqual(['film-too-thin']);
    expect(systemFor(j).blockers[0]!.params).toMatchObject({ coats: 1, builtUm: 25, leastUm: 40, enough: 2 });
  });
  it('two coats of 25 stand as they fall; flatted they end at 35: refused; a third leaves 60', () => {
    expect(codes(of([base, clear(2)]))).toEqual([]);
    const flatted = systemFor(of([base, clear(2)], FLATTED)).blockers;
    expect(flatted.map((b) => b.code)).toEqual(['film-flatted-through']);
    expect(flatted[0]!.params).toMatchObject({ builtUm: 50, awayUm: 15, restUm: 35, leastUm: 40, enough: 3 });
    expect(codes(of([base, clear(3)], FLATTED))).toEqual([]);
  });
  it('two coats from 2K cans, 44 µm, are never flatted', () => {
    expect(codes(of([base, clear(2, 'halden-2k-gloss')]))).toEqual([]);
    expect(codes(of([base, clear(2, 'halden-2k-gloss')], FLATTED))).toEqual(['film-flatted-through']);
  });
  it('a tape ridge of a second tone is flatted out of it too: 21 µm more, and three coats are not enough', () => {
    const stripe: SystemLayer = { ...base, hex: '#F4F4F0' };
    const j = of([base, stripe, clear(3)], FLATTED);
    expect(codes(j)).toEqual(['film-flatted-through']);
    // 75 built, 15 and 3 coats of 7 off it.
    expect(systemFor(j).blockers[0]!.params).toMatchObject({
      builtUm: 75,
      awayUm: 36,
      restUm: 39,
      enough: 4,
    });
    expect(codes(of([base, stripe, clear(4)], FLATTED))).toEqual([]);
  });
  it('clear under a stripe does not protect the stripe: 25 µm over it are refused, 50 do', () => {
    const stripe: SystemLayer = { ...base, coats: 2, hex: '#F4F4F0' };
    const thin = systemFor(of([base, clear(2), stripe, clear(1)])).blockers;
    expect(thin.map((b) => b.code)).toEqual(['film-too-thin']);
    expect(thin[0]!.params).toMatchObject({ coats: 1, builtUm: 25, restUm: 25, enough: 2 });
    expect(codes(of([base, clear(2), stripe, clear(2)]))).toEqual([]);
  });
  it('160 µm of clear in one session is refused; the same in two sessions is only much', () => {
    const thick = { ...product('halden-gun-gloss'), id: 'thick', filmUmPerCoat: 40 };
    const once = of([base, clear(4, 'thick')], { products: [thick] });
    expect(codes(once)).toEqual(['film-in-a-session']);
    expect(systemFor(once).blockers[0]!.params).toMatchObject({ builtUm: 160, mostUm: 120 });
    const twice = of([base, clear(2, 'thick'), clear(2, 'thick')], { products: [thick] });
    expect(codes(twice)).toEqual([]);
    expect(cares(twice)).toEqual(['film-too-thick']);
  });
  it('one-part clear wants 25: two matte coats of 10 are thin, and that is said; four are not', () => {
    expect(cares(of([base, clear(2, 'halden-1k-matte')]))).toEqual(['film-too-thin']);
    expect(cares(of([base, clear(4, 'halden-1k-gloss')]))).toEqual([]);
  });
});

describe('other products by their kind, and by their own sheet', () => {
  it('colour carries about 40: six coats of 7 are 42, eight are 56 and refused', () => {
    expect(cares(of([{ ...base, coats: 6 }, clear(2)]))).toEqual(['film-too-thick']);
    expect(codes(of([{ ...base, coats: 8 }, clear(2)]))).toEqual(['film-too-thick']);
  });
  it('etch in four coats is too much of it', () => {
    const etch: SystemLayer = { role: 'etch', productId: 'tamsel-etch', coats: 4 };
    const filler: SystemLayer = { role: 'filler', productId: 'tamsel-filler', coats: 3 };
    const bare = { parts: [panel('p', { condition: 'bare' })] };
    expect(codes(of([etch, filler, base, clear(2)], bare))).toEqual(['film-too-thick']);
  });
  it('the sheet’s own least and most win', () => {
    const own = { ...product('halden-gun-gloss'), id: 'own', filmLeastUm: 60, filmMostUm: 70 };
    expect(filmLimits(own)).toEqual({ leastUm: 60, mostUm: 70, sessionUm: 120 });
    const j = (coats: number): Job => of([base, clear(coats, 'own')], { products: [own] });
    expect(cares(j(2))).toEqual(['film-too-thin']);
    expect(cares(j(3))).toEqual(['film-too-thick']);
  });
  it('each part has a budget of its own: the one with a single coat is the one that is refused', () => {
    const parts = [panel('a'), panel('b')];
    const j = of([base, clear(2), { ...clear(1), only: ['a'] }], { parts });
    expect(codes(j)).toEqual([]);
    const k = of([base, { ...clear(1), only: ['a'] }, { ...clear(2), only: ['b'] }], { parts });
    expect(codes(k)).toEqual(['film-too-thin']);
  });
});
