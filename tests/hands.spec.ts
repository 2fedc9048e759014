/** Hands: a phone in a glove, a keyboard alone, large text, paper. */
import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { choose, expect, firstPart, saved, test } from './server';

const STAGE_PATHS = ['surface', 'build-up', 'materials', 'window', 'spray-day', 'log'].map(
  (stage) => `/jobs/cargo-bike/${stage}`,
);

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });

  test('the bench has the air, what comes next and one button to the run sheet', async ({
    watched: page,
    app,
  }) => {
    await page.goto(app.url);
    await expect(
      page.getByRole('list', { name: 'The air at the part now' }).getByRole('listitem'),
    ).toHaveCount(4);
    await expect(page.getByRole('region', { name: 'Next' })).toContainText('08:00 sand');
    await page.getByRole('link', { name: /Open today’s run sheet/ }).tap();
    await expect(page).toHaveURL(/spray-day$/);
    await page.getByRole('link', { name: 'Back' }).tap();
    await expect(page).toHaveURL(`${app.url}/`);
  });

  test('the verdict is a bar that opens, the week a day with its starts', async ({ watched: page, app }) => {
    await page.goto(`${app.url}/jobs/locker-lids/window`);
    const verdict = page.getByRole('complementary', { name: 'Verdict' });
    await expect(verdict.getByText('Cans to buy')).toBeHidden();
    await verdict.getByRole('button').first().tap();
    await expect(verdict.getByText('Cans to buy')).toBeVisible();
    await verdict.getByRole('button').first().tap();
    const day = page.getByRole('region', { name: 'The day' });
    await expect(day.getByText('Sat 16 May')).toBeVisible();
    await day.getByRole('button', { name: 'The day after' }).tap();
    await expect(day.getByText('Sun 17 May')).toBeVisible();
    const start = day.getByRole('button', { name: /^10:00/ });
    await start.tap();
    await expect(start).toHaveAttribute('aria-pressed', 'true');
    await expect(page.getByRole('region', { name: 'The start' })).toContainText('Sun 17 May, start 10:00');
    await saved(page);
    for (const b of await page.locator('main button:visible, main a.MuiButton-root:visible').all()) {
      const box = await b.boundingBox();
      expect(box!.height, (await b.textContent()) ?? '').toBeGreaterThanOrEqual(44);
    }
  });

  test('no text is smaller than 14 px, and no row is cut off', async ({ watched: page, app }) => {
    for (const path of [
      '/',
      '/jobs/tractor-bonnet/spray-day',
      '/jobs/cargo-bike/materials',
      '/jobs/cargo-bike/build-up',
      '/jobs/cargo-bike/window',
      '/jobs/toolbox-lid/log',
    ]) {
      await page.goto(app.url + path, { waitUntil: 'networkidle' });
      const small = await page.evaluate(() =>
        [...document.querySelectorAll('body *')].flatMap((e) => {
          const own = [...e.childNodes].some((n) => n.nodeType === 3 && n.textContent!.trim() !== '');
          if (
            !own ||
            !(e as HTMLElement).checkVisibility?.({ opacityProperty: true }) ||
            e.closest('.sr, .sr-phone, legend, .titles')
          )
            return [];
          // Drawings scale with their box: what counts is what the eye gets.
          const svg = e.closest('svg');
          const m = svg ? (e as SVGGraphicsElement).getScreenCTM?.() : null;
          const px = parseFloat(getComputedStyle(e).fontSize) * (m ? Math.hypot(m.a, m.b) : 1);
          return px < (svg ? 11.9 : 12) ? [`${px.toFixed(1)} ${e.textContent!.slice(0, 30)}`] : [];
        }),
      );
      expect(small, path).toEqual([]);
    }
  });
});

