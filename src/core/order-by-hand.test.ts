/** The order and manner of preparation, as facts of the trade: common practice, no source. */
import { describe, expect, it } from 'vitest';
import { taskName } from '@/words/names';
import { allTasks, demo, ms, product, steady } from '@/demo/test-kit';
import { job, long, panel, planned } from '@/demo/work-kit';
import type { Job, Part, SystemLayer } from '@/model/job';
import type { Plan, Task } from '@/model/plan';
import type { Product } from '@/model/product';
import { formatFor } from '@/words/format';
import { planText } from '@/words/plan-text';
import { sayTask } from '@/words/sentences/tasks';
import { systemFor } from './coating/system';
import { draftsOf } from './schedule/work/drafts';
import { workOf } from './schedule/work/work';

const layer = (role: SystemLayer['role'], productId: string, coats = 2): SystemLayer => ({
  role,
  productId,
  coats,
});
const f = formatFor('metric');
const base = layer('base', 'orrin-base');
const clear = layer('clear', 'halden-1k-gloss');
const on = (substrate: Part['substrate'], condition: Part['condition'], over: Partial<Part> = {}): Part =>
  panel('p', { substrate, condition, ...over });
const tasksIn = (p: Plan): Task[] => allTasks(p).sort((a, b) => ms(a.startsAt) - ms(b.startsAt));
const codes = (j: Job): string[] =>
  tasksIn(planned(j))
    .filter((t) => t.handsOn && t.kind !== 'coat' && t.kind !== 'shop')
    .map((t) => t.detail.code);
const before = (list: readonly string[], a: string, b: RegExp): void => {
  expect(list, a).toContain(a);
  expect(list.indexOf(a)).toBeLessThan(list.findIndex((c) => b.test(c)));
};

describe('before the first paper', () => {
  it.each([
    ['steel', 'sound-paint'],
    ['steel', 'chipped'],
    ['steel', 'unknown-paint'],
    ['steel', 'failing-clear'],
  ] as const)(
    '%s, %s is washed, then degreased, then sanded, and degreased again',
    (substrate, condition) => {
      const list = codes(
        job([layer('epoxy', 'tamsel-epoxy'), base, clear], { parts: [on(substrate, condition)] }),
      );
      before(list, 'wash', /^degrease-first$/);
      before(list, 'degrease-first', /^(sand|rung|scuff|dull)/);
      expect(list.lastIndexOf('clean')).toBeGreaterThan(
        list.findIndex((c) => /^(sand|rung|scuff|dull)/.test(c)),
      );
    },
  );
  it('raw wood is vacuumed before and after the paper, and never wet', () => {
    const wood = codes(
      job([layer('seal', 'skerry-wood-sealer'), layer('filler', 'tamsel-filler'), base, clear], {
        parts: [on('wood', 'bare')],
      }),
    );
    const sealed = wood.indexOf('tack-and-warm');
    const first = wood.slice(0, sealed);
    expect(first.filter((c) => c === 'vacuum')).toHaveLength(2);
    expect(first).not.toContain('wash');
    expect(first.some((c) => c.startsWith('clean') || c.startsWith('degrease'))).toBe(false);
    // Once it is sealed and sanded it is wiped like the rest.
    expect(wood.slice(sealed)).toContain('clean');
  });
  it('release wax comes off gelcoat before the paper; a new or hand-shaped part is fitted first of all', () => {
    const gelcoat = codes(
      job([layer('surfacer', 'tamsel-surfacer'), base, clear], { parts: [on('fibreglass', 'bare')] }),
    );
    expect(gelcoat[0]).toBe('test-fit');
    before(gelcoat, 'release-wax', /^(sand|rung)/);
    const wing = codes(
      job([layer('filler', 'tamsel-filler'), base, clear], { parts: [on('steel', 'e-coat')] }),
    );
    expect(wing[0]).toBe('test-fit');
    expect(codes(job([base, clear]))).not.toContain('test-fit');
  });
  it('what was sanded already is not asked to be washed', () => {
    const state = {
      coats: [],
      activations: [],
      tasks: [{ taskId: 's-base.sand', endedAt: '2026-05-16T07:00' }],
    };
    const list = codes(job([base, clear], { state }));
    expect(list).not.toContain('wash');
    expect(list).toContain('clean');
  });
});

