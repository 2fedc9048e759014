/** A record on its own page: what is told, line by line, and its photographs in order. */
import { describe, expect, it } from 'vitest';
import { addFound } from '@/core/edits/finish';
import { demo, NOW } from '@/demo/test-kit';
import { demoYear } from '@/demo/year';
import type { Photographed } from '@/model/photo';
import { logbookRecord } from '@/usecases/logbook';
import type { JobStore, StoredJob } from '@/usecases/ports';
import { formatFor } from '@/words/format';
import { compareLines, recordLines } from './logbook';
import { photoRows, wrongRows } from './record';

const f = formatFor('metric');
const year = new Map(demoYear().map((j) => [j.id, j.job]));
const store = {
  load: (id: string) => (year.has(id) ? ({ id, job: year.get(id)! } as StoredJob) : null),
} as unknown as JobStore;
const photo = (over: Partial<Photographed>): Photographed => ({
  id: 'p',
  partId: 'part',
  moment: 'during',
  createdMs: NOW,
  note: '',
  step: '',
  ...over,
});

describe('a record on its own page', () => {
  it('is there for what is closed alone', () => {
    expect(logbookRecord(store, 'y-lamp')!.job.name).toBe('Wall lamp shades');
    expect(logbookRecord(store, 'no-such')).toBeNull();
    const open = { load: () => ({ id: 'x', job: demo('cargo-bike') }) } as unknown as JobStore;
    expect(logbookRecord(open, 'x')).toBeNull();
  });
  it('tells what two side by side tell, but for what has a block of its own', () => {
    const [a, b] = [logbookRecord(store, 'y-lamp')!, logbookRecord(store, 'y-crate')!];
    const told = recordLines(a, f);
    expect(told.find((l) => l.name === 'Gloss')!.value).toBe('4, as hoped');
    expect(told.find((l) => l.name === 'Note')!.value).toContain('can nearly empty');
    const both = new Map(compareLines(a, b, f).map((l) => [l.name, l.values[0]]));
    for (const { name, value } of told) expect(both.get(name)).toBe(value);
    for (const name of ['The same again, today', 'What went wrong']) {
      expect(both.has(name)).toBe(true);
      expect(told.some((l) => l.name === name)).toBe(false);
    }
  });
});

describe('what went wrong on it', () => {
  it('as it was noted, and what was found at the lamp, each once', () => {
    const shutter = year.get('y-shutter')!;
    const [part] = shutter.parts;
    const run = addFound(shutter, { kind: 'run', partId: part!.id });
    const both = addFound(run, { kind: 'insect', partId: part!.id });
    expect(wrongRows(both, f).map((r) => [r.when, r.what])).toEqual([
      ['Sun 22 Feb, 09:12', 'Run, sag, drip'],
      ['Before the finish', 'Insect'],
    ]);
    expect(wrongRows(year.get('y-lamp')!, f)).toEqual([]);
  });
});

describe('its photographs', () => {
  const { parts, place } = year.get('y-lamp')!;
  it('before, the steps as they were taken, after; each says part, step, hour and note', () => {
    const rows = photoRows(
      { parts, place },
      [
        photo({ id: 'a', moment: 'after' }),
        photo({ id: 'c2', createdMs: NOW + 60_000, step: 'Base, coat 2', note: 'stripes' }),
        photo({ id: 'c1', step: 'Base, coat 1' }),
        photo({ id: 'b', moment: 'before' }),
      ],
      f,
    );
    expect(rows.map((r) => r.id)).toEqual(['b', 'c1', 'c2', 'a']);
    expect(rows[2]!.said).toMatch(/^Part, Base, coat 2, .*: stripes$/);
    expect(rows[0]!.said).toMatch(/^Part, before, /);
  });
});
