import { chromium } from '@playwright/test';
const b = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox','--disable-gpu'] });
const errors = [];
async function shot(ctx, name, acts) {
  const p = await ctx.newPage();
  p.on('console', (m) => { if (m.type() === 'error') errors.push(`${name}: ${m.text()}`); });
  p.on('pageerror', (e) => errors.push(`${name}: ${e}`));
  await p.goto('http://127.0.0.1:4310/jobs/tractor-bonnet/spray-day');
  await p.getByRole('button', { name: 'Something is wrong' }).waitFor();
  await p.waitForTimeout(600);
  await acts(p, name);
  await p.close();
}
const phone = await b.newContext({ viewport: { width: 390, height: 844 }, hasTouch: true });
const desk = await b.newContext({ viewport: { width: 1280, height: 800 } });
await shot(phone, 'p', async (p, n) => {
  await p.screenshot({ path: '/tmp/t-day.png' });
  await p.getByRole('button', { name: 'Something is wrong' }).click();
  await p.getByText('Or when does it show').waitFor();
  await p.waitForTimeout(400);
  await p.screenshot({ path: '/tmp/t-start.png' });
  await p.getByRole('button', { name: 'Holes, bubbles' }).click();
  await p.waitForTimeout(300);
  await p.screenshot({ path: '/tmp/t-ask.png' });
  await p.getByRole('button', { name: 'Back' }).click();
  await p.getByRole('button', { name: 'Drips, lumps' }).click();
  await p.waitForTimeout(300);
  await p.screenshot({ path: '/tmp/t-pick.png' });
  await p.getByRole('button', { name: 'Run, sag, drip' }).click();
  await p.waitForTimeout(300);
  await p.screenshot({ path: '/tmp/t-runs.png' });
});
await shot(desk, 'd', async (p) => {
  await p.getByRole('button', { name: 'Something is wrong' }).click();
  await p.getByRole('button', { name: 'Rough, dull, milky' }).click();
  await p.waitForTimeout(300);
  await p.screenshot({ path: '/tmp/t-d1.png' });
  await p.getByRole('button', { name: 'Yes' }).click();
  await p.waitForTimeout(300);
  await p.getByRole('button', { name: 'Orange peel' }).click();
  await p.waitForTimeout(300);
  await p.screenshot({ path: '/tmp/t-d2.png' });
});
console.log(errors);
await b.close();
