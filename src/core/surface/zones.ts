/**
 * Zones of a part: a share of its area with a condition of its own (a rusty corner, a filled dent).
 * For the plan each zone is a part of its own with the faces of its part and that share of them, so
 * that every seam, layer and minute counts where it belongs. What goes on the whole part goes on
 * all its zones.
 */
import type { Job, Part, SystemLayer } from '@/model/job';

export const zoneId = (partId: string, i: number): string => `${partId}--z${i + 1}`;

const made = new WeakMap<Job, Job>();

/** The job with every zone as a part of its own; the job itself when it has none. The same job gives the same answer. */
export function withZones(job: Job): Job {
  if (!job.parts.some((p) => p.zones && p.zones.length > 0)) return job;
  const known = made.get(job);
  if (known) return known;
  const ids = new Map<string, string[]>();
  const parts = job.parts.flatMap((p): Part[] => {
    const { zones, ...rest } = p;
    if (!zones || zones.length === 0) {
      ids.set(p.id, [p.id]);
      return [p];
    }
    const left = 1 - zones.reduce((a, z) => a + z.sharePct / 100, 0);
    // A dent lies in one place: it stays with what is left of the part.
    const { dents, ...bare } = rest;
    const own = zones.map((z, i): Part => ({
      ...bare,
      ...(i === 0 && left <= 1e-9 && dents ? { dents } : {}),
      id: zoneId(p.id, i),
      name: `${p.name ?? p.id}, ${z.name ?? `zone ${i + 1}`}`,
      condition: z.condition,
      areaFrac: z.sharePct / 100,
    }));
    const list = left > 1e-9 ? [{ ...rest, areaFrac: left }, ...own] : own;
    ids.set(
      p.id,
      list.map((x) => x.id),
    );
    return list;
  });
  const layers = job.system?.layers.map((l): SystemLayer =>
    l.only ? { ...l, only: [...new Set(l.only.flatMap((id) => ids.get(id) ?? [id]))] } : l,
  );
  const out: Job = { ...job, parts, ...(layers ? { system: { layers } } : {}) };
  made.set(job, out);
  return out;
}
