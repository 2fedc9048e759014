/** The log, copies of the workshop, single jobs in and out, theme and units, and the door. */
import { readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { expect, saved, test } from './server';

test('a job is closed with what was used, how it came out and a note, stands apart, and can be opened again', async ({
  watched: page,
  app,
}) => {
  await page.goto(`${app.url}/jobs/stand-mixer/log`);
  const used = page.getByRole('region', { name: 'Material used' });
  const base = used.getByRole('listitem').filter({ hasText: 'Orrin metallic base' });
  await base.getByLabel('Cans emptied').fill('0.5');
  await expect(base).toContainText('200 ml');
  await expect(base).toContainText(/\d+ % of the plan/);
  const clear = used.getByRole('listitem').filter({ hasText: 'Halden 2K clear' });
  await clear.getByRole('button', { name: 'by weight' }).click();
  await clear.getByLabel('Before').fill('410');
  await clear.getByLabel('After').fill('254');
  await expect(clear).toContainText('200 ml');
  await page
    .getByRole('radiogroup', { name: 'Orrin metallic base, how it came out' })
    .getByRole('radio', { name: 'good', exact: true })
    .check();
  await page.getByLabel('What you would do otherwise next time').fill('One more drop coat.');
  await saved(page);
  await page.getByRole('button', { name: 'Close the job' }).click();
  await expect(page.getByText(/Closed Sat 16 May, 07:5\d/)).toBeVisible();
  await saved(page);
  await page.goto(app.url);
  await expect(page.getByRole('region', { name: 'Finished jobs' })).toContainText('Stand-mixer shell');
  await page.getByRole('link', { name: /Stand-mixer shell/ }).click();
  await expect(page).toHaveURL(/\/log$/);
  await expect(page.getByLabel('What you would do otherwise next time')).toHaveValue('One more drop coat.');
  await page.getByRole('button', { name: 'Open it again' }).click();
  await saved(page);
  await page.goto(app.url);
  await expect(page.getByRole('link', { name: /Stand-mixer shell, open/ })).toBeVisible();
});

test('a weight after that is above the one before is refused beside the field', async ({ page, app }) => {
  await page.goto(`${app.url}/jobs/locker-lids/log`);
  const row = page
    .getByRole('region', { name: 'Material used' })
    .getByRole('listitem')
    .filter({ hasText: 'Orrin base' });
  await row.getByRole('button', { name: 'by weight' }).click();
  await row.getByLabel('Before').fill('100');
  await row.getByLabel('After').fill('300');
  await expect(row.getByText('At most 100 g.')).toBeVisible();
  await row.getByLabel('After').fill('50');
  await saved(page);
});

test('the actual time of a tick is mended in the log and moves the plan', async ({ watched: page, app }) => {
  await page.goto(`${app.url}/jobs/tractor-bonnet/log`);
  const times = page.getByRole('region', { name: 'Actual times' });
  const field = times.getByLabel('Time: Tamsel filler primer, coat 3 of 3');
  await expect(field).toHaveValue('18:52');
  await field.fill('1915');
  await field.blur();
  await saved(page);
  await page.reload();
  await expect(times.getByLabel('Time: Tamsel filler primer, coat 3 of 3')).toHaveValue('19:15');
  await times.getByLabel('Time: Tamsel filler primer, coat 3 of 3').fill('late');
  await times.getByLabel('Time: Tamsel filler primer, coat 3 of 3').blur();
  await expect(times.getByText('Like 17:30.')).toBeVisible();
});

test('the whole workshop goes out as a bundle and as a database, and comes back into an empty one', async ({
  watched: page,
  app,
  request,
}) => {
  await page.goto(`${app.url}/workshop`);
  const copies = page.getByRole('region', { name: 'Copies' });
  const [bundle] = await Promise.all([
    page.waitForEvent('download'),
    copies.getByRole('link', { name: /bundle/ }).click(),
  ]);
  const [copy] = await Promise.all([
    page.waitForEvent('download'),
    copies.getByRole('link', { name: /database/ }).click(),
  ]);
  const files = {
    json: join(tmpdir(), `w-${Date.now()}.json`),
    sqlite: join(tmpdir(), `w-${Date.now()}.sqlite`),
  };
  await bundle.saveAs(files.json);
  await copy.saveAs(files.sqlite);
  const saidIn = JSON.parse(readFileSync(files.json, 'utf8')) as {
    jobs: { id: string; job: { name: string } }[];
  };
  expect(saidIn.jobs.length).toBeGreaterThanOrEqual(5);
  expect(readFileSync(files.sqlite).subarray(0, 15).toString()).toBe('SQLite format 3');
  const chooser = copies.locator('input[type=file]');
  await chooser.setInputFiles(files.json);
  await page.getByRole('button', { name: 'Add it' }).click();
  await expect(page.getByText(`Brought in: 0. Here already, the same: ${saidIn.jobs.length}.`)).toBeVisible();
  for (const file of [files.sqlite, files.json]) {
    await chooser.setInputFiles(file);
    await page.getByRole('button', { name: 'Replace' }).click();
    await expect(
      page.getByText(new RegExp(`Brought in: ${saidIn.jobs.length}\\..*Taken off the bench`)),
    ).toBeVisible();
  }
  await page.goto(app.url);
  for (const name of ['Cargo-bike box panels', 'Caravan locker lids'])
    await expect(page.getByRole('heading', { name })).toHaveCount(1);
  const odd = join(tmpdir(), `odd-${Date.now()}.json`);
  await page.goto(`${app.url}/workshop`);
  for (const [text, words] of [
    ['{"kind":"pellucid-workshop","format":9,"savedAt":"","jobs":[]}', 'saved by a newer Pellucid'],
    ['not json', 'neither a JSON bundle nor an SQLite copy'],
    [
      JSON.stringify({
        kind: 'pellucid-workshop',
        format: 1,
        savedAt: '',
        jobs: [{ id: 'a', createdMs: 1, removed: false, job: { name: '' } }],
      }),
      'jobs[0].job.name',
    ],
    ['SQLite format 3\0 and then nothing', 'not saved by Pellucid'],
  ] as const) {
    writeFileSync(odd, text);
    const r = await request.post(`${app.url}/api/workshop/restore?how=add`, {
      headers: { 'content-type': 'application/octet-stream' },
      data: readFileSync(odd),
    });
    expect(r.status()).toBe(422);
    expect(JSON.stringify(await r.json())).toContain(words);
  }
  expect((await request.post(`${app.url}/api/workshop/restore?how=burn`, { data: 'x' })).status()).toBe(400);
  // A large copy arrives whole: what stands at its end is read.
  const large = Buffer.concat([Buffer.alloc(20 * 1024 * 1024, ' '), readFileSync(files.json)]);
  expect(
    (
      await request.post(`${app.url}/api/workshop/restore?how=add`, {
        headers: { 'content-type': 'application/octet-stream' },
        data: large,
      })
    ).status(),
  ).toBe(200);
  expect(
    (
      await request.post(`${app.url}/api/workshop/restore?how=add`, {
        headers: { 'content-type': 'application/octet-stream' },
        data: Buffer.alloc(65 * 1024 * 1024),
      })
    ).status(),
  ).toBe(413);
});

test('one job goes out as a file the command line reads, and comes in again; a broken one says what is wrong', async ({
  watched: page,
  app,
  request,
}) => {
  interface Bundle {
    readonly jobs: readonly { id: string; removed: boolean; job: { name: string } }[];
  }
  const bundle = (await (await request.get(`${app.url}/api/workshop/bundle`)).json()) as Bundle;
  const { id } = bundle.jobs.find((j) => !j.removed && j.job.name === 'Cargo-bike box panels')!;
  const text = await (await request.get(`${app.url}/api/jobs/${id}/file`)).text();
  const file = join(tmpdir(), `job-${Date.now()}.json`);
  writeFileSync(file, JSON.stringify({ ...(JSON.parse(text) as object), name: 'Brought in' }));
  await page.goto(`${app.url}/workshop`);
  const single = page.getByRole('region', { name: 'Single jobs' });
  await single.locator('input[type=file]').setInputFiles(file);
  await expect(page.getByText(/is on the bench/)).toBeVisible();
  await expect(single.getByText('Brought in')).toBeVisible();
  const broken = await request.post(`${app.url}/api/jobs`, { data: { name: 'x', colour: 'red' } });
  expect(broken.status()).toBe(422);
  expect(JSON.stringify(await broken.json())).toContain('no such field');
});

test('theme: follows the device without a flash, is switched, and stays switched', async ({
  watched: page,
  app,
}) => {
  const ground = () => page.evaluate(() => getComputedStyle(document.body).backgroundColor);
  await page.emulateMedia({ colorScheme: 'dark' });
  await page.goto(app.url, { waitUntil: 'commit' });
  // The scheme is set before the first paint: the attribute is there as soon as there is a body.
  await page.waitForFunction(() => document.body !== null);
  await page.waitForFunction(() => document.documentElement.getAttribute('data-theme') === 'dark');
  await page.waitForLoadState('networkidle');
  expect(await ground()).toBe('rgb(20, 26, 25)');
  await page.getByRole('group', { name: 'Theme' }).getByRole('button', { name: 'day' }).click();
  expect(await ground()).toBe('rgb(238, 240, 236)');
  await page.reload();
  expect(await ground()).toBe('rgb(238, 240, 236)');
  await page.getByRole('group', { name: 'Theme' }).getByRole('button', { name: 'auto' }).click();
  expect(await ground()).toBe('rgb(20, 26, 25)');
});

test('the door: foreign names, foreign pages and other origins are refused; the policy names no one else', async ({
  request,
  app,
}) => {
  const foreign = await request.get(app.url, { headers: { host: 'workshop.example' } });
  expect(foreign.status()).toBe(403);
  expect(
    (await request.post(`${app.url}/api/jobs`, { headers: { origin: 'http://workshop.example' } })).status(),
  ).toBe(403);
  expect((await request.post(`${app.url}/api/jobs`, { headers: { origin: 'null' } })).status()).toBe(403);
  expect(
    (
      await request.delete(`${app.url}/api/jobs/cargo-bike`, { headers: { 'sec-fetch-site': 'cross-site' } })
    ).status(),
  ).toBe(403);
  const headers = (await request.get(app.url)).headers();
  const policy = headers['content-security-policy']!;
  expect(policy).toContain("default-src 'none'");
  expect(policy).not.toMatch(/https?:|\*|unsafe-eval/);
  expect(policy.match(/script-src [^;]+/)![0]).not.toContain('unsafe-inline');
  expect([headers['x-content-type-options'], headers['x-frame-options'], headers['referrer-policy']]).toEqual(
    ['nosniff', 'DENY', 'no-referrer'],
  );
});