describe('rust', () => {
  const p = planned(
    job([layer('epoxy', 'tamsel-epoxy'), layer('filler', 'tamsel-filler'), base, clear], {
      parts: [on('steel', 'rust')],
    }),
  );
  it('bright, converted in the pits, rinsed, dried now, degreased, primed the same day', () => {
    const first = p.sessions[0]!;
    const list = first.tasks.filter((t) => t.handsOn).map((t) => t.detail.code);
    const order = ['rust-convert', 'rust-rinse', 'rust-dry', 'clean', 'tack-and-warm', 'manner-closed'];
    expect(order.map((c) => list.indexOf(c))).toEqual(
      [...order.map((c) => list.indexOf(c))].sort((a, b) => a - b),
    );
    expect(list.indexOf('rust-convert')).toBeGreaterThan(list.findIndex((c) => c.startsWith('rung-last')));
    expect(codesOf(p)).toContain('rung-bright');
    const dried = first.tasks.find((t) => t.detail.code === 'rust-dry')!;
    const coat = first.tasks.find((t) => t.kind === 'coat')!;
    expect((ms(coat.startsAt) - ms(dried.endsAt)) / 3_600_000).toBeLessThan(2);
  });
  const codesOf = (plan: Plan): string[] => allTasks(plan).map((t) => t.detail.code);
});

describe('dulled or blocked', () => {
  const paper = (below: Part, layers: SystemLayer[]): string[] =>
    codes(job(layers, { parts: [below] })).filter((c) => /^(sand|rung|scuff|dull)/.test(c));
  it('no guide coat and no block on electro-coat, on sound or unknown paint; a filler primer gets both', () => {
    const layers = [layer('filler', 'tamsel-filler'), base, clear];
    for (const condition of ['e-coat', 'sound-paint'] as const) {
      const [own, primer] = paper(on('steel', condition), layers);
      expect(own, condition).toMatch(/^(scuff|dull-wet|sand-dry)$/);
      expect(primer).toMatch(/^(sand-wet|sand-block|rung-guide)$/);
    }
    const unknown = paper(on('steel', 'unknown-paint'), [layer('epoxy', 'tamsel-epoxy'), base, clear]);
    expect(unknown.some((c) => c.includes('guide') || c === 'sand-wet' || c === 'sand-block')).toBe(false);
  });
  it('textured plastic is scrubbed, and no filler primer is proposed over its grain', () => {
    const { system: _system, ...grained } = job([], { parts: [on('textured', 'bare')] });
    const p = planned(grained as Job);
    expect(p.kind).toBe('planned');
    expect(p.layers.map((l) => l.role)).toEqual(['promoter', 'base', 'clear']);
    const papers = tasksIn(p).filter((t) => t.kind === 'sand');
    expect(papers.map((t) => t.detail.code)).toEqual(['scrub']);
  });
  it('tubes get a soft pad and no block', () => {
    const layers = [layer('filler', 'tamsel-filler'), base, clear];
    const said = (over: Partial<Part>): string =>
      tasksIn(planned(job(layers, { parts: [on('steel', 'sound-paint', over)] })))
        .filter((t) => t.kind === 'sand' && /^(sand|rung-guide)/.test(t.detail.code))
        .map((t) => sayTask(t.detail, f))
        .join(' ');
    const frame: Part['shape'] = { kind: 'frame', tubes: [{ lengthMm: 560, diameterMm: 34, count: 3 }] };
    expect(said({ shape: frame })).toContain('soft pad round the tubes');
    expect(said({ shape: frame })).not.toContain('block');
    expect(said({})).toContain('block');
  });
  it('a sander takes a third of what dry paper takes by hand, of stripping too', () => {
    const stripping = (sander: boolean): number =>
      tasksIn(
        planned(
          job([layer('filler', 'tamsel-filler'), base, clear], {
            parts: [on('steel', 'failing-clear', { lengthMm: 2000, widthMm: 1000 })],
            equipment: { ...demo('cargo-bike').equipment, sander },
          }),
        ),
      )
        .filter((t) => t.id.startsWith('s-filler.sand'))
        .reduce((a, t) => a + long(t), 0);
    // 2 m² at 90 min/m².
    expect(stripping(false)).toBe(180);
    expect(stripping(true)).toBe(60);
  });
});

