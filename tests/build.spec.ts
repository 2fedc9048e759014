/** Surface, build-up and preparation: shapes, data sheets, routes, and twelve kinds of job. */
import { readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { bringExample, expect, firstPart, saved, test } from './server';

test('twelve kinds of job, each brought in and planned through the interface', async ({
  watched: page,
  app,
  request,
}) => {
  test.setTimeout(600_000);
  for (const n of readdirSync('examples')) {
    const id = await bringExample(request, app, n);
    await page.goto(`${app.url}/jobs/${id}/build-up`);
    await expect(page.getByRole('img', { name: /Cross-section to scale/ }).first(), n).toBeVisible();
    await expect(page.getByText('does not hold', { exact: true }), n).toHaveCount(0);
    await page.goto(`${app.url}/jobs/${id}/spray-day`);
    await expect(page.getByRole('region', { name: /^Run sheet/ }).first(), n).toContainText('coat 1 of');
  }
});

test('a label is pasted, confirmed, used in a layer; a file with one bad row keeps the good one; another route is taken and undone', async ({
  watched: page,
  app,
}) => {
  await page.goto(`${app.url}/jobs/cargo-bike/build-up`);
  const sheets = page.getByRole('region', { name: 'Your own data sheets' });
  await sheets.getByRole('button', { name: 'Paste a label' }).click();
  const dialog = page.getByRole('dialog');
  await dialog
    .getByLabel('Text of the label')
    .fill('Basecoat 400 ml. Flash off 20–25 min between coats. Dry film 9 µm per coat. Batch 77-A');
  await expect(dialog.getByRole('row').filter({ hasText: 'flash' }).first()).toContainText('25 min');
  await dialog.getByRole('textbox', { name: 'Name', exact: true }).fill('Harbour base');
  await dialog.getByRole('button', { name: 'Add this sheet' }).click();
  await saved(page);
  // A job's own sheet comes before the catalogue: the suggestion takes it at once.
  await expect(page.getByRole('combobox', { name: 'Product of layer 3' })).toHaveText('Harbour base');
  await expect(page.getByRole('img', { name: /Cross-section to scale/ }).first()).toHaveAttribute(
    'aria-label',
    /Harbour base 3 coats of 9 µm/,
  );
  const good = {
    ...(
      (await (await page.request.get(`${app.url}/api/jobs/cargo-bike`)).json()) as {
        job: { products: Record<string, unknown>[] };
      }
    ).job.products[0]!,
    id: 'own-second',
    name: 'Second base',
  };
  const file = join(tmpdir(), `sheets-${Date.now()}.json`);
  writeFileSync(
    file,
    JSON.stringify([good, { ...good, id: 'own-bad', name: 'Bad base', nextBondMaxMin: 1 }]),
  );
  await sheets.locator('input[type=file]').setInputFiles(file);
  await expect(sheets.getByText('Brought in: 1. Left out: 1.')).toBeVisible();
  await expect(
    sheets.getByText(/Row 2, Bad base: nextBondMaxMin: expected a figure of at least/),
  ).toBeVisible();
  await page.getByRole('button', { name: 'Take Gun, one part' }).click();
  await expect(page.getByRole('combobox', { name: 'Product of layer 4' })).toHaveText(/Halden 1K clear/);
  await saved(page);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('combobox', { name: 'Product of layer 3' })).toHaveText('Harbour base');
  await saved(page);
});

