/**
 * Zones of a part: a share of its area with a condition of its own (a rusty corner, a filled dent).
 * For the plan each zone is a part of its own with the faces of its part and that share of them, so
 * that every seam, layer and minute counts where it belongs. What goes on the whole part goes on
 * all its zones.
 */
import type { Job, Part, SystemLayer } from '@/model/job';

export const zoneId = (partId: string, i: number): string => `${partId}--z${i + 1}`;
/** The part that a zone belongs to; a part's own id stays as it is. */
export const wholePartId = (id: string): string => id.replace(/--z\d+$/, '');

const made = new WeakMap<Job, Job>();
/** A share of the area under this is nothing left. */
const NOTHING = 1e-9;

/** A part as what is left of it and its zones. A dent lies in one place: it stays with what is left. */
function split(part: Part): Part[] {
  const { zones, ...rest } = part;
  if (!zones || zones.length === 0) return [part];
  const left = 1 - zones.reduce((a, z) => a + z.sharePct / 100, 0);
  const { dents, ...bare } = rest;
  const own = zones.map((zone, i): Part => ({
    ...bare,
    ...(i === 0 && left <= NOTHING && dents ? { dents } : {}),
    id: zoneId(part.id, i),
    name: `${part.name ?? part.id}, ${zone.name ?? `zone ${i + 1}`}`,
    condition: zone.condition,
    areaFrac: zone.sharePct / 100,
  }));
  return left > NOTHING ? [{ ...rest, areaFrac: left }, ...own] : own;
}

/**
 * The job with every zone as a part of its own; the job itself when it has none. The same job gives the same
 * answer.
 */
export function withZones(job: Job): Job {
  if (!job.parts.some((p) => p.zones && p.zones.length > 0)) return job;
  const known = made.get(job);
  if (known) return known;
  const pieces = new Map(job.parts.map((p) => [p.id, split(p)]));
  const idsOf = (id: string): string[] => pieces.get(id)?.map((p) => p.id) ?? [id];
  const layers = job.system?.layers.map((l): SystemLayer =>
    l.only ? { ...l, only: [...new Set(l.only.flatMap(idsOf))] } : l,
  );
  const parts = [...pieces.values()].flat();
  const out: Job = { ...job, parts, ...(layers ? { system: { layers } } : {}) };
  made.set(job, out);
  return out;
}
