/** The requests by which a draft is saved and steps are taken back; they outlive the page that sends them. */
import type { Reply, Transport } from './saver';

async function send(url: string, method: string, body: unknown): Promise<Reply> {
  const response = await fetch(url, {
    method,
    headers: { 'content-type': 'application/json' },
    keepalive: true,
    body: JSON.stringify(body),
  });
  return { status: response.status, body: (await response.json()) as Reply['body'] };
}

export const transportTo = (id: string): Transport => ({
  put: (version, job) => send(`/api/jobs/${id}`, 'PUT', { version, job }),
  step: (version, side) => send(`/api/jobs/${id}/step`, 'POST', { version, side }),
});
