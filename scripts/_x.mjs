import { chromium } from '@playwright/test';
const b = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox'] });
const p = await b.newPage({ viewport: { width: 1280, height: 800 } });
p.on('console', (m) => m.type() === 'error' && console.log('ERR', m.text().slice(0, 200)));
await p.goto('http://localhost:4310/jobs/y-lamp/log');
await p.waitForTimeout(2500);
const open = await p.getByRole('button', { name: 'Open all sections' }).all();
for (const o of open) await o.click();
await p.waitForTimeout(2500);
await p.getByRole('region', { name: 'Cure' }).first().screenshot({ path: '/tmp/cure.png' }).catch((e) => console.log(e.message));
await p.getByRole('region', { name: 'Actual times' }).screenshot({ path: '/tmp/times.png' }).catch((e) => console.log(e.message));
await p.goto('http://localhost:4310/logbook');
await p.waitForTimeout(1500);
const t = p.getByRole('checkbox', { name: 'compare' });
console.log(await t.count());
if (await t.count()) { await t.nth(0).click(); await t.nth(3).click(); }
else { const u = p.getByText('compare', { exact: true }); await u.nth(0).click(); await u.nth(3).click(); }
await p.getByRole('button', { name: 'Compare two' }).click();
await p.waitForTimeout(2500);
await p.screenshot({ path: '/tmp/compare.png' });
await b.close();