describe('between coats', () => {
  it('a fresh base is blown off and tacked before the clear, never wiped; clear that rests overnight is only blown off', () => {
    const p = planned(job([base, clear]));
    const between = p.sessions[0]!.tasks.filter((t) => t.detail.code === 'tack-between');
    expect(between.map((t) => t.layerId)).toEqual(['clear']);
    const coats = p.sessions[0]!.tasks.filter((t) => t.kind === 'coat');
    expect(ms(between[0]!.startsAt)).toBeGreaterThanOrEqual(ms(coats[1]!.endsAt));
    expect(ms(between[0]!.endsAt)).toBeLessThanOrEqual(ms(coats[2]!.startsAt));
    const j = job([base, clear]);
    const rested = (coat: string): string[] =>
      draftsOf(workOf(j, systemFor(j)), new Map([[coat, 'bond']]))
        .sessions.at(-1)!
        .prep.map((x) => x.detail.code);
    expect(rested('clear.c1')).toEqual(['tack-fresh']);
    expect(rested('clear.c2')).toEqual(['blow-only']);
  });
  it('cans are warmed by hand, a gun is not', () => {
    expect(codes(job([base, clear]))).toContain('tack-and-warm');
    const gun = codes(
      job([layer('base', 'orrin-base-gun'), layer('clear', 'halden-gun-gloss')], { parts: [panel('p')] }),
    );
    expect(gun).toContain('tack-and-card');
    expect(gun).not.toContain('tack-and-warm');
  });
});

describe('gun work', () => {
  const gun: Job['equipment'] = { sprayer: 'hvlp', suppliedAir: true };
  const p = planned(
    job(
      [
        layer('epoxy', 'tamsel-epoxy-gun'),
        layer('base', 'orrin-base-gun'),
        layer('clear', 'halden-gun-gloss'),
      ],
      { parts: [on('steel', 'bare', { lengthMm: 900, widthMm: 600 })], equipment: gun },
    ),
  );
  const all = tasksIn(p);
  it('what has to stand stands before it is sprayed; every pour is strained, every paint flushed out of the gun', () => {
    const mixed = all.find((t) => t.id.includes('activate-tamsel-epoxy-gun'))!;
    expect(sayTask(mixed.detail, f)).toMatch(/let it stand 15 min, strain/);
    expect(sayTask(mixed.detail, f)).toContain('Hardener off the rims');
    for (const t of all.filter((x) => x.kind === 'activate'))
      expect(sayTask(t.detail, f)).toContain('strain');
    const flushed = all.filter((t) => t.kind === 'rinse').map((t) => t.detail.params.product);
    expect(flushed).toEqual(['Tamsel 2K epoxy, gun', 'Orrin base, gun', 'Halden 2K clear, gun']);
    for (const t of all.filter((x) => x.kind === 'rinse')) expect(sayTask(t.detail, f)).toContain('150 ml');
    // What sets is out of the gun inside its pot life.
    for (const s of p.sessions)
      for (const m of s.mixes.filter((x) => x.usableUntil !== null)) {
        const after = s.tasks.find((t) => t.kind === 'rinse' && ms(t.startsAt) >= ms(m.usedBy))!;
        expect(ms(after.endsAt)).toBeLessThanOrEqual(ms(m.usableUntil!));
      }
  });
  it('plain text has marks, grades and consumables, and no sum beside a hardener', () => {
    const j = job([layer('base', 'orrin-base-gun'), layer('clear', 'halden-gun-gloss')], { equipment: gun });
    const text = planText(j, planned(j), f);
    expect(text).toMatch(/halden-gun-gloss, base to \d+ ml, standard hardener to \d+ ml; for coat 1/);
    expect(text).toMatch(
      /halden-gun-gloss, mixed \(give or take \d+ ml in all\):\n {4}base: \d+ ml; .*\n {4}hardener: \d+ ml/,
    );
    expect(text).toMatch(/Paper P\d+, wet: \d+ × pack of 5/);
    expect(text).toMatch(/Strainers: \d+ × pack of 10/);
  });
});

