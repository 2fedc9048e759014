/** Places of the workshop, what is measured in them, where parts dry, and the owner's own feed. */
import AxeBuilder from '@axe-core/playwright';
import { once } from 'node:events';
import { writeFileSync } from 'node:fs';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { feedServer } from '../src/standins/feed-server';
import { choose, expect, saved, test } from './server';

const NOW = Date.UTC(2026, 4, 16, 6, 50);

test('a place made of three things is drawn, chosen in a job, changed for it, taken off and put back', async ({
  watched: page,
  app,
}) => {
  await page.goto(`${app.url}/places`, { waitUntil: 'networkidle' });
  await expect(page.getByRole('img', { name: /Harbour Lane lean-to cut through/ })).toBeVisible();
  await page.getByRole('link', { name: 'Add a place' }).click();
  const form = page.getByRole('form', { name: 'A new place' });
  await form.getByLabel('Begin with').click();
  await page.getByRole('option', { name: 'garage, heated for the cure' }).click();
  await form.getByLabel('Place', { exact: true }).fill('Side garage');
  await form.getByLabel('Latitude').fill('95');
  await expect(form.getByText('Between -90 and 90.')).toBeVisible();
  await form.getByLabel('Latitude').fill('53.4');
  await form.getByRole('button', { name: 'Add it' }).click();
  await expect(page.getByRole('status').filter({ hasText: 'Side garage is kept.' })).toBeVisible();
  await expect(page.getByRole('img', { name: /Side garage cut through/ })).toBeVisible();
  await page.goto(`${app.url}/jobs/locker-lids/surface#place`, { waitUntil: 'networkidle' });
  await page.getByLabel('Sprayed in').click();
  await page.getByRole('option', { name: 'Side garage' }).click();
  await saved(page);
  await page.goto(`${app.url}/places`, { waitUntil: 'networkidle' });
  await page.getByRole('link', { name: 'Side garage' }).click();
  const change = page.getByRole('form', { name: 'Change Side garage' });
  await expect(change.getByText('Used by')).toBeVisible();
  await change.getByLabel('a lamp, to spray after dark').check();
  await change.getByRole('button', { name: 'Keep it' }).click();
  await expect(page.getByText('Side garage is kept. One job has it so from now on.')).toBeVisible();
  const job = (await (await page.request.get(`${app.url}/api/jobs/locker-lids`)).json()) as {
    job: { place: { lamp?: boolean } };
  };
  expect(job.job.place.lamp).toBe(true);
  await page.getByRole('button', { name: 'Take it off the list' }).click();
  await expect(page.getByText(/Side garage is taken off the list/)).toBeVisible();
  await expect(page.getByRole('link', { name: 'Side garage' })).toHaveCount(0);
  await page.getByRole('button', { name: 'Put it back' }).click();
  await expect(page.getByRole('link', { name: 'Side garage' })).toBeVisible();
});

test('every place is drawn without fault on a desk, on a phone and in US units', async ({
  watched: page,
  app,
}) => {
  await page.goto(`${app.url}/places?at=back-room`, { waitUntil: 'networkidle' });
  const { violations } = await new AxeBuilder({ page }).analyze();
  expect(violations.map((v) => v.id)).toEqual([]);
  await choose(page, 'Units', 'US');
  await expect(page.getByText('3.3 ft')).toBeVisible();
  await choose(page, 'Units', 'metric');
  for (const width of [390, 1280]) {
    await page.setViewportSize({ width, height: 800 });
    for (const at of ['lean-to', 'yard', 'back-room', 'new']) {
      await page.goto(`${app.url}/places?at=${at}`, { waitUntil: 'networkidle' });
      await expect(page.getByRole('img', { name: /cut through/ })).toBeVisible();
      const wide = await page.evaluate(() => document.documentElement.scrollWidth - innerWidth);
      expect([at, width, wide <= 0]).toEqual([at, width, true]);
    }
  }
});