test('what cannot be taken back asks twice: by a long press, or by a second press from the keyboard', async ({
  watched: page,
  app,
}) => {
  await page.goto(`${app.url}/jobs/tractor-bonnet/spray-day`);
  const sheet = page.getByRole('region', { name: 'Run sheet, Base and clear' });
  const act = sheet.getByRole('button', { name: 'Done: Activate Halden 2K clear' });
  await expect(sheet.getByRole('button', { name: 'Done: Activate can 2 of Halden 2K clear' })).toHaveCount(1);
  await act.focus();
  await page.keyboard.press('Enter');
  await expect(sheet.getByText('press again to confirm')).toBeVisible();
  await expect(page.getByRole('region', { name: 'Done' })).not.toContainText('Activated');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('region', { name: 'Done' })).toContainText('Activated Halden 2K clear');
  await page.getByRole('button', { name: 'Take back Activated Halden 2K clear' }).click();
  await saved(page);
  await act.scrollIntoViewIfNeeded();
  const box = (await act.boundingBox())!;
  await page.mouse.move(box.x + 20, box.y + 15);
  await page.mouse.down();
  await expect(page.getByRole('region', { name: 'Done' })).toContainText('Activated Halden 2K clear');
  await page.mouse.up();
  await page.getByRole('button', { name: 'Take back Activated Halden 2K clear' }).click();
  await saved(page);
});

test('the keyboard alone: skip link, stages, a start moved, focus always to be seen', async ({
  watched: page,
  app,
}) => {
  await page.goto(`${app.url}/jobs/cargo-bike/window`);
  await page.keyboard.press('Tab');
  await expect(page.getByRole('link', { name: 'Skip to the content' })).toBeFocused();
  let seen = 0;
  for (let i = 0; i < 40; i++) {
    await page.keyboard.press('Tab');
    const ring = await page.evaluate(() => {
      const e = document.activeElement;
      if (!e || e === document.body) return 'none';
      const s = getComputedStyle(e);
      const p = e.parentElement ? getComputedStyle(e.parentElement) : s;
      return (s.outlineStyle !== 'none' && parseFloat(s.outlineWidth) >= 2) ||
        p.outlineStyle !== 'none' ||
        e.matches('input, [role=combobox]')
        ? 'ring'
        : `no ring on ${e.outerHTML.slice(0, 80)}`;
    });
    if (ring !== 'none') {
      expect(ring).toBe('ring');
      seen++;
    }
  }
  expect(seen).toBeGreaterThan(20);
  const start = page.getByRole('region', { name: 'The start' });
  const [, before] = /start (\d\d:\d\d)/.exec((await start.textContent()) ?? '')!;
  const later = new Date(Date.parse(`2026-05-16T${before}Z`) + 30 * 60_000).toISOString().slice(11, 16);
  await page.getByRole('button', { name: 'Start half an hour later' }).focus();
  await page.keyboard.press('Enter');
  await expect(start).toContainText(`start ${later}`);
  await page.keyboard.press('Escape');
  await page.locator('body').click({ position: { x: 5, y: 400 } });
  await page.keyboard.press('Control+z');
  await expect(start).toContainText(`start ${before}`);
  await saved(page);
});

test('a session is dragged in the close-up by half hours', async ({ watched: page, app }) => {
  await page.goto(`${app.url}/jobs/stand-mixer/window`);
  const start = page.getByRole('region', { name: 'The start' });
  const before = /start (\d\d:\d\d)/.exec((await start.textContent())!)![1]!;
  const coat = page
    .getByRole('img', { name: /^Session close up/ })
    .locator('rect[stroke-dasharray="3 2"]')
    .first();
  await coat.scrollIntoViewIfNeeded();
  const box = (await coat.boundingBox())!;
  await page.mouse.move(box.x + 3, box.y + 10);
  await page.mouse.down();
  await page.mouse.move(box.x + 60, box.y + 10, { steps: 4 });
  await page.mouse.move(box.x + 130, box.y + 10, { steps: 4 });
  await page.mouse.up();
  await expect(start).not.toContainText(`start ${before}`);
  await saved(page);
  await page.getByRole('button', { name: 'Let it be chosen' }).click();
  await expect(start).toContainText(`start ${before}`);
  await saved(page);
});

