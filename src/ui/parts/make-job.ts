/** A job made on the server: its id, or why there is none; null where the server does not answer. */

export type Made = { readonly id: string } | { readonly error: string | null } | null;

/** @param sent a job, or what one is made of; left out where the address says which is made */
export async function makeJob(url: string, sent?: object): Promise<Made> {
  const body = sent && { headers: { 'content-type': 'application/json' }, body: JSON.stringify(sent) };
  const response = await fetch(url, { method: 'POST', ...body }).catch(() => null);
  if (!response) return null;
  const answer = (await response.json().catch(() => null)) as { id?: string; error?: string } | null;
  return response.ok && answer?.id ? { id: answer.id } : { error: answer?.error ?? null };
}
