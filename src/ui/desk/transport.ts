/** The requests by which a draft is saved and steps are taken back; they outlive the page that sends them. */
import type { Reply, Transport } from './saver';

/** A browser lets at most 64 KiB outlive a page, all such requests together; what is larger goes the usual way. */
const MOST_KEPT_ALIVE_BYTES = 48 * 1024;

/**
 * A server that died between taking a request and answering it leaves the browser waiting: after this it counts as
 * silent, and the draft is sent again. What it had saved already is met as a change that is the same.
 */
const SILENT_AFTER_MS = 20_000;

/** What the server said; an answer that is not ours (a proxy's page, half a body) is one without words. */
const bodyOf = async (response: Response): Promise<Reply['body']> =>
  (await response.json().catch(() => ({}))) as Reply['body'];

async function send(url: string, method: string, body: unknown): Promise<Reply> {
  const text = JSON.stringify(body);
  const response = await fetch(url, {
    method,
    headers: { 'content-type': 'application/json' },
    keepalive: new TextEncoder().encode(text).byteLength <= MOST_KEPT_ALIVE_BYTES,
    body: text,
    signal: AbortSignal.timeout(SILENT_AFTER_MS),
  });
  return { status: response.status, body: await bodyOf(response) };
}

export const transportTo = (id: string): Transport => ({
  put: (version, job) => send(`/api/jobs/${id}`, 'PUT', { version, job }),
  step: (version, side) => send(`/api/jobs/${id}/step`, 'POST', { version, side }),
});
