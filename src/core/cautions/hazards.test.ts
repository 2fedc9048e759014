/**
 * The table of hazards walked: every cell is met by some job at a task of its moment, has words, and is on
 * paper; and facts of the trade about who hears what when. Common practice, no source, unless a line says so.
 */
import { describe, expect, it } from 'vitest';
import { allTasks } from '@/demo/test-kit';
import { job, panel, planned } from '@/demo/work-kit';
import { CATALOGUE } from '@/core/coating/catalogue';
import type { Job, SystemLayer } from '@/model/job';
import type { Plan, Task } from '@/model/plan';
import { formatFor } from '@/words/format';
import { planText } from '@/words/plan-text';
import { HAZARD_WORDS, sayHazard } from '@/words/sentences/hazards';
import { HAZARD_LIST, MOMENT_OF } from './hazards';

const layer = (productId: string, coats: number): SystemLayer => ({
  role: CATALOGUE.find((p) => p.id === productId)!.role,
  productId,
  coats,
});
const CANS = { equipment: { sprayer: 'aerosol', suppliedAir: false } } as const;

const GARAGE: Job['place'] = { tz: 'Europe/London', lat: 53.42, lon: -3.08, shelter: 'garage' };

/** Jobs that between them meet everything. */
const JOBS: Readonly<Record<string, Job>> = {
  gun: job(
    [
      layer('tamsel-epoxy-gun', 1),
      layer('tamsel-surfacer', 2),
      layer('orrin-metallic-gun', 4),
      layer('halden-gun-gloss', 2),
    ],
    {
      parts: [panel('door', { lengthMm: 1800, widthMm: 500, condition: 'rust' })],
      equipment: { sprayer: 'hvlp', suppliedAir: true, sander: true },
      fittings: ['handle'],
    },
  ),
  'old door by cans': job([layer('tamsel-filler', 3), layer('orrin-base', 3), layer('halden-2k-gloss', 2)], {
    ...CANS,
    parts: [panel('p', { condition: 'failing-clear', dents: [{ lengthMm: 40, widthMm: 40, depthMm: 2 }] })],
    fittings: ['badge'],
  }),
  polyester: job([layer('tamsel-spray-filler', 2), layer('tamsel-surfacer', 2), layer('skerry-single', 2)], {
    parts: [panel('p', { substrate: 'fibreglass', condition: 'bare' })],
  }),
  zinc: job(
    [
      layer('tamsel-epoxy', 2),
      layer('tamsel-spray-filler', 1),
      layer('tamsel-epoxy', 1),
      layer('skerry-enamel', 2),
    ],
    { parts: [panel('p', { substrate: 'galvanised', condition: 'bare' })] },
  ),
  etched: job(
    [layer('tamsel-etch', 1), layer('tamsel-filler', 3), layer('orrin-base', 3), layer('halden-1k-gloss', 4)],
    { ...CANS, parts: [panel('p', { condition: 'bare' })] },
  ),
  wood: job([layer('tamsel-surfacer', 2), layer('skerry-single', 2)], {
    parts: [panel('p', { substrate: 'wood', condition: 'sound-paint', film: 'nitro' })],
  }),
  heat: job([layer('skerry-heat', 2)], { ...CANS, parts: [panel('p', { condition: 'bare' })] }),
  'shut in and heated': job([layer('skerry-single', 2)], {
    place: { ...GARAGE, heater: { kW: 3, setC: 22, kind: 'flame' } },
    dryIn: { kind: 'heated' },
  }),
  'carried wet': job([layer('skerry-single', 2)], {
    dryIn: { kind: 'elsewhere', place: { ...GARAGE, shelter: 'shed' }, carry: 'at-once' },
  }),
  'two evenings': job([layer('halden-gun-gloss', 1), layer('halden-gun-gloss', 1)], {
    equipment: { sprayer: 'hvlp', suppliedAir: false },
    parts: [panel('p', { film: 'baked' })],
  }),
};
const PLANS: Readonly<Record<string, Plan>> = Object.fromEntries(
  Object.entries(JOBS).map(([name, j]) => [name, planned(j)]),
);
const said = (p: Plan, cell: string): Task[] => allTasks(p).filter((t) => t.cautions.includes(cell));

