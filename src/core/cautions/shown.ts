/**
 * How each caution is shown: how severe it is, and at which moments and how near the top. When it
 * applies is said on its card, in words in the words room. Apart from the cards, so that a page
 * that only shows cautions does not carry what works them out.
 */
import type { Caution } from '@/model/plan';

export const MOMENTS = ['surface', 'build-up', 'materials', 'window', 'spray-day'] as const;
export type Moment = (typeof MOMENTS)[number];

interface Shown {
  readonly severity: Caution['severity'];
  /** Where it is shown, by rank: 1 stands at the top. */
  readonly at: Partial<Record<Moment, number>>;
}
const stop = (at: Shown['at']): Shown => ({ severity: 'stop', at });
const mind = (at: Shown['at']): Shown => ({ severity: 'mind', at });

export const SHOWN = {
  isocyanate: stop({ 'build-up': 1, materials: 2, window: 3, 'spray-day': 1 }),
  'isocyanate-no-air': stop({ surface: 3, 'build-up': 2, materials: 3, window: 4, 'spray-day': 2 }),
  'old-paint-lead': stop({ surface: 1, 'spray-day': 3 }),
  'rub-test': mind({ surface: 2, 'build-up': 3 }),
  'skin-sensitiser': mind({}),
  'etch-acid': mind({ 'build-up': 12 }),
  'solvent-vapour': mind({ window: 7, 'spray-day': 4 }),
  'close-place': stop({ surface: 4, window: 8, 'spray-day': 4 }),
  'heater-off': stop({ window: 7, 'spray-day': 3 }),
  fuse: mind({ surface: 7, 'spray-day': 8 }),
  'dusty-place': mind({ surface: 8, 'spray-day': 8 }),
  ignition: stop({ materials: 4, window: 8, 'spray-day': 5 }),
  'test-card': mind({ 'build-up': 4, 'spray-day': 6 }),
  'finish-differs': mind({ 'build-up': 6 }),
  'base-without-clear': mind({ 'build-up': 11 }),
  'effect-differs': mind({ 'build-up': 7 }),
  'seam-overridden': mind({ 'build-up': 5 }),
  'seam-decided': mind({ 'build-up': 5 }),
  'own-ladder': mind({ 'build-up': 6 }),
  silicone: mind({}),
  'filler-peroxide': mind({}),
  'matte-not-polished': mind({}),
  'film-too-thin': mind({ 'build-up': 13 }),
  'film-too-thick': mind({ 'build-up': 14 }),
  'film-in-a-session': mind({ 'build-up': 15 }),
  'primer-shade': mind({}),
  'over-budget': mind({ materials: 1 }),
  'past-deadline': mind({ window: 2 }),
  'matte-outdoors': mind({ 'build-up': 8 }),
  'brake-fluid': mind({ 'build-up': 9 }),
  'hot-oil': mind({ 'build-up': 9 }),
  'blend-limits': mind({ 'build-up': 4, 'spray-day': 6 }),
  flexing: mind({ 'build-up': 9 }),
  'chips-one-pack': mind({ 'build-up': 10 }),
  'session-risk': mind({ window: 6 }),
  'start-outside': stop({ window: 1, 'spray-day': 7 }),
  'night-after': mind({ window: 5, 'spray-day': 8 }),
  'stock-not-counted': mind({ materials: 5 }),
  'soft-until-baked': mind({ 'build-up': 8, 'spray-day': 9 }),
  'two-part-cold': mind({ window: 10, 'spray-day': 10 }),
  'cold-paint': mind({ window: 9, 'spray-day': 5 }),
  sweats: stop({ window: 5, 'spray-day': 4 }),
  'cold-cure': mind({ window: 9, 'spray-day': 9 }),
} satisfies Readonly<Record<string, Shown>>;
export type CautionCode = keyof typeof SHOWN;

const shownOf = (code: string): Shown | undefined => SHOWN[code as CautionCode];

/** Cautions of a plan that are shown at a moment, the weightiest first. */
export function cautionsAt(moment: Moment, cautions: readonly Caution[]): Caution[] {
  const rank = (code: string): number => shownOf(code)?.at[moment] ?? Infinity;
  return cautions.filter((c) => Number.isFinite(rank(c.code))).sort((a, b) => rank(a.code) - rank(b.code));
}

/** How severe the caution of a code is; a code of a later version is no less than a word. */
export function severityOf(code: string): Caution['severity'] {
  return shownOf(code)?.severity ?? 'mind';
}
