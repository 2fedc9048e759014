/** The logbook at both sizes: found by words, two side by side, what was learned and its reset, out and in; finish and marks. */
import { readFileSync } from 'node:fs';
import { axeSaysNothing, pastEdge } from './looks';
import { expect, test } from './server';

interface Made {
  readonly id: string;
}
interface Told {
  readonly job: { readonly habit?: { factor: number }; readonly handsOwn?: { sand?: number } };
}

for (const size of [
  { width: 1280, height: 800 },
  { width: 390, height: 844 },
])
  test(`a year of records at ${size.width} px: found, compared, nothing cut off`, async ({
    watched: page,
    app,
  }) => {
    await page.setViewportSize(size);
    await page.goto(`${app.url}/logbook`);
    await expect(page.getByRole('heading', { name: '12 finished jobs' })).toBeVisible();
    await axeSaysNothing(page);
    expect(await pastEdge(page)).toBe(0);
    await page.getByLabel('Find a product, fault or part').fill('gnat 2K');
    await page.getByRole('button', { name: 'Find in it' }).click();
    await expect(page.getByRole('link', { name: /Trailer mudguards/ }).first()).toBeVisible();
    await expect(page.getByLabel('compare')).toHaveCount(1);
    await page.goto(`${app.url}/logbook`);
    await page.getByLabel('compare').nth(1).check();
    await page.getByLabel('compare').nth(4).check();
    await page.getByRole('button', { name: 'Compare two' }).click();
    const pair = page.getByRole('dialog', { name: 'Side by side' });
    await expect(pair.getByRole('columnheader', { name: 'Shed shutter' })).toBeVisible();
    await expect(pair.getByRole('row', { name: /What went wrong/ })).toContainText('Run');
    await axeSaysNothing(page);
  });

test('what the log taught changes the next job, and goes back when it is reset', async ({
  watched: page,
  app,
}) => {
  const next = async (): Promise<Told['job']> => {
    const made = (await (await page.request.post(`${app.url}/api/jobs`)).json()) as Made;
    return ((await (await page.request.get(`${app.url}/api/jobs/${made.id}`)).json()) as Told).job;
  };
  expect((await next()).habit!.factor).toBeLessThan(0.98);
  await page.goto(`${app.url}/logbook`);
  await page.getByRole('button', { name: 'Reset Own use, cans' }).click();
  await expect(page.getByRole('button', { name: 'Reset Own use, cans' })).toHaveCount(0);
  expect((await next()).habit).toBeUndefined();
  // What else was learned stays.
  expect((await next()).handsOwn!.sand).toBeGreaterThan(1.1);
  await page.getByRole('button', { name: 'Put it back' }).first().click();
  await expect(page.getByRole('button', { name: 'Reset Own use, cans' })).toBeVisible();
  expect((await next()).habit!.factor).toBeLessThan(0.98);
  await page.getByRole('button', { name: 'Reset Own pace, sand' }).click();
  await expect(page.getByRole('button', { name: 'Reset Own pace, sand' })).toHaveCount(0);
  expect((await next()).handsOwn?.sand).toBeUndefined();
  await page.getByRole('button', { name: 'Put it back' }).click();
  await expect(page.getByRole('button', { name: 'Reset Own pace, sand' })).toBeVisible();
  expect((await next()).handsOwn!.sand).toBeGreaterThan(1.1);
});

test('out as JSON and in again: all of it is here already; a file that is none is said', async ({
  watched: page,
  app,
}) => {
  await page.goto(`${app.url}/logbook`);
  const download = page.waitForEvent('download');
  await page.getByRole('link', { name: 'As JSON' }).click();
  const file = await (await download).path();
  expect((JSON.parse(readFileSync(file, 'utf8')) as { jobs: unknown[] }).jobs).toHaveLength(12);
  const chooser = page.getByRole('region', { name: 'Out and in' }).locator('input[type=file]');
  await chooser.setInputFiles({
    name: 'logbook.json',
    mimeType: 'application/json',
    buffer: readFileSync(file),
  });
  await expect(page.getByText('Brought in: 0 records. Here already: 12.')).toBeVisible();
  const table = page.waitForEvent('download');
  await page.getByRole('link', { name: 'All of it, CSV' }).click();
  const csv = readFileSync(await (await table).path());
  await chooser.setInputFiles({ name: 'all.csv', mimeType: 'text/csv', buffer: csv });
  await expect(page.getByText('Brought in: 0 records. Here already: 12.')).toBeVisible();
  const renamed = Buffer.from(csv.toString().replace('/name,text,Letter box', '/name,text,Letter box 2'));
  await chooser.setInputFiles({ name: 'all.csv', mimeType: 'text/csv', buffer: renamed });
  await expect(page.getByText('Brought in: 1 record. Here already: 11.')).toBeVisible();
  const bad = Buffer.from('record,path,type,value\r\n1,,group,\r\n1,/name,number,wide');
  await chooser.setInputFiles({ name: 'bad.csv', mimeType: 'text/csv', buffer: bad });
  await expect(page.getByText('bad.csv: Line 3: “wide” is no number. Nothing was brought in.')).toBeVisible();
  await chooser.setInputFiles({ name: 'x.json', mimeType: 'application/json', buffer: Buffer.from('no') });
  await expect(page.getByText('x.json is no JSON file. Nothing was brought in.')).toBeVisible();
});

