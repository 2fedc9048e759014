/** Jobs planned together on the bench; a plan that moved says so, and may be taken or held. */
import { expect, test } from './server';

test('the bench is planned together, an order of one’s own is kept, and each goes back to itself', async ({
  watched: page,
  app,
}) => {
  await page.goto(app.url);
  const panel = page.getByRole('region', { name: 'One pair of hands' });
  await expect(panel).toContainText('is wanted by');
  await panel.getByRole('button', { name: 'Plan them together' }).click();
  await expect(panel.getByRole('button', { name: 'Each for itself' })).toBeVisible({ timeout: 60_000 });
  await expect(panel).not.toContainText('is wanted by');
  const names = panel.getByRole('listitem').locator('span > b');
  await expect(names).toHaveCount(4);
  await expect(panel).toContainText('gives way to');
  const before = await names.allInnerTexts();
  await panel.getByRole('button', { name: `${before[1]} before` }).click();
  await expect(names.first()).toHaveText(before[1]!, { timeout: 30_000 });
  await page.reload();
  await expect(names.first()).toHaveText(before[1]!, { timeout: 30_000 });
  await panel.getByRole('button', { name: 'Each for itself' }).click();
  await expect(panel).toContainText('is wanted by', { timeout: 30_000 });
});

test('a plan that others moved says from what to what and why; the new one is taken and stays', async ({
  watched: page,
  app,
}) => {
  await page.goto(`${app.url}/jobs/cargo-bike/window`);
  await expect(page.getByRole('region', { name: 'The weeks' })).toBeVisible();
  const card = page.getByRole('region', { name: 'What has changed' });
  await expect(card).toHaveCount(0);
  await page.waitForTimeout(1500);
  const order = { ids: ['tractor-bonnet', 'stand-mixer', 'cargo-bike'] };
  expect((await page.request.put(`${app.url}/api/bench/turns`, { data: order })).ok()).toBe(true);
  await page.reload();
  await expect(card).toContainText('instead of');
  await expect(card).toContainText('The jobs before it in turn take other hours.');
  await expect(page.getByText('your hands are on other jobs')).toBeVisible();
  await card.getByRole('button', { name: 'Go on with this plan' }).click();
  await expect(card).toHaveCount(0);
  await page.waitForTimeout(800);
  await page.reload();
  await expect(page.getByRole('region', { name: 'The weeks' })).toBeVisible();
  await expect(card).toHaveCount(0);
  expect((await page.request.put(`${app.url}/api/bench/turns`, { data: { ids: [] } })).ok()).toBe(true);
});

test('bad orders are refused with a sentence', async ({ watched: page, app }) => {
  await page.goto(app.url);
  const put = (data: object) => page.request.put(`${app.url}/api/bench/turns`, { data });
  expect((await put({ ids: 'all' })).status()).toBe(400);
  expect((await put({ ids: Array.from({ length: 40 }, (_, i) => `j${i}`) })).status()).toBe(400);
  const gone = await put({ ids: ['no-such-job'] });
  expect(gone.status()).toBe(409);
  expect(await gone.text()).toContain('not on the bench any more');
});

test('the ribbon is leafed and zoomed by buttons and keys, to the end of what is told', async ({
  watched: page,
  app,
}) => {
  await page.goto(`${app.url}/jobs/cargo-bike/window`);
  const weeks = page.getByRole('region', { name: 'The weeks' });
  const days = weeks.locator('svg').first().locator('text');
  await expect(weeks).toBeVisible();
  await weeks.getByRole('button', { name: 'Wider' }).click();
  await weeks.getByRole('button', { name: 'Wider' }).click();
  await expect(weeks.getByRole('button', { name: 'Wider' })).toBeDisabled();
  await expect(days.filter({ hasText: 'Mon 25' })).toHaveCount(1);
  await weeks.focus();
  await page.keyboard.press('Home');
  await page.keyboard.press('+');
  await expect(weeks.getByRole('button', { name: 'Closer' })).toBeDisabled();
  await page.keyboard.press('PageDown');
  await expect(weeks.getByRole('button', { name: 'Earlier days' })).toBeEnabled();
});
