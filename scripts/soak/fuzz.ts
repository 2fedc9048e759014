/** Nonsense for every importer and every route: all of it is answered, nothing falls over, nothing takes long. */
import { uniform } from '@/core/numerics/random';
import { DEMO_JOBS, DEMO_STOCK } from '@/demo/jobs';
import { pick, type Chance } from './chance';
import { begin } from './data-doors';
import { IMPORTERS } from './importers';
import { junkDocument, junkText } from './junk';
import { onServer, type Server } from './server';
import { ITEM_IDS, JOB_IDS } from './writes';

export interface FuzzFigures {
  readonly inputs: number;
  readonly faults: readonly string[];
  readonly slowestMs: number;
  readonly slowest: string;
  /** After each tenth, MB. */
  readonly residentMb: readonly number[];
}
const SLOW_MS = 1000;
const MOST_TOLD = 20;

class Tally {
  inputs = 0;
  slowestMs = 0;
  slowest = '';
  readonly faults: string[] = [];
  readonly residentMb: number[] = [];

  took(name: string, ms: number): void {
    this.inputs++;
    if (ms > SLOW_MS) this.fault(`${name}: ${Math.round(ms)} ms`);
    if (ms <= this.slowestMs) return;
    this.slowestMs = ms;
    this.slowest = name;
  }

  fault(what: string): void {
    if (this.faults.length < MOST_TOLD) this.faults.push(what);
  }

  figures(): FuzzFigures {
    const { inputs, faults, slowestMs, slowest, residentMb } = this;
    return { inputs, faults, slowestMs, slowest, residentMb };
  }
}

/** Each input has a seed of its own, by which it is made again. */
export function fuzzImporters(inputs: number, firstSeed: number): FuzzFigures {
  const tally = new Tally();
  for (let n = 0; n < inputs; n++) {
    const seed = firstSeed + n;
    const importer = IMPORTERS[n % IMPORTERS.length]!;
    const from = performance.now();
    try {
      importer.read(uniform(seed));
    } catch (e) {
      tally.fault(`${importer.name}, seed ${seed}: ${String(e)}`);
    }
    tally.took(`${importer.name}, seed ${seed}`, performance.now() - from);
  }
  return tally.figures();
}

interface Asked {
  readonly method: string;
  readonly path: string;
  readonly body?: string;
}
const { id: _id, ...ITEM } = DEMO_STOCK[0]!;

const BOUGHT = {
  name: 'Far lid',
  top: 'two-part-clear',
  age: 'years',
  lengthMm: 500,
  widthMm: 300,
  substrate: 'steel',
};

const BODIES: readonly (readonly [method: string, path: string, good: unknown])[] = [
  ['PUT', `/api/jobs/${JOB_IDS[1]}`, { version: 1, job: DEMO_JOBS[1]!.job }],
  ['POST', `/api/jobs/${JOB_IDS[1]}/step`, { version: 1, side: 'undo' }],
  ['POST', '/api/jobs', DEMO_JOBS[2]!.job],
  ['POST', '/api/stock', { item: ITEM }],
  ['PUT', `/api/stock/${ITEM_IDS[0]}`, { item: ITEM, note: 'by hand' }],
  ['POST', `/api/stock/${ITEM_IDS[0]}`, { takeMl: 5, note: '' }],
  ['POST', '/api/shopping/tick', { key: 'tape', on: true }],
  ['POST', '/api/shopping/price', { key: 'tape', jobs: [JOB_IDS[0]], price: 3 }],
  ['POST', '/api/sheets', { text: 'id,name\na,b\n', name: 'sheets.csv' }],
  ['POST', '/api/learned', { item: 'use:aerosol', isForgotten: true }],
  ['POST', '/api/logbook', { pellucid: 'logbook', version: 1, jobs: [DEMO_JOBS[2]!.job] }],
  ['POST', '/api/jobs/bought', BOUGHT],
  ['POST', '/api/workshop/incoming', { bytes: 100 }],
];
const ADDRESSES: readonly string[] = [
  '/',
  '/?page=2&done=3',
  '/shelf',
  `/shopping?jobs=${JOB_IDS[0]}`,
  '/workshop',
  `/jobs/${JOB_IDS[0]}/window`,
  `/api/jobs/${JOB_IDS[0]}`,
  `/api/jobs/${JOB_IDS[0]}/file`,
  '/api/shopping/list?as=csv&jobs=',
  '/api/own-use',
  '/api/learned',
  '/api/logbook?as=csv',
  '/api/stock',
  '/api/photos/00000000-0000-4000-8000-000000000001',
];

function asking(chance: Chance): Asked {
  if (chance() < 0.85) {
    const [method, path, good] = pick(chance, BODIES);
    const body = JSON.stringify(junkDocument(chance, good)) ?? '';
    return { method, path, body: chance() < 0.1 ? junkText(chance, body) : body };
  }
  const path = `/${junkText(chance, pick(chance, ADDRESSES)).replace(/[\s\\#]/g, '')}`.replace(/^\/+/, '/');
  return { method: 'GET', path: [...path].map((c) => (c >= '!' && c <= '~' ? c : '%ff')).join('') };
}

/** These plan or shop: heavy work, which may take its time. */
const isHeavy = (method: string, path: string): boolean =>
  method === 'GET' && /^\/($|\?|jobs\/|api\/jobs\/|shopping|api\/shopping)/.test(path);

/** A job that came of it goes again: what grows is the server's, not the workshop. */
async function takeOff(server: Server, answer: Response): Promise<void> {
  const isMade = answer.status === 201 && /^\/api\/jobs(\/bought)?$/.test(new URL(answer.url).pathname);
  const body = await answer.text();
  if (isMade)
    await fetch(`${server.url}/api/jobs/${(JSON.parse(body) as { id: string }).id}`, { method: 'DELETE' });
}

async function askAll(server: Server, inputs: number, firstSeed: number): Promise<FuzzFigures> {
  const tally = new Tally();
  // The first page a server draws compiles what all others run.
  await fetch(`${server.url}/workshop`);
  await fetch(`${server.url}/nothing-here`);
  for (let n = 0; n < inputs; n++) {
    const seed = firstSeed + n;
    const { method, path, body } = asking(uniform(seed));
    const name = `${method} ${path.slice(0, 80)}, seed ${seed}`;
    const from = performance.now();
    try {
      const answer = await fetch(server.url + path, {
        method,
        redirect: 'manual',
        ...(body !== undefined && { body, headers: { 'content-type': 'application/json' } }),
      });
      await takeOff(server, answer);
      if (answer.status >= 500) tally.fault(`${name}: ${answer.status}`);
    } catch (e) {
      tally.fault(`${name}: ${String((e as Error).cause ?? e)}`);
      if (!server.isAlive) break;
    }
    tally.took(name, isHeavy(method, path) ? 0 : performance.now() - from);
    if ((n + 1) % Math.max(1, Math.floor(inputs / 10)) === 0) tally.residentMb.push(server.residentMb());
  }
  return tally.figures();
}

export const fuzzRoutes = (inputs: number, firstSeed: number): Promise<FuzzFigures> =>
  onServer(begin, (server) => askAll(server, inputs, firstSeed));