test('shapes: a box, its faces, a tube and a dent, measured and drawn; a crossing outline is refused beside the field', async ({
  page,
  app,
}) => {
  await page.goto(`${app.url}/jobs/locker-lids/surface`);
  const part = firstPart(page);
  await part.getByLabel('Shape').click();
  await page.getByRole('option', { name: 'box' }).click();
  await expect(part.getByText('Face by face')).toBeVisible();
  await saved(page);
  const stored = async (): Promise<{ shape?: { kind: string }; dents?: unknown[] }> =>
    (
      (await (await page.request.get(`${app.url}/api/jobs/locker-lids`)).json()) as {
        job: { parts: { shape?: { kind: string }; dents?: unknown[] }[] };
      }
    ).job.parts[0]!;
  expect((await stored()).shape!.kind).toBe('box');
  await part.getByRole('button', { name: 'Add a dent' }).click();
  await saved(page);
  expect((await stored()).dents!.length).toBe(1);
  await page.goto(`${app.url}/jobs/locker-lids/build-up`);
  await expect(page.getByRole('region', { name: 'Preparation' })).toContainText('Cream hardener');
  await page.goto(`${app.url}/jobs/locker-lids/surface`);
  await part.getByLabel('Shape').click();
  await page.getByRole('option', { name: 'outline by points' }).click();
  await part.getByRole('group', { name: 'Corner 3' }).getByLabel('3 along').fill('0');
  await part.getByRole('group', { name: 'Corner 4' }).getByLabel('4 along').fill('900');
  await expect(part.getByText(/an outline whose sides do not cross/).first()).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await saved(page);
});

test('a school changes the plan, a refused seam is taken on and given back, the drawing is saved as SVG and PNG', async ({
  watched: page,
  app,
}) => {
  await page.goto(`${app.url}/jobs/tractor-bonnet/build-up`);
  const layers = page.getByRole('region', { name: 'Layers' });
  await expect(layers).toContainText('P600 wet');
  await page
    .getByRole('group', { name: 'Last grit before the colour' })
    .getByRole('button', { name: 'P400' })
    .click();
  await expect(layers).toContainText('P400 wet');
  await saved(page);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(layers).toContainText('P600 wet');
  await saved(page);
  for (const as of ['SVG', 'PNG'] as const) {
    const [file] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('button', { name: as, exact: true }).click(),
    ]);
    const bytes = readFileSync((await file.path())!);
    if (as === 'SVG') {
      expect(bytes.toString()).toMatch(/^<svg /);
      expect(bytes.toString()).not.toContain('var(--');
      expect(bytes.toString()).toContain('<pattern');
    } else {
      expect(bytes.subarray(1, 4).toString()).toBe('PNG');
      expect(bytes.length).toBeGreaterThan(8000);
    }
  }
  await page.goto(`${app.url}/jobs/stand-mixer/build-up`);
  await page.getByRole('combobox', { name: 'Product of layer 1' }).click();
  await page.getByRole('option', { name: 'Tamsel spray filler' }).click();
  await page.getByRole('button', { name: 'Take it on' }).first().click();
  await expect(page.getByText('on you', { exact: true }).first()).toBeVisible();
  await saved(page);
  await page.reload();
  await page.getByRole('button', { name: 'Give it back' }).first().click();
  await expect(page.getByRole('button', { name: 'Take it on' }).first()).toBeVisible();
  await saved(page);
});

test('zones get what they need, what comes off gets a lettered bag', async ({ watched: page, app }) => {
  await page.goto(`${app.url}/jobs/stand-mixer/surface`);
  const part = firstPart(page);
  await part.getByRole('button', { name: 'Add a zone' }).click();
  await saved(page);
  await page.goto(`${app.url}/jobs/stand-mixer/build-up`);
  await page.getByRole('button', { name: 'Back to the suggestion' }).click();
  await expect(page.getByRole('region', { name: 'Layers' })).toContainText('Tamsel 2K epoxy primer');
  await page.getByLabel('Badge, lamp, hinge …').fill('Speed knob');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('list', { name: 'What comes off' })).toContainText('ASpeed knob');
  await saved(page);
});

test('asked at the part: a magnet that does not hold makes it aluminium, a paint that dissolves is isolated', async ({
  watched: page,
  app,
}) => {
  await page.goto(`${app.url}/jobs/tractor-bonnet/surface`);
  const part = firstPart(page);
  await part.getByRole('button', { name: /^dissolves/ }).click();
  await saved(page);
  await page.goto(`${app.url}/jobs/tractor-bonnet/build-up`);
  await expect(page.getByRole('region', { name: 'Layers' })).toContainText('Tamsel 2K epoxy primer');
});

