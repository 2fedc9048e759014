/** Every page of a workshop of many years: processor time of the second look, and of the first after a start. */
import { fillLarge, LARGE, type Size } from './large-workshop';
import { onServer, type Server } from './server';

const PAGES = (size: Size): string[] => [
  '/',
  '/?page=2',
  '/?done=5',
  '/shelf',
  '/shopping',
  '/workshop',
  `/jobs/job-${size.jobs - 1}/surface`,
  `/jobs/job-${size.jobs - 1}/window`,
  `/jobs/job-${size.jobs - 1}/log`,
  '/jobs/job-0/log',
  `/api/jobs/job-${size.jobs - 1}`,
];
export interface PageCost {
  readonly page: string;
  readonly status: number;
  readonly cpuMs: number;
  readonly tookMs: number;
  readonly kB: number;
}

async function look(server: Server, page: string): Promise<PageCost> {
  const cpu = server.cpuMs();
  const from = performance.now();
  const answer = await fetch(server.url + page);
  const body = await answer.arrayBuffer();
  const tookMs = Math.round(performance.now() - from);
  return {
    page,
    status: answer.status,
    cpuMs: server.cpuMs() - cpu,
    tookMs,
    kB: Math.round(body.byteLength / 1024),
  };
}

export const pageCosts = (size: Size = LARGE): Promise<{ first: PageCost[]; again: PageCost[] }> =>
  onServer(
    (folder) => fillLarge(folder, size),
    async (server) => {
      const all = async (): Promise<PageCost[]> => {
        const costs: PageCost[] = [];
        for (const page of PAGES(size)) costs.push(await look(server, page));
        return costs;
      };
      return { first: await all(), again: await all() };
    },
  );
