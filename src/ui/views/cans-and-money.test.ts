/** Cans as they are drawn, money as it is laid out, cups as they are marked. */
import { describe, expect, it } from 'vitest';
import type { AirView } from '@/core/air/view';
import { CATALOGUE } from '@/core/coating/catalogue';
import { systemFor } from '@/core/coating/system';
import type { Way } from '@/core/ways';
import { always, demo, NOW, product, simulated, steady } from '@/demo/test-kit';
import { plan as planned } from '@/core/plan';
import { flatPart } from '@/demo/test-part';
import type { Job } from '@/model/job';
import type { Material } from '@/model/plan';
import { formatFor } from '@/words/format';
import { canInWords, cansTitle, canWord, drawnCans, openAerosols } from './cans';
import { isoCautions, mixViews } from './mixing';
import { breakEvenText, keepsText, moneyView, wayBar, wayCells, wayName } from './money';

const f = formatFor('metric');
const bonnet = demo('tractor-bonnet');
const plan = simulated(bonnet);
const lineOf = (productId: string): Material => plan.materials.find((m) => m.productId === productId)!;
const cansOf = (productId: string, material = lineOf(productId), job: Job = bonnet) =>
  drawnCans(job, product(productId), material, plan.layers);

describe('cans', () => {
  const base = cansOf('orrin-base');
  it('a can gives no more than it holds less its heel, and all cans together what the coats take', () => {
    for (const c of base) expect(c.useMl).toBeLessThanOrEqual(c.fullMl - c.heelMl + 1e-6);
    // A heel of 5 % of 400 ml.
    expect(base[0]!.heelMl).toBeCloseTo(20, 9);
    const uses = systemFor(bonnet).layers.filter((l) => l.productId === 'orrin-base');
    const sprayed = drawnCans(bonnet, product('orrin-base'), lineOf('orrin-base'), uses);
    expect(sprayed.reduce((a, c) => a + c.useMl, 0)).toBeCloseTo(
      base.reduce((a, c) => a + c.useMl, 0),
      6,
    );
  });
  it('the spare is the last one bought and stays sealed; one in reserve is no spare', () => {
    expect(base.map((c) => c.spare)).toEqual([false, false, false, true]);
    expect(base.map((c) => c.sealed)).toEqual([false, false, false, true]);
    expect(canWord(base[3]!)).toBe('spare');
    expect(canWord({ ...base[3]!, spare: false })).toBe('in reserve');
    expect(canWord({ ...base[3]!, shelf: true })).toBe('set aside');
    expect(canWord(base[0]!)).toBe('');
  });
  it('what is out of a can only grows, coat by coat, up to its use', () => {
    for (const { levels, useMl } of base.filter((c) => !c.sealed)) {
      levels.slice(1).forEach((l, i) => expect(l.outMl).toBeGreaterThan(levels[i]!.outMl));
      expect(levels.map((l) => l.coat)).toEqual([...levels.map((l) => l.coat)].sort());
      expect(levels.at(-1)!.outMl).toBeCloseTo(useMl, 6);
    }
  });
  it('all parts are every face, one part goes by its name', () => {
    expect(base[0]!.does).toEqual(['edges and returns', 'every face, coats 1–2']);
    expect(base[1]!.does[1]).toBe('Bonnet, coats 2–3');
    expect(canInWords(base[3]!, 3)).toBe('can 4 stays sealed');
    expect(canInWords({ ...base[1]!, shelf: true }, 1)).toMatch(/^can 2 from the shelf sprays 325 ml: edges/);
  });
  it('700 ml set aside are a full can and one of 300, and come before those bought', () => {
    const shelf = [{ productId: 'orrin-base', remainingMl: 700 }];
    const material = { ...lineOf('orrin-base'), shelfMl: 700 };
    const cans = cansOf('orrin-base', material, { ...bonnet, shelf });
    expect(cans.slice(0, 3).map((c) => [c.shelf, c.fullMl])).toEqual([
      [true, 400],
      [true, 300],
      [false, 400],
    ]);
    const other = [{ productId: 'orrin-base', remainingMl: 700, colour: 'Signal red' }];
    expect(cansOf('orrin-base', material, { ...bonnet, shelf: other })[0]!.shelf).toBe(false);
    expect(cansOf('orrin-base', { ...material, shelfMl: 0 }, { ...bonnet, shelf }).some((c) => c.shelf)).toBe(
      false,
    );
  });
  it('counts what is to be bought, and leaves out what is on already', () => {
    const open = openAerosols(plan, product);
    expect(open.map((m) => m.productId)).toEqual(['orrin-base', 'halden-2k-gloss']);
    expect(cansTitle(open)).toBe('6 cans to buy, and what each one sprays');
    expect(cansTitle([{ ...open[0]!, packs: [{ ...open[0]!.packs[0]!, count: 1 }] }])).toMatch(
      /^1 can to buy/,
    );
    expect(cansTitle([])).toBe('No cans to buy');
  });
});