test('water that beads makes every wipe twice; minutes of one’s own move the plan; a stripe gets its own colour', async ({
  watched: page,
  app,
  request,
}) => {
  const id = await bringExample(request, app, 'dented-door');
  await page.goto(`${app.url}/jobs/${id}/surface`);
  const part = firstPart(page);
  await part.getByRole('button', { name: /^beads/ }).click();
  await expect(part.getByText(/Wax or silicone feared/)).toBeVisible();
  await saved(page);
  await page.goto(`${app.url}/jobs/${id}/build-up`);
  const order = page.getByRole('region', { name: 'Order of work' });
  await expect(order).toContainText('Body filler, round 1');
  await expect(order).toContainText('Sand P80');
  await expect(order).toContainText('silicone is feared');
  const mask = order.getByRole('listitem').filter({ hasText: 'Mask what stays' }).first();
  await mask.getByLabel('Minutes').fill('40');
  await mask.getByLabel('Minutes').blur();
  await expect(mask.getByRole('button', { name: 'Mask: as estimated' })).toBeVisible();
  await saved(page);
  await page.reload();
  await expect(mask.getByLabel('Minutes')).toHaveValue('40');
  await mask.getByRole('button', { name: 'Mask: as estimated' }).click();
  await expect(mask.getByLabel('Minutes')).toHaveValue('15');
  const layers = page.getByRole('region', { name: 'Layers' });
  await layers
    .getByRole('button', { name: /^Show .*base.* in the section/i })
    .first()
    .click();
  await layers.getByLabel('Colour of this layer').fill('#c02020');
  await expect(layers.getByRole('button', { name: 'As the job' })).toBeVisible();
  await saved(page);
});

test('an outline is traced on a picture by one known length; crossed edges are told', async ({
  watched: page,
  app,
}) => {
  await page.goto(`${app.url}/jobs/cargo-bike/surface`);
  const part = firstPart(page);
  await part.getByLabel('Shape').click();
  await page.getByRole('option', { name: /polygon|outline|corners/i }).click();
  await part.getByText('Trace it on a photograph').click();
  const drawn = await page.evaluate(async () => {
    const c = document.createElement('canvas');
    c.width = 1000;
    c.height = 600;
    const x = c.getContext('2d')!;
    x.fillStyle = '#99a';
    x.fillRect(0, 0, 1000, 600);
    const b = await new Promise<Blob>((d) => c.toBlob((y) => d(y!), 'image/jpeg'));
    return [...new Uint8Array(await b.arrayBuffer())];
  });
  await part
    .locator('input[type=file]')
    .setInputFiles({ name: 'lid.jpg', mimeType: 'image/jpeg', buffer: Buffer.from(drawn) });
  const picture = part.getByRole('group', { name: /^Picture lid.jpg/ });
  await picture.scrollIntoViewIfNeeded();
  const box = (await picture.boundingBox())!;
  const at = (x: number, y: number) =>
    page.mouse.click(box.x + (x / 1000) * box.width, box.y + (y / 600) * box.height);
  // The known length first: 500 px that are 300 mm; then 600 × 400 px: 360 × 240 mm, 0.0864 m².
  await at(100, 50);
  await at(600, 50);
  // An end of the known length is a corner too when it is pressed and not dragged.
  await at(100, 50);
  await expect(part.getByRole('group', { name: /with 1 corners$/ })).toBeVisible();
  await part.getByRole('button', { name: 'Take the last point back' }).click();
  for (const [x, y] of [
    [100, 100],
    [700, 100],
    [100, 500],
    [700, 500],
  ] as const)
    await at(x, y);
  await expect(part.getByText('Two edges cross')).toBeVisible();
  for (let i = 0; i < 2; i++) await part.getByRole('button', { name: 'Take the last point back' }).click();
  for (const [x, y] of [
    [700, 500],
    [100, 500],
  ] as const)
    await at(x, y);
  await expect(part.getByText(/^0\.09 m² in 4 corners/)).toBeVisible();
  await part.getByRole('button', { name: 'Use this outline' }).click();
  await expect(part.getByLabel('3 along')).toHaveValue(/^3(5[89]|6[01])/);
  await saved(page);
});

