import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { DEMO_JOBS } from '@/demo/jobs';
import type { Job } from '@/model/job';
import { systemFor } from '../coating/system';
import { partAreaM2, totalAreaM2 } from '../surface/area';
import { lineName } from '@/words/shopping';
import { withZones } from '../surface/zones';
import { kitFor, waysOf } from '../ways';
import { consumablesFor } from './consumables';
import { materialFor } from './material-line';
import { materialsOf } from './materials';
import { breakEvenM2, grown } from './break-even';
import { costBy, paintLedger } from './ledger';
import { leftovers } from './leftovers';
import { sensitivity, smoothPaintCost } from './sensitivity';
import { totalsOf } from './money';
import { pooledNeed } from './pooled';
import { jobConsumables, sessionPours } from './session-pours';

const { state: _state, ...bonnet } = DEMO_JOBS[0]!.job;
const gunJob: Job = { ...bonnet, equipment: { sprayer: 'hvlp', suppliedAir: true } };
const worked = (job: Job) => {
  const s = systemFor(job);
  const z = withZones(job);
  return {
    s,
    z,
    materials: [...new Set(s.layers.map((l) => l.productId))].map((id) =>
      materialFor(z, s.products.get(id)!, s),
    ),
  };
};

describe('two colours of one product in one job', () => {
  it('are two lines with their own packs; what is in hand of one colour does not count for the other', () => {
    const job: Job = {
      ...bonnet,
      system: {
        layers: [
          { role: 'filler', productId: 'tamsel-filler', coats: 3 },
          { role: 'base', productId: 'orrin-base', coats: 3 },
          { role: 'base', productId: 'orrin-base', coats: 2, only: [bonnet.parts[0]!.id], hex: '#E8E2D0' },
          { role: 'clear', productId: 'halden-1k-gloss', coats: 4 },
        ],
      },
    };
    const at = (j: Job) => {
      const s = systemFor(j);
      return materialsOf(withZones(j), s).filter((m) => m.productId === 'orrin-base');
    };
    expect(at(job).map((m) => m.colour!.hex)).toEqual([bonnet.purpose.colour.hex, '#E8E2D0']);
    const whole = at(job);
    const held = at({ ...job, shelf: [{ productId: 'orrin-base', remainingMl: 400, colour: '#e8e2d0' }] });
    expect(held.map((m) => m.shelfMl)).toEqual([0, 400]);
    expect(held[0]!.cost).toBe(whole[0]!.cost);
    expect(held[1]!.cost).toBeLessThan(whole[1]!.cost);
  });
});

describe('one maker’s reducer for several products', () => {
  it('is bought once for all that take it: less than for each alone, the needs kept', () => {
    const job: Job = {
      ...gunJob,
      system: {
        layers: [
          { role: 'epoxy', productId: 'tamsel-epoxy-gun', coats: 1 },
          { role: 'base', productId: 'orrin-base-gun', coats: 3 },
          { role: 'base', productId: 'orrin-metallic-gun', coats: 4, only: [gunJob.parts[0]!.id] },
          { role: 'clear', productId: 'halden-gun-gloss', coats: 2 },
        ],
      },
    };
    const s = systemFor(job);
    const list = materialsOf(withZones(job), s);
    const of = list.flatMap((m) => m.ingredients.filter((g) => g.id === 'orrin.reducer'));
    expect(of.length).toBe(2);
    const bought = of.reduce((a, g) => a + g.packs.reduce((b, k) => b + k.count * k.size, 0), 0);
    const need = of.reduce((a, g) => a + g.needMl, 0);
    expect(of[1]!.packs).toEqual([]);
    expect(bought).toBeGreaterThanOrEqual(need - 1e-6);
    expect(bought - need).toBeLessThan(500);
    for (const m of list)
      expect(m.cost).toBeCloseTo(
        m.ingredients.reduce((a, g) => a + g.cost, 0),
        9,
      );
    const left = leftovers(job, list, s.products).filter((l) => l.ingredientId === 'orrin.reducer');
    expect(left.length).toBe(1);
    expect(left[0]!.ml).toBeLessThan(bought);
  });
});

