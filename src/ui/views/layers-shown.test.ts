/** What the build-up, preparation, colour and parts show, against hand sums and facts of the trade. */
import { describe, expect, it } from 'vitest';
import { CATALOGUE } from '@/core/coating/catalogue';
import { systemFor } from '@/core/coating/system';
import { plan as planned } from '@/core/plan';
import type { Seam } from '@/core/seams/seam';
import { allTasks, demo, NOW, product, simulated, steady } from '@/demo/test-kit';
import { flatPart } from '@/demo/test-part';
import type { Job } from '@/model/job';
import type { PlanLayer } from '@/model/plan';
import { formatFor } from '@/words/format';
import { sayTask } from '@/words/sentences/tasks';
import {
  drawingName,
  groundTitle,
  layerLine,
  layerName,
  orderOfWork,
  sameLayers,
  seamId,
  seamReason,
  seamWord,
  sheetFigures,
  stackFaults,
  surfacesOf,
} from './build-up';
import { colourView } from './colour';
import { inkOn, over, paintOf } from './ink';
import {
  edgeBand,
  faceFigureM2,
  faceTitle,
  hiddenFaces,
  sheetInWords,
  sheetLayout,
  zonesOf,
} from './part-sheet';
import { bagLetter, cleaningLines, fillerLines, laddersOf, refitOrder } from './preparation';
import { gaugeFor, seamTag, sharedGauge, stackInWords, stackOf, type DrawnSeam } from './stack';

const f = formatFor('metric');
const bonnet = demo('tractor-bonnet');
const system = systemFor(bonnet);

describe('the build-up in words', () => {
  it('names a layer by its product, a surface by its state', () => {
    expect(layerName(system, 'clear')).toBe('Halden 2K clear');
    expect(layerName(system, 'gone')).toBe('gone');
    expect(groundTitle(system, system.seams[0]!.below)).toBe('failing clear on steel');
    expect(groundTitle(system, { kind: 'layer', layerId: 'base' })).toBe('Orrin base');
    expect(layerLine(product('halden-2k-gloss'), 1, 'clear')).toBe('clear, aerosol, isocyanate, on one part');
    expect(layerLine(product('orrin-base'), 3, 'basecoat')).toBe('basecoat, aerosol');
  });
  it('three parts of one surface are one surface; a zone of another state is one more', () => {
    expect(surfacesOf(bonnet).map((p) => p.id)).toEqual(['bonnet']);
    const [first, ...rest] = bonnet.parts;
    const zoned = { ...first!, zones: [{ condition: 'bare' as const, sharePct: 20 }] };
    const conditions = surfacesOf({ ...bonnet, parts: [zoned, ...rest] }).map((p) => p.condition);
    expect(conditions.sort()).toEqual(['bare', 'failing-clear']);
  });
  it('a seam says one word, and a way out only where it does not simply hold', () => {
    expect(system.seams.map(seamWord)).toEqual(['with care', 'ok', 'ok']);
    const [care, ok] = system.seams as [Seam, Seam];
    expect(seamWord({ ...ok, verdict: 'no' })).toBe('does not hold');
    expect(seamWord({ ...ok, reason: { code: 'seam-overridden', params: {} } })).toBe('on you');
    expect(seamReason(care, f)).toContain('Rub a hidden spot with thinner for 30 s');
    expect(seamReason({ ...ok, wayOut: care.wayOut! }, f)).toBe('Colour on blocked filler.');
    expect(new Set(system.seams.map(seamId)).size).toBe(system.seams.length);
  });
  it('a refused seam stands at its row, what else blocks above the layers', () => {
    const blockers = [
      { code: 'seam-no', params: {} },
      { code: 'no-window', params: {} },
    ];
    expect(stackFaults(blockers).map((b) => b.code)).toEqual(['no-window']);
  });
  it('a route is what is drawn when products and coats are the same', () => {
    const layers = [{ productId: 'a', coats: 2 }];
    const drawn = (productId: string, coats: number, partIds = ['p', 'p--z1']) => [
      { productId, coats, partIds },
    ];
    expect(sameLayers(layers, drawn('a', 2), 2)).toBe(true);
    expect(sameLayers(layers, drawn('a', 3), 2)).toBe(false);
    expect(sameLayers(layers, drawn('b', 2), 2)).toBe(false);
    expect(sameLayers(layers, [], 2)).toBe(false);
    // On the spot alone it is another way.
    expect(sameLayers(layers, drawn('a', 2, ['p--z1']), 2)).toBe(false);
    expect(sameLayers([{ productId: 'a', coats: 2, only: ['p--z1'] }], drawn('a', 2, ['p--z1']), 2)).toBe(
      true,
    );
  });
  it('a file name takes no sign that a drive refuses, and is never empty', () => {
    expect(drawingName({ name: 'Lids: 2/3 “old”' })).toBe('lids-2-3-old-');
    expect(drawingName({ name: '' })).toBe('build-up');
    expect(drawingName({ name: 'x'.repeat(200) })).toHaveLength(40);
  });
});

