/** While heavy work runs: how long a trivial route takes, and how soon a cancel frees the line. */
import { quantile } from 'simple-statistics';
import { heavyJob } from './heavy-job';
import { nap, onServer, type Server } from './server';

export interface LoopFigures {
  readonly heavyMs: number;
  readonly pings: number;
  readonly p50Ms: number;
  readonly p99Ms: number;
  readonly worstMs: number;
  /** The longest the event loop was held meanwhile, ms. */
  readonly heldMs: number;
  /** From the cancel of a heavy plan to the answer of the one behind it, ms. */
  readonly afterCancelMs: number;
}

const PING_EVERY_MS = 5;
const json = { 'content-type': 'application/json' };

async function post(server: Server, job: unknown): Promise<string> {
  const answer = await fetch(`${server.url}/api/jobs`, {
    method: 'POST',
    headers: json,
    body: JSON.stringify(job),
  });
  if (answer.status !== 201) throw new Error(`the job was refused: ${await answer.text()}`);
  return ((await answer.json()) as { id: string }).id;
}

async function took(work: () => Promise<unknown>): Promise<number> {
  const from = performance.now();
  await work();
  return performance.now() - from;
}

async function pingWhile(server: Server, work: Promise<unknown>): Promise<number[]> {
  let isOver = false;
  void work.finally(() => {
    isOver = true;
  });
  const pings: number[] = [];
  while (!isOver) {
    pings.push(await took(async () => (await fetch(`${server.url}/api/own-use`)).arrayBuffer()));
    await nap(PING_EVERY_MS);
  }
  return pings;
}

async function cancelled(server: Server, heavyId: string, lightId: string): Promise<number> {
  const stop = new AbortController();
  const heavy = fetch(`${server.url}/api/jobs/${heavyId}`, { signal: stop.signal }).catch(() => null);
  await nap(400);
  stop.abort();
  await heavy;
  return took(() => fetch(`${server.url}/api/jobs/${lightId}`));
}

async function measured(server: Server, rounds: number): Promise<LoopFigures> {
  const pings: number[] = [];
  let heavyMs = 0;
  let heldMs = 0;
  // The first of each kind of request compiles what later ones run.
  const warm = await post(server, heavyJob(-1));
  await fetch(`${server.url}/api/jobs/${warm}`);
  for (let n = 0; n < rounds; n++) {
    const id = await post(server, heavyJob(n));
    await server.heldMs();
    const work = took(async () => (await fetch(`${server.url}/api/jobs/${id}`)).arrayBuffer());
    pings.push(...(await pingWhile(server, work)));
    heavyMs = Math.max(heavyMs, await work);
    heldMs = Math.max(heldMs, await server.heldMs());
  }
  const light = await post(server, heavyJob(0, 1));
  const afterCancelMs = await cancelled(server, await post(server, heavyJob(rounds)), light);
  return {
    heavyMs,
    pings: pings.length,
    p50Ms: quantile(pings, 0.5),
    p99Ms: quantile(pings, 0.99),
    worstMs: Math.max(...pings),
    heldMs,
    afterCancelMs,
  };
}

export const loopFigures = (rounds = 6): Promise<LoopFigures> =>
  onServer(
    () => undefined,
    (server) => measured(server, rounds),
  );
