/** The bench on a fast clock: what the days at it share. */
import { expect, type Page } from '@playwright/test';
import type { AppServer } from './server';

/** A second of the machine is a minute of the day. */
export const PACE = 60;
interface State {
  readonly coats: { layerId: string; coat: number; endedAt: string; partIds?: string[] }[];
  readonly tasks?: { taskId: string; endedAt: string }[];
  readonly faults?: { code: string; mend?: { id: string; partIds: string[] } }[];
  readonly activations: { productId: string; at: string }[];
  readonly senses?: { felt: string }[];
}
export interface Told {
  readonly nowMs: number;
  readonly job: { readonly state: State };
  readonly plan: {
    readonly sessions: unknown[];
    readonly toCome: { what: string }[];
    readonly kind: string;
    readonly waiting: { earliestAt: string } | null;
  };
}

export const now = (page: Page) => page.getByRole('region', { name: 'Now', exact: true });
export const big = (page: Page) => now(page).locator('button.big').first();
export const told = async (page: Page, app: AppServer, id = 'tractor-bonnet'): Promise<Told> =>
  (await (await page.request.get(`${app.url}/api/jobs/${id}`)).json()) as Told;
export const saved = (page: Page) =>
  expect(page.getByRole('status').filter({ hasText: /^Saved$/ })).toBeVisible({ timeout: 45_000 });

/** An instant as the place's own clock has it in May, without its offset. */
export const atPlace = (ms: number): string => new Date(ms + 3_600_000).toISOString().slice(0, 19);

/** Everything that was ticked so far. */
export async function recorded(page: Page, app: AppServer, id?: string): Promise<number> {
  const { coats, tasks = [], activations } = (await told(page, app, id)).job.state;
  return coats.length + tasks.length + activations.length;
}

/** Presses the step in hand as a glove would: once, or twice where it asks. */
export async function press(page: Page): Promise<string> {
  const button = big(page);
  const label = (await button.textContent()) ?? '';
  await button.click();
  if (label.includes('press twice')) await button.click();
  return label;
}

/** Goes on until a step of a kind is next. */
export async function until(page: Page, wanted: RegExp, most = 14): Promise<void> {
  for (let i = 0; i < most; i++) {
    const label = (await big(page).textContent()) ?? '';
    if (wanted.test(label)) return;
    await press(page);
    await expect(big(page)).not.toHaveText(label, { timeout: 20_000 });
  }
  throw new Error(`no step like ${wanted}`);
}

/** Waits for the film, then the coat is on. */
export async function coat(page: Page, app: AppServer, id?: string): Promise<void> {
  await expect(now(page).getByRole('timer')).toHaveText('ready', { timeout: 60_000 });
  const before = await recorded(page, app, id);
  await press(page);
  await expect.poll(() => recorded(page, app, id), { timeout: 20_000 }).toBeGreaterThan(before);
}

/** Calls are spoken, and what is spoken is heard here. */
export async function listen(page: Page, onHeard: (text: string) => void): Promise<void> {
  await page.exposeFunction('heard', onHeard);
  await page.addInitScript(() => {
    localStorage.setItem('pellucid-alarms', '["speak"]');
    window.speechSynthesis.speak = (line) => {
      void (window as unknown as { heard: (t: string) => void }).heard(line.text);
    };
  });
}

/** Presses whatever is next until nothing is left to spray. @returns what the buttons said */
export async function untilAllIsOn(page: Page, app: AppServer, id?: string): Promise<string[]> {
  const labels: string[] = [];
  for (let i = 0; i < 40 && (await told(page, app, id)).plan.sessions.length > 0; i++) {
    const label = (await big(page).textContent()) ?? '';
    labels.push(label);
    if (/Too soon|Coat is on/.test(label)) await coat(page, app, id);
    else {
      // Two steps in a row may have the same name: what is recorded tells that it was taken.
      const before = await recorded(page, app, id);
      await press(page);
      await expect.poll(() => recorded(page, app, id), { timeout: 20_000 }).toBeGreaterThan(before);
    }
    await saved(page);
  }
  return labels;
}
