/** The log, copies of the workshop, single jobs in and out, theme and units, and the door. */
import { connect } from 'node:net';
import { readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { choose, expect, saved, test } from './server';

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

test('the whole workshop goes out as text and as a database, photographs in both, and comes back', async ({
  watched: page,
  app,
  request,
}) => {
  await page.goto(`${app.url}/workshop`);
  const copies = page.getByRole('region', { name: 'Copies' });
  const saved = async (name: RegExp): Promise<string> => {
    const [download] = await Promise.all([
      page.waitForEvent('download'),
      copies.getByRole('link', { name }).click(),
    ]);
    const file = join(tmpdir(), `${Date.now()}-${download.suggestedFilename()}`);
    await download.saveAs(file);
    return file;
  };
  const text = await saved(/as text/);
  const database = await saved(/as a database/);
  for (const file of [text, database]) expect(readFileSync(file).subarray(0, 2).toString()).toBe('PK');
  const chooser = copies.locator('input[type=file]');
  await chooser.setInputFiles(text);
  const question = page.getByRole('dialog');
  await expect(question).toContainText(/This copy saved Sat 16 May 2026 holds \d+ jobs/);
  await expect(question).toContainText(/Replace: \d+ jobs.* make way for it/);
  await page.getByRole('button', { name: 'Cancel' }).click();
  await expect(question).toHaveCount(0);
  await chooser.setInputFiles(text);
  await page.getByRole('button', { name: 'Add it' }).click();
  await expect(
    page.getByText(/Brought in: 0 jobs, 0 photographs, 0 packs\. Here already, the same: \d+\./),
  ).toBeVisible();
  await request.delete(`${app.url}/api/jobs/cargo-bike`);
  for (const file of [database, text]) {
    await chooser.setInputFiles(file);
    await page.getByRole('button', { name: 'Replace' }).click();
    await expect(page.getByText(/Brought in: \d+ jobs.*kept below, to go back to/)).toBeVisible();
  }
  await page.goto(app.url);
  for (const name of ['Cargo-bike box panels', 'Caravan locker lids'])
    await expect(page.getByRole('heading', { name })).toHaveCount(1);
  // The first of them was kept when the cargo bike was off the bench.
  await page.goto(`${app.url}/workshop`);
  await copies.getByText(/Copies kept beside the data/).click();
  const before = copies.getByRole('listitem').filter({ hasText: 'before another was put in its place' });
  await before.last().getByRole('button', { name: 'Go back to it' }).click();
  await page.getByRole('dialog').getByRole('button', { name: 'Go back to it' }).click();
  await expect(page.getByText(/Brought in: \d+ jobs.*kept below/)).toBeVisible();
  await page.goto(app.url);
  await expect(page.getByRole('heading', { name: 'Cargo-bike box panels' })).toHaveCount(0);
  await request.post(`${app.url}/api/jobs/cargo-bike/restore`);
});

test('a file that is no copy is refused in a sentence, and nothing is changed', async ({ app, request }) => {
  const incoming = `${app.url}/api/workshop/incoming`;
  const refused = async (content: string | Buffer, words: string): Promise<void> => {
    const bytes = Buffer.from(content);
    const begun = await request.post(incoming, { data: { bytes: bytes.byteLength } });
    const { token } = (await begun.json()) as { token?: string };
    const piece = 4 * 1024 * 1024;
    for (let at = 0; token !== undefined && at < bytes.byteLength; at += piece) {
      const sent = await request.put(`${incoming}/${token}?at=${at}`, {
        headers: { 'content-type': 'application/octet-stream' },
        data: bytes.subarray(at, at + piece),
      });
      expect(await sent.json()).toEqual({ size: Math.min(bytes.byteLength, at + piece) });
    }
    const answer = token === undefined ? begun : await request.get(`${incoming}/${token}`);
    expect(answer.status()).toBe(422);
    expect(JSON.stringify(await answer.json())).toContain(words);
  };
  await refused(
    '{"kind":"pellucid-workshop","format":9,"savedAt":"","jobs":[]}',
    'saved by a newer Pellucid',
  );
  await refused('not json', 'no copy of a workshop');
  const jobs = [{ id: 'a', createdMs: 1, removed: false, job: { name: '' } }];
  await refused(
    JSON.stringify({ kind: 'pellucid-workshop', format: 1, savedAt: '', jobs }),
    'jobs[0].job.name',
  );
  await refused('SQLite format 3\0 and then nothing', 'not saved by Pellucid');
  // Larger than one piece: what stands at its end is read.
  const large = Buffer.concat([Buffer.alloc(9 * 1024 * 1024, ' '), Buffer.from('{"x":')]);
  await refused(large, 'no copy of a workshop');
  await refused('', 'The file is empty');
  const token = '00000000-0000-4000-8000-000000000000';
  expect((await request.get(`${incoming}/${token}`)).status()).toBe(404);
  expect((await request.post(`${incoming}/${token}`, { data: { how: 'burn' } })).status()).toBe(400);
  expect((await request.post(incoming, { data: { bytes: 6 * 1024 ** 3 } })).status()).toBe(422);
  expect((await request.put(`${incoming}/${token}?at=-1`, { data: Buffer.from('x') })).status()).toBe(400);
  expect((await request.get(`${app.url}/api/workshop/archive?as=song`)).status()).toBe(400);
  expect((await request.post(`${app.url}/api/workshop/kept`, { data: { name: '../..' } })).status()).toBe(
    404,
  );
});

test('one job goes out as a file the command line reads, and comes in again; a broken one says what is wrong', async ({
  watched: page,
  app,
  request,
}) => {
  const text = await (await request.get(`${app.url}/api/jobs/cargo-bike/file`)).text();
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
  await choose(page, 'Theme', 'day');
  expect(await ground()).toBe('rgb(238, 240, 236)');
  await page.reload();
  expect(await ground()).toBe('rgb(238, 240, 236)');
  await choose(page, 'Theme', 'as the device');
  expect(await ground()).toBe('rgb(20, 26, 25)');
});

test('the doorstep: an address that cannot be decoded, a method that nobody answers, a type that is not quite right', async ({
  request,
  app,
}) => {
  for (const path of ['/%ff', '/jobs/%ff', '/jobs/%ff/surface', '/api/jobs/%c3', '/shopping?jobs=%e2%82']) {
    const answer = await request.get(`${app.url}${path}`);
    expect([path, answer.status()]).toEqual([path, 400]);
    expect(await answer.text()).toContain('This address cannot be read.');
  }
  // The browser's own fetch knows no TRACE.
  const said = await new Promise<string>((done) => {
    const line = connect(app.port, '127.0.0.1', () =>
      line.write(`TRACE / HTTP/1.1\r\nhost: 127.0.0.1:${app.port}\r\nconnection: close\r\n\r\n`),
    );
    line.once('data', (bytes) => done(bytes.toString()));
  });
  expect(said).toMatch(/^HTTP\/1\.1 405 /);
  for (const type of ['application/jsonx', 'application/json-patch+json', 'text/json'])
    expect(
      (
        await request.post(`${app.url}/api/shopping/tick`, {
          headers: { 'content-type': type },
          data: Buffer.from('{"key":"tape","on":true}'),
        })
      ).status(),
    ).toBe(415);
  expect(
    (
      await request.post(`${app.url}/api/shopping/tick`, {
        headers: { 'content-type': 'Application/JSON; charset=utf-8' },
        data: Buffer.from('{"key":"tape","on":false}'),
      })
    ).status(),
  ).toBe(200);
});

test('many jobs come in pages; a name without a space and with emoji breaks and is never cut through', async ({
  page,
  app,
}) => {
  const job = ((await (await page.request.get(`${app.url}/api/jobs/stand-mixer`)).json()) as { job: object })
    .job;
  const long = `${'Donaudampfschifffahrtselektrizitäten'.repeat(3)}👩‍👩‍👧`;
  for (let n = 0; n < 11; n++)
    await page.request.post(`${app.url}/api/jobs`, {
      data: { ...job, name: n === 10 ? long : `Shell ${n}` },
    });
  for (const width of [1280, 390]) {
    await page.setViewportSize({ width, height: 844 });
    for (const path of ['/', '/shopping', '/workshop']) {
      await page.goto(app.url + path);
      await expect(page.getByText(long).filter({ visible: true }).first()).toBeVisible();
      const wide = await page.evaluate(
        () => document.documentElement.scrollWidth - document.documentElement.clientWidth,
      );
      expect([width, path, wide]).toEqual([width, path, 0]);
    }
  }
  await page.goto(app.url);
  const pages = page.getByRole('navigation', { name: 'Jobs on the bench, pages' });
  await expect(pages).toContainText(/page 1 of [2-9], \d+ in all/);
  await pages.getByRole('link', { name: 'Older' }).click();
  await expect(pages).toContainText(/page 2 of [2-9]/);
  await pages.getByRole('link', { name: 'Newer' }).click();
  await expect(pages).toContainText(/page 1 of [2-9]/);
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
  const from = (url: string, mode: string): Promise<number> =>
    request
      .get(url, { headers: { 'sec-fetch-site': 'cross-site', 'sec-fetch-mode': mode } })
      .then((answer) => answer.status());
  expect(await from(app.url, 'navigate')).toBe(200);
  for (const path of ['/api/workshop/archive?as=tables', '/api/jobs/cargo-bike'])
    for (const mode of ['navigate', 'no-cors', 'cors'])
      expect(await from(`${app.url}${path}`, mode)).toBe(403);
  expect(await from(app.url, 'no-cors')).toBe(403);
  const headers = (await request.get(app.url)).headers();
  const policy = headers['content-security-policy']!;
  expect(policy).toContain("default-src 'none'");
  expect(policy).not.toMatch(/https?:|\*|unsafe-eval/);
  expect(policy.match(/script-src [^;]+/)![0]).not.toContain('unsafe-inline');
  expect([headers['x-content-type-options'], headers['x-frame-options'], headers['referrer-policy']]).toEqual(
    ['nosniff', 'DENY', 'no-referrer'],
  );
});
