/** Bad input, two tabs, a killed server, and the same figures by every door. */
import { spawnSync } from 'node:child_process';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { serveArgs } from '../scripts/server-process.mjs';
import { DEMO_JOBS } from '../src/demo/jobs';
import type { Plan } from '../src/model/plan';
import { percentOf } from '../src/words/format';
import { appServer, expect, firstPart, saved, test, typeDay } from './server';
import { test as plain } from '@playwright/test';

test('a length of nought is held beside the field while the good one counts', async ({ page, app }) => {
  await page.goto(`${app.url}/jobs/cargo-bike/surface`);
  const part = firstPart(page);
  await part.getByLabel('Length').fill('0');
  await expect(part.getByText('Between 1 and 10000. 620 mm stays until then.')).toBeVisible();
  await page.reload();
  await expect(part.getByLabel('Length')).toHaveValue('620');
});

test('figures are read as people write them, and asked about when they may mean two things', async ({
  page,
  app,
}) => {
  await page.goto(`${app.url}/jobs/cargo-bike/surface`);
  const length = page.getByLabel('Length').first();
  const read = async (typed: string, mm: string): Promise<void> => {
    await length.fill(typed);
    await length.blur();
    await expect(length, typed).toHaveValue(mm);
  };
  await read('1,200', '1200');
  await read('12,5', '12.5');
  await read('1.2 m', '1200');
  await read('3/4 in', '19.05');
  await read('2 ft 3 1/2', '698.5');
  await length.fill('0.62');
  await page.getByRole('button', { name: '0.62 m, so 620 mm' }).click();
  await expect(length).toHaveValue('620');
  await saved(page);
});

test('where a comma begins decimals, “1,200” asks which is meant', async ({ app, browser }) => {
  const context = await browser.newContext({ locale: 'de-DE' });
  const page = await context.newPage();
  await page.goto(`${app.url}/jobs/cargo-bike/surface`);
  const length = page.getByLabel('Length').first();
  await length.fill('1,200');
  await length.blur();
  await expect(page.getByText('1,200: which is meant? 620 mm stays until then.')).toBeVisible();
  await page.getByRole('button', { name: '1200 mm', exact: true }).click();
  await expect(length).toHaveValue('1200');
  await length.fill('620');
  await saved(page);
  await context.close();
});

test('an undo while a field is typed in shows what came back', async ({ page, app }) => {
  await page.goto(`${app.url}/jobs/cargo-bike/surface`);
  const length = page.getByLabel('Length').first();
  await length.fill('700');
  await saved(page);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(length).toHaveValue('620');
});

test('a date of the year 2 on its way to 2026 and half a currency are held', async ({ page, app }) => {
  await page.goto(`${app.url}/jobs/cargo-bike/surface`);
  // A date that is filled in before the page is alive is not seen by it.
  await page.waitForLoadState('networkidle');
  const ready = page.getByRole('group', { name: 'Ready by' });
  const was = await ready.textContent();
  await typeDay(page, 'Ready by', '0002-11-01');
  await expect(page.getByText('A year from 2000 to 2100.')).toBeVisible();
  await page.reload();
  await expect(ready).toHaveText(was!);
  await page.goto(`${app.url}/jobs/cargo-bike/materials`);
  await page.getByText('Prices of kit and shop, tax, currency').click();
  await page.getByLabel('Currency').fill('EU');
  await expect(page.getByText('GBP stays until then')).toBeVisible();
});

test('electro-coat on plastic is refused beside the choice', async ({ page, app }) => {
  await page.goto(`${app.url}/jobs/locker-lids/surface`);
  const part = firstPart(page);
  await part.getByLabel('What lies on it').click();
  await page.getByRole('option', { name: 'electro-coat' }).click();
  await expect(part.getByText(/electro-coat is found on metal only/)).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await saved(page);
});

