/** Every view at both sizes: nothing wider than the screen, nothing for axe to say, a title of its own. */
import AxeBuilder from '@axe-core/playwright';
import { expect, test } from './server';

const VIEWS = [
  ['bench', '/'],
  ['workshop', '/workshop'],
  ['shelf', '/shelf'],
  ['shopping', '/shopping'],
  ['places', '/places'],
  ['log', '/jobs/tractor-bonnet/log'],
  ['surface', '/jobs/tractor-bonnet/surface'],
  ['build-up', '/jobs/cargo-bike/build-up'],
  ['materials', '/jobs/cargo-bike/materials'],
  ['window', '/jobs/cargo-bike/window'],
  ['spray day', '/jobs/tractor-bonnet/spray-day'],
] as const;
const SIZES = [
  { width: 1280, height: 800 },
  { width: 390, height: 844 },
] as const;

for (const size of SIZES)
  for (const [name, path] of VIEWS) {
    test(`${name} at ${size.width} px fits, has a title, and passes axe by day and by night`, async ({
      watched: page,
      app,
    }) => {
      await page.emulateMedia({ colorScheme: 'light', reducedMotion: 'reduce' });
      await page.setViewportSize(size);
      await page.goto(app.url + path);
      await expect(page.getByRole('main').or(page.locator('#main')).first()).toBeVisible();
      await expect(page).toHaveTitle(/ · Pellucid$/);
      await expect(page.getByRole('heading', { level: 1 })).toHaveCount(1);
      for (const colorScheme of ['light', 'dark'] as const) {
        await page.emulateMedia({ colorScheme, reducedMotion: 'reduce' });
        expect(
          await page.evaluate(
            () => document.documentElement.scrollWidth - document.documentElement.clientWidth,
          ),
        ).toBe(0);
        // What night changes are colours.
        const axe = await (
          colorScheme === 'light'
            ? new AxeBuilder({ page }).withTags(['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa'])
            : new AxeBuilder({ page }).withRules(['color-contrast'])
        ).analyze();
        expect(
          axe.violations.map(
            (v) =>
              `${colorScheme} ${v.id}: ${v.nodes
                .map((n) => n.target.join(' '))
                .slice(0, 3)
                .join(', ')}`,
          ),
        ).toEqual([]);
      }
    });
  }

test('the server listens on loopback only', async ({ app }) => {
  const { networkInterfaces } = await import('node:os');
  const outside = Object.values(networkInterfaces())
    .flat()
    .find((i) => i && i.family === 'IPv4' && !i.internal);
  test.skip(!outside, 'this machine has no other address');
  await expect(
    fetch(`http://${outside!.address}:${app.port}/`, { signal: AbortSignal.timeout(3000) }),
  ).rejects.toThrow();
});
