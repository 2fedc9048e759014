/** The whole way of someone who has never seen it: from a bare part to a ticked run sheet. */
import { choose, expect, firstPart, saved, test } from './server';

test('a newcomer plans a panel from nothing to the run sheet in at most twelve inputs', async ({
  watched: page,
  app,
}) => {
  let inputs = 0;
  const did = async (act: () => Promise<unknown>): Promise<void> => {
    inputs++;
    await act();
  };
  await page.goto(app.url);
  await did(() => page.getByRole('button', { name: 'New job' }).click());
  await expect(page).toHaveURL(/\/surface$/);
  await did(() => page.getByLabel('Name of the job').fill('Bike basket tray'));
  const part = firstPart(page);
  await did(() => part.getByLabel('Length').fill('450'));
  await did(() => part.getByLabel('Width').fill('320'));
  await did(async () => {
    await part.getByLabel('Made of').click();
    await page.getByRole('option', { name: 'Aluminium', exact: true }).click();
  });
  await part.getByLabel('Width').blur();
  await saved(page);
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Bike basket tray');
  await did(() => page.getByRole('link', { name: 'On to the build-up' }).click());
  await expect(page.getByText('Tamsel etch primer').first()).toBeVisible();
  await did(() => page.getByRole('link', { name: 'On to the materials' }).click());
  await expect(
    page
      .getByRole('heading', { name: /cans to buy/ })
      .or(page.getByText(/cans to buy, and what each one sprays/)),
  ).toBeVisible();
  await did(() => page.getByRole('link', { name: 'On to the window' }).click());
  await expect(page.getByRole('region', { name: 'The start' })).toContainText('futures end well');
  await did(() => page.getByRole('link', { name: 'On to the spray day' }).click());
  await expect(page.getByRole('region', { name: /Run sheet/ }).first()).toContainText(
    'Tamsel etch primer, coat 1 of 1',
  );
  expect(inputs).toBeLessThanOrEqual(12);
});

test('a wrong product is refused at its seam, with reason and way out, and undo brings the old one back', async ({
  watched: page,
  app,
}) => {
  await page.goto(`${app.url}/jobs/cargo-bike/build-up`);
  await page.getByRole('combobox', { name: 'Product of layer 1' }).click();
  await page.getByRole('option', { name: 'Skerry enamel' }).click();
  await expect(
    page.getByText(
      'Skerry enamel straight on bare metal may hold for a while; do not plan on it. Add an etch or epoxy primer under it.',
    ),
  ).toBeVisible();
  await expect(page.getByText('does not hold', { exact: true }).first()).toBeVisible();
  await saved(page);
  await expect(page.getByRole('complementary', { name: 'Verdict' })).toContainText('Blocked');
  await page.getByRole('button', { name: 'Undo' }).click();
  await saved(page);
  await expect(page.getByRole('complementary', { name: 'Verdict' })).toContainText('futures');
  await expect(page.getByText('Skerry enamel')).toHaveCount(0);
});

test('coats, layers and the section follow one another', async ({ watched: page, app }) => {
  await page.goto(`${app.url}/jobs/locker-lids/build-up`);
  const section = page.getByRole('img', { name: /Cross-section to scale/ }).first();
  await expect(section).toHaveAttribute('aria-label', /118 µm in all/);
  await page
    .getByRole('group', { name: 'Coats of Halden 1K clear, layer 4' })
    .getByRole('button', { name: 'One coat more' })
    .click();
  await expect(section).toHaveAttribute('aria-label', /128 µm in all/);
  await saved(page);
  await page.reload();
  await expect(section).toHaveAttribute('aria-label', /128 µm in all/);
  await page.getByRole('button', { name: 'Back to the suggestion' }).click();
  await expect(section).toHaveAttribute('aria-label', /118 µm in all/);
  await saved(page);
});

test('what is on the shelf is taken off the list, and the sum adds up on the screen', async ({
  watched: page,
  app,
}) => {
  await page.goto(`${app.url}/jobs/cargo-bike/materials`);
  const row = page
    .getByRole('region', { name: 'To buy' })
    .getByRole('row')
    .filter({ hasText: 'Tamsel filler primer' });
  await expect(row).toContainText('4 × 400 ml');
  await row.getByLabel('In hand').fill('800');
  await row.getByLabel('In hand').blur();
  await saved(page);
  await expect(row).toContainText('2 × 400 ml');
  await page.getByText('How this was computed, and every figure of it').click();
  for (const line of await page
    .getByRole('region', { name: 'The sum' })
    .locator('.fold table tbody tr')
    .all()) {
    const cells = (await line.locator('td').allTextContents()).slice(5).map(Number);
    expect(Math.abs(cells.slice(0, -1).reduce((a, b) => a + b, 0) - cells.at(-1)!)).toBeLessThan(0.5);
  }
  await row.getByLabel('In hand').fill('0');
  await row.getByLabel('In hand').blur();
  await saved(page);
});