test('routes refuse what they cannot read, with a sentence and the path', async ({ request, app }) => {
  const job = DEMO_JOBS[1]!.job;
  const put = (data: unknown) => request.put(`${app.url}/api/jobs/stand-mixer`, { data });
  const worse = await put({ version: 1, job: { ...job, parts: [{ ...job.parts[0]!, lengthMm: -4 }] } });
  expect(worse.status()).toBe(422);
  expect(await worse.json()).toMatchObject({
    faults: [{ path: 'parts[0].lengthMm', expected: 'a number above 0 (got -4)' }],
  });
  expect((await put({ version: 1, job: { ...job, hue: 3 } })).status()).toBe(422);
  expect(
    (
      await request.put(`${app.url}/api/jobs/stand-mixer`, {
        headers: { 'content-type': 'application/json' },
        data: Buffer.from('{"version":'),
      })
    ).status(),
  ).toBe(400);
  expect((await put({ job })).status()).toBe(400);
  expect((await put({ version: 1, job: { ...job, name: 'x'.repeat(300_000) } })).status()).toBe(413);
  expect((await request.put(`${app.url}/api/jobs/nowhere`, { data: { version: 1, job } })).status()).toBe(
    404,
  );
  expect(
    (
      await request.post(`${app.url}/api/jobs/stand-mixer/step`, { data: { version: 1, side: 'sideways' } })
    ).status(),
  ).toBe(400);
  expect(
    await (
      await request.post(`${app.url}/api/jobs/toolbox-lid/step`, { data: { version: 1, side: 'undo' } })
    ).json(),
  ).toMatchObject({ error: 'There is nothing to take back.' });
  expect((await request.get(`${app.url}/api/jobs/nowhere`)).status()).toBe(404);
  expect((await request.get(`${app.url}/jobs/nowhere/surface`)).status()).toBe(404);
});

test('two tabs: what each changed elsewhere is merged, the same field is asked about', async ({
  page,
  context,
  app,
}) => {
  const url = `${app.url}/jobs/stand-mixer/surface`;
  const other = await context.newPage();
  await page.goto(url);
  await other.goto(url);
  await page.getByLabel('Name of the job').fill('Mixer, first tab');
  await saved(page);
  await other.getByLabel('Colour name').fill('Harbour blue');
  await saved(other);
  await expect(other.getByLabel('Name of the job')).toHaveValue('Mixer, first tab');
  await page.getByLabel('Name of the job').fill('Mixer, first again');
  await saved(page);
  await other.getByLabel('Name of the job').fill('Mixer, second tab');
  await expect(other.getByText('Another tab changed the name too. Whose shall stay?')).toBeVisible();
  await expect(other.getByLabel('Name of the job')).toHaveValue('Mixer, second tab');
  await other.getByRole('button', { name: 'Take theirs' }).click();
  await expect(other.getByLabel('Name of the job')).toHaveValue('Mixer, first again');
  await other.getByLabel('Name of the job').fill('Stand-mixer shell');
  await saved(other);
  await other.reload();
  await expect(other.getByLabel('Name of the job')).toHaveValue('Stand-mixer shell');
  await expect(other.getByLabel('Colour name')).toHaveValue('Harbour blue');
});

test('undo goes back after a reload, by button and by key, and redo forward again', async ({ page, app }) => {
  await page.goto(`${app.url}/jobs/cargo-bike/build-up`);
  const section = page.getByRole('img', { name: /Cross-section to scale/ }).first();
  const before = await section.getAttribute('aria-label');
  await page
    .getByRole('group', { name: /Coats of Tamsel filler primer/ })
    .getByRole('button', { name: 'One coat more' })
    .click();
  await expect(section).not.toHaveAttribute('aria-label', before!);
  await saved(page);
  await page.reload();
  await expect(section).not.toHaveAttribute('aria-label', before!);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(section).toHaveAttribute('aria-label', before!);
  await page.keyboard.press('Control+Shift+Z');
  await expect(section).not.toHaveAttribute('aria-label', before!);
  await page.keyboard.press('Control+z');
  await expect(section).toHaveAttribute('aria-label', before!);
  await saved(page);
});

