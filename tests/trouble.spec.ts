/** Something is wrong: found by look and by moment, at both sizes, noted, taken back, and nothing lost by a reload. */
import type { Page } from '@playwright/test';
import { axeSaysNothing, pastEdge } from './looks';
import { expect, test } from './server';

const DAY = '/jobs/tractor-bonnet/spray-day';
const wrong = (page: Page) => page.getByRole('button', { name: 'Something is wrong' });
const dialog = (page: Page) => page.getByRole('dialog', { name: 'Something is wrong' });

for (const size of [
  { width: 1280, height: 800 },
  { width: 390, height: 844 },
])
  test(`by look and by moment at ${size.width} px, by day and by night`, async ({ watched: page, app }) => {
    await page.setViewportSize(size);
    await page.goto(app.url + DAY);
    await wrong(page).click();
    const box = dialog(page);
    await axeSaysNothing(page);
    await box.getByRole('button', { name: 'Holes, bubbles' }).click();
    await expect(box).toContainText('?');
    await axeSaysNothing(page);
    await box.getByRole('button', { name: 'Back' }).click();
    await box.getByRole('button', { name: 'While spraying' }).click();
    await box.getByRole('button', { name: 'Drips, lumps' }).click();
    await box.getByRole('button', { name: 'Run, sag, drip' }).click();
    const now = box.getByRole('region', { name: 'What to do now' });
    await expect(now).toContainText('Tamsel filler primer');
    await expect(box.getByRole('region', { name: 'Block it off with the rest' })).toContainText('adds');
    await axeSaysNothing(page);
    expect(await pastEdge(page)).toBe(0);
  });

test('what is noted stays over a reload with its moment, is taken back, and that is undone', async ({
  watched: page,
  app,
}) => {
  await page.goto(app.url + DAY);
  await wrong(page).click();
  await dialog(page).getByRole('button', { name: 'Things in it' }).click();
  await dialog(page).getByRole('button', { name: 'No', exact: true }).click();
  await dialog(page).getByRole('button', { name: 'Dust in the film' }).click();
  await dialog(page).getByRole('button', { name: 'Note it in the job' }).click();
  await dialog(page).getByRole('button', { name: 'Noted in the job: close' }).click();
  const list = page.getByRole('region', { name: 'What went wrong' });
  await expect(list).toContainText('Dust in the film');
  await page.waitForTimeout(1200);
  await page.reload();
  await expect(list).toContainText('Dust in the film');
  await list.getByRole('button', { name: /Take back Dust/ }).click();
  await expect(list).toHaveCount(0);
});

test('danger is one tap from every step, by keyboard too; none of these asks for a photograph and takes a note', async ({
  watched: page,
  app,
}) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto(app.url + DAY);
  await wrong(page).focus();
  await page.keyboard.press('Enter');
  const box = dialog(page);
  await box.getByRole('button', { name: 'Wrong colour, bands' }).click();
  await box.getByRole('button', { name: 'Unwell' }).focus();
  await page.keyboard.press('Enter');
  await expect(box.getByRole('region', { name: 'What to do now' })).toContainText('emergency call');
  await box.getByRole('button', { name: 'Back' }).click();
  await box.getByRole('button', { name: 'None of these' }).click();
  await expect(box).toContainText('Photograph it');
  await box.getByLabel('What you see').fill('grey rings under the left guard');
  await box.getByRole('button', { name: 'Note it in the job' }).click();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('region', { name: 'What went wrong' })).toContainText('grey rings');
});

test('a mend is taken: on which parts, what it changes, in the list, taken back; axe has nothing to say', async ({
  watched: page,
  app,
}) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto(app.url + DAY);
  await wrong(page).click();
  const box = dialog(page);
  await box.getByRole('button', { name: 'Drips, lumps' }).click();
  await box.getByRole('button', { name: 'Run, sag, drip' }).click();
  await box.getByRole('region', { name: 'Block it and prime again' }).getByRole('button').click();
  await box.getByRole('button', { name: 'Bonnet', exact: true }).click();
  await expect(box.getByRole('region', { name: 'What it changes' })).toContainText('Sessions then');
  await axeSaysNothing(page);
  await box.getByRole('button', { name: 'Take it into the plan' }).click();
  const list = page.getByRole('region', { name: 'What went wrong' });
  await expect(list).toContainText('In the plan: block it and prime again, Bonnet.');
  await expect(page.getByText(/Tamsel filler primer, coat 1 of \d, mending/).first()).toBeVisible();
  await axeSaysNothing(page);
  await list.getByRole('button', { name: /Take back Run/ }).click();
  await expect(page.getByText(/, mending/)).toHaveCount(0);
});

test('finished work that shows a fault starts a job of its own, with what lies on it', async ({
  watched: page,
  app,
}) => {
  await page.goto(`${app.url}/jobs/toolbox-lid/spray-day`);
  await wrong(page).click();
  const box = dialog(page);
  await box.getByRole('button', { name: 'Drips, lumps' }).click();
  await box.getByRole('button', { name: 'Run, sag, drip' }).click();
  await box.getByRole('button', { name: 'Into the plan…' }).first().click();
  const all = box.getByRole('button', { name: 'All of them' });
  if (await all.isVisible()) await all.click();
  await box.getByRole('button', { name: 'Start a job to mend it' }).click();
  await expect(page).not.toHaveURL(/toolbox-lid/);
  await expect(page.getByRole('region', { name: 'What went wrong' })).toContainText('In the plan');
});