test('a photograph is made small, loses what the camera wrote, stays after a reload and is taken out; others are refused', async ({
  page,
  app,
}) => {
  await page.goto(`${app.url}/jobs/cargo-bike/surface`);
  // A picture as a camera writes it: drawn in the page, an Exif segment put in behind the start.
  const drawn = await page.evaluate(async () => {
    const c = document.createElement('canvas');
    c.width = 2400;
    c.height = 1200;
    const x = c.getContext('2d')!;
    x.fillStyle = '#1E566B';
    x.fillRect(0, 0, 2400, 1200);
    const b = await new Promise<Blob>((d) => c.toBlob((y) => d(y!), 'image/jpeg'));
    return [...new Uint8Array(await b.arrayBuffer())];
  });
  const exif = [0xff, 0xe1, 0, 10, ...[...'Exif'].map((c) => c.charCodeAt(0)), 0, 0, 1, 2];
  const camera = Buffer.from([...drawn.slice(0, 2), ...exif, ...drawn.slice(2)]);
  const panel = page.getByRole('region', { name: 'Photographs before' });
  await panel
    .locator('input[type=file]')
    .setInputFiles({ name: 'lid.jpg', mimeType: 'image/jpeg', buffer: camera });
  await expect(panel.getByRole('img')).toHaveCount(1);
  const list = (await (await page.request.get(`${app.url}/api/jobs/cargo-bike/photos`)).json()) as {
    id: string;
  }[];
  const kept = await (await page.request.get(`${app.url}/api/photos/${list[0]!.id}`)).body();
  expect(kept.includes(Buffer.from('Exif'))).toBe(false);
  await panel.getByLabel('Note to the photograph of').fill('chip by the hinge');
  await page.keyboard.press('Enter');
  await expect(panel.getByRole('img', { name: /chip by the hinge/ })).toBeVisible();
  await page.reload();
  await expect(panel.getByRole('img')).toHaveCount(1);
  await expect(panel.getByLabel('Note to the photograph of')).toHaveValue('chip by the hinge');
  const archive = await (await page.request.get(`${app.url}/api/workshop/archive?as=tables`)).body();
  expect([archive.includes(kept), archive.includes(Buffer.from(`photos/${list[0]!.id}.jpg`))]).toEqual([
    true,
    true,
  ]);
  expect(
    await panel.getByRole('img').evaluate((i: HTMLImageElement) => [i.naturalWidth, i.naturalHeight]),
  ).toEqual([1600, 800]);
  const post = (data: Buffer, type = 'image/jpeg', part = 'lid') =>
    page.request.post(`${app.url}/api/jobs/cargo-bike/photos?part=${part}&moment=before`, {
      headers: { 'content-type': type },
      data,
    });
  const bare = await post(camera);
  expect(bare.status()).toBe(201);
  const { id: bareId } = (await bare.json()) as { id: string };
  const stored = await (await page.request.get(`${app.url}/api/photos/${bareId}`)).body();
  expect([stored.includes(Buffer.from('Exif')), stored.byteLength < camera.byteLength]).toEqual([
    false,
    true,
  ]);
  await page.request.delete(`${app.url}/api/photos/${bareId}`);
  expect([
    (await post(Buffer.from('GIF89a'))).status(),
    (await post(camera, 'image/gif')).status(),
    (await post(camera, 'image/jpeg', 'nothing')).status(),
    (await post(Buffer.alloc(4 * 1024 * 1024))).status(),
  ]).toEqual([422, 415, 400, 413]);
  await panel
    .locator('input[type=file]')
    .setInputFiles({ name: 'words.jpg', mimeType: 'image/jpeg', buffer: Buffer.from('no picture') });
  await expect(panel.getByText('words.jpg is no picture this browser can read.')).toBeVisible();
  await panel.getByRole('button', { name: /^Take the photograph/ }).click();
  await expect(panel.getByRole('img')).toHaveCount(0);
});