test('the screen and the command line say the same chance and the same cost', async ({ page, app }) => {
  const { job } = DEMO_JOBS[2]!;
  const file = join(mkdtempSync(join(tmpdir(), 'pellucid-same-')), 'job.json');
  writeFileSync(file, JSON.stringify(job));
  const r = spawnSync(
    process.execPath,
    ['scripts/run-ts.mjs', 'scripts/plan.ts', file, '--now', '2026-05-16T07:50'],
    { encoding: 'utf8' },
  );
  const plan = JSON.parse(r.stdout) as Plan;
  await page.goto(`${app.url}/jobs/cargo-bike/window`);
  const verdict = page.getByRole('complementary', { name: 'Verdict' });
  await expect(verdict).toContainText(`${percentOf(plan.chance!)} %`);
  await expect(verdict).toContainText(`£${plan.cost.total.toFixed(2)}`);
});

plain(
  'a server killed in the middle of work loses nothing acknowledged, and the page carries on',
  async ({ page }) => {
    plain.setTimeout(270_000);
    const app = await appServer();
    try {
      await page.goto(`${app.url}/jobs/locker-lids/surface`);
      await page.getByLabel('Name of the job').fill('Lids, before the kill');
      await saved(page);
      await app.kill();
      await page.getByLabel('Name of the job').fill('Lids, typed while it was dead');
      await expect(page.getByText(/the server does not answer/)).toBeVisible();
      await app.start();
      await expect(page.getByRole('status').filter({ hasText: /^Saved$/ })).toBeVisible({ timeout: 45_000 });
      await page.reload();
      await expect(page.getByLabel('Name of the job')).toHaveValue('Lids, typed while it was dead');
      // And when the page itself is closed while the server is away.
      await app.kill();
      await page.getByLabel('Name of the job').fill('Lids, closed unsaved');
      await expect(page.getByText(/the server does not answer/)).toBeVisible();
      await page.goto('about:blank');
      await app.start();
      await page.goto(`${app.url}/jobs/locker-lids/surface`);
      await expect(page.getByLabel('Name of the job')).toHaveValue('Lids, closed unsaved');
      await expect(page.getByRole('status').filter({ hasText: /^Saved$/ })).toBeVisible({ timeout: 45_000 });
    } finally {
      await app.stop();
    }
  },
);

plain(
  'killed four times in the middle of saving, it never forgets an edit it had acknowledged',
  async ({ request }) => {
    plain.setTimeout(360_000);
    const app = await appServer();
    try {
      const read = async (): Promise<{ version: number; job: { name: string } }> =>
        (await (await request.get(`${app.url}/api/jobs/stand-mixer`)).json()) as {
          version: number;
          job: { name: string };
        };
      const { job } = await read();
      let acknowledged = '';
      let saves = 0;
      for (let round = 0; round < 4; round++) {
        let { version } = await read();
        let killed = false;
        let death: Promise<void> = Promise.resolve();
        for (let i = 0; !killed && i < 400; i++) {
          const name = `round ${round}, save ${i}`;
          const r = await request
            .put(`${app.url}/api/jobs/stand-mixer`, { data: { version, job: { ...job, name } } })
            .catch(() => null);
          if (r?.status() !== 200) break;
          acknowledged = name;
          saves++;
          ({ version } = (await r.json()) as { version: number });
          // The clock of the kill starts with the first save acknowledged: a cold server may take its time
          // for that one.
          if (i === 0)
            death = new Promise<void>((done) =>
              setTimeout(
                () => {
                  void app.kill().then(() => {
                    killed = true;
                    done();
                  });
                },
                250 + 130 * round,
              ),
            );
        }
        await death;
        await app.start();
        const now = (await read()).job.name;
        const at = (n: string): number => Number(/save (\d+)/.exec(n)![1]);
        expect(now.startsWith(`round ${round}`)).toBe(true);
        expect(at(now)).toBeGreaterThanOrEqual(at(acknowledged));
      }
      expect(saves).toBeGreaterThan(8);
    } finally {
      await app.stop();
    }
  },
);

