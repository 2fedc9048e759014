import { chromium } from '@playwright/test';
import { CHROMIUM_ARGS } from './chromium.mjs';
import { ensureChromium } from './ensure.mjs';
const b = await chromium.launch({ executablePath: ensureChromium(), args: CHROMIUM_ARGS });
const [, , out, path, w = '1280', full = '', scheme = 'light', h] = process.argv;
const page = await b.newPage({
  viewport: { width: +w, height: +(h ?? (+w === 390 ? 844 : 800)) },
  colorScheme: scheme,
});
page.on('console', (m) => m.type() === 'error' && console.log(m.text()));
await page.goto('http://127.0.0.1:4340' + path, { waitUntil: 'networkidle' });
await page.evaluate(() => document.fonts.ready);
if (process.env.DO) await eval(`(async()=>{${process.env.DO}})()`);
await page.waitForTimeout(300);
await page.screenshot({ path: out, fullPage: full === 'full' });
await b.close();