test('a finished job: marks, tape test, a look that cannot be ahead, finish as far as the film allows', async ({
  watched: page,
  app,
}) => {
  await page.goto(`${app.url}/jobs/y-lamp/log`);
  const finish = page.getByRole('region', { name: 'Finish', exact: true });
  await expect(finish).toContainText('polish');
  await expect(finish.getByRole('img')).toBeVisible();
  const marks = page.getByRole('region', { name: 'How the whole came out' });
  await marks.getByRole('radio', { name: 'dull in places' }).check();
  await marks.getByRole('group', { name: 'Class of the tape test' }).getByRole('button').nth(1).click();
  const looks = page.getByRole('region', { name: 'Looked at again' });
  await looks.getByRole('radio', { name: 'good' }).click();
  await expect(looks.getByText('16 May 2026')).toBeVisible();
  await expect
    .poll(async () => {
      const r = await page.request.get(`${app.url}/api/jobs/y-lamp`);
      return ((await r.json()) as { job: { log: object } }).job.log;
    })
    .toMatchObject({ rubric: { gloss: 1 }, tape: { class: 1 }, looks: [{ on: '2026-05-16', mark: 3 }] });
  await expect(page.getByRole('region', { name: 'Hand over' })).toContainText('Signal yellow');
});

test('what stands out is dressed or cleared again; taken off it is gone; the hand-over prints alone; a record has its page', async ({
  watched: page,
  app,
}) => {
  await page.goto(`${app.url}/jobs/y-crate/log`);
  const found = page.getByRole('region', { name: 'What stands out of it' });
  await found.getByRole('button', { name: 'Seen, hardly felt' }).click();
  await found.getByRole('button', { name: 'Note it' }).click();
  await expect(found.getByText('Run, seen, hardly felt, Part')).toBeVisible();
  await expect(found).toContainText('stay at the thin end, 25 µm must');
  await expect(found.getByRole('button', { name: 'Clear again over the face' })).toBeVisible();
  await axeSaysNothing(page);
  await found.getByRole('button', { name: /^Take off/ }).click();
  await expect(found.getByText('Run, seen, hardly felt, Part')).toBeHidden();
  await page.evaluate(() => {
    window.print = () => undefined;
  });
  await page.getByRole('button', { name: 'Print it alone' }).click();
  await page.emulateMedia({ media: 'print' });
  await expect(page.getByRole('region', { name: 'Hand over' })).toBeVisible();
  await expect(page.getByRole('region', { name: 'Finish', exact: true })).toBeHidden();
  await page.evaluate(() => window.dispatchEvent(new Event('afterprint')));
  await expect(page.getByRole('region', { name: 'Finish', exact: true })).toBeVisible();
  await page.emulateMedia({ media: 'screen' });

  await found.getByRole('button', { name: 'A nail catches' }).click();
  await found.getByRole('button', { name: 'Note it' }).click();
  await found.getByRole('button', { name: 'Clear again over the face' }).click();
  await found.getByRole('button', { name: 'Start a job to mend it' }).click();
  await page.waitForURL(/spray-day/);
  await expect(page.getByRole('main')).toContainText('Halden 1K clear');
  await page.goto(`${app.url}/jobs/y-crate/log`);

  await page.goto(`${app.url}/logbook`);
  await page.getByRole('link', { name: 'Record of Bicycle crate' }).click();
  await expect(page.getByRole('heading', { name: 'Bicycle crate' })).toBeVisible();
  await expect(page.getByRole('region', { name: 'As it was done' })).toContainText(
    'Halden 1K clear, coat 4 of 4',
  );
  await expect(
    page.getByRole('region', { name: 'The object and its film' }).getByRole('img').first(),
  ).toBeVisible();
  await axeSaysNothing(page);
  await page.setViewportSize({ width: 390, height: 844 });
  await expect.poll(() => pastEdge(page)).toBe(0);
});

test('a place that is calmer than its kind: read on closed jobs, used by the next one, reset', async ({
  watched: page,
  app,
}) => {
  await page.goto(`${app.url}/logbook`);
  const own = page.getByRole('region', { name: 'What your hands taught' });
  await expect(own.getByText(/^Own wind, Harbour Lane lean-to/)).toBeVisible();
  const begun = async (): Promise<{ place: { own?: { windTimes?: number } } }> => {
    const made = await page.request.post(`${app.url}/api/jobs`);
    const { id } = (await made.json()) as { id: string };
    const r = await page.request.get(`${app.url}/api/jobs/${id}`);
    return ((await r.json()) as { job: { place: { own?: { windTimes?: number } } } }).job;
  };
  const before = await begun();
  expect(before.place.own!.windTimes!).toBeLessThan(0.95);
  await page.goto(`${app.url}/places`);
  await expect(page.getByText(/From readings of closed jobs: wind × 0\.7/)).toBeVisible();
  await page.goto(`${app.url}/logbook`);
  await own.getByRole('button', { name: /^Reset Own wind/ }).click();
  await expect(own.getByText(/^Own wind/)).toBeHidden();
  expect((await begun()).place.own?.windTimes).toBeUndefined();
});
