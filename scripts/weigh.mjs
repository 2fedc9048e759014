/** First-load JavaScript of each page as it goes over the wire (gzipped), from a running demo: node scripts/weigh.mjs. BASE names another address. */
import { chromium } from '@playwright/test';
import { CHROMIUM_ARGS, ensureChromium } from './ensure.mjs';

const BASE = process.env.BASE ?? 'http://127.0.0.1:4310';
const PAGES = ['/', ...['surface', 'build-up', 'materials', 'window', 'spray-day'].map((s) => `/jobs/tractor-bonnet/${s}`)];
const browser = await chromium.launch({ executablePath: ensureChromium(), args: CHROMIUM_ARGS });
for (const path of PAGES) {
  const context = await browser.newContext();
  const page = await context.newPage();
  const client = await context.newCDPSession(page);
  await client.send('Network.enable');
  const kind = new Map();
  let script = 0, total = 0;
  client.on('Network.responseReceived', (e) => kind.set(e.requestId, { type: e.type, url: e.response.url }));
  client.on('Network.loadingFinished', (e) => {
    const k = kind.get(e.requestId);
    total += e.encodedDataLength;
    if (k?.type === 'Script') script += e.encodedDataLength;
  });
  await page.goto(BASE + path, { waitUntil: 'networkidle' });
  process.stdout.write(`${path.padEnd(32)} ${(script / 1000).toFixed(0).padStart(5)} kB of JavaScript, ${(total / 1000).toFixed(0).padStart(5)} kB in all\n`);
  await context.close();
}
await browser.close();
