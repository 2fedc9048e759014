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

async function ask<T>(url: string, init: RequestInit): Promise<Sent<T>> {
  const response = await fetch(url, init).catch(() => null);
  if (!response) return { ok: false, answered: false, answer: {}, error: SILENT, faults: [] };
  const answer = (await response.json().catch(() => ({}))) as Partial<T> & {
    error?: string;
    faults?: Faults;
  };
  return {
    ok: response.ok,
    answered: true,
    answer,
    error: answer.error ?? 'Not kept. Try again.',
    faults: answer.faults ?? [],
  };
}

/** @param body an object, sent as JSON; left out for none @param signal that nobody waits for it any more */
export const send = <T = object>(
  url: string,
  method: string,
  body?: unknown,
  signal?: AbortSignal,
): Promise<Sent<T>> =>
  ask(url, {
    method,
    ...(signal && { signal }),
    ...(body === undefined
      ? {}
      : { headers: { 'content-type': 'application/json' }, body: JSON.stringify(body) }),
  });

/** A piece of a file, to follow those before it. */
export const sendPiece = (url: string, piece: Blob): Promise<Sent> =>
  ask(url, { method: 'PUT', headers: { 'content-type': 'application/octet-stream' }, body: piece });

/** A file or a picture as it is. @param type its content type */
export const sendFile = <T = object>(url: string, body: Blob | string, type: string): Promise<Sent<T>> =>
  ask(url, { method: 'POST', headers: { 'content-type': type }, body });
