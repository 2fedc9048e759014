/**
 * Pictures of the main views from the running demo: node scripts/shots.mjs [outDir] [name …].
 * Needs the demo to run (npm run demo); BASE names another address.
 */
import { mkdirSync } from 'node:fs';
import { join } from 'node:path';
import { chromium } from '@playwright/test';
import { CHROMIUM_ARGS } from './chromium.mjs';
import { ensureChromium, ROOT } from './ensure.mjs';

const BASE = process.env.BASE ?? 'http://127.0.0.1:4310';
const [out = join(ROOT, 'docs', 'screenshots'), ...only] = process.argv.slice(2);

const SHOTS = [
  ['bench', '/', 1280],
  ['surface', '/jobs/tractor-bonnet/surface', 1280],
  ['build-up', '/jobs/cargo-bike/build-up', 1280],
  ['materials', '/jobs/cargo-bike/materials', 1280],
  ['shelf', '/shelf', 1280],
  ['shopping', '/shopping', 1280],
  ['window', '/jobs/cargo-bike/window', 1280],
  ['places', '/places', 1280],
  ['spray-day', '/jobs/tractor-bonnet/spray-day', 1280],
  ['log', '/jobs/y-lamp/log', 1280],
  ['logbook', '/logbook', 1280],
  ['bench-night', '/', 1280, 'dark'],
  ['phone-spray-day-night', '/jobs/tractor-bonnet/spray-day', 390, 'dark'],
  ['workshop', '/workshop', 1280],
  ['phone-bench', '/', 390],
  ['phone-build-up', '/jobs/cargo-bike/build-up', 390],
  ['phone-window', '/jobs/tractor-bonnet/window', 390],
  ['phone-spray-day', '/jobs/tractor-bonnet/spray-day', 390],
  [
    'phone-trouble',
    '/jobs/tractor-bonnet/spray-day',
    390,
    'light',
    ['Something is wrong', 'Drips, lumps', 'Run, sag, drip'],
  ],
];
mkdirSync(out, { recursive: true });
const browser = await chromium.launch({ executablePath: ensureChromium(), args: CHROMIUM_ARGS });
for (const [name, path, width, colorScheme = 'light', presses = []] of SHOTS) {
  if (only.length > 0 && !only.includes(name)) continue;
  const page = await browser.newPage({
    viewport: { width, height: width === 390 ? 844 : 800 },
    deviceScaleFactor: 1,
    colorScheme,
  });
  page.on('console', (m) => {
    if (m.type() === 'error') process.stderr.write(`${name}: ${m.text()}\n`);
  });
  page.on('pageerror', (e) => process.stderr.write(`${name}: ${e.message}\n`));
  await page.goto(BASE + path, { waitUntil: 'networkidle' });
  await page.evaluate(() => document.fonts.ready);
  for (const press of presses) await page.getByRole('button', { name: press }).click();
  if (presses.length > 0) await page.waitForTimeout(400);
  await page.screenshot({ path: join(out, `${name}.png`), fullPage: process.env.FULL === '1' });
  const wide = await page.evaluate(
    () => document.documentElement.scrollWidth - document.documentElement.clientWidth,
  );
  if (wide > 0) process.stderr.write(`${name}: ${wide} px wider than the screen\n`);
  await page.close();
}
await browser.close();
