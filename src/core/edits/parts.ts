/** Edits of the parts: added, changed, taken out, with their zones and dents; the layers stay in step. */
import { isDay } from './purpose';
import type { Job, Part, SystemLayer } from '@/model/job';
import { isMetal } from '@/model/substrates';
import type { Answer, TestId } from '../surface/field-tests';
import { PART_PRESETS } from '../surface/presets';
import { wholePartId, zoneId } from '../surface/zones';

type Zone = NonNullable<Part['zones']>[number];
type Dent = NonNullable<Part['dents']>[number];

/** Electro-coat and rust are found on metal only: anything else is bare. */
function withTrueCondition(part: Part): Part {
  const isOdd = (part.condition === 'e-coat' || part.condition === 'rust') && !isMetal(part);
  return isOdd ? { ...part, condition: 'bare' } : part;
}

/** A part like the last one, under an id and a name of its own. */
export function freshPart(job: Job): Part {
  let n = job.parts.length + 1;
  while (job.parts.some((p) => p.id === `part-${n}`)) n++;
  const { tests: _tests, ...like } = job.parts.at(-1)!;
  return { ...like, id: `part-${n}`, name: `Part ${n}` };
}

export const addPart = (job: Job): Job => ({ ...job, parts: [...job.parts, freshPart(job)] });

/** A part from the list of common ones, with what lies on the last one. */
export function addPreset(job: Job, presetId: string): Job {
  const preset = PART_PRESETS.find((x) => x.id === presetId)!;
  const { shape: _shape, count: _count, ...like } = freshPart(job);
  const part = withTrueCondition({ ...like, ...preset.part, name: preset.name });
  return { ...job, parts: [...job.parts, part] };
}

function changePart(job: Job, id: string, change: (part: Part) => Part): Job {
  return { ...job, parts: job.parts.map((p) => (p.id === id ? change(p) : p)) };
}

/** What goes on a part or on one of its zones goes on its copy too. */
const alsoOn = (layer: SystemLayer, id: string, copyId: string): SystemLayer =>
  layer.only
    ? {
        ...layer,
        only: layer.only.flatMap((x) => (wholePartId(x) === id ? [x, copyId + x.slice(id.length)] : [x])),
      }
    : layer;

/** The same part once more beside it, under an id and a name of its own, in the same layers. */
export function copyPart(job: Job, id: string): Job {
  const at = job.parts.findIndex((p) => p.id === id);
  const like = job.parts[at];
  if (!like) return job;
  const { id: freshId } = freshPart(job);
  const copy = { ...like, id: freshId, name: `${like.name ?? like.id}, copy`.slice(0, 80) };
  const layers = job.system?.layers.map((l) => alsoOn(l, id, freshId));
  return { ...job, parts: job.parts.toSpliced(at + 1, 0, copy), ...(layers ? { system: { layers } } : {}) };
}

export const patchPart = (job: Job, id: string, patch: Partial<Part>): Job =>
  changePart(job, id, (p) => ({ ...p, ...patch }));

/** The same change on several parts. */
export const patchParts = (job: Job, ids: readonly string[], patch: Partial<Part>): Job =>
  ids.reduce((j, id) => patchPart(j, id, patch), job);

/** What a test at the part found out, kept with the test. */
export const learnPart = (job: Job, id: string, test: TestId, answer: Answer): Job =>
  changePart(job, id, (p) =>
    withTrueCondition({ ...p, ...answer.set, tests: { ...p.tests, [test]: answer.id } }),
  );

/** A test is to be made again; what it set stays until then. */
export const forgetTest = (job: Job, id: string, test: TestId): Job =>
  changePart(job, id, ({ tests, ...p }) => {
    const { [test]: _was, ...left } = tests ?? {};
    return Object.keys(left).length > 0 ? { ...p, tests: left } : p;
  });

/** A shape, or none: then it is as flat as its length and width say. */
export function setShape(job: Job, id: string, shape: Part['shape']): Job {
  return changePart(job, id, ({ shape: _was, ...p }) => (shape ? { ...p, shape } : p));
}

