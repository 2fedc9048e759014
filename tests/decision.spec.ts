/** Go, wait or leave it; the limit and the money behind it; calendars in and out. */
import AxeBuilder from '@axe-core/playwright';
import ICAL from 'ical.js';
import { readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { expect, saved, test } from './server';

test('the card says go, and why; a limit nobody reaches makes it wait, and the way back is one press', async ({
  watched: page,
  app,
}) => {
  await page.goto(`${app.url}/jobs/tractor-bonnet/window`, { waitUntil: 'networkidle' });
  const card = page.getByRole('region', { name: 'What to do now' });
  await expect(card.getByText(/^Go: start today, /)).toBeVisible();
  await expect(card.getByText(/that it goes well. At stake: £/)).toBeVisible();
  const odds = /(\d+) %/.exec(await card.innerText())![1]!;
  // One figure, wherever it stands.
  await expect(page.getByText(`${odds} %`, { exact: true }).locator('visible=true').first()).toBeVisible();
  await page.getByRole('link', { name: /^Stakes/ }).click();
  const limit = page.getByRole('slider', { name: /No start under/ });
  await limit.focus();
  await limit.press('End');
  await saved(page);
  await expect(page.getByText('No start under 95 % is proposed')).toBeVisible();
  const hour = page.getByLabel('An hour of yours');
  await expect(hour).toHaveValue('10.00');
  await hour.fill('30');
  await hour.press('Enter');
  await saved(page);
  await expect(page.getByLabel('A day of waiting')).toHaveValue('12.00');
  await page.getByRole('button', { name: 'An hour of yours as usual' }).click();
  await expect(hour).toHaveValue('10.00');
  await hour.fill('-4');
  await hour.blur();
  await expect(page.getByText(/Between 0 and/)).toBeVisible();
  const { violations } = await new AxeBuilder({ page }).analyze();
  expect(violations.map((v) => v.id)).toEqual([]);
});

test('the plan goes into a calendar that another reader understands, with its alarms', async ({
  watched: page,
  app,
}) => {
  await page.goto(`${app.url}/jobs/cargo-bike/window`, { waitUntil: 'networkidle' });
  const waits = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Into your calendar' }).click();
  const text = readFileSync(await (await waits).path(), 'utf8');
  const root = new ICAL.Component(ICAL.parse(text) as never[]);
  const events = root.getAllSubcomponents('vevent').map((c) => new ICAL.Event(c));
  expect(events.length).toBeGreaterThan(2);
  const { plan } = (await (await page.request.get(`${app.url}/api/jobs/cargo-bike`)).json()) as {
    plan: { sessions: { startsAt: string }[] };
  };
  const starts = events.map((e) => e.startDate.toJSDate().getTime());
  for (const s of plan.sessions) expect(starts).toContain(Date.parse(s.startsAt));
  expect(text.match(/BEGIN:VALARM/g)!.length).toBeGreaterThan(2);
});

test('busy times of a calendar are not free: the start moves, and comes back; what is no calendar is refused', async ({
  watched: page,
  app,
}) => {
  const file = join(tmpdir(), `busy-${app.port}.ics`);
  const wrong = join(tmpdir(), `wrong-${app.port}.ics`);
  writeFileSync(
    file,
    [
      'BEGIN:VCALENDAR',
      'VERSION:2.0',
      'BEGIN:VEVENT',
      'UID:regatta',
      'DTSTART;TZID=Europe/London:20260516T080000',
      'DTEND;TZID=Europe/London:20260516T200000',
      'END:VEVENT',
      'END:VCALENDAR',
    ].join('\r\n'),
  );
  writeFileSync(wrong, 'from,until\n1,2\n');
  await page.goto(`${app.url}/jobs/stand-mixer/surface#hours`, { waitUntil: 'networkidle' });
  const chooser = page.locator('input[type=file][accept^=".ics"]');
  await chooser.setInputFiles(wrong);
  await expect(page.getByText(/export the calendar as \.ics/)).toBeVisible();
  await chooser.setInputFiles(file);
  await expect(page.getByText('1 event taken as 1 busy stretch of the next 14 days.')).toBeVisible();
  await saved(page);
  const startOf = async (): Promise<string> => {
    const answer = await page.request.get(`${app.url}/api/jobs/stand-mixer`);
    const { plan } = (await answer.json()) as { plan: { sessions: { startsAt: string }[] } };
    return plan.sessions[0]!.startsAt.slice(0, 10);
  };
  expect(await startOf()).not.toBe('2026-05-16');
  await page.getByRole('button', { name: 'Take 1 busy time out' }).click();
  await saved(page);
  expect(await startOf()).toBe('2026-05-16');
});
