import { chromium } from '@playwright/test';
import { CHROMIUM_ARGS } from './chromium.mjs';
import { ensureChromium } from './ensure.mjs';
const [out, path, width = '1280', height = '800', section = ''] = process.argv.slice(2);
const browser = await chromium.launch({ executablePath: ensureChromium(), args: CHROMIUM_ARGS });
const page = await browser.newPage({
  viewport: { width: Number(width), height: Number(height) },
  colorScheme: process.env.DARK ? 'dark' : 'light',
});
const errs = [];
page.on('console', (m) => m.type() === 'error' && errs.push(m.text()));
page.on('pageerror', (e) => errs.push(String(e)));
await page.goto((process.env.BASE ?? 'http://127.0.0.1:4310') + path, { waitUntil: 'networkidle' });
if (section) {
  const b = page
    .getByRole('link', { name: section })
    .or(page.getByRole('button', { name: section }))
    .first();
  await b.click();
  await page.waitForTimeout(900);
}
await page.waitForTimeout(500);
await page.screenshot({ path: out, fullPage: !!process.env.FULL });
console.log(errs.length ? errs : 'no console errors');
await browser.close();