describe('a sheet’s figures', () => {
  it('stand with their unit and where they come from; a wait the sheet does not give is left out', () => {
    const figures = sheetFigures(product('orrin-base'), f);
    const said = Object.fromEntries(figures.map((x) => [x.label, x.text]));
    expect(said).toMatchObject({
      'Film a coat': '8 µm',
      Solids: '7.5 %',
      'Flash at 20 °C': '10 min',
      Handle: '1 h 30',
      Panel: '10 °C to 30 °C',
      'Dew gap': '3 °C or more',
      Humidity: 'to 85 %',
      Wind: 'to 2.0 m/s',
    });
    expect(figures.map((x) => x.label)).not.toContain('Pot life');
    expect(figures.find((x) => x.label === 'Dew gap')!.mark).toBe('P');
    expect(figures.find((x) => x.label === 'Film a coat')!.mark).toBe('M');
    const own = { ...product('orrin-base'), provenance: { rest: 'M', byField: { flashMin: 'U' } } } as never;
    expect(sheetFigures(own, f).find((x) => x.label.startsWith('Flash'))!.mark).toBe('U');
  });
});

describe('preparation', () => {
  it('ladders stand on one scale, from the coarsest paper to the finest', () => {
    const { list, coarseUm, fineUm } = laddersOf(system, {}, f);
    expect(list.map((l) => [l.from, l.to])).toEqual([
      ['failing clear on steel', 'Tamsel filler primer'],
      ['Tamsel filler primer', 'Orrin base'],
    ]);
    // FEPA 43-1: P120 is 125 µm.
    expect(coarseUm).toBe(125);
    expect(fineUm).toBe(Math.min(...list.flatMap((l) => l.rungs.map((r) => r.um))));
    for (const { rungs } of list)
      rungs.slice(1).forEach((r, i) => expect(r.gritP).toBeGreaterThan(rungs[i]!.gritP));
  });
  it('no dent, no filler; a dent of 100 × 80 × 4 mm is 12.6 ml of hollow and two layers', () => {
    expect(fillerLines(bonnet, 20, f)).toBeNull();
    const dented: Job = {
      ...bonnet,
      parts: [flatPart({ dents: [{ lengthMm: 100, widthMm: 80, depthMm: 4 }] })],
    };
    const said = fillerLines(dented, 20, f)!;
    // π/8 · 100 · 80 · 4 mm³ = 12.57 ml; 18.8 ml of paste at 1.5 g/ml is 28.3 g; 2 % is 0.6 g.
    expect(said.lines[0]).toContain('13 ml of hollow');
    expect(said.lines[0]).toContain('28.3 g');
    expect(said.lines[1]).toMatch(/^2 layers; at 20 °C it works 3–6 min\. .*never cut the hardener/);
    expect(said.hardener).toMatch(
      /^Cream hardener 0\.6 g \(0\.5 ml\), 2 % by mass; the tin may say 0\.3–0\.8 g/,
    );
    // Twice the pace at thirty degrees.
    expect(fillerLines(dented, 30, f)!.lines[1]).toContain('1.5–3 min');
    const shallow = { ...dented, parts: [flatPart({ dents: [{ lengthMm: 9, widthMm: 9, depthMm: 2.5 }] })] };
    expect(fillerLines(shallow, 20, f)!.lines[1]).toMatch(/^One layer/);
  });
  it('what is wiped when is what the run sheet has; degreaser grows with the sessions, a cloth each', () => {
    const { state: _state, ...bare } = bonnet;
    const { steps, amounts } = cleaningLines(bare, system, 1, f);
    const [first] = steps;
    expect(first!.lines[0]).toMatch(/^Wash .* with detergent and water/);
    expect(first!.lines[1]).toContain('before the first paper');
    const sheet = planned({ job: bare, forecast: steady(20), nowMs: NOW });
    const onSheet = allTasks(sheet)
      .filter((t) => (t.kind === 'clean' || t.kind === 'tack') && t.detail.code !== 'tack-between')
      .map((t) => sayTask(t.detail, f));
    expect(steps.flatMap((x) => x.lines).sort()).toEqual([...onSheet].sort());
    expect(amounts).toContain('1 tack cloth,');
    // 75 ml a square metre and wipe: 0.93 m², once before the paper and twice for each session.
    expect(amounts).toContain('210 ml');
    expect(cleaningLines(bare, system, 2, f).amounts).toMatch(/350 ml of degreaser, 2 tack cloths/);
  });
  it('bags go back in the other order', () => {
    expect(bagLetter(0)).toBe('A');
    expect(refitOrder(3)).toBe('C, B, A');
    expect(refitOrder(0)).toBe('');
  });
  it('order of work: the preparation of each session, and no session without any', () => {
    const plan = simulated(demo('cargo-bike'));
    const order = orderOfWork(plan);
    expect(order.map((o) => o.id)).toEqual(plan.sessions.map((s) => s.id));
    for (const o of order) {
      expect(o.tasks.every(({ task: t }) => t.kind !== 'coat' && t.kind !== 'flash')).toBe(true);
      expect(o.minutes).toBeGreaterThan(0);
    }
    const coatsOnly = plan.sessions.map((s) => ({ ...s, tasks: s.tasks.filter((t) => t.kind === 'coat') }));
    expect(orderOfWork({ ...plan, visits: [], sessions: coatsOnly })).toEqual([]);
    // A task in two pieces is one, with the minutes of both.
    const [visit] = plan.visits.filter((v) => v.kind === 'prepare');
    const mask = visit!.tasks.find((t) => t.kind === 'mask')!;
    const twice = [
      {
        ...visit!,
        tasks: [
          { ...mask, id: `${mask.id}~1` },
          { ...mask, id: `${mask.id}~2` },
        ],
      },
    ];
    const masked = orderOfWork({ ...plan, visits: twice, sessions: coatsOnly });
    expect(masked.map((o) => [o.tasks.length, o.minutes])).toEqual([[1, 30]]);
  });
});

