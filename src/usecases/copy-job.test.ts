import { describe, expect, it } from 'vitest';
import { DEMO_JOBS } from '@/demo/jobs';
import { jobSchema } from '@/model/job';
import { begunAnew } from './copy-job';

const bonnet = DEMO_JOBS[0]!.job;

describe('a job begun anew', () => {
  const again = begunAnew(bonnet, new Set([bonnet.name]));
  it('keeps what it is and how it is built, and nothing of what was done', () => {
    expect(bonnet.state).toBeDefined();
    for (const gone of ['state', 'log', 'starts', 'shelf', 'overrides'])
      expect(again).not.toHaveProperty(gone);
    expect(again.system).toEqual(bonnet.system);
    expect(again.parts.map((p) => [p.id, p.lengthMm])).toEqual(bonnet.parts.map((p) => [p.id, p.lengthMm]));
    expect(jobSchema.safeParse(again).success).toBe(true);
  });
  it('has a name of its own, cut where it is long', () => {
    expect(again.name).toBe(`${bonnet.name}, again`);
    expect(begunAnew(bonnet, new Set([bonnet.name, again.name])).name).toBe(`${bonnet.name}, again 2`);
    const long = 'x'.repeat(120);
    const cut = begunAnew({ ...bonnet, name: long }, new Set([long])).name;
    expect(cut).toHaveLength(120);
    expect(cut.endsWith(', again')).toBe(true);
    expect(begunAnew(bonnet, new Set()).name).toBe(bonnet.name);
  });
  it('asks for air-fed protection and for dates anew', () => {
    const dated = {
      ...bonnet,
      purpose: { ...bonnet.purpose, deadline: '2026-05-20', deadlineHour: '18:00' },
      parts: bonnet.parts.map((p) => ({ ...p, deadline: '2026-05-19', readyFrom: '2026-05-17' })),
    };
    const fresh = begunAnew(dated, new Set());
    expect(bonnet.equipment.suppliedAir).toBe(true);
    expect(fresh.equipment.suppliedAir).toBe(false);
    expect(JSON.stringify(fresh)).not.toMatch(/deadline|readyFrom/);
  });
});
