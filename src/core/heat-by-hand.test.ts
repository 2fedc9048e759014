/** Heat by part, and the staged bake that makes a heat paint hard. Common practice, no source; stages from memory. */
import { describe, expect, it } from 'vitest';
import { allTasks } from '@/demo/test-kit';
import { job, long, panel, planned } from '@/demo/work-kit';
import { systemFor } from './coating/system';
import type { Job, Part, Purpose } from '@/model/job';

const bare = (id: string, over: Partial<Part> = {}): Part => panel(id, { condition: 'bare', ...over });
const proposed = (parts: readonly Part[], exposure: Purpose['exposure'] = []): Job => {
  const { system: _system, ...j } = job([], { parts: [...parts] });
  return { ...j, purpose: { ...j.purpose, exposure } };
};
const layersOn = (j: Job, id: string): string[] =>
  systemFor(j)
    .layers.filter((l) => l.partIds.includes(id))
    .map((l) => l.productId);

describe('a temperature for each part', () => {
  const mixed = proposed([bare('exhaust', { serviceC: 450 }), bare('guard', { serviceC: 60 })]);
  it('the hot part gets heat paint on its metal and nothing else, the cool one an ordinary system', () => {
    expect(layersOn(mixed, 'exhaust')).toEqual(['skerry-heat']);
    expect(layersOn(mixed, 'guard')).not.toContain('skerry-heat');
    expect(layersOn(mixed, 'guard').length).toBeGreaterThan(2);
    expect(systemFor(mixed).blockers).toEqual([]);
  });
  it('a job that only says heat means all its parts, but not one that says it stays cool', () => {
    const j = proposed([bare('a'), bare('b', { serviceC: 50 })], ['heat']);
    expect(layersOn(j, 'a')).toEqual(['skerry-heat']);
    expect(layersOn(j, 'b')).not.toContain('skerry-heat');
  });
  it('over what the paint stands: refused with both figures', () => {
    const j = proposed([bare('muffler', { serviceC: 700 })]);
    expect(systemFor(j).blockers).toEqual([
      {
        code: 'heat-needs-rated',
        params: { part: 'muffler', product: 'Skerry heat paint', needC: 700, ratedC: 600 },
      },
    ]);
  });
  it('ordinary paint on a part of 120 °C is refused, on one of 80 °C it is not', () => {
    const at = (serviceC: number): string[] =>
      systemFor(
        job([{ role: 'colour', productId: 'skerry-single', coats: 2 }], {
          parts: [panel('p', { serviceC })],
        }),
      ).blockers.map((b) => b.code);
    expect(at(120)).toEqual(['heat-needs-rated']);
    expect(at(80)).toEqual([]);
  });
});

describe('the staged bake', () => {
  const p = planned(
    job([{ role: 'colour', productId: 'skerry-heat', coats: 2 }], { parts: [bare('manifold')] }),
  );
  const stages = allTasks(p).filter((t) => t.kind === 'bake');
  it('three stages in order, each its time and half an hour up and down, once it may be handled', () => {
    expect(stages.map((t) => t.detail.params.tempC)).toEqual([120, 180, 230]);
    expect(stages.map(long)).toEqual([60, 60, 60]);
    const handleMs = Date.parse(p.sessions.at(-1)!.handleAt);
    for (const t of stages) expect(Date.parse(t.startsAt)).toBeGreaterThanOrEqual(handleMs);
    expect(stages[0]!.cautions).toContain('first-heat.heat');
  });
  it('a hot part beside a cool one is baked all the same', () => {
    const { system: _system, ...mixed } = job([], {
      parts: [bare('exhaust', { serviceC: 450 }), bare('guard')],
      equipment: { sprayer: 'aerosol', suppliedAir: false },
    });
    const baked = allTasks(planned(mixed)).filter((t) => t.kind === 'bake');
    expect(baked).toHaveLength(3);
    for (const t of baked) expect(t.partIds).toEqual(['exhaust']);
  });
  it('it is soft until then, and that is said', () => {
    expect(p.cautions.find((c) => c.code === 'soft-until-baked')!.params.hottestC).toBe(230);
  });
  it('what hardens by itself is not baked', () => {
    const q = planned(job([{ role: 'colour', productId: 'skerry-single', coats: 2 }]));
    expect(allTasks(q).some((t) => t.kind === 'bake')).toBe(false);
  });
});
