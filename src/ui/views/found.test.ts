/** What was found, in words; and coated again where it may not be dressed: in the plan, before anything is lost. */
import { describe, expect, it } from 'vitest';
import { job, panel, planned } from '@/demo/work-kit';
import { parseJob } from '@/formats/job-file';
import { CATALOGUE, productsOf } from '@/core/coating/catalogue';
import { addFound } from '@/core/edits/finish';
import { NOW } from '@/demo/test-kit';
import type { Found } from '@/model/finish';
import type { Job } from '@/model/job';
import { formatFor } from '@/words/format';
import { coatedAgain, foundOf, foundView } from './found';

const f = formatFor('metric');
const layers = [
  { role: 'base', productId: 'orrin-base', coats: 2 },
  { role: 'clear', productId: 'halden-gun-gloss', coats: 2 },
] as const;
const on = layers.flatMap((l) =>
  Array.from({ length: l.coats }, (_, i) => ({ layerId: l.role, coat: i + 1 })),
);
const sprayed: Job = job([...layers], {
  parts: [panel('p', { name: 'Door' })],
  state: { coats: on.map((c, i) => ({ ...c, endedAt: `2026-05-16T0${3 + i}:00` })), activations: [] },
});
const of = (j: Job) => ({
  job: j,
  plan: planned(j),
  products: [...productsOf(CATALOGUE, j.products).values()],
});
const withFound = (found: Omit<Found, 'id' | 'partId'>): Job => addFound(sprayed, { partId: 'p', ...found });

describe('what was found, in words', () => {
  it('names its part, what it takes and what must stay, and that it is too thin here', () => {
    const [row] = foundView(of(withFound({ kind: 'run', height: 'middle' })), f).rows;
    expect(row!.name).toBe('Run, a nail catches, Door');
    expect(row!.how).toMatch(
      /^From 2 times its wait before sanding\. Frame of tape, 1 to 2 mm off, P1000 on a hard/,
    );
    expect(row!.how).toMatch(/up to 8 µm of the film around it: \d+ µm stay at the thin end, 40 µm must/);
    expect(row).toMatchObject({ isCoatedAgain: true, why: expect.stringContaining('too thin') });
  });
  it('clear once more says its own window, not that of a paper', () => {
    const [row] = foundView(of(withFound({ kind: 'flow-coat' })), f).rows;
    expect(row).toMatchObject({ how: '', why: expect.stringContaining('no paper is needed') });
  });
  it('offers the parts on which something is, by their names', () => {
    expect(foundView(of(sprayed), f).parts).toEqual([{ id: 'p', name: 'Door' }]);
  });
  it('keeps what is asked of its kind alone', () => {
    const typed = { partId: 'p', height: 'high', count: 3, isDeep: true } as const;
    expect(foundOf({ kind: 'nib', ...typed })).toEqual({ kind: 'nib', partId: 'p', count: 3 });
    expect(foundOf({ kind: 'run', ...typed })).toEqual({ kind: 'run', partId: 'p', height: 'high' });
    expect(foundOf({ kind: 'insect', ...typed })).toEqual({ kind: 'insect', partId: 'p', isDeep: true });
  });
});

describe('coated again', () => {
  it.each([
    ['run', { kind: 'run', height: 'middle' }, 'runs'],
    ['deep insect', { kind: 'insect', isDeep: true }, 'insect'],
    ['flow coat', { kind: 'flow-coat' }, 'other'],
  ] as const)(
    'a %s: levelled, dulled, cleaned, cleared; noted, planned, readable as a file',
    (_n, found, code) => {
      const noted = withFound(found);
      const change = coatedAgain(of(noted), 'f1', NOW)!;
      const next = change(noted);
      expect(next.finish).toBeUndefined();
      const [fault] = next.state!.faults!;
      expect(fault).toMatchObject({ code, layerId: 'clear', mend: { kind: 'flow-coat', partIds: ['p'] } });
      const does = fault!.mend!.tasks.map((t) =>
        t.do === 'sand' ? `P${t.gritP}${t.isLocal ? ' place' : ''}` : t.do,
      );
      expect(does.at(-1)).toBe('coat');
      expect(does.includes('P1000 place')).toBe(code !== 'other');
      const plan = planned(next);
      expect(plan.seams.every((s) => s.verdict !== 'no')).toBe(true);
      expect(plan.layers.at(-1)).toMatchObject({ productId: 'halden-gun-gloss' });
      expect(plan.layers).toHaveLength(3);
      expect(plan.sessions.length).toBe(1);
      expect(parseJob(JSON.parse(JSON.stringify(next))).ok).toBe(true);
    },
  );
  it('a run waits twice for paper, one that stands proud four times', () => {
    const waits = (height: 'middle' | 'high'): unknown => {
      const noted = withFound({ kind: 'run', height });
      return coatedAgain(of(noted), 'f1', NOW)!(noted).state!.faults![0]!.mend!.tasks[0];
    };
    expect(waits('middle')).toEqual({ do: 'wait', stage: 'sand', times: 2 });
    expect(waits('high')).toEqual({ do: 'wait', stage: 'sand', times: 4 });
  });
  it('within its time to coat again no paper touches it; after it, it is dulled first', () => {
    // The gun clear of the demo: its sheet lets it be coated again until so many minutes after.
    const until = CATALOGUE.find((p) => p.id === 'halden-gun-gloss')!.itselfMaxMin!;
    const lastMs = Date.parse('2026-05-16T06:00:00+01:00');
    const does = (afterMin: number): string[] => {
      const noted = withFound({ kind: 'flow-coat' });
      const next = coatedAgain(of(noted), 'f1', lastMs + afterMin * 60_000)!(noted);
      return next.state!.faults![0]!.mend!.tasks.map((t) => t.do);
    };
    expect(does(0.5 * until)).toEqual(['wait', 'coat']);
    expect(does(0.95 * until)).toContain('sand');
  });
  it('nothing where the film would grow too thick', () => {
    const [base] = layers;
    const thick = job([base, { role: 'clear', productId: 'halden-gun-gloss', coats: 6 }], {
      parts: [panel('p')],
      state: {
        coats: Array.from({ length: 6 }, (_, i) => ({
          layerId: 'clear',
          coat: i + 1,
          endedAt: `2026-05-16T0${1 + i}:00`,
        })),
        activations: [],
      },
    });
    expect(coatedAgain(of(addFound(thick, { kind: 'flow-coat', partId: 'p' })), 'f1', NOW)).toBeNull();
  });
});