test('shut in and heated, or carried over: the plan says when, what the heat comes to, and what to mind', async ({
  watched: page,
  app,
}) => {
  await page.goto(`${app.url}/jobs/cargo-bike/surface#place`, { waitUntil: 'networkidle' });
  await page.getByLabel('Dries').click();
  await page.getByRole('option', { name: 'there, shut and heated' }).click();
  await expect(page.getByText(/this place has no walls or no heater/).first()).toBeVisible();
  await page.getByLabel('Sprayed in').click();
  await page.getByRole('option', { name: 'Back room' }).click();
  await saved(page);
  await page.goto(`${app.url}/jobs/cargo-bike/window`, { waitUntil: 'networkidle' });
  await expect(
    page.getByText(/Shut in and heated from .* the heater takes about [\d.]+ kWh, about £/),
  ).toBeVisible();
  await expect(page.getByText('Heater off and cold, door open, before you spray').first()).toBeVisible();
  await page.goto(`${app.url}/jobs/cargo-bike/surface#place`, { waitUntil: 'networkidle' });
  await page.getByLabel('Sprayed in').click();
  await page.getByRole('option', { name: 'Harbour Lane lean-to' }).click();
  await page.getByLabel('Dries').click();
  await page.getByRole('option', { name: 'in Back room' }).click();
  await saved(page);
  await page.goto(`${app.url}/jobs/cargo-bike/spray-day`, { waitUntil: 'networkidle' });
  await expect(page.getByText(/Carried over to dry from/).first()).toBeVisible();
  await expect(page.getByText('Carry over').first()).toBeVisible();
});

test('readings by sensor, by hand and from a log are used at once, and can be taken out', async ({
  watched: page,
  app,
}) => {
  await page.goto(`${app.url}/places?at=lean-to`, { waitUntil: 'networkidle' });
  const readings = page.getByRole('region', { name: 'Readings' });
  await readings.getByRole('button', { name: 'Read the sensors' }).click();
  await expect(readings.getByText('Read and kept.')).toBeVisible();
  await expect(readings.getByText('by sensor')).toBeVisible();
  const typed = readings.getByRole('form', { name: 'Type in a reading' });
  await typed.getByLabel('Humidity').fill('140');
  await expect(typed.getByText('Between 1 and 100.')).toBeVisible();
  await typed.getByLabel('Humidity').fill('70');
  await typed.getByLabel('Air').fill('13.5');
  await typed.getByRole('button', { name: 'Keep' }).click();
  await expect(readings.getByText('air 13.5 °C, 70 %')).toBeVisible();
  const log = join(tmpdir(), 'pellucid-log.csv');
  writeFileSync(log, 'Time,Temp (°F),RH (%)\n2026-05-16 06:00,52,90\n2026-05-16 06:30,banana,88\n');
  const bring = async (): Promise<void> => {
    const chooser = page.waitForEvent('filechooser');
    await readings.getByRole('button', { name: 'Bring a log in' }).click();
    await (await chooser).setFiles(log);
  };
  page.removeAllListeners('console');
  await bring();
  await expect(readings.getByText(/line 3, column “Temp \(°F\)”: expected a figure/)).toBeVisible();
  writeFileSync(log, 'Time,Temp (°F),RH (%)\n2026-05-16 06:00,52,90\n2026-05-16 06:30,53,88\n');
  await bring();
  await expect(readings.getByText(/2 readings are kept: temperature from “Temp \(°F\)” in °F/)).toBeVisible();
  await page.goto(`${app.url}/jobs/tractor-bonnet/window#forecast`, { waitUntil: 'networkidle' });
  await expect(page.getByText(/Read at 07:5\d: .*futures/)).toBeVisible();
  await page.goto(`${app.url}/places?at=lean-to`, { waitUntil: 'networkidle' });
  await readings.getByRole('button', { name: 'Take out air 13.5 °C, 70 %' }).click();
  await expect(readings.getByText('air 13.5 °C, 70 %')).toHaveCount(0);
  await page.getByRole('button', { name: 'Put it back' }).click();
  await expect(readings.getByText('air 13.5 °C, 70 %')).toBeVisible();
});

