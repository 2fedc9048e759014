/** What is measured and kept at the part: coats on the scale, a begin, a photograph of a step; and something bought. */
import { join } from 'node:path';
import type { Page } from '@playwright/test';
import { pastEdge } from './looks';
import { expect, test } from './server';

const DAY = '/jobs/tractor-bonnet/spray-day';
const PICTURE = join('docs', 'screenshots', 'bench.png');

interface Told {
  readonly job: {
    readonly state?: {
      readonly started?: { taskId: string };
      readonly weights?: { coat: number; beforeG?: number; afterG?: number }[];
      readonly coats: { layerId: string; coat: number }[];
    };
    readonly system?: { layers: { productId: string }[] };
  };
  readonly plan: { readonly mends: unknown[]; readonly kind: string };
}
const told = async (page: Page, url: string, id: string): Promise<Told> =>
  (await (await page.request.get(`${url}/api/jobs/${id}`)).json()) as Told;

test('a coat is weighed before and after; what cannot be is said beside the field, and a reload keeps it', async ({
  watched: page,
  app,
}) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto(app.url + DAY);
  const row = page.getByRole('listitem').filter({ hasText: 'reckoned to lose' });
  await expect(row).toHaveCount(1);
  await row.getByLabel('Before').fill('400');
  await row.getByLabel('Before').press('Enter');
  await expect(row).toContainText('after it');
  await row.getByLabel('After').fill('450');
  await expect(row).toContainText('At most 400 g');
  await row.getByLabel('After').fill('300');
  const weighed = page.getByRole('listitem').filter({ hasText: 'times as reckoned' });
  // 100 g out of a can of 0.78 g a millilitre.
  await expect(weighed).toContainText('128 ml went out');
  await expect
    .poll(async () => (await told(page, app.url, 'tractor-bonnet')).job.state?.weights)
    .toMatchObject([{ beforeG: 400, afterG: 300 }]);
  await page.reload();
  await expect(weighed).toContainText('128 ml went out');
  await weighed.getByRole('button', { name: /^Forget the weights/ }).click();
  await expect(row).toHaveCount(1);
});

test('a step that is begun counts, survives a reload, and can be taken back', async ({
  watched: page,
  app,
}) => {
  await page.goto(app.url + DAY);
  const now = page.getByRole('region', { name: 'Now', exact: true });
  await now.getByRole('button', { name: 'I begin now' }).click();
  await expect(now.getByText(/^Begun: /)).toBeVisible();
  await expect
    .poll(async () => (await told(page, app.url, 'tractor-bonnet')).job.state?.started?.taskId ?? '')
    .not.toBe('');
  await page.reload();
  await expect(now.getByText(/^Begun: .* of about \d+ min\.$/)).toBeVisible();
  await now.getByRole('button', { name: 'Not begun' }).click();
  await expect(now.getByRole('button', { name: 'I begin now' })).toBeVisible();
});

test('a photograph belongs to its step, here and on Log', async ({ watched: page, app }) => {
  await page.goto(app.url + DAY);
  const mine = page.getByRole('region', { name: 'Photographs of the steps' });
  await mine.locator('input[type=file]').setInputFiles(PICTURE);
  const step = (await mine.getByLabel('At this step').textContent()) ?? '';
  expect(step).not.toBe('');
  await expect(mine.getByRole('img')).toHaveCount(1);
  await expect(mine).toContainText(step);
  await page.goto(`${app.url}/jobs/tractor-bonnet/log`);
  await expect(page.getByRole('region', { name: 'Photographs of the steps' }).getByRole('img')).toHaveCount(
    1,
  );
});

test('something bought shows a run: found, taken into a plan of its own', async ({ watched: page, app }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto(app.url);
  await page.getByRole('button', { name: 'Mend something bought' }).click();
  const ask = page.getByRole('dialog', { name: 'Mend something that was bought' });
  await ask.getByRole('button', { name: 'Find the fault' }).click();
  await expect(ask).toContainText('Give it a name first');
  await ask.getByLabel('What it is').fill('Far lid');
  await ask.getByRole('button', { name: 'Find the fault' }).click();
  await page.waitForURL(/\/spray-day/);
  const box = page.getByRole('dialog', { name: 'Something is wrong' });
  await box.getByRole('button', { name: 'Drips, lumps' }).click();
  await box.getByRole('button', { name: 'Run, sag, drip' }).click();
  await expect(box).toContainText('No hurry');
  await box.getByRole('button', { name: 'Into the plan' }).first().click();
  await box.getByRole('button', { name: 'Take it into the plan' }).last().click();
  const id = /jobs\/([^/]+)/.exec(page.url())![1]!;
  await expect.poll(async () => (await told(page, app.url, id)).plan.mends.length).toBe(1);
  await expect(page.getByRole('region', { name: /Visit, Mending: run/ }).first()).toBeVisible();
  // Everything was on already.
  const { job, plan } = await told(page, app.url, id);
  expect([job.state!.coats.length, plan.kind]).toEqual([5, 'planned']);
});

test('text twice as large: nothing of the day leaves a narrow page', async ({ watched: page, app }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto(app.url + DAY);
  await expect(page.getByRole('listitem').filter({ hasText: 'reckoned to lose' }).first()).toBeVisible();
  await page.addStyleTag({ content: 'html { font-size: 200% !important; }' });
  await expect.poll(() => pastEdge(page)).toBe(0);
});