test('moving a start recomputes in place, is kept after a reload, and can be let go', async ({
  watched: page,
  app,
}) => {
  await page.goto(`${app.url}/jobs/stand-mixer/window`);
  const start = page.getByRole('region', { name: 'The start' });
  await expect(start).toContainText('Sat 16 May, start 10:30');
  await page.getByRole('button', { name: 'Start half an hour later' }).click();
  await expect(start).toContainText('start 11:00');
  await saved(page);
  await page.getByRole('button', { name: 'Start half an hour later' }).click();
  await expect(start).toContainText('start 11:30');
  await saved(page);
  await page.reload();
  await expect(start).toContainText('start 11:30');
  await page.getByRole('region', { name: 'The weeks' }).focus();
  await page.keyboard.press('ArrowLeft');
  await expect(start).toContainText('start 11:00');
  await page.getByRole('button', { name: 'Let it be chosen' }).click();
  await expect(start).toContainText('start 10:30');
  await saved(page);
  await page
    .getByRole('region', { name: 'Alternatives' })
    .getByRole('button', { name: 'Take this' })
    .first()
    .click();
  await expect(start).toContainText('Sun 17 May');
  await page.getByRole('button', { name: 'Let it be chosen' }).click();
  await saved(page);
});

test('an hour that breaks a limit can be chosen, and the page says what it breaks', async ({
  watched: page,
  app,
}) => {
  await page.goto(`${app.url}/jobs/tractor-bonnet/window`);
  const start = page.getByRole('region', { name: 'The start' });
  for (let i = 0; i < 12; i++) await page.getByRole('button', { name: 'Start half an hour later' }).click();
  await expect(start).toContainText('start 16:15');
  await expect(start).toContainText('This start does not do: too cold before it is handle-dry.');
  await page.getByRole('button', { name: 'Let it be chosen' }).click();
  await expect(start).toContainText('futures end well');
  await saved(page);
});

test('the checklist records actual times, moves what follows, and takes a tick back', async ({
  watched: page,
  app,
}) => {
  await page.goto(`${app.url}/jobs/tractor-bonnet/spray-day`);
  const sheet = page.getByRole('region', { name: 'Run sheet, Base and clear' });
  const visit = page.getByRole('region', { name: 'Visit, Preparing for base and clear' });
  await expect(visit.getByRole('button', { name: 'Done: Sand P400' })).toBeVisible();
  await visit.getByRole('button', { name: 'Done: Sand P400' }).click();
  await expect(page.getByRole('region', { name: 'Done' })).toContainText('Sanded');
  await expect(visit.getByRole('button', { name: 'Done: Sand P400' })).toHaveCount(0);
  await page.reload();
  await expect(page.getByRole('region', { name: 'Done' })).toContainText(/Sat 16 May, 07:5\d\s*Sanded/);
  await page.getByRole('button', { name: 'Take back Sanded P400' }).click();
  await expect(visit.getByRole('button', { name: 'Done: Sand P400' })).toBeVisible();
  await expect(sheet).toContainText('Activate Halden 2K clear');
  await expect(sheet).toContainText('Isocyanate from here on');
  await expect(sheet).toContainText(/Can 1: prudent until .*; the label’s life ends Mon 18 May/);
});

test('the run sheet prints without the screen around it', async ({ watched: page, app }) => {
  await page.goto(`${app.url}/jobs/tractor-bonnet/spray-day`);
  await page.emulateMedia({ media: 'print' });
  await expect(page.getByRole('navigation', { name: 'Stages' })).toBeHidden();
  await expect(page.getByRole('button', { name: 'Print' })).toBeHidden();
  await expect(page.getByText('Orrin base, coat 1 of 3')).toBeVisible();
  expect((await page.pdf({ format: 'A4' })).byteLength).toBeGreaterThan(10_000);
});

test('a job taken off the bench can be put back', async ({ watched: page, app }) => {
  await page.goto(app.url);
  await page.getByRole('button', { name: 'Take Caravan locker lids off the bench' }).click();
  await expect(page.getByRole('heading', { name: 'Caravan locker lids' })).toHaveCount(0);
  await page.getByText('Taken off the bench (1)').click();
  await page.reload();
  await page.getByText('Taken off the bench (1)').click();
  await page.getByRole('button', { name: 'Put Caravan locker lids back' }).click();
  await expect(page.getByRole('heading', { name: 'Caravan locker lids' })).toBeVisible();
});

test('metric or US, everywhere and at once', async ({ watched: page, app }) => {
  await page.goto(`${app.url}/jobs/tractor-bonnet/spray-day`);
  await choose(page, 'Units', 'US');
  await expect(page.getByText(/Panel 50 °F to 86 °F/).first()).toBeVisible();
  await page.goto(`${app.url}/jobs/tractor-bonnet/materials`);
  await expect(page.getByText(/fl oz expected/).first()).toBeVisible();
  await choose(page, 'Units', 'metric');
  await expect(page.getByText(/ml expected/).first()).toBeVisible();
});