test('the owner’s feed is off until it is set, is taken when it tells of now, and says why when not', async ({
  page,
  app,
}) => {
  const server = feedServer(() => NOW).listen(0, '127.0.0.1');
  await once(server, 'listening');
  const base = `http://127.0.0.1:${(server.address() as AddressInfo).port}`;
  try {
    await page.goto(`${app.url}/workshop`, { waitUntil: 'networkidle' });
    const feed = page.getByRole('region', { name: 'Forecast feed' });
    await expect(feed.getByText('off', { exact: true })).toBeVisible();
    const set = async (address: string): Promise<void> => {
      await feed.getByLabel('Address').fill(address);
      await feed.getByRole('button', { name: 'Set it' }).click();
    };
    await set('ftp://192.168.1.20/x');
    await expect(feed.getByText(/must begin with http/)).toBeVisible();
    await set(`${base}/old`);
    await expect(feed.getByText(/tells nothing of now/)).toBeVisible();
    await set(`${base}/slow`);
    await expect(feed.getByText(/does not answer within five seconds/)).toBeVisible({ timeout: 15_000 });
    await set(`${base}/forecast?lat={lat}&lon={lon}`);
    await expect(feed.getByText(/A new forecast is kept|new forecasts are kept/)).toBeVisible();
    await feed.getByRole('button', { name: 'Ask it now' }).click();
    await expect(feed.getByText(/It tells what it told before/)).toBeVisible();
    await page.goto(`${app.url}/jobs/tractor-bonnet/window#forecast`, { waitUntil: 'networkidle' });
    await expect(page.getByText(/From the feed, brought in/)).toBeVisible();
    await page.goto(`${app.url}/workshop`, { waitUntil: 'networkidle' });
    await feed.getByRole('button', { name: 'Switch it off' }).click();
    await expect(feed.getByText('off', { exact: true })).toBeVisible();
  } finally {
    server.closeAllConnections();
    server.close();
  }
});

test('a place that cannot be is refused field by field, and nothing is changed', async ({ page, app }) => {
  const place = { tz: 'Europe/London', lat: 53.4, lon: -3.1, shelter: 'garage' };
  const put = async (over: object): Promise<[number, string[]]> => {
    const r = await page.request.post(`${app.url}/api/places`, {
      data: { place: { ...place, ...over } },
      headers: { origin: app.url },
    });
    const { faults = [] } = (await r.json()) as { faults?: { path: string }[] };
    return [r.status(), faults.map((f) => f.path)];
  };
  const count = async (): Promise<number> =>
    ((await (await page.request.get(`${app.url}/api/places`)).json()) as { rows: unknown[] }).rows.length;
  const before = await count();
  expect(await put({ heater: { kW: -1, setC: 22, kind: 'electric' } })).toEqual([422, ['heater.kW']]);
  expect(await put({ facing: 400 })).toEqual([422, ['facing']]);
  expect(await put({ heightM: 0 })).toEqual([422, ['heightM']]);
  expect(await put({ tz: 'Europe/Nowhere' })).toEqual([422, ['tz']]);
  expect(await put({ horizonDeg: [1, 2, 3] })).toEqual([422, ['horizonDeg']]);
  expect(await put({ roof: 'thatch' })).toEqual([422, ['roof']]);
  expect(await count()).toBe(before);
});

test('a can is weighed with the scale that is joined', async ({ watched: page, app }) => {
  await page.goto(`${app.url}/shelf`, { waitUntil: 'networkidle' });
  await page.getByRole('button', { name: 'Add', exact: true }).click();
  const form = page.getByRole('form', { name: 'Put something on the shelf' });
  await form.getByRole('button', { name: 'by weight' }).click();
  await form.getByRole('button', { name: 'Read the scale' }).click();
  await expect(form.getByLabel('Whole')).toHaveValue(/^28[4-9]|29\d$/);
});
