/** job.json: outside text to a Job, refused field by field. */
import { jobFaults } from '@/model/job-faults';
import { jobSchema, type Job } from '@/model/job';
import { sheetFaults } from '@/core/coating/sheet-faults';
import { isSimplePolygon } from '@/core/surface/geometry';
import { msOf } from '@/core/time/instant';
import { faultsOf, type Fault, type Parsed } from './faults';

const SHEET_WORDS: Readonly<Record<string, (p: Record<string, string | number>) => string>> = {
  'max-before-min': (p) => `a figure of at least ${p.low} (${p.lowName}); the sheet gives ${p.high}`,
  'pot-life-of-one-part': () => 'no pot life: a one-component product has none',
  'ratio-without-hardener': () =>
    'a share of hardener above 0: a two-component product does not harden without it',
  'hardener-in-one-part': () => 'no hardener: a one-component product takes none',
  'induction-outlives-pot': () => 'a time to stand that is shorter than the pot life',
  'no-pot-life': () => 'a pot life: a two-component product dies once activated',
};

/** What was expected where a sheet contradicts itself. */
export const sheetWords = (code: string, params: Record<string, string | number>): string =>
  SHEET_WORDS[code]?.(params) ?? code;

/** A Job from any value. */
export function parseJob(raw: unknown): Parsed<Job> {
  const parsed = jobSchema.safeParse(raw);
  if (!parsed.success) return { ok: false, faults: faultsOf(parsed.error, raw) };
  const faults: Fault[] = jobFaults(parsed.data);
  parsed.data.parts.forEach((p, i) => {
    if (p.shape?.kind === 'polygon' && !isSimplePolygon(p.shape.pointsMm))
      faults.push({ path: `parts[${i}].shape.pointsMm`, expected: 'an outline whose sides do not cross' });
  });
  parsed.data.products?.forEach((p, i) =>
    sheetFaults(p).forEach((f) =>
      faults.push({ path: `products[${i}].${f.field}`, expected: sheetWords(f.code, f.params) }),
    ),
  );
  if (!faults.some((f) => f.path === 'place.tz')) {
    const time = (iso: string, path: string): void => {
      try {
        msOf(iso, parsed.data.place.tz);
      } catch {
        faults.push({ path, expected: `a time that exists (got ${iso})` });
      }
    };
    parsed.data.state?.coats.forEach((c, i) => time(c.endedAt, `state.coats[${i}].endedAt`));
    parsed.data.state?.activations.forEach((a, i) => time(a.at, `state.activations[${i}].at`));
    parsed.data.state?.tasks?.forEach((t, i) => time(t.endedAt, `state.tasks[${i}].endedAt`));
    if (parsed.data.log?.closedAt !== undefined) time(parsed.data.log.closedAt, 'log.closedAt');
    parsed.data.starts?.forEach((s, i) => time(s.at, `starts[${i}].at`));
    parsed.data.parts.forEach((p, i) => {
      if (p.readyFrom !== undefined) time(`${p.readyFrom}T12:00`, `parts[${i}].readyFrom`);
      if (p.deadline !== undefined) time(`${p.deadline}T12:00`, `parts[${i}].deadline`);
    });
  }
  return faults.length > 0 ? { ok: false, faults } : { ok: true, value: parsed.data };
}

/** JSON text to any value, with the place of the fault in words. @param what it should be, for who brought it */
export function parseJson(text: string, what = 'a job.json as Pellucid writes it'): Parsed<unknown> {
  try {
    return { ok: true, value: JSON.parse(text.replace(/^\uFEFF/, '')) as unknown };
  } catch (e) {
    return {
      ok: false,
      faults: [
        { path: '(the whole)', expected: `${what} (${e instanceof Error ? e.message : 'not readable'})` },
      ],
    };
  }
}
