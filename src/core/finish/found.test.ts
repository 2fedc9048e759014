/** What is found on a film, as a branch of its own: by hand from the lists of what a paper takes, all from memory. */
import { describe, expect, it } from 'vitest';
import { job, panel } from '@/demo/work-kit';
import type { Found } from '@/model/finish';
import type { Job, Part } from '@/model/job';
import { systemFor } from '../coating/system';
import { addFound } from '../edits/finish';
import { finishPlan } from './budget';
import { branchesOf, type Branch } from './found';

/** A panel of a square metre that hangs, with so many coats of a clear. */
function cleared(productId: string, coats: number, over: Partial<Part> = {}, whole: Partial<Job> = {}): Job {
  const layers = [
    { role: 'base', productId: 'orrin-base', coats: 2 },
    { role: 'clear', productId, coats },
  ] as const;
  const on = layers.flatMap((l) =>
    Array.from({ length: l.coats }, (_, i) => ({ layerId: l.role, coat: i + 1 })),
  );
  return job([...layers], {
    parts: [panel('p', { lengthMm: 1000, widthMm: 1000, posture: 'upright', ...over })],
    state: {
      coats: on.map((c, i) => ({ ...c, endedAt: `2026-05-15T${String(8 + i).padStart(2, '0')}:00` })),
      activations: [],
    },
    ...whole,
  });
}
function branch(j: Job, found: Partial<Found> & Pick<Found, 'kind'>): Branch {
  const noted = addFound(j, { partId: 'p', ...found });
  return branchesOf(noted, finishPlan(noted, systemFor(noted), noted.finish!))[0]!;
}
const GUN3 = cleared('halden-gun-gloss', 3);
const grits = (b: Branch): (number | null)[] => b.steps.map((s) => s.gritP);

describe('a run', () => {
  it('hardly felt: P1500, P2000 and gloss; 3.5 to 7.5 µm of the film around it (2–4, 1–2, 0.3–1, 0.2–0.5)', () => {
    const b = branch(GUN3, { kind: 'run', height: 'low' });
    expect(grits(b)).toEqual([1500, 2000, null, null]);
    expect(b.takesUm[0]).toBeCloseTo(3.5, 6);
    expect(b.takesUm[1]).toBeCloseTo(7.5, 6);
    expect(b).toMatchObject({ way: 'dress', waits: 2 });
  });
  it('that a nail catches: a frame of tape and P1000 before that, and no more of the film around it', () => {
    const b = branch(GUN3, { kind: 'run', height: 'middle' });
    expect(b.steps.map((s) => s.kind)).toEqual(['frame', 'level', 'flat', 'flat', 'compound', 'polish']);
    expect(b.takesUm[1]).toBeCloseTo(7.5, 6);
    expect(b.steps[1]!.pad).toBe('small-block');
  });
  it('that stands proud: four waits, blade and P400 first', () => {
    expect(branch(GUN3, { kind: 'run', height: 'high' })).toMatchObject({ waits: 4 });
    expect(grits(branch(GUN3, { kind: 'run', height: 'high' })).slice(0, 4)).toEqual([null, 400, null, 1000]);
  });
  it('on a tube is dressed along it with a strip, never round it', () => {
    const tube = cleared('halden-gun-gloss', 3, { shape: { kind: 'tube', diameterMm: 40, ends: 0 } });
    expect(branch(tube, { kind: 'run' }).steps[1]!.pad).toBe('strip');
  });
  it('on two coats, where nothing may go, is levelled and cleared again', () => {
    const b = branch(cleared('halden-gun-gloss', 2), { kind: 'run', height: 'middle' });
    expect(b).toMatchObject({ way: 'coat-again', why: 'thin' });
    expect(b.steps.map((s) => s.kind)).toEqual(['frame', 'level']);
    expect(b.leftUm!).toBeLessThan(b.floorUm);
  });
});