describe('the table', () => {
  it.each(Object.entries(PLANS))('%s plans', (_name, p) => expect(p.blockers).toEqual([]));
  const cells = HAZARD_LIST.flatMap(([hazard, { at }]) => Object.keys(at).map((m) => `${hazard}.${m}`));
  it.each(cells)('%s is met at a task of its moment, and in words', (cell) => {
    const met = Object.values(PLANS).flatMap((p) => said(p, cell));
    expect(met.length).toBeGreaterThan(0);
    for (const t of met) expect(MOMENT_OF[t.kind]).toBe(cell.split('.')[1]);
    expect(HAZARD_WORDS).toHaveProperty([cell]);
  });
  it('has words for nothing else', () => {
    expect(Object.keys(HAZARD_WORDS).filter((c) => !cells.includes(c))).toEqual([]);
  });
  it('says each cell once in a visit or a session, and the text of the plan says all of them', () => {
    for (const [name, p] of Object.entries(PLANS)) {
      const text = planText(JOBS[name]!, p, formatFor('metric'));
      for (const { tasks } of [...p.sessions, ...p.visits]) {
        const list = tasks.flatMap((t) => t.cautions);
        expect(new Set(list).size).toBe(list.length);
        for (const cell of list) expect(text).toContain(sayHazard(cell).body);
      }
    }
  });
});

describe('who hears what when', () => {
  it('isocyanate in every product that holds it: mixed, sprayed, rinsed, left; and its young film when sanded', () => {
    const p = PLANS.gun!;
    const withIso = p.sessions.filter((s) => s.layerIds.some((id) => id === 'surfacer' || id === 'clear'));
    expect(withIso.length).toBeGreaterThan(0);
    for (const s of withIso) {
      const here = s.tasks.flatMap((t) => t.cautions);
      for (const m of ['mix', 'spray', 'rinse', 'leave']) expect(here).toContain(`isocyanate.${m}`);
    }
    expect(said(p, 'isocyanate.sand').length).toBeGreaterThan(0);
    const first = withIso[0]!.tasks.find((t) => t.cautions.includes('isocyanate.mix'))!;
    expect(first.kind).toBe('activate');
  });
  it('without air-fed protection it is said before it is opened, with no blessing of less', () => {
    expect(said(PLANS['old door by cans']!, 'no-supplied-air.mix').length).toBeGreaterThan(0);
    expect(said(PLANS.gun!, 'no-supplied-air.mix')).toEqual([]);
    expect(PLANS['old door by cans']!.cautions.map((c) => c.params.kind)).toContain('clear');
  });
  it('the way out fits the product: a surfacer’s is a filler primer, not a clear', () => {
    const p = planned(
      job([layer('tamsel-surfacer', 2), layer('skerry-single', 2)], {
        equipment: { sprayer: 'hvlp', suppliedAir: false },
      }),
    );
    const kinds = p.cautions.filter((c) => c.code === 'isocyanate-no-air').map((c) => c.params.kind);
    expect(kinds).toEqual(['surfacer', 'single-stage']);
  });
  it('one-part cans in the sun are said too; nothing of isocyanate where there is none', () => {
    expect(said(PLANS.etched!, 'hot-cans.ready').length).toBeGreaterThan(0);
    expect(
      allTasks(PLANS.etched!)
        .flatMap((t) => t.cautions)
        .filter((c) => c.startsWith('isocyanate')),
    ).toEqual([]);
  });
  it('lead in old paint and in painted rust, not on plastic and not on bare metal', () => {
    const lead = (over: Parameters<typeof panel>[1]): number =>
      said(
        planned(
          job([layer('tamsel-epoxy', 2), layer('skerry-enamel', 2)], { ...CANS, parts: [panel('p', over)] }),
        ),
        'lead.sand',
      ).length;
    expect(lead({ condition: 'unknown-paint' })).toBeGreaterThan(0);
    expect(lead({ condition: 'rust' })).toBeGreaterThan(0);
    expect(lead({ condition: 'bare' })).toBe(0);
    expect(lead({ substrate: 'pp', condition: 'sound-paint' })).toBe(0);
  });
  it('washing with water warns of no solvent; the degreaser after it does', () => {
    const wash = allTasks(PLANS.etched!).find((t) => t.detail.code === 'wash')!;
    expect(wash.cautions).toEqual([]);
    expect(said(PLANS.etched!, 'fire.clean')[0]!.detail.code).not.toBe('wash');
  });
});
