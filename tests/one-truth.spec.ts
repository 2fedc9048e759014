/** One figure, one truth: what the tag, the stages, the bench and the list say of a job is the same. */
import type { Page } from '@playwright/test';
import { choose, expect, saved, test } from './server';

const STAGES = ['surface', 'build-up', 'materials', 'window', 'spray-day', 'log'] as const;
const JOBS = {
  'tractor-bonnet': 'Garden tractor bonnet and two mudguards',
  'stand-mixer': 'Stand-mixer shell',
  'cargo-bike': 'Cargo-bike box panels',
  'locker-lids': 'Caravan locker lids',
} as const;

interface TagFigures {
  readonly odds: string;
  readonly good: string;
  readonly packs: string;
  readonly total: string;
  readonly budget: string;
  readonly hands: string;
}

/** What the tag of a stage says. */
async function tagOf(page: Page): Promise<TagFigures> {
  const text = (await page.getByRole('complementary', { name: 'Verdict' }).innerText()).replace(/\s+/g, ' ');
  const read = (form: RegExp): string => form.exec(text)?.[1] ?? `no ${form} in ${text}`;
  return {
    odds: read(/(\d+) % \d+ of \d+ futures/),
    good: read(/% (\d+ of \d+) futures/),
    packs: read(/to buy of [^ ]+ (\d+)/),
    total: read(/to buy of [^ ]+ \d+ ([^ ]+)/),
    budget: read(/to buy of ([^ ]+)/),
    hands: read(/Hands-on ([\d hmin]+?) (?:Mon|Tue|Wed|Thu|Fri|Sat|Sun)/),
  };
}

for (const [id, name] of Object.entries(JOBS))
  test(`${name}: odds, packs, money and hands-on are the same wherever they stand`, async ({
    watched: page,
    app,
  }) => {
    await page.goto(`${app.url}/jobs/${id}/surface`, { waitUntil: 'networkidle' });
    const first = await tagOf(page);
    for (const stage of STAGES.slice(1)) {
      await page.goto(`${app.url}/jobs/${id}/${stage}`, { waitUntil: 'networkidle' });
      expect(await tagOf(page), stage).toEqual(first);
    }
    await page.goto(`${app.url}/jobs/${id}/materials`, { waitUntil: 'networkidle' });
    const headline = page.getByText(/^Still to buy:/).locator('..');
    await expect(headline).toContainText(`Still to buy: ${first.packs} can`);
    await expect(headline).toContainText(`${first.total} of ${first.budget}`);
    await expect(page.getByRole('link', { name: /^Cans/ })).toContainText(first.packs);
    // What a can is expected to spray is what the log compares the use with.
    const cans = await page.getByRole('region', { name: 'Cans' }).innerText();
    const bars = await page.getByRole('list', { name: 'Paints' }).innerText();
    await page.goto(`${app.url}/jobs/${id}/log`, { waitUntil: 'networkidle' });
    const logged = await page.locator('#used').innerText();
    for (const [expected] of cans.matchAll(/\d+ ml(?= expected)/g)) {
      expect(logged, id).toContain(`${expected} expected`);
      expect(bars, id).toContain(`expected ${expected}`);
    }
    await page.goto(app.url, { waitUntil: 'networkidle' });
    const card = page.getByRole('article').filter({ has: page.getByRole('heading', { name }) });
    await expect(card).toContainText(`${first.odds} %`);
    await page.goto(`${app.url}/shopping?jobs=${id}`, { waitUntil: 'networkidle' });
    const sums = page.getByRole('region', { name: 'What it comes to' });
    await expect(sums).toContainText('In all');
    // The list takes from the shelf what nobody has set aside yet, and says so; else it comes to the same.
    if ((await sums.getByText('Taken from the shelf first').count()) === 0)
      await expect(sums).toContainText(first.total);
    else await expect(sums).toContainText('On Materials it counts once it is set aside');
  });

test('the bench adds up what its jobs say', async ({ watched: page, app }) => {
  let packs = 0;
  for (const id of Object.keys(JOBS)) {
    await page.goto(`${app.url}/jobs/${id}/materials`, { waitUntil: 'networkidle' });
    packs += Number((await tagOf(page)).packs);
  }
  await page.goto(app.url, { waitUntil: 'networkidle' });
  await expect(page.getByRole('complementary', { name: 'Verdict' })).toContainText(
    new RegExp(`To buy, all jobs\\s*of £[\\d.]+\\s*${packs}\\s*£`),
  );
});

test('what a change moved is marked with what it was, and not where less motion is asked for', async ({
  watched: page,
  app,
}) => {
  await page.emulateMedia({ reducedMotion: 'no-preference' });
  await page.goto(`${app.url}/jobs/cargo-bike/surface`, { waitUntil: 'networkidle' });
  const tag = page.getByRole('complementary', { name: 'Verdict' });
  const was = (await tagOf(page)).total;
  await page.getByLabel('Length').first().fill('900');
  await expect(tag.getByText(`was ${was}`)).toBeVisible();
  await expect(tag.getByText(`was ${was}`)).toHaveCount(0, { timeout: 6000 });
  await saved(page);
  await page.emulateMedia({ reducedMotion: 'reduce' });
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(tag).toContainText(was);
  await expect(page.locator('.movedwas:visible')).toHaveCount(0);
  await saved(page);
  // Other units are no change.
  await page.emulateMedia({ reducedMotion: 'no-preference' });
  await choose(page, 'Units', 'US');
  await expect(page.locator('.movedwas')).toHaveCount(0);
});

test('what is taken out comes back where it was taken: a part, a job, a photograph is left until then', async ({
  watched: page,
  app,
}) => {
  await page.goto(`${app.url}/jobs/cargo-bike/surface`, { waitUntil: 'networkidle' });
  const parts = page.getByRole('region', { name: 'Parts' });
  await parts.getByRole('button', { name: 'Take out Left side' }).click();
  await expect(parts.getByRole('button', { name: /^Left side/ })).toHaveCount(0);
  // A save is no change: the line stays to be read.
  await saved(page);
  await page.waitForTimeout(1500);
  await page.getByRole('button', { name: 'Put it back' }).click();
  await expect(parts.getByRole('button', { name: /^Left side/ })).toBeVisible();
  await saved(page);
  // After another change the way back is the usual undo.
  await parts.getByRole('button', { name: 'Take out Left side' }).click();
  await expect(page.getByRole('button', { name: 'Put it back' })).toBeVisible();
  await page.getByLabel('Width').first().fill('333');
  await expect(page.getByRole('button', { name: 'Put it back' })).toHaveCount(0);
  await saved(page);
  await page.getByRole('button', { name: 'Undo' }).click();
  await page.goto(app.url, { waitUntil: 'networkidle' });
  await page.getByRole('button', { name: 'Take Caravan locker lids off the bench' }).click();
  await expect(page.getByRole('heading', { name: 'Caravan locker lids' })).toHaveCount(0);
  await page.getByRole('button', { name: 'Put it back' }).first().click();
  await expect(page.getByRole('heading', { name: 'Caravan locker lids' })).toBeVisible();
});
