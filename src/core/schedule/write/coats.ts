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

function checksOf(sheet: Sheet, coatStep: CoatStep, atMs: number, under: string | null): Notice[] {
  const now = airAt(sheet.air, atMs);
  const product = coatStep.product;
  const air = [
    notice('check-panel', { value: round1(now.panelC), min: product.tempMinC, max: product.tempMaxC }),
    notice('check-dew-gap', { value: round1(now.gapK), min: product.dewGapMinK }),
    notice('check-humidity', { value: Math.round(now.rhPct), max: Math.round(product.rhMaxFrac * 100) }),
    notice('check-wind', { value: round1(now.windMs), max: product.windMaxMs }),
  ];
  if (under === null) return air;
  return [
    ...air,
    notice(coatStep.firstOfLayer ? 'check-under-ready' : 'check-coat-flashed', { product: under }),
  ];
}

/** The wait before a coat: for its own film, or for the one below. */
function writeFlash(sheet: Sheet, k: number, fromMs: number, toMs: number): void {
  const coatStep = sheet.draft.steps[k]!;
  const below = sheet.draft.steps[k - 1]?.product ?? sheet.draft.carry?.product ?? coatStep.product;
  const detail = notice(coatStep.firstOfLayer ? 'flash-to-next' : 'flash', {
    minutes: Math.round((toMs - fromMs) / MINUTE),
    sheetMin: coatStep.firstOfLayer ? below.nextMinMin : coatStep.product.flashMin,
    panelC: round1(airAt(sheet.air, fromMs).panelC),
    refC: below.refTempC,
  });
  const { layerId, coat } = coatStep;
  const task = {
    id: `${coatStep.id}.flash`,
    kind: 'flash' as const,
    layerId,
    coat,
    partIds: [...coatStep.partIds],
  };
  put(sheet, { ...task, handsOn: false, detail, checks: [notice('check-touch')] }, fromMs, toMs);
}

function writeCoat(sheet: Sheet, k: number, under: string | null): void {
  const coatStep = sheet.draft.steps[k]!;
  const { startMs, endMs } = sheet.run.coats[k]!;
  const { product, coat, coats, minutes } = coatStep;
  const manner = MANNER[characterOf(product, coat, coats, coatStep.firstClear)];
  const task = {
    id: coatStep.id,
    kind: 'coat' as const,
    layerId: coatStep.layerId,
    coat,
    partIds: [...coatStep.partIds],
    handsOn: true,
    detail: notice(manner, { product: product.name, coat, coats, ml: Math.round(coatStep.ml), minutes }),
    checks: checksOf(sheet, coatStep, startMs, under),
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
