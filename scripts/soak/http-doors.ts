/** Writing through the routes of a server, as a page does it; what is not answered with a yes is not done. */
import { PART_ID, PICTURE } from './data-doors';
import { JOB_IDS, PACK_ML, type Doors } from './writes';

const json = { 'content-type': 'application/json' };

export function httpDoors(url: string): Doors {
  const ask = async (path: string, method: string, body?: unknown): Promise<Response> => {
    const answer = await fetch(url + path, {
      method,
      ...(body !== undefined && { headers: json, body: JSON.stringify(body) }),
    });
    if (!answer.ok) throw new Error(`${method} ${path}: ${answer.status} ${await answer.text()}`);
    return answer;
  };
  const versions = new Map<string, { version: number; job: Record<string, unknown> }>();
  const jobAt = async (id: string): Promise<{ version: number; job: Record<string, unknown> }> => {
    const known = versions.get(id);
    if (known) return known;
    const file = (await (await ask(`/api/jobs/${id}`, 'GET')).json()) as {
      version: number;
      job: Record<string, unknown>;
    };
    return { version: file.version, job: file.job };
  };
  const saved = async (id: string, answer: Response): Promise<string> => {
    const { version, job } = (await answer.json()) as { version: number; job: Record<string, unknown> };
    versions.set(id, { version, job });
    return String(job.name);
  };
  return {
    nameJob: async (id, name) => {
      const { version, job } = await jobAt(id);
      await saved(id, await ask(`/api/jobs/${id}`, 'PUT', { version, job: { ...job, name } }));
    },
    removeJob: async (id) => void (await ask(`/api/jobs/${id}`, 'DELETE')),
    restoreJob: async (id) => void (await ask(`/api/jobs/${id}/restore`, 'POST')),
    undoJob: async (id) => {
      const { version, job } = await jobAt(id);
      const answer = await fetch(`${url}/api/jobs/${id}/step`, {
        method: 'POST',
        headers: json,
        body: JSON.stringify({ version, side: 'undo' }),
      });
      return answer.status === 409 ? String(job.name) : saved(id, answer);
    },
    fillItem: async (id, ml) => {
      const item = { productId: 'none', part: 'other', name: 'Thinner', sizeMl: PACK_ML, remainingMl: ml };
      await ask(`/api/stock/${id}`, 'PUT', { item });
    },
    takeItem: async (id, ml) => void (await ask(`/api/stock/${id}`, 'POST', { takeMl: ml, note: '' })),
    tick: async (key, on) => void (await ask('/api/shopping/tick', 'POST', { key, on })),
    addPhoto: async () => {
      const answer = await fetch(`${url}/api/jobs/${JOB_IDS[0]}/photos?part=${PART_ID}&moment=before`, {
        method: 'POST',
        headers: { 'content-type': 'image/jpeg' },
        body: PICTURE as BodyInit,
      });
      if (!answer.ok) throw new Error(`photograph: ${answer.status} ${await answer.text()}`);
      return ((await answer.json()) as { id: string }).id;
    },
    removePhoto: async (id) => void (await ask(`/api/photos/${id}`, 'DELETE')),
    notePhoto: async (id, note) => void (await ask(`/api/photos/${id}`, 'PATCH', { note })),
  };
}
