/** A day with the gun, on a phone: cups mixed, coats, the gun rinsed before the paint sets in it, and what comes after. */
import { expect, test as plain } from '@playwright/test';
import { big, now, PACE, press, saved, told, until, untilAllIsOn } from './bench';
import { appServer } from './server';

const LAYERS = [
  { role: 'base', productId: 'orrin-base-gun', coats: 2 },
  { role: 'clear', productId: 'halden-gun-gloss', coats: 3 },
];

plain.describe.configure({ retries: 2 });

plain('a day with the gun: cups, coats, rinsed, then the finish in free hours', async ({ page }) => {
  plain.setTimeout(420_000);
  const app = await appServer({ PELLUCID_NOW: '2026-05-16T10:20', PELLUCID_PACE: String(PACE) });
  const faults: string[] = [];
  page.on('pageerror', (e) => faults.push(e.message));
  try {
    const { job } = (await (await page.request.get(`${app.url}/api/jobs/tractor-bonnet`)).json()) as {
      job: { parts: object[]; state?: unknown };
    };
    const { state: _state, ...fresh } = job;
    const gun = {
      ...fresh,
      parts: [{ ...job.parts[0], condition: 'sound-paint' }],
      equipment: { sprayer: 'hvlp', suppliedAir: true },
      system: { layers: LAYERS },
      finish: { peel: 'light', tool: 'hand' },
    };
    const made = await page.request.post(`${app.url}/api/jobs`, { data: gun });
    const { id } = (await made.json()) as { id: string };
    await page.setViewportSize({ width: 390, height: 844 });
    await page.goto(`${app.url}/jobs/${id}/spray-day`);

    await until(page, /Coat is on|It is mixed/, 20);
    const labels = await untilAllIsOn(page, app, id);
    // All is on, and the gun is full of paint that sets: it is next.
    await expect(big(page)).toContainText('Done: rinse', { timeout: 20_000 });
    labels.push(await press(page));
    await saved(page);
    expect(labels.some((l) => l.includes('It is mixed'))).toBe(true);
    const end = await told(page, app, id);
    const { coats, tasks = [], activations } = end.job.state;
    expect(coats.map((c) => `${c.layerId}.${c.coat}`).sort()).toEqual([
      'base.1',
      'base.2',
      'clear.1',
      'clear.2',
      'clear.3',
    ]);
    expect(activations.map((a) => a.productId)).toContain('halden-gun-gloss');
    // Of the base before the clear was mixed, and of the clear; each pressed once.
    expect(labels.filter((l) => l.includes('Done: rinse'))).toHaveLength(2);
    const rinsed = tasks.filter((t) => t.taskId.startsWith('rinse.'));
    expect(rinsed.map((t) => t.taskId)).toEqual(['rinse.base.c2', 'rinse.clear.c3']);
    const endOf = (layerId: string): number =>
      Math.max(...coats.filter((c) => c.layerId === layerId).map((c) => Date.parse(c.endedAt)));
    expect(Date.parse(rinsed[0]!.endedAt)).toBeGreaterThanOrEqual(endOf('base'));
    expect(Date.parse(rinsed[1]!.endedAt)).toBeGreaterThanOrEqual(endOf('clear'));
    expect(end.plan.toCome.map((x) => x.what)).toContain('handle');
    // What is next is on film that is soft: it has its hour, and asks twice before then.
    await expect(now(page)).toContainText(/tape edges/i);
    await expect(page.getByRole('region', { name: /Visit, Flatting and polishing/ }).first()).toBeVisible();
    expect(faults).toEqual([]);
  } finally {
    await app.stop();
  }
});