describe('money', () => {
  it('laid out over parts, layers and coats it adds up to what is bought, zones counted to their part', () => {
    const job: Job = {
      ...bonnet,
      parts: bonnet.parts.map((p, i) =>
        i === 0 ? { ...p, zones: [{ sharePct: 20, condition: 'rust' as const }] } : p,
      ),
    };
    const { s, materials } = worked(job);
    const rows = paintLedger(job, s.layers, s.products, materials);
    const all = materials.reduce((a, m) => a + m.cost, 0);
    for (const key of [(r: { partId: string }) => r.partId, (r: { layerId: string }) => r.layerId] as const)
      expect([...costBy(rows, key as never).values()].reduce((a, b) => a + b, 0)).toBeCloseTo(all, 6);
    expect([...costBy(rows, (r) => r.partId).keys()].sort()).toEqual(job.parts.map((p) => p.id).sort());
  });
  it('tax comes on top where it is set; paint and the rest make the total', () => {
    const { materials, s, z } = worked(bonnet);
    const prep = jobConsumables(z, s);
    const t = totalsOf({ ...bonnet, budget: { ...bonnet.budget, taxPct: 20 } }, materials, prep);
    expect(t.total).toBeCloseTo((t.paint + t.prep) * 1.2, 9);
    // The trade’s rough figure (common practice, no source): consumables and protection are a quarter to two
    // fifths of a first job, more on a small one.
    expect(t.prep / (t.paint + t.prep)).toBeGreaterThan(0.2);
    expect(t.prep / (t.paint + t.prep)).toBeLessThan(0.65);
  });
  it('what is left is what is bought and set aside less what is expected to be used; hardener left is worth nothing', () => {
    const { materials, s } = worked(gunJob);
    const left = leftovers(gunJob, materials, s.products);
    for (const l of left) {
      expect(l.ml).toBeGreaterThanOrEqual(0);
      expect(l.worth).toBeGreaterThanOrEqual(0);
      if (l.ingredientId.endsWith('.hardener')) expect(l.worth).toBe(0);
    }
    const m = materials[0]!;
    const g = m.ingredients[0]!;
    const bought = g.packs.reduce((a, k) => a + k.count * k.size, 0);
    expect(left.find((l) => l.ingredientId === g.id)!.ml).toBeCloseTo(
      bought - ((m.useMl / (1 - m.factors.heelFrac)) * g.needMl) / m.needMl,
      6,
    );
  });
  it('each input moves the total the way it should, the widest first', () => {
    const { s, z } = worked(bonnet);
    const list = sensitivity(z, s);
    expect(list.length).toBe(6);
    for (const x of list) expect(x.high, x.what).toBeGreaterThan(x.low);
    list.forEach((x, i) => {
      if (i > 0) expect(x.high - x.low).toBeLessThanOrEqual(list[i - 1]!.high - list[i - 1]!.low);
    });
  });
  it('grown k times, every shape has k times its area (200 random), and paint money grows with it', () => {
    const shapes = [
      undefined,
      { kind: 'curved', riseMm: 40 },
      { kind: 'box', heightMm: 200, faces: ['top', 'front'] },
      { kind: 'tube', diameterMm: 40, ends: 1 },
      { kind: 'ellipsoid', heightMm: 180, share: 0.5 },
      { kind: 'cone', topMm: 300, bottomMm: 200, heightMm: 250, ends: 'bottom' },
      { kind: 'known', areaM2: 0.4 },
      {
        kind: 'polygon',
        pointsMm: [
          [0, 0],
          [400, 0],
          [200, 300],
        ],
      },
      { kind: 'frame', tubes: [{ lengthMm: 500, diameterMm: 30, count: 2 }] },
    ] as const;
    fc.assert(
      fc.property(fc.constantFrom(...shapes), fc.double({ min: 0.1, max: 20, noNaN: true }), (shape, k) => {
        const { shape: _none, ...flat } = bonnet.parts[0]!;
        const p = { ...flat, ...(shape ? { shape: shape as never } : {}) };
        expect(partAreaM2(grown([p], k)[0]!) / partAreaM2(p)).toBeCloseTo(k, 6);
      }),
      { numRuns: 200, seed: 71 },
    );
    const { s, z } = worked(bonnet);
    expect(smoothPaintCost({ ...z, parts: grown(z.parts, 3) }, s)).toBeGreaterThan(smoothPaintCost(z, s));
  });
  it('break-even: 50 a m² against 100 and 20 a m² meet at 100/30 m²; lines that never cross have none', () => {
    expect(
      breakEvenM2(
        1,
        (k) => 50 * k,
        (k) => 100 + 20 * k,
      ),
    ).toBeCloseTo(100 / 30, 4);
    expect(
      breakEvenM2(
        1,
        (k) => 20 * k,
        (k) => 100 + 50 * k,
      ),
    ).toBeNull();
    expect(
      breakEvenM2(
        1,
        (k) => 50 * k,
        (k) => 20 * k,
      ),
    ).toBeNull();
  });
  it('ways side by side: each total is its parts, kit is spread over its jobs, a gun that is here costs nothing, the shop is among them', () => {
    const w = waysOf(bonnet);
    expect(w.list.some((x) => x.id === 'shop')).toBe(true);
    expect(w.list.filter((x) => x.id !== 'shop').length).toBeGreaterThanOrEqual(2);
    for (const x of w.list) if (x.id !== 'shop') expect(x.total).toBeCloseTo(x.paint + x.prep + x.kit, 9);
    w.list.forEach((x, i) => {
      if (i > 0) expect(x.total).toBeGreaterThanOrEqual(w.list[i - 1]!.total);
    });
    const gun = (job: Job) => waysOf(job).list.find((x) => x.id.startsWith('gun'))!;
    expect(gun({ ...bonnet, equipment: { ...bonnet.equipment, kitJobs: 5 } }).kit).toBeCloseTo(
      gun(bonnet).kit / 5,
      9,
    );
    expect(kitFor(gunJob, 'gun-2k', true)).toBe(0);
    expect(
      kitFor({ ...bonnet, equipment: { sprayer: 'aerosol', suppliedAir: false } }, 'cans-2k', true),
    ).toBeGreaterThan(0);
  });
});

