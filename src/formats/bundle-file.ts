/** The whole workshop as one JSON text, both ways. A bundle of a newer format is refused by name. */
import * as z from 'zod';
import type { Job } from '@/model/job';
import { faultsOf, type Fault, type Parsed } from './faults';
import { parseJob } from './job-file';

export const BUNDLE_FORMAT = 1;
export interface BundledJob { readonly id: string; readonly createdMs: number; readonly removed: boolean; readonly job: Job }

const envelope = z.strictObject({
  kind: z.literal('pellucid-workshop'),
  format: z.number().int().min(1),
  savedAt: z.string().max(40),
  jobs: z.array(z.strictObject({ id: z.string().regex(/^[A-Za-z0-9][A-Za-z0-9_-]{0,59}$/), createdMs: z.number().int().min(0), removed: z.boolean(), job: z.unknown() })).max(5000),
});

export function bundleText(jobs: readonly BundledJob[], savedAt: string): string {
  return JSON.stringify({ kind: 'pellucid-workshop', format: BUNDLE_FORMAT, savedAt, jobs }, null, 1);
}

/** Every job of a bundle, or everything wrong with it by path. */
export function parseBundle(raw: unknown): Parsed<BundledJob[]> {
  const format = typeof raw === 'object' && raw !== null ? (raw as { format?: unknown }).format : undefined;
  if (typeof format === 'number' && format > BUNDLE_FORMAT) return { ok: false, faults: [{ path: 'format', expected: `at most ${BUNDLE_FORMAT}: this copy was saved by a newer Pellucid (format ${format}); update the program first` }] };
  const r = envelope.safeParse(raw);
  if (!r.success) return { ok: false, faults: faultsOf(r.error, raw) };
  const faults: Fault[] = [], jobs: BundledJob[] = [];
  r.data.jobs.forEach((entry, i) => {
    if (r.data.jobs.findIndex((x) => x.id === entry.id) !== i) faults.push({ path: `jobs[${i}].id`, expected: `a job id that is not used twice (“${entry.id}”)` });
    const parsed = parseJob(entry.job);
    if (parsed.ok) jobs.push({ ...entry, job: parsed.value });
    else for (const f of parsed.faults) faults.push({ path: `jobs[${i}].job.${f.path}`, expected: f.expected });
  });
  return faults.length > 0 ? { ok: false, faults } : { ok: true, value: jobs };
}
