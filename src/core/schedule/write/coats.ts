/** Coats, the waits between them and the activations before them, in the order they fall. */
import type { Notice } from '@/model/marks';
import { characterOf, type Character } from '../../coating/character';
import { MINUTE } from '../../time/instant';
import type { CoatStep } from '../tasks/draft';
import { writeActivation } from './activation';
import { airAt, notice, put, round1, type Sheet } from './sheet';

const MANNER: Readonly<Record<Character, string>> = {
  mist: 'manner-first-light',
  tack: 'manner-tack',
  thin: 'manner-thin',
  medium: 'manner-medium',
  even: 'manner-even',
  full: 'manner-full-wet',
  drop: 'manner-drop',
};

function checksOf(sheet: Sheet, s: CoatStep, atMs: number, under: string | null): Notice[] {
  const now = airAt(sheet.air, atMs);
  const p = s.product;
  const air = [
    notice('check-panel', { value: round1(now.panelC), min: p.tempMinC, max: p.tempMaxC }),
    notice('check-dew-gap', { value: round1(now.gapK), min: p.dewGapMinK }),
    notice('check-humidity', { value: Math.round(now.rhPct), max: Math.round(p.rhMaxFrac * 100) }),
    notice('check-wind', { value: round1(now.windMs), max: p.windMaxMs }),
  ];
  if (under === null) return air;
  return [...air, notice(s.firstOfLayer ? 'check-under-ready' : 'check-coat-flashed', { product: under })];
}

/** The wait before a coat: for its own film, or for the one below. */
function writeFlash(sheet: Sheet, k: number, fromMs: number, toMs: number): void {
  const s = sheet.draft.steps[k]!;
  const below = sheet.draft.steps[k - 1]?.product ?? sheet.draft.carry?.product ?? s.product;
  const detail = notice(s.firstOfLayer ? 'flash-to-next' : 'flash', {
    minutes: Math.round((toMs - fromMs) / MINUTE),
    sheetMin: s.firstOfLayer ? below.nextMinMin : s.product.flashMin,
    panelC: round1(airAt(sheet.air, fromMs).panelC),
    refC: below.refTempC,
  });
  const { layerId, coat } = s;
  const task = { id: `${s.id}.flash`, kind: 'flash' as const, layerId, coat, partIds: [...s.partIds] };
  put(sheet, { ...task, handsOn: false, detail, checks: [notice('check-touch')] }, fromMs, toMs);
}

function writeCoat(sheet: Sheet, k: number, under: string | null): void {
  const s = sheet.draft.steps[k]!;
  const { startMs, endMs } = sheet.run.coats[k]!;
  const { product, coat, coats, minutes } = s;
  const manner = MANNER[characterOf(product, coat, coats, s.firstClear)];
  const task = {
    id: s.id,
    kind: 'coat' as const,
    layerId: s.layerId,
    coat,
    partIds: [...s.partIds],
    handsOn: true,
    detail: notice(manner, { product: product.name, coat, coats, ml: Math.round(s.ml), minutes }),
    checks: checksOf(sheet, s, startMs, under),
    cautions: [product.isocyanate ? 'isocyanate' : 'solvent-vapour', 'ignition'],
  };
  put(sheet, task, startMs, endMs);
}

/** @param preparedMs when preparation ends */
export function writeCoats(sheet: Sheet, preparedMs: number): void {
  const { carry, steps } = sheet.draft;
  let under = carry?.product.name ?? null;
  let lastMs = carry ? Math.max(carry.endedMs, sheet.startMs) : preparedMs;
  for (const [k, step] of steps.entries()) {
    const coat = sheet.run.coats[k]!;
    const waitEndsMs = coat.activateMs ?? coat.startMs;
    // An activation ends a wait of less than a minute without a word.
    const least = coat.activateMs === null ? 0 : MINUTE;
    if (coat.activateMs !== null) writeActivation(sheet, step, coat, under !== null);
    if (under !== null && waitEndsMs - lastMs > least) writeFlash(sheet, k, lastMs, waitEndsMs);
    writeCoat(sheet, k, under);
    under = step.product.name;
    lastMs = coat.endMs;
  }
}