describe('nibs and insects', () => {
  it('a nib: P2000 on a stick, P3000 and gloss; 3.8 to 10.5 µm where it stands', () => {
    const b = branch(GUN3, { kind: 'nib' });
    expect(b.steps[0]!.pad).toBe('stick');
    expect(grits(b)).toEqual([2000, 3000, null, null]);
    expect(b.takesUm[0]).toBeCloseTo(3.8, 6);
    expect(b.takesUm[1]).toBeCloseTo(10.5, 6);
    expect(b.waits).toBe(1);
  });
  it('twenty on a square metre are dressed one by one, one more is all of it', () => {
    expect(branch(GUN3, { kind: 'nib', count: 20 }).way).toBe('dress');
    expect(branch(GUN3, { kind: 'nib', count: 21 })).toMatchObject({ way: 'flat-all', steps: [] });
    const small = cleared('halden-gun-gloss', 3, { lengthMm: 500, widthMm: 500 });
    expect(branch(small, { kind: 'nib', count: 6 }).way).toBe('flat-all');
    const tiny = cleared('halden-gun-gloss', 3, { lengthMm: 200, widthMm: 150 });
    expect([5, 6].map((count) => branch(tiny, { kind: 'nib', count }).way)).toEqual(['dress', 'flat-all']);
    const [one, ten] = [1, 10].map((count) => branch(GUN3, { kind: 'nib', count }));
    expect(ten!.steps[0]!.minutes).toBeGreaterThan(one!.steps[0]!.minutes);
  });
  it('an insect is cut from P1500; one that went through is levelled and cleared again', () => {
    expect(branch(GUN3, { kind: 'insect' })).toMatchObject({ way: 'dress', waits: 2 });
    const deep = branch(GUN3, { kind: 'insect', isDeep: true });
    expect(deep).toMatchObject({ way: 'coat-again', why: 'deep' });
    expect(grits(deep)).toEqual([1000]);
  });
  it('matte and a single coat are never rubbed', () => {
    expect(branch(cleared('halden-gun-matte', 3), { kind: 'nib' }).way).toBe('never');
    const single = cleared('halden-gun-gloss', 1);
    expect(branch(single, { kind: 'nib' }).way).toBe('never');
    expect(finishPlan(single, systemFor(single), { peel: 'light', tool: 'hand' })[0]!.allowed.why).toBe(
      'one-coat',
    );
  });
  it('what is dressed never leaves less than must stay, whatever is found', () => {
    const kinds: (Partial<Found> & Pick<Found, 'kind'>)[] = [
      { kind: 'run', height: 'low' },
      { kind: 'run', height: 'high' },
      { kind: 'nib', count: 3 },
      { kind: 'insect' },
    ];
    for (const id of ['halden-gun-gloss', 'halden-2k-gloss', 'halden-1k-gloss'])
      for (let coats = 2; coats <= 6; coats++)
        for (const found of kinds) {
          const b = branch(cleared(id, coats), found);
          if (b.way === 'dress') expect(b.leftUm!).toBeGreaterThanOrEqual(b.floorUm);
          else expect(b.way).toBe('coat-again');
        }
  });
});

describe('an edge that ends inside a face', () => {
  it('of clear from a gun on what hangs: two waits, P3000, polished off the edge', () => {
    const b = branch(GUN3, { kind: 'fade-edge' });
    expect(b).toMatchObject({ way: 'dress', why: 'edge', waits: 2, leftUm: null });
    expect(grits(b)).toEqual([3000, null]);
  });
  it('not from two-part cans, not on what lies level, not on candy, not of colour', () => {
    const why = (j: Job): string => branch(j, { kind: 'fade-edge' }).why;
    expect(why(cleared('halden-2k-gloss', 3))).toBe('edge-can');
    expect(why(cleared('halden-gun-gloss', 3, { posture: 'flat' }))).toBe('edge-level');
    const { purpose } = GUN3;
    const candy = { ...GUN3, purpose: { ...purpose, colour: { ...purpose.colour, kind: 'candy' } } } as Job;
    expect(why(candy)).toBe('edge-candy');
  });
});
