/** Weather as people have it: nothing invented in a workshop of one's own; typed in, brought in, taken out, put back. */
import AxeBuilder from '@axe-core/playwright';
import { readFileSync } from 'node:fs';
import { test as plain, expect, type Page } from '@playwright/test';
import { appServer, type AppServer } from './server';

const JOB = JSON.parse(readFileSync('examples/tractor-bonnet/job.json', 'utf8')) as object;

async function ownJob(page: Page, app: AppServer): Promise<string> {
  const r = await page.request.post(`${app.url}/api/jobs`, { data: JOB, headers: { origin: app.url } });
  const { id } = (await r.json()) as { id: string };
  return `${app.url}/jobs/${id}`;
}
const form = (page: Page) => page.getByRole('form', { name: 'Forecast, typed in' });

plain(
  'a week is typed in: refused at its field, planned with, corrected, taken out and put back',
  async ({ page }) => {
    plain.setTimeout(240_000);
    const app = await appServer({ PELLUCID_DEMO: '0' });
    const errors: string[] = [];
    page.on('pageerror', (e) => errors.push(e.message));
    try {
      const job = await ownJob(page, app);
      await page.goto(`${job}/window`, { waitUntil: 'networkidle' });
      await expect(page.getByText(/There is no forecast for this place/).first()).toBeVisible();
      // The rest of the job goes on without it.
      await page.goto(`${job}/materials`, { waitUntil: 'networkidle' });
      await expect(page.getByText(/Still to buy/).first()).toBeVisible();
      await page.goto(`${job}/window`, { waitUntil: 'networkidle' });
      await page.getByRole('button', { name: 'Type in a forecast' }).click();
      const f = form(page);
      await f.getByLabel('Low', { exact: true }).first().fill('7');
      await f.getByLabel('High', { exact: true }).first().fill('19');
      await f.getByLabel('Wind', { exact: true }).first().fill('9');
      await page.getByRole('button', { name: 'Fill blanks from above' }).click();
      await expect(f.getByLabel('High', { exact: true }).nth(6)).toHaveValue('19');
      await f.getByLabel('High', { exact: true }).nth(2).fill('3');
      await page.getByRole('button', { name: 'Plan with it' }).click();
      await expect(f.getByText(/at most the high, 3 °C \(got 7 °C\)/)).toBeVisible();
      // Nothing typed is lost.
      await expect(f.getByLabel('Low', { exact: true }).nth(6)).toHaveValue('7');
      await f.getByLabel('High', { exact: true }).nth(2).fill('21');
      await page.getByRole('button', { name: 'Plan with it' }).click();
      await expect(page.getByText(/of 50 futures/).first()).toBeVisible();
      await page.reload();
      await expect(page.getByText(/of 50 futures/).first()).toBeVisible();
      // Corrected: the same fields, as they were typed.
      await page.locator('#forecast-line').click();
      await expect(page.getByText(/Typed in Sat 16 May/)).toBeVisible();
      await page.getByRole('button', { name: /Correct it/ }).click();
      await expect(f.getByLabel('High', { exact: true }).nth(2)).toHaveValue('21');
      await page.getByRole('button', { name: 'Cancel' }).click();
      await page.getByRole('button', { name: 'Take it out' }).click();
      await expect(page.getByText(/There is no forecast for this place/).first()).toBeVisible();
      await page.getByRole('button', { name: 'Put it back' }).click();
      await expect(page.getByText(/of 50 futures/).first()).toBeVisible();
      expect(errors).toEqual([]);
    } finally {
      await app.stop();
    }
  },
);

const HOURS = (cell: (i: number) => string): string =>
  `Date,Temp,Humidity (%),Wind Speed (mph)\n${Array.from({ length: 150 }, (_, i) => {
    const at = new Date(Date.parse('2026-05-16T00:00Z') + i * 3_600_000).toISOString();
    return `${at},${66 + (i % 12)},${cell(i)},5`;
  })
    .filter((_l, i) => i !== 20)
    .join('\n')}`;

plain(
  'a file is asked about, a bad cell is named by line and column, an hour that is missing is bridged and said',
  async ({ page }) => {
    plain.setTimeout(240_000);
    const app = await appServer({ PELLUCID_DEMO: '0' });
    try {
      const job = await ownJob(page, app);
      await page.setViewportSize({ width: 390, height: 844 });
      await page.goto(`${job}/window`, { waitUntil: 'networkidle' });
      const bring = async (name: string, text: string): Promise<void> => {
        const chosen = page.waitForEvent('filechooser');
        await page.getByRole('button', { name: 'Bring a file in' }).click();
        await (await chosen).setFiles({ name, mimeType: 'text/csv', buffer: Buffer.from(text) });
        const columns = page.getByRole('region', { name: 'Columns of the file' });
        await expect(columns).toContainText(name);
        await page.getByRole('button', { name: /So it is/ }).click();
      };
      await bring(
        'bad.csv',
        HOURS((i) => (i === 4 ? '155' : '55')),
      );
      await expect(
        page.getByText(/line 6, column “Humidity \(%\)”: expected a humidity from 0 to 100 %/),
      ).toBeVisible();
      const axe = await new AxeBuilder({ page })
        .withTags(['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa'])
        .analyze();
      expect(axe.violations.map((v) => v.id)).toEqual([]);
      await bring(
        'week.csv',
        HOURS(() => '55'),
      );
      await expect(page.getByText(/of 50 futures/).first()).toBeAttached();
      await page.locator('#forecast-line').click();
      await expect(page.getByText(/From week\.csv, brought in/)).toContainText(
        '1 h that were missing are bridged',
      );
      const wide = await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
      expect(wide).toBeLessThanOrEqual(0);
    } finally {
      await app.stop();
    }
  },
);

plain('the demo says that its weather is invented', async ({ page }) => {
  plain.setTimeout(120_000);
  const app = await appServer();
  try {
    await page.goto(`${app.url}/jobs/tractor-bonnet/window`, { waitUntil: 'networkidle' });
    await expect(page.locator('#forecast-line')).toContainText('invented, for the demo');
  } finally {
    await app.stop();
  }
});