describe('colour', () => {
  const solid = (hex: string): Job => ({
    ...bonnet,
    purpose: { ...bonnet.purpose, colour: { name: 'x', hex, kind: 'solid' } },
  });
  const base = [product('orrin-base')];
  it('white wants a light primer and black a dark one; the best takes the fewest coats', () => {
    const best = (hex: string): string[] => {
      const view = colourView(solid(hex), base)!;
      if (view.kind !== 'hiding') return [];
      expect(Math.min(...view.shades.map((s) => s.coats))).toBe(view.shades.find((s) => s.best)!.coats);
      return view.shades.filter((s) => s.best).map((s) => s.shade);
    };
    expect(best('#FFFFFF')).toContain('white');
    expect(best('#FFFFFF')).not.toContain('black');
    expect(best('#101010')).toContain('black');
    const said = (hex: string): string => (colourView(solid(hex), base) as { hint: string }).hint;
    expect([said('#FFFFFF'), said('#101010'), said('#808080')]).toEqual([
      ': white or light grey here',
      ': dark grey or black here',
      '',
    ]);
  });
  it('a candy deepens from its ground, flake shows neither, no colour no panel', () => {
    const candy = {
      ...bonnet,
      purpose: { ...bonnet.purpose, colour: { name: 'c', hex: '#a51e2e', kind: 'candy' } },
    };
    const mid = { ...product('orrin-base'), kind: 'mid-coat', effect: 'candy', coats: 4 } as never;
    const view = colourView(candy as Job, [mid, ...base])!;
    expect(view.kind).toBe('candy');
    if (view.kind === 'candy') {
      expect(view.depths).toHaveLength(9);
      expect(view.depths.map((d) => d.on).indexOf(true)).toBe(4);
    }
    const flake = {
      ...candy,
      purpose: { ...candy.purpose, colour: { ...candy.purpose.colour, kind: 'flake' } },
    };
    expect(colourView(flake as Job, base)).toEqual({ kind: 'none' });
    expect(colourView(bonnet, [product('tamsel-filler')])).toBeNull();
  });
  it('ink reads on what is drawn: white on dark, ink on light (WCAG contrast)', () => {
    expect(inkOn('#101010')).toBe('#FFFFFF');
    expect(inkOn('#F5F5F0')).toBe('#1B2422');
    expect(over('#000000', 0.5, '#ffffff')).toBe('#808080');
    expect(over('#123456', 1)).toBe('#123456');
    expect(paintOf({ kind: 'clear', coats: 2 }, '#112233').fill).not.toBe('#112233');
    expect(paintOf(product('orrin-metallic'), '#112233')).toMatchObject({
      fill: '#112233',
      texture: 'x-metallic',
    });
  });
});

