'use client';
/** A request that changes something on the server, and what came of it in words. */

export type Faults = readonly { readonly path: string; readonly expected: string }[];
export interface Sent<T = object> {
  readonly ok: boolean;
  /** false when nothing answered at all */
  readonly answered: boolean;
  readonly answer: Partial<T>;
  readonly error: string;
  readonly faults: Faults;
}

const SILENT = 'The server does not answer. Nothing was changed; try again in a moment.';

/** @param body an object, sent as JSON; left out for none */
export async function send<T = object>(url: string, method: string, body?: unknown): Promise<Sent<T>> {
  const json = { headers: { 'content-type': 'application/json' }, body: JSON.stringify(body) };
  const r = await fetch(url, { method, ...(body === undefined ? {} : json) }).catch(() => null);
  if (!r) return { ok: false, answered: false, answer: {}, error: SILENT, faults: [] };
  const answer = (await r.json().catch(() => ({}))) as Partial<T> & { error?: string; faults?: Faults };
  return {
    ok: r.ok,
    answered: true,
    answer,
    error: answer.error ?? 'Not kept. Try again.',
    faults: answer.faults ?? [],
  };
}