describe('several jobs at once', () => {
  it('need less together than apart, never less than their expected use; one spare serves all; the strictest risk counts', () => {
    const lines = DEMO_JOBS.map((d) => {
      const { state: _s, ...job } = d.job;
      return worked({ ...job, system: bonnet.system! }).materials.find((m) => m.productId === 'orrin-base')!;
    }).filter(Boolean);
    expect(lines.length).toBeGreaterThan(1);
    const apart = lines.reduce((a, m) => a + m.needMl, 0);
    const p = pooledNeed(lines);
    expect(p.needMl).toBeLessThan(apart);
    expect(p.needMl).toBeGreaterThan(p.useMl);
    expect(pooledNeed([lines[0]!]).needMl).toBeCloseTo(lines[0]!.needMl, 6);
    const strict = { ...lines[0]!, factors: { ...lines[0]!.factors, riskOfShort: 0.01 } };
    expect(pooledNeed([strict, ...lines.slice(1)]).needMl).toBeGreaterThan(p.needMl);
    expect(pooledNeed([]).needMl).toBe(0);
  });
});

describe('what the work uses up', () => {
  const { s, z } = worked(gunJob);
  const list = jobConsumables(z, s);
  it('every line has a name of its own', () => {
    for (const c of list)
      expect(lineName({ key: c.id, name: null, part: null, params: c.params }), c.id).not.toBe(c.id);
  });
  it('whole packs cover every need; what is here costs nothing; own prices win', () => {
    for (const c of list) {
      expect(c.packs * c.packSize).toBeGreaterThanOrEqual(c.need - 1e-6);
      expect((c.packs - 1) * c.packSize).toBeLessThan(c.need);
      expect(c.cost).toBeCloseTo(c.packs * c.price, 9);
    }
    const own = jobConsumables({ ...z, have: ['tape'], prices: { degreaser: 1 } }, s);
    expect(own.find((c) => c.id === 'tape')!.cost).toBe(0);
    expect(own.find((c) => c.id === 'degreaser')!.price).toBe(1);
  });
  it('rinsed with its reducer: 150 ml a clean more of it, and as much less gun wash; what is left is the same', () => {
    const rinsed = worked({ ...z, equipment: { ...z.equipment, rinsesWithReducer: true } });
    const before = materialsOf(z, s);
    const after = materialsOf(rinsed.z, rinsed.s);
    const reducers = (of: typeof before) =>
      of.map((m) => m.ingredients.find((g) => g.part === 'reducer')?.needMl ?? 0);
    const more = reducers(after).map((ml, i) => ml - reducers(before)[i]!);
    const mixed = before.map((m) => m.ingredients.some((g) => g.part === 'reducer'));
    expect(mixed).toContain(true);
    // One session each.
    more.forEach((ml, i) => expect(ml).toBeCloseTo(mixed[i] ? 150 : 0, 9));
    const wash = (of: typeof list) => of.find((c) => c.id === 'gun-wash')?.need ?? 0;
    const less = wash(list) - wash(jobConsumables(rinsed.z, rinsed.s));
    expect(less).toBe(150 * mixed.filter(Boolean).length);
    const used = (of: typeof before, job: Job) =>
      leftovers(job, of, rinsed.s.products).filter((x) => x.part === 'reducer');
    for (const x of used(after, rinsed.z)) expect(x.ml).toBeGreaterThanOrEqual(0);
  });
  it('a gun job has strainers, cups, gun wash of 150 ml a clean (from memory) and, with isocyanate, a suit; cans have none of the first three', () => {
    const pours = sessionPours(z, s, 20);
    const ids = list.map((c) => c.id);
    expect(ids).toEqual(
      expect.arrayContaining(['strainers', 'cups', 'gun-wash', 'suit', 'gloves', 'dust-mask', 'cartridges']),
    );
    expect(list.find((c) => c.id === 'gun-wash')!.need).toBe(pours.length * 150);
    expect(list.find((c) => c.id === 'strainers')!.need).toBe(pours.reduce((a, p) => a + p.pours.length, 0));
    const cans = worked({ ...bonnet, equipment: { sprayer: 'aerosol', suppliedAir: false } });
    expect(jobConsumables(cans.z, cans.s).some((c) => c.group === 'mix')).toBe(false);
  });
  it('more sessions never take less; once a coat is on it has been bought', () => {
    const at = (sessions: number): number =>
      consumablesFor(z, { seams: s.seams, products: [], sessions, pours: 0, cleans: 0 }).reduce(
        (a, c) => a + c.need,
        0,
      );
    for (let n = 1; n < 5; n++) expect(at(n + 1)).toBeGreaterThan(at(n));
    expect(jobConsumables(DEMO_JOBS[0]!.job, s)).toEqual([]);
    expect(totalAreaM2(z.parts)).toBeGreaterThan(0);
  });
});