describe('said where it matters', () => {
  const cautions = (
    part: Part,
    layers: SystemLayer[] = [layer('epoxy', 'tamsel-epoxy'), base, clear],
  ): string[] => planned(job(layers, { parts: [part] })).cautions.map((c) => c.code);
  it('lead and chromate in the dust of any old paint and of painted rust; on plastic or bare metal not', () => {
    for (const condition of ['sound-paint', 'unknown-paint', 'chipped', 'failing-clear', 'rust'] as const)
      expect(cautions(on('steel', condition)), condition).toContain('old-paint-lead');
    expect(cautions(on('steel', 'bare'))).not.toContain('old-paint-lead');
    expect(cautions(on('abs', 'sound-paint'))).not.toContain('old-paint-lead');
  });
  it('two-part paint under 15 °C gets a note with its temperature, one-part paint none', () => {
    const at = (productId: string, tempC: number): unknown[] =>
      planned(job([layer('base', 'orrin-base'), layer('clear', productId)]), steady(tempC))
        .cautions.filter((c) => c.code === 'two-part-cold')
        .map((c) => c.params.panelC);
    expect(at('halden-2k-gloss', 14)).toEqual([14]);
    expect(at('halden-2k-gloss', 16)).toEqual([]);
    expect(at('halden-1k-gloss', 12)).toEqual([]);
  });
});

describe('dents', () => {
  const dents = [{ lengthMm: 100, widthMm: 80, depthMm: 2 }];
  const stack = [layer('epoxy', 'tamsel-epoxy'), layer('filler', 'tamsel-filler'), base, clear];
  const dented = (substrate: Part['substrate'], condition: Part['condition'], layers = stack): Plan =>
    planned(job(layers, { parts: [on(substrate, condition, { dents, lengthMm: 1000, widthMm: 800 })] }));
  const texts = (p: Plan): string[] => tasksIn(p).map((t) => t.detail.code);
  it('on paint it is ground to metal, filled, papered from P80 and feathered, on the dent and its surround alone', () => {
    const p = dented('steel', 'sound-paint');
    const list = texts(p);
    const order = ['degrease-first', 'dent-key-metal', 'fill', 'dent-feather', 'clean'].map((c) =>
      list.indexOf(c),
    );
    expect(order).toEqual([...order].sort((a, b) => a - b));
    expect(order[0]).toBeGreaterThanOrEqual(0);
    // 100 × 80 mm, feathered half as far again each way: 0.018 m² of the panel's 0.8.
    const papers = tasksIn(p).filter((t) => t.partIds.join() === 'p--z1' && t.kind === 'sand');
    expect(papers.some((t) => t.detail.params.grit === 80)).toBe(true);
    for (const t of papers.filter((x) => 'areaM2' in x.detail.params))
      expect(Number(t.detail.params.areaM2)).toBeCloseTo(0.018, 6);
    expect(p.layers.find((l) => l.id === 'epoxy')!.partIds).toEqual(['p', 'p--z1']);
  });
  it('obeys the rule cards like any layer: base straight on filler is refused, and sealed it is not', () => {
    expect(dented('steel', 'sound-paint', [base, clear]).blockers.map((b) => b.params.reason)).toContain(
      'filler-needs-seal',
    );
    expect(dented('steel', 'sound-paint').kind).toBe('planned');
    // What is proposed for it seals it by itself.
    const { system: _system, ...open } = job([base]);
    const proposed = planned({ ...open, parts: [on('steel', 'sound-paint', { dents })] });
    expect(proposed.kind).toBe('planned');
  });
  it('zinc is never ground through: scuffed, epoxy, the filler over the scuffed epoxy, then sealed', () => {
    const p = dented('galvanised', 'bare');
    expect(p.kind).toBe('planned');
    const list = texts(p);
    expect(list).not.toContain('dent-key-metal');
    expect(list.indexOf('manner-closed')).toBeGreaterThanOrEqual(0);
    expect(list.indexOf('manner-closed')).toBeLessThan(list.indexOf('dent-key-epoxy'));
    expect(list.indexOf('dent-key-epoxy')).toBeLessThan(list.indexOf('fill'));
    expect(p.seams.find((s) => s.below === 'epoxy')!.reason.code).toBe('filler-over-epoxy');
  });
  it('plastic takes its own filler alone', () => {
    const list = texts(dented('abs', 'sound-paint'));
    expect(list).toContain('dent-key-plastic');
    expect(list).toContain('fill-plastic');
    expect(list).not.toContain('fill');
  });
});