describe('the section', () => {
  const seam = (over: Partial<DrawnSeam>): DrawnSeam =>
    ({
      below: 'base',
      above: 'clear',
      join: 'wet-on-wet',
      verdict: 'ok',
      window: { minMin: 20, wetMaxMin: 60, bondMaxMin: 1440 },
      gritP: 800,
      wet: false,
      ...over,
    }) as DrawnSeam;
  it('a tag says the act, then the rest or the time', () => {
    expect(seamTag(seam({}))).toEqual(['Wet on wet', '20–60 min']);
    expect(seamTag(seam({ window: { minMin: 20, wetMaxMin: null, bondMaxMin: null } as never }))).toEqual([
      'Wet on wet',
      'after 20 min',
    ]);
    expect(seamTag(seam({ window: { minMin: 60, wetMaxMin: 1440, bondMaxMin: 4320 } }))).toEqual([
      'Wet on wet',
      '1 h–24 h',
    ]);
    expect(seamTag(seam({ join: 'sanded', wet: true }))).toEqual(['P800 wet', 'degrease, tack']);
    expect(seamTag(seam({ join: 'scuffed' }))[0]).toBe('Scuff P800');
    expect(seamTag(seam({ verdict: 'no' }))).toEqual(['Does not hold', 'see why']);
  });
  it('film adds up: 3 coats of 25, 3 of 8 and 2 of the clear’s, what is sprayed by itself', () => {
    const { state: _none, ...anew } = bonnet;
    const drawn = stackOf(anew, system, CATALOGUE);
    const clearUm = product('halden-2k-gloss').filmUmPerCoat;
    expect(drawn.bands.map((b) => b.um)).toEqual([75, 24, 2 * clearUm]);
    expect(drawn.totalUm).toBe(99 + 2 * clearUm);
    expect(drawn.doneUm).toBe(0);
    const state = { coats: [1, 2].map((coat) => ({ layerId: 'filler', coat, endedAt: '2026-05-15T10:00' })) };
    const begun = stackOf({ ...anew, state } as Job, system, CATALOGUE);
    expect(begun.doneUm).toBe(50);
    expect(begun.bands[0]!.awayUm).toBeGreaterThan(0);
    expect(begun.bands[1]!.awayUm).toBe(0);
    expect(stackInWords(begun, f)).toMatch(
      /^Cross-section .* steel; Tamsel filler primer 3 coats of 25 µm, 2 sprayed;/,
    );
  });
  it('of two seams below one layer the worse is shown; a product that is gone is drawn grey', () => {
    const layers = [
      { id: 'clear', productId: 'gone', role: 'clear', coats: 1, filmUmPerCoat: 20 },
    ] as PlanLayer[];
    const seams = [seam({ verdict: 'care' }), seam({ below: 'filler', verdict: 'ok' })];
    const { bands, seams: marks } = stackOf(bonnet, { layers, seams }, CATALOGUE);
    expect(marks.map((m) => m.verdict)).toEqual(['care']);
    expect(bands[0]).toMatchObject({ name: 'gone', paint: { fill: '#999999' } });
  });
  it('the gauge ends on a round fifty above the film', () => {
    expect([0, 50, 51, 149].map(gaugeFor)).toEqual([50, 50, 100, 150]);
    expect(sharedGauge([])).toBe(100);
    expect(sharedGauge([40, 210])).toBe(250);
  });
});

