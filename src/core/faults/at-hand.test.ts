/** What a fault on the demo's tractor bonnet is seen on as the day goes on, and what its mends add, by hand. */
import { describe, expect, it } from 'vitest';
import { CATALOGUE } from '@/core/coating/catalogue';
import { planned } from '@/demo/work-kit';
import { demo } from '@/demo/test-kit';
import { HOUR, MINUTE, msOf } from '@/core/time/instant';
import type { Job } from '@/model/job';
import type { Product } from '@/model/product';
import { addsOf } from './adds';
import { filmsOf, mendingNow, type OnJob } from './at-hand';
import { mendSteps } from './mend';

const product = (id: string): Product => CATALOGUE.find((p) => p.id === id)!;
const fresh = demo('tractor-bonnet');
const { layers } = planned(fresh);
const products = new Map(CATALOGUE.map((p) => [p.id, p]));
const clear = layers.find((l) => product(l.productId).kind === 'clear')!;
const ENDED = '2026-05-16T12:00';
const endedMs = msOf(ENDED, fresh.place.tz);
/** Everything on but the last coat of clear. */
const sprayed: Job = {
  ...fresh,
  state: {
    coats: [
      ...layers
        .filter((l) => l.id !== clear.id)
        .map((l) => ({ layerId: l.id, coat: l.coats, endedAt: '2026-05-16T10:00' })),
      { layerId: clear.id, coat: 1, endedAt: ENDED },
    ],
    activations: [],
  },
};
const on: OnJob = { job: sprayed, layers, products, spraying: null };

describe('what a fault is seen on', () => {
  it('before anything is sprayed nothing', () => {
    expect(
      mendingNow({ ...on, job: { ...fresh, state: { coats: [], activations: [] } } }, endedMs),
    ).toBeNull();
  });
  it('what is being sprayed and not ticked yet: wet, one coat of it', () => {
    const base = layers.find((l) => product(l.productId).kind === 'basecoat')!;
    const [first] = layers;
    const filled: Job = {
      ...fresh,
      state: { coats: [{ layerId: first!.id, coat: 1, endedAt: '2026-05-15T10:00' }], activations: [] },
    };
    const m = mendingNow({ ...on, job: filled, spraying: base.id }, endedMs)!;
    expect(m).toMatchObject({ layerId: base.id, reached: 'wet' });
    expect(m.lowUm).toBeCloseTo(0.8 * base.filmUmPerCoat, 9);
  });
  it('the newest film on which it can show: stripes are sought in the colour, not in the filler over nothing', () => {
    const seen = mendingNow(on, endedMs, ({ product: p }) => p.kind === 'basecoat')!;
    expect(seen.under!.product.kind).toBe('basecoat');
    // What is waited for and sanded is the clear over it.
    expect(seen.film.product.kind).toBe('clear');
    expect(mendingNow(on, endedMs)!.under).toBeNull();
    expect(mendingNow(on, endedMs, ({ product: p }) => p.kind === 'epoxy-primer')).toBeNull();
  });
  it('a coat that was ticked part by part is one coat', () => {
    const apart = ['a', 'b'].map((id) => ({ layerId: clear.id, coat: 1, endedAt: ENDED, partIds: [id] }));
    const job: Job = { ...sprayed, state: { coats: apart, activations: [] } };
    expect(mendingNow({ ...on, job }, endedMs)!.lowUm).toBeCloseTo(0.8 * clear.filmUmPerCoat, 9);
  });
  it('the coat that went on last: wet, flashed, dry and hard by its sheet', () => {
    const p = product(clear.productId);
    const at = (min: number) => mendingNow(on, endedMs + min * MINUTE)!;
    expect(at(1)).toMatchObject({ layerId: clear.id, reached: 'wet', clear: null });
    expect(at(1).colour!.kind).toBe('basecoat');
    expect(at(p.flashMin + 1).reached).toBe('flashed');
    expect(at(p.touchDryMin + 1).reached).toBe('dry');
    expect(at(72 * 60).reached).toBe('hard');
    // One coat is on, four fifths of it surely.
    expect(at(1).lowUm).toBeCloseTo(0.8 * clear.filmUmPerCoat, 9);
    // Base from a can lies below: it dissolves.
    expect(at(1).standsReducer).toBe(false);
  });
  it('films are told once each, by product and substrate', () => {
    const films = filmsOf(on);
    expect(new Set(films.map((f) => f.product.id))).toEqual(new Set(layers.map((l) => l.productId)));
    expect(films.length).toBe(new Set(films.map((f) => `${f.product.id} ${f.substrate}`)).size);
  });
});

describe('what a mend adds', () => {
  const m = { ...mendingNow(on, endedMs + 96 * HOUR)!, areaM2: 0.5 };
  it('a flow coat: half a square metre dulled, cleaned, two coats; paint by film, solids and transfer', () => {
    const steps = mendSteps('flow-coat', m)!;
    const { handsMin, paint } = addsOf(steps, m);
    // 30 × 0.5 sanding, 6 × 0.5 cleaning, 2 × (10 + 12 × 0.5) spraying.
    expect(handsMin).toBeCloseTo(15 + 3 + 32, 9);
    const p = product(clear.productId);
    const ml = (0.5 * p.filmUmPerCoat * 2 * 1.15) / p.solidsFrac / 0.575;
    expect(paint).toEqual([{ product: p, ml: expect.closeTo(ml, 6) as number }]);
  });
  it('to wait is to wait by the sheet: twice until it may be sanded, once until it may be polished', () => {
    const p = product(clear.productId);
    const { waitMin } = addsOf(mendSteps('run-ladder', m)!, m);
    expect(waitMin).toBeCloseTo(2 * p.sandMin! + (p.polishMin ?? p.sandMin!), 6);
  });
  it('leaving it adds nothing', () => {
    expect(addsOf([], m)).toEqual({ handsMin: 0, waitMin: 0, paint: [] });
  });
});