describe('epoxy that had its night', () => {
  const layers: SystemLayer[] = [
    { role: 'epoxy', productId: 'tamsel-epoxy', coats: 2 },
    { role: 'filler', productId: 'tamsel-filler', coats: 3 },
    { role: 'base', productId: 'orrin-base', coats: 3 },
    { role: 'clear', productId: 'halden-1k-gloss', coats: 4 },
  ];
  const p = planned(job(layers, { parts: [panel('p', { condition: 'bare' })] }));
  it('is washed before it is scuffed, and its filler comes no sooner than it can be sanded: 12 h at 20 °C', () => {
    const work = allTasks(p).filter((t) => t.id.startsWith('s-filler.'));
    const at = (id: string): number => work.findIndex((t) => t.id.startsWith(id));
    expect(at('s-filler.bloom')).toBeGreaterThanOrEqual(0);
    expect(taskName(work[at('s-filler.bloom')]!)).toBe('Wash');
    expect(at('s-filler.bloom')).toBeLessThan(at('s-filler.sand'));
    const [epoxy, filler] = p.sessions;
    const lastEpoxy = epoxy!.tasks.filter((t) => t.kind === 'coat').at(-1)!;
    const waited = Date.parse(filler!.sprayAt) - Date.parse(lastEpoxy.endsAt);
    expect(waited / 3_600_000).toBeGreaterThanOrEqual(12);
  });
  it('whatever goes on it: a waterborne base asks for the same washing', () => {
    const water: Product = { ...product('orrin-base'), id: 'water', chemistry: 'waterborne' };
    const clear: SystemLayer = { role: 'clear', productId: 'halden-2k-gloss', coats: 2 };
    const stack: SystemLayer[] = [layers[0]!, { role: 'base', productId: 'water', coats: 3 }, clear];
    const tasks = allTasks(
      planned(job(stack, { products: [water], parts: [panel('p', { condition: 'bare' })] })),
    );
    expect(tasks.some((t) => t.detail.code === 'wash-bloom')).toBe(true);
  });
  it('bare steel is keyed and not touched again, zinc is scuffed', () => {
    const codes = (over: Parameters<typeof panel>[1]): string[] =>
      allTasks(planned(job(layers, { parts: [panel('p', over)] })))
        .filter((t) => t.id.startsWith('s-epoxy.sand'))
        .map((t) => t.detail.code);
    expect(codes({ condition: 'bare' })).toEqual(['key-metal']);
    expect(codes({ condition: 'bare', substrate: 'galvanised' })).toEqual(['scuff']);
  });
});