describe('parts on one sheet', () => {
  it('one face says the whole part with its edges and pieces, several say their own', () => {
    const [lid] = sheetLayout([flatPart({ hiddenEdgePct: 10, count: 2 })], 440).faces;
    // 1000 × 500 mm, two of them, a tenth more in edges.
    expect(faceFigureM2(lid!)).toBeCloseTo(1.1, 9);
    const both = sheetLayout([flatPart({ sides: 2, hiddenEdgePct: 10 })], 440).faces;
    if (both.length > 1) expect(faceFigureM2(both[0]!)).toBeCloseTo(0.5, 9);
  });
  it.each([716, 440, 330])(
    'on %i px: one scale, within the sheet, no two faces cover one another',
    (width) => {
      const { faces, scale, height } = sheetLayout(bonnet.parts, width);
      for (const q of faces) {
        expect(q.w).toBeCloseTo(q.lengthMm * scale, 9);
        expect(q.x + q.w).toBeLessThanOrEqual(width + 1e-6);
        expect(q.y + q.h).toBeLessThan(height);
      }
      for (const a of faces)
        for (const b of faces.filter((x) => x !== a))
          expect(a.x + a.w <= b.x || b.x + b.w <= a.x || a.y + a.h <= b.y || b.y + b.h <= a.y).toBe(true);
    },
  );
  it('forty long parts go on several rows; the scale bar is as long as it reads', () => {
    const many = Array.from({ length: 12 }, (_, i) => flatPart({ id: `p${i}`, lengthMm: 900, widthMm: 100 }));
    const { faces, barMm, scale } = sheetLayout(many, 716);
    expect(new Set(faces.map((q) => q.y)).size).toBeGreaterThan(1);
    expect(barMm * scale).toBeGreaterThanOrEqual(50);
    expect([100, 200, 500, 1000]).toContain(barMm);
  });
  it('the first face carries the name and how many pieces, the others their own', () => {
    const [first] = sheetLayout([flatPart({ name: 'Lid', count: 3 })], 716).faces;
    expect(faceTitle(first!)).toBe('Lid × 3');
    const long = {
      ...first!,
      room: 120,
      part: flatPart({ name: 'Mudguard of the garden tractor', count: 2 }),
    };
    expect(faceTitle(long)).toBe('Mudguard o… × 2');
    expect(hiddenFaces(first!)).toBe('');
    expect(hiddenFaces({ ...first!, faceCount: 9 })).toBe('; 9 faces');
    const face = { ...first!.face, name: 'left side' };
    expect(faceTitle({ ...first!, face, first: false })).toBe('left side');
    expect(faceTitle({ ...first!, face, faceCount: 2 })).toBe('Lid × 3, left side');
  });
  it('zones are stripes from the right by their share; hidden edges a band round the face', () => {
    const zones = [
      { condition: 'bare' as const, sharePct: 25 },
      { condition: 'chipped' as const, sharePct: 50 },
    ];
    const [face] = sheetLayout([flatPart({ zones })], 716).faces;
    const stripes = zonesOf({ ...face!, w: 200 });
    expect(stripes).toEqual([
      { condition: 'bare', x: 150, w: 50 },
      { condition: 'chipped', x: 50, w: 100 },
    ]);
    expect(edgeBand({ ...face!, w: 100, h: 100 })).toBe(3);
    // 300 % more area: the face is half as long in each direction.
    const wide = { ...face!.part, hiddenEdgePct: 300 };
    expect(edgeBand({ ...face!, part: wide, w: 100, h: 100 })).toBeCloseTo(50, 9);
    expect(sheetInWords([flatPart({ name: 'Lid' })], f)).toBe(
      'Parts to one scale: Lid 1000 mm by 500 mm, 0.50 m²',
    );
  });
});
