/** A pair that nobody knows: the plan stops until a test patch is written down, and goes on after it. */
import { expect, firstPart, saved, test } from './server';

test('a pair nobody knows is decided in writing, not with a press, and can be given back', async ({
  watched: page,
  app,
}) => {
  await page.goto(`${app.url}/jobs/cargo-bike/surface`);
  const part = firstPart(page);
  await part.getByLabel('Made of').click();
  await page.getByRole('option', { name: 'Chrome plating' }).click();
  await saved(page);
  await page.goto(`${app.url}/jobs/cargo-bike/build-up`);
  const layers = page.getByRole('region', { name: 'Layers' });
  await page.getByRole('combobox', { name: 'Product of layer 1' }).click();
  await page.getByRole('option', { name: 'Tamsel 2K epoxy primer' }).click();
  await expect(layers).toContainText('Not known.');
  await expect(layers.getByRole('button', { name: 'Decide' })).toBeDisabled();
  await layers.getByLabel('What the test patch showed').fill('Cross-cut and tape held after a week.');
  await layers.getByRole('button', { name: 'Decide' }).click();
  await saved(page);
  await expect(layers).toContainText('you decided after a test patch');
  await layers.getByRole('button', { name: 'Give it back' }).click();
  await expect(layers).toContainText('Not known.');
});
