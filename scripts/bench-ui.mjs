/**
 * npm run bench:ui: how long from a press until the page is drawn again, on the demo workshop: another stage, a
 * start moved by half an hour, a coat added. Median and 95th percentile of 30 presses each, after 3 to warm up.
 */
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chromium } from '@playwright/test';
import { CHROMIUM_ARGS } from './chromium.mjs';
import { ensureBuild, ensureChromium } from './ensure.mjs';
import { answers, endServer, freePort, startServer } from './server-process.mjs';

const PRESSES = 30;
const WARM = 3;
const PAUSE_MS = 700;

/** In the page: presses what `find` names and waits until `see` says something else, then for two frames. */
async function pressed(page, find, see) {
  return page.evaluate(
    async ([findBody, seeBody]) => {
      const target = new Function(`return (${findBody})()`)();
      const look = new Function(`return (${seeBody})()`);
      const before = look();
      const from = performance.now();
      target.click();
      while (look() === before) await new Promise(requestAnimationFrame);
      await new Promise((done) => requestAnimationFrame(() => requestAnimationFrame(done)));
      return performance.now() - from;
    },
    [find.toString(), see.toString()],
  );
}

const quantile = (list, q) =>
  [...list].sort((a, b) => a - b)[Math.min(list.length - 1, Math.floor(q * list.length))];

async function measured(page, name, finds, see) {
  const times = [];
  for (let i = 0; i < PRESSES + WARM; i++) {
    const ms = await pressed(page, finds[i % finds.length], see);
    if (i >= WARM) times.push(ms);
    await page.waitForTimeout(PAUSE_MS);
  }
  const say = (ms) => `${ms.toFixed(0).padStart(5)} ms`;
  process.stdout.write(
    `${name.padEnd(34)} median ${say(quantile(times, 0.5))}   95th ${say(quantile(times, 0.95))}\n`,
  );
}

const byLabel = (label) => new Function(`return document.querySelector('[aria-label="${label}"]')`);
const stageLink = (stage) => new Function(`return document.querySelector('.stages a[href$="/${stage}"]')`);

ensureBuild();
const folder = mkdtempSync(join(tmpdir(), 'pellucid-bench-'));
const port = await freePort();
const url = `http://127.0.0.1:${port}`;
const server = startServer(port, {
  PELLUCID_DATA: folder,
  PELLUCID_DEMO: '1',
  PELLUCID_NOW: '2026-05-16T07:50',
});
await answers(url);
const browser = await chromium.launch({ executablePath: ensureChromium(), args: CHROMIUM_ARGS });
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
const job = `${url}/jobs/cargo-bike`;
await page.goto(`${job}/surface`, { waitUntil: 'networkidle' });
await measured(page, 'another stage', [stageLink('build-up'), stageLink('surface')], () => {
  const at = document.querySelector('.stages a[aria-current]')?.textContent;
  return `${at} ${document.querySelector('#main .secbar')?.textContent}`;
});
await page.goto(`${job}/window`, { waitUntil: 'networkidle' });
const earlier = byLabel('Start half an hour earlier');
const later = byLabel('Start half an hour later');
await measured(
  page,
  'a start moved',
  [later, earlier],
  () => document.querySelector('section[aria-label="The start"]')?.textContent,
);
await page.goto(`${job}/build-up`, { waitUntil: 'networkidle' });
const coatButton = (label) =>
  new Function(
    `return document.querySelector('[role=group][aria-label^="Coats of Orrin base"] [aria-label="${label}"]')`,
  );
const more = coatButton('One coat more');
const less = coatButton('One coat less');
await measured(page, 'a coat added, section drawn', [more, less], () =>
  document.querySelector('section[aria-label^="Section"] svg[role=img]')?.getAttribute('aria-label'),
);
await measured(
  page,
  'a coat added, plan and money there',
  [more, less],
  () => document.querySelector('aside.verdict .in')?.textContent,
);
await browser.close();
await endServer(server, 'SIGTERM');
rmSync(folder, { recursive: true, force: true });
