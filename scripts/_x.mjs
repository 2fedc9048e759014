import { chromium } from '@playwright/test';
const b = await chromium.launch({ executablePath: '/usr/bin/chromium' });
const p = await b.newPage({ viewport: { width: 390, height: 844 } });
p.on('console', (m) => m.type() === 'error' && console.log('ERR', m.text()));
p.on('pageerror', (e) => console.log('PAGEERR', e.message));
await p.goto('http://localhost:4310/jobs/tractor-bonnet/spray-day');
await p.waitForTimeout(1500);
for (let i = 0; i < 8; i++) {
  const next = p.getByRole('region', { name: 'Now' }).locator('button.big').last();
  const label = await next.textContent();
  console.log(i, label);
  if (/Coat is on/.test(label)) break;
  await next.click();
  await p.waitForTimeout(700);
}
await p.screenshot({ path: '/tmp/b1.png', fullPage: true });
const coat = p.getByRole('region', { name: 'Now' }).locator('button.big').last();
await coat.click(); await p.waitForTimeout(300); console.log(await coat.textContent()); await coat.click();
await p.waitForTimeout(1800);
await p.screenshot({ path: '/tmp/b2.png', fullPage: true });
await p.getByRole('button', { name: 'It still strings' }).click();
await p.waitForTimeout(1500);
console.log((await p.getByRole('region', { name: 'Now', exact: true }).last().innerText()));
await b.close();
