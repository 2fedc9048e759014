/** A job made on the server: its id, or why there is none; null where the server does not answer. */
import type { Job } from '@/model/job';

export type Made = { readonly id: string } | { readonly error: string | null } | null;

/** @param job sent as it is; left out where the address says which is made */
export async function makeJob(url: string, job?: Job): Promise<Made> {
  const body = job && { headers: { 'content-type': 'application/json' }, body: JSON.stringify(job) };
  const response = await fetch(url, { method: 'POST', ...body }).catch(() => null);
  if (!response) return null;
  const answer = (await response.json().catch(() => null)) as { id?: string; error?: string } | null;
  return response.ok && answer?.id ? { id: answer.id } : { error: answer?.error ?? null };
}