describe('money', () => {
  const view = moneyView(bonnet, plan);
  const sum = (costs: readonly { cost: number }[]): number => costs.reduce((a, c) => a + c.cost, 0);
  it('parts, layers and coats each add up to what is bought: 4 × 11.20 and 2 × 21.50', () => {
    expect(sum(view.parts)).toBeCloseTo(87.8, 6);
    expect(view.layers.map((l) => [l.id, Math.round(l.cost * 100) / 100])).toEqual([
      ['base', 44.8],
      ['clear', 43],
    ]);
    for (const l of view.layers) expect(sum(l.coats)).toBeCloseTo(l.cost, 6);
    expect(view.layers[0]!.coats.map((c) => c.coat)).toEqual([1, 2, 3]);
  });
  it('money a square metre is the sum over the area', () => {
    const [part] = view.parts;
    const areaM2 = plan.parts.find((p) => p.id === 'bonnet')!.areaM2;
    expect(part!.perM2! * areaM2).toBeCloseTo(part!.cost, 9);
    // Bonnet 0.82 × 0.64 with 18 % of hidden edge: 0.619 m².
    expect(areaM2).toBeCloseTo(0.6193, 3);
  });
  it('what it hangs on: the widest first with a share of one', () => {
    const shares = view.hangsOn.map((h) => h.share);
    expect(shares[0]).toBe(1);
    expect([...shares].sort((a, b) => b - a)).toEqual(shares);
    for (const h of view.hangsOn) expect(h.low).toBeLessThan(h.high);
  });
  it('a trace that is left is not spoken of, and the worth left is of all', () => {
    for (const l of view.left) expect(l.ml).toBeGreaterThan(5);
    expect(view.leftWorth).toBeCloseTo(9.785 + 5.576, 2);
    expect(view.dearest).toBe(Math.max(...view.ways.list.map((w) => w.total)));
  });
  it('says how paint keeps', () => {
    const keeps = (k: number): string => keepsText({ keeps: k } as never);
    expect([keeps(0), keeps(0.3), keeps(0.5), keeps(0.9)]).toEqual([
      'dies once opened',
      'keeps some months',
      'keeps',
      'keeps',
    ]);
  });
});

describe('ways', () => {
  const cans: Way = {
    id: 'cans-1k',
    paint: 60,
    prep: 20,
    kit: 0,
    total: 80,
    perM2: 160,
    handsOnH: 2.5,
    isocyanate: false,
  };
  const shop: Way = { ...cans, id: 'shop', paint: 0, prep: 0, total: 150, perM2: 300, handsOnH: 0 };
  it('a kit that is here costs nothing; a shop gives only its price', () => {
    expect(wayCells(cans, 'GBP', f)).toEqual({
      paint: '£60.00',
      rest: '£20.00',
      kit: 'here',
      total: '£80.00',
      perM2: '£160.00',
      hours: '2 h 30',
    });
    expect(wayCells({ ...cans, kit: 35 }, 'EUR', f).kit).toBe('€35.00');
    expect(wayCells(shop, 'GBP', f)).toMatchObject({ paint: '', rest: '', kit: '', hours: 'none' });
    expect(wayCells({ ...shop, kit: 12 }, 'GBP', f).kit).toBe('£12.00');
    expect(wayName(shop)).toBe('A paint shop');
    expect(wayName(cans)).not.toBe('A paint shop');
  });
  it('a bar stands end to end, as shares of the dearest way', () => {
    const bar = wayBar({ ...cans, kit: 20 }, 200).map(({ from, to }) => [from, to]);
    expect(bar).toEqual([
      [0, 0.3],
      [0.3, 0.4],
      [0.4, 0.5],
    ]);
    expect(wayBar(shop, 200).map(({ from, to }) => [from, to])).toEqual([[0, 0.75]]);
  });
  it('says from which area the gun pays, or that it never does', () => {
    expect(breakEvenText({ cans: 'cans-1k', gun: 'gun-1k', m2: 6.4 }, f)).toContain('From about 6.40 m²');
    expect(breakEvenText({ cans: 'cans-1k', gun: 'gun-1k', m2: null }, f)).toContain('the same at any area');
  });
});