/** Seven mild, dry days as a station's program writes them. */
const WEEK_CSV = Buffer.from(
  `Date,Temp (°F),Humidity (%),Wind Speed (mph)\n${Array.from({ length: 168 }, (_, i) => {
    const at = new Date(Date.parse('2026-05-16T00:00Z') + i * 3_600_000).toISOString();
    return `${at},${(64 + 6 * Math.cos(((i - 14) * Math.PI) / 12)).toFixed(1)},55,3`;
  }).join('\n')}\n`,
);

plain(
  'from nothing at all: an empty workshop teaches, and twelve inputs lead to a run sheet',
  async ({ page }) => {
    plain.setTimeout(270_000);
    const app = await appServer({ PELLUCID_DEMO: '0' });
    try {
      let inputs = 0;
      const did = async (act: () => Promise<unknown>): Promise<void> => {
        inputs++;
        await act();
      };
      await page.goto(app.url);
      await expect(page.getByText('Nothing on the bench yet')).toBeVisible();
      await expect(page.getByText(/A job is one thing to repaint/)).toBeVisible();
      await did(() => page.locator('section').getByRole('button', { name: 'New job' }).click());
      await expect(page).toHaveURL(/\/surface$/);
      await did(() => page.getByLabel('Name of the job').fill('Letter box'));
      const part = firstPart(page);
      await did(() => part.getByLabel('Length').fill('380'));
      await did(() => part.getByLabel('Width').fill('260'));
      await saved(page);
      await did(() => page.getByRole('link', { name: 'On to the build-up' }).click());
      await did(() => page.getByRole('link', { name: 'On to the materials' }).click());
      await did(() => page.getByRole('link', { name: 'On to the window' }).click());
      // No weather is invented here: a file from a station or a service brings it.
      await expect(page.getByText(/There is no forecast for this place/).first()).toBeVisible();
      const chosen = page.waitForEvent('filechooser');
      await did(() => page.getByRole('button', { name: 'Bring a file in' }).click());
      await did(async () =>
        (await chosen).setFiles({ name: 'week.csv', mimeType: 'text/csv', buffer: WEEK_CSV }),
      );
      await did(() => page.getByRole('button', { name: /plan with it/ }).click());
      await expect(page.getByText(/futures/).first()).toBeVisible();
      await did(() => page.getByRole('link', { name: 'On to the spray day' }).click());
      await expect(page.getByRole('region', { name: /Run sheet/ }).first()).toContainText('coat 1 of');
      expect(inputs).toBeLessThanOrEqual(12);
      await page.goto(`${app.url}/nowhere`);
      await expect(page.getByRole('heading', { level: 1 })).toHaveText('This is not here');
      await page.getByRole('link', { name: 'Back to the bench' }).click();
      await expect(page.getByRole('heading', { name: 'Letter box' })).toBeVisible();
    } finally {
      await app.stop();
    }
  },
);

test('a second server on the same folder is refused in a sentence; after a kill the next one starts', async ({
  app,
}) => {
  const second = spawnSync(process.execPath, serveArgs('127.0.0.1', 0), {
    encoding: 'utf8',
    timeout: 60_000,
    env: { ...process.env, NODE_ENV: 'production', PELLUCID_DATA: app.folder, PELLUCID_DEMO: '1' },
  });
  expect(second.status).toBe(1);
  expect(second.stderr).toContain(`Another Pellucid is at work on ${app.folder}`);
  await app.kill();
  await app.start();
  expect((await fetch(app.url)).status).toBe(200);
});

test('half a time zone stands beside its field; the page and the job go on, also after a reload', async ({
  page,
  app,
}) => {
  await page.goto(`${app.url}/jobs/cargo-bike/surface`);
  await page.getByRole('button', { name: 'Describe it for this job alone' }).click();
  await saved(page);
  const zone = page.getByLabel('Time zone');
  await zone.fill('Europe/Ber');
  await expect(page.getByText('Europe/London stays until then')).toBeVisible();
  await page.waitForTimeout(700);
  await page.reload();
  await expect(zone).toHaveValue('Europe/London');
  await zone.fill('Europe/Berlin');
  await saved(page);
  await page.reload();
  await expect(zone).toHaveValue('Europe/Berlin');
  await zone.fill('Europe/London');
  await saved(page);
});
