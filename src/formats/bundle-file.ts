/** The whole workshop as one JSON text, both ways. A bundle of a newer format is refused by name. */
import * as z from 'zod';
import type { Job } from '@/model/job';
import { ID, MOST_PHOTO_NOTE } from '@/model/limits';
import { faultsOf, type Fault, type Parsed } from './faults';
import { pictureOnly } from './jpeg';
import { parseJob } from './job-file';

/** 2 added photographs; a bundle of format 1 has none and is still read. */
export const BUNDLE_FORMAT = 2;
export interface BundledJob {
  readonly id: string;
  readonly createdMs: number;
  readonly removed: boolean;
  readonly job: Job;
}
export interface BundledPhoto {
  readonly id: string;
  readonly jobId: string;
  readonly partId: string;
  readonly moment: 'before' | 'after';
  readonly createdMs: number;
  readonly note: string;
  /** base64 of a JPEG without camera data */ readonly jpeg: string;
}
export interface Bundle {
  readonly jobs: readonly BundledJob[];
  readonly photos: readonly BundledPhoto[];
}

const envelope = z.strictObject({
  kind: z.literal('pellucid-workshop'),
  format: z.number().int().min(1),
  savedAt: z.string().max(40),
  jobs: z
    .array(
      z.strictObject({
        id: z.string().regex(ID),
        createdMs: z.number().int().min(0),
        removed: z.boolean(),
        job: z.unknown(),
      }),
    )
    .max(5000),
  photos: z
    .array(
      z.strictObject({
        id: z.uuid(),
        jobId: z.string().max(60),
        partId: z.string().max(60),
        moment: z.enum(['before', 'after']),
        createdMs: z.number().int().min(0),
        note: z.string().max(MOST_PHOTO_NOTE),
        jpeg: z.base64().max(5_000_000),
      }),
    )
    .max(3000)
    .optional(),
});

export function bundleText(
  jobs: readonly BundledJob[],
  savedAt: string,
  photos: readonly BundledPhoto[] = [],
): string {
  return JSON.stringify({ kind: 'pellucid-workshop', format: BUNDLE_FORMAT, savedAt, jobs, photos }, null, 1);
}

/** Every job of a bundle, or everything wrong with it by path. */
export function parseBundle(raw: unknown): Parsed<Bundle> {
  const format = typeof raw === 'object' && raw !== null ? (raw as { format?: unknown }).format : undefined;
  if (typeof format === 'number' && format > BUNDLE_FORMAT)
    return {
      ok: false,
      faults: [
        {
          path: 'format',
          expected: `at most ${BUNDLE_FORMAT}: this copy was saved by a newer Pellucid (format ${format}); update the program first`,
        },
      ],
    };
  const r = envelope.safeParse(raw);
  if (!r.success) return { ok: false, faults: faultsOf(r.error, raw) };
  const faults: Fault[] = [];
  const jobs: BundledJob[] = [];
  r.data.jobs.forEach((entry, i) => {
    if (r.data.jobs.findIndex((x) => x.id === entry.id) !== i)
      faults.push({ path: `jobs[${i}].id`, expected: `a job id that is not used twice (“${entry.id}”)` });
    const parsed = parseJob(entry.job);
    if (parsed.ok) jobs.push({ ...entry, job: parsed.value });
    else
      for (const f of parsed.faults) faults.push({ path: `jobs[${i}].job.${f.path}`, expected: f.expected });
  });
  const photos = r.data.photos ?? [];
  photos.forEach((p, i) => {
    if (!r.data.jobs.some((j) => j.id === p.jobId))
      faults.push({ path: `photos[${i}].jobId`, expected: `the id of a job in this bundle (“${p.jobId}”)` });
    const picture = pictureOnly(bytesOfBase64(p.jpeg));
    if (!picture.ok) faults.push({ path: `photos[${i}].jpeg`, expected: `a JPEG: ${picture.fault}` });
  });
  return faults.length > 0 ? { ok: false, faults } : { ok: true, value: { jobs, photos } };
}

/** The bytes of a base64 text. */
export function bytesOfBase64(text: string): Uint8Array {
  return Uint8Array.from(atob(text), (c) => c.charCodeAt(0));
}