test('at 200 % text and at 320 px nothing is cut off sideways', async ({ watched: page, app }) => {
  for (const [width, height] of [
    [640, 400],
    [320, 640],
  ] as const) {
    await page.setViewportSize({ width, height });
    for (const path of [
      '/',
      '/workshop',
      '/places',
      '/places?at=back-room',
      '/jobs/tractor-bonnet/surface',
      '/jobs/cargo-bike/build-up',
      '/jobs/cargo-bike/materials',
      '/jobs/cargo-bike/window',
      '/jobs/tractor-bonnet/spray-day',
      '/jobs/toolbox-lid/log',
    ]) {
      await page.goto(app.url + path);
      expect(
        await page.evaluate(
          () => document.documentElement.scrollWidth - document.documentElement.clientWidth,
        ),
        `${path} at ${width}`,
      ).toBeLessThanOrEqual(0);
    }
  }
});

test('with the browser’s text at 200 % a laptop gets the page of a phone, and nothing is cut off', async ({
  playwright,
  app,
}) => {
  const folder = mkdtempSync(join(tmpdir(), 'pellucid-text-'));
  mkdirSync(join(folder, 'Default'));
  const preferences = { webkit: { webprefs: { default_font_size: 32 } } };
  writeFileSync(join(folder, 'Default', 'Preferences'), JSON.stringify(preferences));
  const context = await playwright.chromium.launchPersistentContext(folder, {
    ...(test.info().project.use.launchOptions ?? {}),
    viewport: { width: 1280, height: 800 },
  });
  const page = await context.newPage();
  for (const path of ['/', '/shelf', '/shopping', ...STAGE_PATHS]) {
    await page.goto(app.url + path, { waitUntil: 'networkidle' });
    const [text, over] = await page.evaluate(() => [
      getComputedStyle(document.documentElement).fontSize,
      document.documentElement.scrollWidth - document.documentElement.clientWidth,
    ]);
    expect(text).toBe('32px');
    expect(over, path).toBe(0);
  }
  await page.goto(`${app.url}/jobs/cargo-bike/surface`, { waitUntil: 'networkidle' });
  await expect(page.getByRole('button', { name: 'Stages' })).toBeVisible();
  await context.close();
  rmSync(folder, { recursive: true, force: true });
});

test('a run sheet prints on one page a session, the shopping list on one page', async ({
  watched: page,
  app,
}) => {
  const pages = async (format: 'A4' | 'Letter' = 'A4'): Promise<number> =>
    (
      (await page.pdf({ format, preferCSSPageSize: true }))
        .toString('latin1')
        .match(/\/Type\s*\/Page[^s]/g) ?? []
    ).length;
  await page.goto(`${app.url}/jobs/tractor-bonnet/spray-day`, { waitUntil: 'networkidle' });
  expect([await pages(), await pages('Letter')]).toEqual([1, 1]);
  await page.goto(`${app.url}/jobs/cargo-bike/spray-day`, { waitUntil: 'networkidle' });
  expect([await pages(), await pages('Letter')]).toEqual([2, 2]);
  await page.goto(`${app.url}/jobs/cargo-bike/materials`, { waitUntil: 'networkidle' });
  expect(await pages()).toBe(1);
  // Folds that were opened for paper are as high there as what is in them, also the second time.
  await page.waitForTimeout(1000);
  expect(await pages()).toBe(1);
});

test('US units: lengths are typed in inches and stored in millimetres, to the digit, however often they are switched', async ({
  watched: page,
  app,
}) => {
  await page.goto(`${app.url}/jobs/cargo-bike/surface`);
  const part = firstPart(page);
  const length = part.getByLabel('Length');
  const stored = async (): Promise<number> =>
    (
      (await (await page.request.get(`${app.url}/api/jobs/cargo-bike`)).json()) as {
        job: { parts: { lengthMm: number }[] };
      }
    ).job.parts[0]!.lengthMm;
  for (let i = 0; i < 3; i++) {
    await choose(page, 'Units', 'US');
    await length.focus();
    await length.blur();
    await choose(page, 'Units', 'metric');
    await length.focus();
    await length.blur();
  }
  expect(await stored()).toBe(620);
  await choose(page, 'Units', 'US');
  await expect(length).toHaveValue('24.41');
  await length.fill('25');
  await length.blur();
  await saved(page);
  expect(await stored()).toBeCloseTo(635, 9);
  await expect(page.getByText(/ft²/).first()).toBeVisible();
  await choose(page, 'Units', 'metric');
  await expect(length).toHaveValue('635');
  await length.fill('620');
  await length.blur();
  await saved(page);
});
