/** Small choices of the owner, each of which leaves no trace once it is the default again. */
import type { Job } from '@/model/job';
import type { Product } from '@/model/product';
import { SCHOOLS, type SchoolId } from '../coating/schools';

const isEmpty = (x: object): boolean => Object.keys(x).length === 0;

/** A school chosen; the first option is the default and is not kept. */
export function chooseSchool(job: Job, id: SchoolId, value: string): Job {
  const first = SCHOOLS.find((s) => s.id === id)!.options[0];
  const { schools = {}, starts: _starts, ...rest } = job;
  const { [id]: _was, ...others } = schools;
  const next = (value === first ? others : { ...others, [id]: value }) as NonNullable<Job['schools']>;
  return isEmpty(next) ? rest : { ...rest, schools: next };
}

/** Hands-on minutes of a task; null takes what is estimated. Starts set by hand no longer fit and go. */
export function setMinutes(job: Job, taskId: string, minutes: number | null): Job {
  const { minutes: own = {}, starts: _starts, ...rest } = job;
  const { [taskId]: _was, ...others } = own;
  const next = minutes === null ? others : { ...others, [taskId]: minutes };
  return isEmpty(next) ? rest : { ...rest, minutes: next };
}

const MOST_FITTINGS = 26;
const MOST_LETTERS = 60;
export const canAddFitting = (job: Job, name: string): boolean =>
  name.trim() !== '' && (job.fittings?.length ?? 0) < MOST_FITTINGS;

function withFittings(job: Job, fittings: readonly string[], isNew = job.fittingsNew ?? []): Job {
  const { fittings: _was, fittingsNew: _new, ...rest } = job;
  const fittingsNew = isNew.filter((name) => fittings.includes(name));
  return {
    ...rest,
    ...(fittings.length > 0 && { fittings: [...fittings] }),
    ...(fittingsNew.length > 0 && { fittingsNew }),
  };
}

/** It goes back with clips or a gasket that are bought, or with its own after all. */
export function toggleFittingNew(job: Job, name: string): Job {
  const was = job.fittingsNew ?? [];
  const isNew = was.includes(name) ? was.filter((x) => x !== name) : [...was, name];
  return withFittings(job, job.fittings ?? [], isNew);
}
/** One more thing that comes off; each of the alphabet's letters is a bag. */
export const addFitting = (job: Job, name: string): Job =>
  canAddFitting(job, name)
    ? withFittings(job, [...(job.fittings ?? []), name.trim().slice(0, MOST_LETTERS)])
    : job;
export const removeFitting = (job: Job, index: number): Job =>
  withFittings(job, (job.fittings ?? []).toSpliced(index, 1));

/** Sheets of one's own: those of the same id are replaced. */
export function putSheets(job: Job, sheets: readonly Product[]): Job {
  const ids = new Set(sheets.map((p) => p.id));
  return { ...job, products: [...(job.products ?? []).filter((p) => !ids.has(p.id)), ...sheets] };
}

/** Figures of a sheet put right by hand; each is marked as one's own. */
export function patchSheet(job: Job, id: string, patch: Partial<Product>): Job {
  const own = Object.fromEntries(Object.keys(patch).map((field) => [field, 'own' as const]));
  const change = (p: Product): Product => ({
    ...p,
    ...patch,
    provenance: { ...p.provenance, byField: { ...p.provenance.byField, ...own } },
  });
  return { ...job, products: (job.products ?? []).map((p) => (p.id === id ? change(p) : p)) };
}

/** An improbable figure is so: the owner has looked. */
export function sureOf(job: Job, id: string, field: string): Job {
  const products = (job.products ?? []).map((p) =>
    p.id === id ? { ...p, sure: [...new Set([...(p.sure ?? []), field])] } : p,
  );
  return { ...job, products };
}

export function removeSheet(job: Job, id: string): Job {
  const { products = [], ...rest } = job;
  const left = products.filter((p) => p.id !== id);
  return left.length > 0 ? { ...rest, products: left } : rest;
}

/** What was set aside from one item of the shelf is booked off, or given back. */
export function withoutAside(job: Job, stockId: string): Job {
  const { shelf = [], ...rest } = job;
  const left = shelf.filter((s) => s.stockId !== stockId);
  return left.length > 0 ? { ...rest, shelf: left } : rest;
}