/** What the old paint is; null for what nobody knows. */
export function setFilm(job: Job, id: string, film: Part['film'] | null): Job {
  return changePart(job, id, ({ film: _was, ...p }) => (film ? { ...p, film } : p));
}

/** Hottest it gets in use, °C; null for what the job says. */
export function setServiceC(job: Job, id: string, serviceC: number | null): Job {
  return changePart(job, id, ({ serviceC: _was, ...p }) => (serviceC === null ? p : { ...p, serviceC }));
}

/**
 * Renames the parts that layers are for; null drops one. A layer left with none keeps its place and goes on
 * all again.
 */
function renameInLayers(job: Job, rename: (id: string) => string | null): Job {
  if (!job.system) return job;
  const layers = job.system.layers.map(({ only, ...layer }): SystemLayer => {
    const left = (only ?? []).map(rename).filter((id) => id !== null);
    return left.length > 0 ? { ...layer, only: left } : layer;
  });
  return { ...job, system: { ...job.system, layers } };
}

/** Takes a part out, with its zones, from the parts and from the layers that were for it. */
export function removePart(job: Job, id: string): Job {
  const left = { ...job, parts: job.parts.filter((p) => p.id !== id) };
  return renameInLayers(left, (x) => (wholePartId(x) === id ? null : x));
}

/** A tenth of the part, of rust unless it is all rust: then of filler. */
export function addZone(job: Job, id: string): Job {
  return changePart(job, id, (p) => {
    const condition = p.condition === 'rust' ? 'filled' : 'rust';
    return { ...p, zones: [...(p.zones ?? []), { sharePct: 10, condition }] };
  });
}

const CM2_PER_M2 = 10_000;
/** Size of a share of a part, cm². */
export const zoneCm2 = (sharePct: number, areaM2: number): number => (sharePct / 100) * areaM2 * CM2_PER_M2;
/** The share that a size takes of a part, %, at most all of it. */
export const zonePct = (cm2: number, areaM2: number): number =>
  Math.min(100, (cm2 / (areaM2 * CM2_PER_M2)) * 100);

export const patchZone = (job: Job, id: string, at: number, patch: Partial<Zone>): Job =>
  changePart(job, id, (p) => ({
    ...p,
    zones: (p.zones ?? []).map((z, i) => (i === at ? { ...z, ...patch } : z)),
  }));

/** Takes a zone out; the zones after it move up, and so do the layers that were for them. */
export function removeZone(job: Job, id: string, at: number): Job {
  const zones = job.parts.find((p) => p.id === id)?.zones ?? [];
  const left = changePart(job, id, (p) => ({ ...p, zones: zones.toSpliced(at, 1) }));
  const moved = new Map(zones.map((_z, i) => [zoneId(id, i), i < at ? zoneId(id, i) : zoneId(id, i - 1)]));
  return renameInLayers(left, (x) => (x === zoneId(id, at) ? null : (moved.get(x) ?? x)));
}

const SMALL_DENT: Dent = { lengthMm: 80, widthMm: 60, depthMm: 2 };
export const addDent = (job: Job, id: string): Job =>
  changePart(job, id, (p) => ({ ...p, dents: [...(p.dents ?? []), SMALL_DENT] }));

export const patchDent = (job: Job, id: string, at: number, patch: Partial<Dent>): Job =>
  changePart(job, id, (p) => ({
    ...p,
    dents: (p.dents ?? []).map((d, i) => (i === at ? { ...d, ...patch } : d)),
  }));

export const removeDent = (job: Job, id: string, at: number): Job =>
  changePart(job, id, (p) => ({ ...p, dents: (p.dents ?? []).toSpliced(at, 1) }));

/** A day of a part by itself (yyyy-mm-dd); anything else means none. */
export function setPartDay(job: Job, id: string, field: 'readyFrom' | 'deadline', day: string): Job {
  const changed = (part: Part): Part => {
    const { [field]: _was, ...rest } = part;
    return isDay(day) ? { ...rest, [field]: day } : rest;
  };
  return { ...job, parts: job.parts.map((p) => (p.id === id ? changed(p) : p)) };
}
