/**
 * Zones of a part: a share of its area with a condition of its own (a rusty corner), and its dents, which are
 * filled. For the plan each zone is a part of its own with the faces of its part and that share of them, so
 * that every seam, layer and minute counts where it belongs. What goes on the whole part goes on
 * all its zones.
 */
import type { Job, Part, SystemLayer } from '@/model/job';
import { withBoards } from './board';
import { dentFrac } from './dents';

export const zoneId = (partId: string, i: number): string => `${partId}--z${i + 1}`;
/** The part that a zone belongs to; a part's own id stays as it is. */
export const wholePartId = (id: string): string => id.replace(/--z\d+$/, '');

const made = new WeakMap<Job, Job>();
/** A share of the area under this is nothing left. */
const NOTHING = 1e-9;

/** Zinc is never ground through: its dents are filled over epoxy, and stay with the part. */
const isOnZinc = (part: Part): boolean => part.substrate === 'galvanised';

/** A part as what is left of it, its zones, and its dents with their surround: filled, and only there. */
function split(part: Part): Part[] {
  const { zones = [], dents, ...bare } = part;
  const room = 1 - zones.reduce((a, z) => a + z.sharePct / 100, 0);
  // Where zones take all of it the dents lie in them, and stay with the first.
  const dented = isOnZinc(part) || room <= NOTHING ? 0 : Math.min(room, dentFrac(part));
  if (zones.length === 0 && dented === 0) return [part];
  const left = room - dented;
  const named = (name: string): string => `${part.name ?? part.id}, ${name}`;
  const kept = dents && dented === 0 ? { dents } : {};
  const own = zones.map((zone, i): Part => ({
    ...bare,
    ...(i === 0 && left <= NOTHING ? kept : {}),
    id: zoneId(part.id, i),
    name: named(zone.name ?? `zone ${i + 1}`),
    condition: zone.condition,
    areaFrac: zone.sharePct / 100,
  }));
  const filled: Part[] =
    dents && dented > 0
      ? [
          {
            ...bare,
            dents,
            id: zoneId(part.id, zones.length),
            name: named(dents.length === 1 ? 'the dent' : 'the dents'),
            condition: 'filled',
            areaFrac: dented,
          },
        ]
      : [];
  const rest: Part[] = left > NOTHING ? [{ ...bare, ...kept, areaFrac: left }] : [];
  return [...rest, ...own, ...filled];
}

/**
 * The job with every zone as a part of its own and its small parts on their boards; the job itself when there is
 * neither. The same job gives the same answer.
 */
export function withZones(job: Job): Job {
  const known = made.get(job);
  if (known) return known;
  const boarded = withBoards(job);
  const pieces = new Map(boarded.map((p) => [p.id, split(p)]));
  if (job.parts.every((p) => pieces.get(p.id)![0] === p)) {
    made.set(job, job);
    return job;
  }
  const idsOf = (id: string): string[] => pieces.get(id)?.map((p) => p.id) ?? [id];
  const layers = job.system?.layers.map((l): SystemLayer =>
    l.only ? { ...l, only: [...new Set(l.only.flatMap(idsOf))] } : l,
  );
  const parts = [...pieces.values()].flat();
  const out: Job = { ...job, parts, ...(layers ? { system: { layers } } : {}) };
  made.set(job, out);
  return out;
}
