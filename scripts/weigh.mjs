/**
 * JavaScript of each page as it goes over the wire (gzipped), from a running demo: node scripts/weigh.mjs.
 * First what the page itself names and loads to work, then what it fetches ahead for the other stages
 * and the planning worker. BASE names another address.
 */
import { chromium } from '@playwright/test';
import { CHROMIUM_ARGS } from './chromium.mjs';
import { ensureChromium } from './ensure.mjs';

const BASE = process.env.BASE ?? 'http://127.0.0.1:4310';
const PAGES = [
  '/',
  '/workshop',
  ...['surface', 'build-up', 'materials', 'window', 'spray-day', 'log'].map(
    (s) => `/jobs/tractor-bonnet/${s}`,
  ),
];
const browser = await chromium.launch({ executablePath: ensureChromium(), args: CHROMIUM_ARGS });
for (const path of PAGES) {
  const html = await (await fetch(BASE + path)).text();
  const own = new Set([...html.matchAll(/src="(\/_next\/[^"]+\.js)"/g)].map((m) => BASE + m[1]));
  const context = await browser.newContext();
  const page = await context.newPage();
  const client = await context.newCDPSession(page);
  await client.send('Network.enable');
  const kind = new Map();
  let first = 0;
  let ahead = 0;
  client.on('Network.responseReceived', (e) => kind.set(e.requestId, { type: e.type, url: e.response.url }));
  client.on('Network.loadingFinished', (e) => {
    const k = kind.get(e.requestId);
    if (k?.type !== 'Script' && !k?.url.endsWith('.js')) return;
    if (own.has(k.url)) first += e.encodedDataLength;
    else ahead += e.encodedDataLength;
  });
  await page.goto(BASE + path, { waitUntil: 'networkidle' });
  const kB = (bytes) => `${(bytes / 1000).toFixed(0).padStart(5)} kB`;
  process.stdout.write(`${path.padEnd(32)} ${kB(first)} at first, ${kB(ahead)} fetched ahead\n`);
  await context.close();
}
await browser.close();
