/** The frame: what stays in sight, sections that fold and are jumped to, the search, the first look of each stage. */
import type { Page } from '@playwright/test';
import { choose, expect, saved, test } from './server';

const STAGES = ['surface', 'build-up', 'materials', 'window', 'spray-day', 'log'] as const;
const job = (stage: string): string => `/jobs/cargo-bike/${stage}`;

test('head, section bar, film and tag stay in sight to the end of the page; the tag shows its end', async ({
  watched: page,
  app,
}) => {
  await page.setViewportSize({ width: 1280, height: 800 });
  await page.goto(app.url + job('materials'), { waitUntil: 'networkidle' });
  await page.evaluate(() => window.scrollTo(0, document.body.scrollHeight));
  for (const there of [
    page.getByRole('heading', { level: 1 }),
    page.getByRole('navigation', { name: 'Stages' }),
    page.getByRole('navigation', { name: 'Sections' }),
    page.getByRole('complementary', { name: 'Verdict' }),
  ])
    await expect(there).toBeInViewport();
  const bar = page.getByRole('navigation', { name: 'Sections' });
  await expect(bar.locator('a[aria-current]')).toHaveCount(1);
  await expect(bar.locator('a[aria-current]')).not.toContainText('Cans');
});

test('a section is opened and reached by its link, its address and its digit; back goes back; what is folded stays folded', async ({
  watched: page,
  app,
}) => {
  await page.addInitScript(() => {
    if (sessionStorage.getItem('folded') === null) localStorage.setItem('pellucid.sections', '{}');
    sessionStorage.setItem('folded', 'yes');
  });
  await page.goto(app.url + job('build-up'), { waitUntil: 'networkidle' });
  const preparation = page.getByRole('region', { name: 'Preparation' });
  await expect(preparation).toHaveCount(0);
  const bar = page.getByRole('navigation', { name: 'Sections' });
  await bar.getByRole('link', { name: 'Preparation' }).click();
  await expect(page).toHaveURL(/#preparation$/);
  await expect(preparation).toBeInViewport();
  await page.keyboard.press('6');
  await expect(page).toHaveURL(/#schools$/);
  await expect(page.getByRole('region', { name: 'Schools' })).toBeInViewport();
  await page.goBack();
  await expect(page).toHaveURL(/#preparation$/);
  await page.getByRole('button', { name: /^Preparation/ }).click();
  await expect(preparation).toHaveCount(0);
  await page.goto(app.url + job('build-up'), { waitUntil: 'networkidle' });
  await expect(page.getByRole('region', { name: 'Schools' })).toBeVisible();
  await expect(preparation).toHaveCount(0);
  await page.goto(`${app.url}${job('build-up')}#colour`);
  await expect(page.getByRole('button', { name: /^Colour/ })).toBeInViewport();
});

test('with its sections folded a stage is under 1,600 px, and its decision is in the first 800', async ({
  watched: page,
  app,
}) => {
  await page.setViewportSize({ width: 1280, height: 800 });
  /** What is decided on a stage, and what is pressed for it. */
  const first: Readonly<Record<(typeof STAGES)[number], readonly [words: RegExp, button: RegExp]>> = {
    surface: [/Parts, laid flat/, /^Add a part/],
    'build-up': [/^Ways/, /^Take Cans/],
    materials: [/Still to buy/, /^Shopping list/],
    window: [/50 of 50 futures end well/, /^Start half an hour later/],
    'spray-day': [/At 08:00: shop/, /^Done: shop/],
    log: [/by the can/, /^by weight/],
  };
  for (const stage of STAGES) {
    await page.goto(app.url + job(stage), { waitUntil: 'networkidle' });
    const [words, pressed] = first[stage];
    const main = page.locator('#main');
    await expect(main.getByText(words).first(), stage).toBeInViewport();
    const button = main.getByRole('button', { name: pressed }).or(main.getByRole('link', { name: pressed }));
    await expect(button.first(), stage).toBeInViewport({ ratio: 1 });
    // The run sheet is the list of the day's work and is not folded.
    if (stage === 'spray-day') continue;
    await page.getByRole('button', { name: 'Fold all sections' }).click();
    expect(await page.evaluate(() => document.body.scrollHeight), stage).toBeLessThan(1600);
  }
});

test('/ finds jobs, parts and words; Enter goes there, Escape leaves; in a field it is a letter', async ({
  watched: page,
  app,
}) => {
  await page.goto(app.url + job('surface'), { waitUntil: 'networkidle' });
  await page.keyboard.press('/');
  const finder = page.getByRole('dialog', { name: 'Find' });
  await expect(finder.getByRole('searchbox')).toBeFocused();
  await page.keyboard.type('flash');
  await expect(finder.getByRole('listitem').first()).toContainText('The wait in which the solvent');
  await finder.getByRole('searchbox').fill('qqqq');
  await expect(finder.getByRole('status')).toContainText('Nothing for “qqqq”');
  await finder.getByRole('searchbox').fill('tractor');
  await finder
    .getByRole('link', { name: /Garden tractor/ })
    .first()
    .click();
  await expect(page).toHaveURL(/\/jobs\/tractor-bonnet/);
  await expect(finder).toHaveCount(0);
  await page.goto(app.url + job('surface'), { waitUntil: 'networkidle' });
  await page.getByLabel('Name', { exact: true }).press('/');
  await expect(finder).toHaveCount(0);
});

test('parts: one editor, several changed at once, a copy beside, all taken back', async ({
  watched: page,
  app,
}) => {
  await page.goto(app.url + job('surface'), { waitUntil: 'networkidle' });
  const parts = page.getByRole('region', { name: 'Parts' });
  await expect(parts.getByRole('group').filter({ has: page.getByLabel('Hidden edges') })).toHaveCount(1);
  await parts.getByRole('button', { name: /^Lid/ }).click();
  await expect(parts.getByLabel('Name', { exact: true })).toHaveValue('Lid');
  await parts.getByRole('button', { name: 'Change several at once' }).click();
  await parts.getByRole('checkbox', { name: 'Change Right side too' }).check();
  await expect(parts).toContainText('on 2 parts at once');
  await parts.getByLabel('What lies on it').click();
  await page.getByRole('option', { name: 'chipped or scratched' }).click();
  await expect(parts.getByRole('listitem').filter({ hasText: 'chipped' })).toHaveCount(2);
  await saved(page);
  await parts.getByRole('button', { name: 'Copy Lid' }).click();
  await expect(parts.getByRole('button', { name: /^Lid, copy/ })).toBeVisible();
  await saved(page);
  // Edits of one list close on one another are one step back.
  const undo = page.getByRole('button', { name: 'Undo' });
  await undo.click();
  await expect(parts.getByRole('button', { name: /^Lid, copy/ })).toHaveCount(0);
  await saved(page);
  if (await undo.isEnabled()) await undo.click();
  await expect(parts.getByRole('listitem').filter({ hasText: 'chipped' })).toHaveCount(0);
});

interface Words {
  /** How far any word is drawn larger or smaller than it is set, as a share. */
  readonly off: number;
  /** The smallest, px. */
  readonly least: number;
}

const wordsIn = (page: Page): Promise<Words> =>
  page.evaluate(() => {
    const seen = [...document.querySelectorAll<SVGTextElement>('svg[role=img] text')].filter((e) =>
      e.checkVisibility(),
    );
    const scales = seen.map((e) => {
      const m = e.getScreenCTM()!;
      return Math.hypot(m.a, m.b);
    });
    const sizes = seen.map((e) => parseFloat(getComputedStyle(e).fontSize));
    return { off: Math.max(...scales.map((x) => Math.abs(x - 1))), least: Math.min(...sizes) };
  });

test('words in drawings keep their size whatever the width', async ({ watched: page, app }) => {
  for (const stage of ['surface', 'build-up', 'materials', 'window'] as const)
    for (const width of [1280, 1920, 820]) {
      await page.setViewportSize({ width, height: 900 });
      await page.goto(app.url + job(stage), { waitUntil: 'networkidle' });
      // A drawing is laid out anew once its width is known.
      await expect.poll(async () => (await wordsIn(page)).off, `${stage} at ${width}`).toBeLessThan(0.01);
      expect((await wordsIn(page)).least, `${stage} at ${width}`).toBeGreaterThanOrEqual(12);
    }
});

test('every example that an empty bench offers can be begun from; another is refused with a sentence', async ({
  app,
  request,
}) => {
  for (const id of ['tractor-bonnet', 'stand-mixer', 'cargo-bike', 'locker-lids']) {
    const made = await request.post(`${app.url}/api/jobs?example=${id}`);
    expect(made.status(), id).toBe(201);
    const { job } = (await (
      await request.get(`${app.url}/api/jobs/${((await made.json()) as { id: string }).id}`)
    ).json()) as { job: { name: string; state?: unknown } };
    expect(job.name).toMatch(/, again/);
    expect(job.state).toBeUndefined();
  }
  const none = await request.post(`${app.url}/api/jobs?example=nothing`);
  expect(none.status()).toBe(404);
  expect(await none.text()).toContain('There is no such example.');
});

test('a job is duplicated on the bench; what comes next over all jobs is the first thing there', async ({
  watched: page,
  app,
}) => {
  await page.goto(app.url, { waitUntil: 'networkidle' });
  const next = page.getByRole('region', { name: 'Next, over all jobs' });
  await expect(next.getByRole('listitem').first()).toBeInViewport();
  await page.getByRole('button', { name: 'Duplicate Stand-mixer shell', exact: true }).click();
  await expect(page).toHaveURL(/\/surface$/);
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(/^Stand-mixer shell, again/);
  await choose(page, 'Theme', 'night');
  await expect(page.locator('html')).toHaveAttribute('data-theme', 'dark');
});

test('with the server away a page loses nothing it opens: menu, search', async ({ page, app }) => {
  await page.goto(app.url + job('surface'), { waitUntil: 'networkidle' });
  // What opens over the page is fetched once it is idle, after a second and a half at the latest.
  await page.waitForTimeout(2_500);
  await page.waitForLoadState('networkidle');
  await page.route('**/*', (route) => route.abort());
  await page.getByRole('button', { name: 'Menu' }).click();
  await expect(page.getByRole('dialog', { name: 'Menu' })).toBeVisible();
  await page.keyboard.press('Escape');
  await page.keyboard.press('/');
  await expect(page.getByRole('dialog', { name: 'Find' }).getByRole('searchbox')).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
});