describe('cups', () => {
  const { state: _state, ...fresh } = bonnet;
  const job: Job = {
    ...fresh,
    parts: [flatPart({ condition: 'e-coat', lengthMm: 1600, widthMm: 900 })],
    equipment: { sprayer: 'hvlp', suppliedAir: true, cupMl: 600 },
    system: {
      layers: [
        { productId: 'orrin-base-gun', role: 'base', coats: 2 },
        { productId: 'halden-gun-gloss', role: 'clear', coats: 2 },
      ],
    },
  };
  const air = (tempC: number): AirView =>
    ({ startMs: 0, stepMs: 3_600_000, panelC: { mid: [tempC] } }) as unknown as AirView;
  /** In a garage at a steady heat: the panel is as warm as the air. */
  const indoors: Job = {
    ...job,
    freeHours: always,
    place: { ...job.place, shelter: 'cellar', windFrac: 0.25, lamp: true },
  };
  const cupsAt = (tempC: number, over: Partial<Job> = {}) => {
    const j = { ...indoors, ...over };
    return mixViews(j, planned({ job: j, forecast: steady(tempC), nowMs: NOW }), CATALOGUE, air(tempC));
  };
  it('a job of cans has no cups', () => {
    expect(mixViews(bonnet, plan, CATALOGUE, air(20))).toEqual([]);
  });
  it('what is mixed and holds isocyanate is named beside the cups; a base alone is not', () => {
    const mixes = cupsAt(20);
    expect(isoCautions(mixes).map((c) => c.params)).toEqual([{ product: 'Halden 2K clear, gun' }]);
    expect(isoCautions(mixes.slice(0, 1))).toEqual([]);
  });
  it('marks end at what is poured, by the ratio of the tin', () => {
    const [base, clear] = cupsAt(20);
    expect([base!.ratio, clear!.ratio]).toEqual(['1 : 1', '2 : 1']);
    for (const { ml, marks } of clear!.pours) {
      expect(marks.map((m) => m.part)).toEqual(['base', 'hardener']);
      expect(marks[0]!.toMl).toBeCloseTo((ml * 2) / 3, 9);
      expect(marks[1]!.toMl).toBeCloseTo(ml, 9);
      expect(ml).toBeLessThanOrEqual(600 + 1e-9);
    }
    expect(clear!.pours.map((p) => p.what)).toEqual(['coat 1 and 2']);
  });
  it('the cups are those of the run sheet', () => {
    const p = planned({ job: indoors, forecast: steady(20), nowMs: NOW });
    const cups = mixViews(indoors, p, CATALOGUE, air(20)).flatMap((m) => m.pours.map((x) => x.ml));
    expect(cups).toEqual(p.sessions.flatMap((s) => s.mixes.map((m) => m.ml)));
    expect(cups.length).toBeGreaterThan(1);
  });
  it('two parts too many for one cup are poured one by one', () => {
    const parts = ['a', 'b'].map((id) => flatPart({ id, condition: 'e-coat', lengthMm: 1600, widthMm: 900 }));
    const clear = cupsAt(20, { parts, equipment: { ...job.equipment, cupMl: 200 } })[1]!;
    expect(clear.pours[0]!.what).toMatch(/^part 1 of \d of coat 1$/);
  });
  it('2 h of pot are less than one at thirty degrees and stay 2 h in the cold; base keeps; the same without a start', () => {
    expect(cupsAt(30).map((c) => c.potMin && Math.round(c.potMin))).toEqual([null, 57]);
    expect(cupsAt(16)[1]!.potMin).toBe(120);
    const blocked = { ...planned({ job: indoors, forecast: steady(20), nowMs: NOW }), sessions: [] };
    expect(mixViews(indoors, blocked, CATALOGUE, air(20)).map((c) => [c.at, c.potMin])).toEqual([
      [undefined, null],
      [undefined, 120],
    ]);
  });
  it('grades go by the heat of the first coat; a base is graded by its reducer alone', () => {
    const graded = (c: number) => cupsAt(c).map((x) => x.graded);
    expect(graded(17)).toEqual([
      { grade: 'fast', what: 'reducer' },
      { grade: 'fast', what: 'hardener' },
    ]);
    expect(graded(27)[1]!.grade).toBe('slow');
  });
});
