/** A server of the built app on a throw-away database, for one spec file; and what every spec watches. */
import type { ChildProcess } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { answers, endServer, freePort, startServer } from '../scripts/server-process.mjs';
import { test as base, expect, type APIRequestContext, type Locator, type Page } from '@playwright/test';

export interface AppServer {
  readonly url: string;
  readonly port: number;
  /** Its data. */
  readonly folder: string;
  kill(): Promise<void>;
  start(): Promise<void>;
  stop(): Promise<void>;
}

export async function appServer(env: Record<string, string> = {}): Promise<AppServer> {
  const folder = mkdtempSync(join(tmpdir(), 'pellucid-e2e-'));
  const port = await freePort();
  const url = `http://127.0.0.1:${port}`;
  let child: ChildProcess | null = null;
  const end = async (signal: NodeJS.Signals): Promise<void> => {
    if (child) await endServer(child, signal);
    child = null;
  };
  const start = async (): Promise<void> => {
    child = startServer(port, {
      PELLUCID_DATA: folder,
      PELLUCID_DEMO: '1',
      PELLUCID_NOW: '2026-05-16T07:50',
      ...env,
    });
    if (!(await answers(url))) throw new Error('the server did not answer');
  };
  await start();
  return {
    url,
    port,
    folder,
    start,
    kill: () => end('SIGKILL'),
    stop: async () => {
      await end('SIGTERM');
      rmSync(folder, { recursive: true, force: true });
    },
  };
}

/** The server of the spec file under way: every file starts from the demo workshop as it was made. */
let current: { readonly file: string; readonly server: AppServer } | null = null;

const FOLDING: Readonly<Record<string, readonly string[]>> = {
  surface: ['purpose', 'place', 'hours', 'photos', 'budget'],
  'build-up': ['preparation', 'order', 'colour', 'schools', 'drying', 'sheets'],
  materials: ['where', 'mixing', 'buying', 'money'],
  window: ['forecast', 'others', 'ruled-out', 'computed'],
  'spray-day': ['readings', 'weights', 'photos', 'calls'],
  log: ['refit', 'cure', 'money', 'shelf', 'outcome', 'rubric', 'times', 'photos', 'hand-over', 'note'],
};
const EVERY_SECTION = Object.fromEntries(
  Object.entries(FOLDING).flatMap(([stage, ids]) => ids.map((id) => [`${stage}/${id}`, true] as const)),
);

/** Units and theme are in the menu. */
export async function choose(page: Page, group: 'Units' | 'Theme', name: string): Promise<void> {
  await page.getByRole('button', { name: 'Menu' }).click();
  await page.getByRole('group', { name: group }).getByRole('button', { name }).click();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('dialog', { name: 'Menu' })).toHaveCount(0);
}

/** Every page is watched: no console error, no page error, no request to any other machine. */
export const test = base.extend<{ app: AppServer; watched: Page }, { lastServer: void }>({
  lastServer: [
    async ({}, give) => {
      await give();
      await current?.server.stop();
      current = null;
    },
    { scope: 'worker', auto: true },
  ],
  app: async ({}, give, info) => {
    if (current?.file !== info.file) {
      await current?.server.stop();
      current = { file: info.file, server: await appServer() };
    }
    await give(current.server);
  },
  // A reader who has opened every section; what is folded by itself is tried where folding is.
  page: async ({ page }, give) => {
    await page.addInitScript((open) => {
      if (localStorage.getItem('pellucid.sections') === null) localStorage.setItem('pellucid.sections', open);
    }, JSON.stringify(EVERY_SECTION));
    await give(page);
  },
  watched: async ({ page, app }, give) => {
    const faults: string[] = [];
    page.on('console', (m) => {
      if (m.type() === 'error') faults.push(m.text());
    });
    page.on('pageerror', (e) => faults.push(e.message));
    page.on('request', (r) => {
      if (!r.url().startsWith(app.url) && !r.url().startsWith('data:') && !r.url().startsWith('blob:'))
        faults.push(`request left the machine: ${r.url()}`);
    });
    await give(page);
    expect(faults).toEqual([]);
  },
});

export { expect };

/** Types a civil day (yyyy-mm-dd) into a date box, part by part. */
export async function typeDay(page: Page, label: string, day: string): Promise<void> {
  const [year, month, date] = day.split('-');
  await page.getByRole('group', { name: label }).getByRole('spinbutton', { name: 'Day' }).click();
  await page.keyboard.type(`${date}${month}${year}`);
}

/** Waits until the draft on the page is saved. */
export async function saved(page: Page): Promise<void> {
  await page.waitForTimeout(380);
  await expect(
    page
      .getByRole('status')
      .filter({ hasText: /^Saved$/ })
      .first(),
  ).toBeVisible();
}

/** One of the examples brought in as a job. @returns its id */
export async function bringExample(
  request: APIRequestContext,
  app: AppServer,
  name: string,
): Promise<string> {
  const data = JSON.parse(readFileSync(`examples/${name}/job.json`, 'utf8')) as object;
  const answer = await request.post(`${app.url}/api/jobs`, { data });
  return ((await answer.json()) as { id: string }).id;
}

/** The fields of the first part on the surface page. */
export const firstPart = (page: Page): Locator =>
  page
    .getByRole('group')
    .filter({ has: page.getByLabel('Hidden edges') })
    .first();
