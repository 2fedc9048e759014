/** Pushing the pin of a can, or mixing a cup: both start a clock that cannot be stopped. */
import type { Notice } from '@/model/marks';
import type { Product } from '@/model/product';
import { NOZZLE_ML, PURGE_ML } from '../../material/material-line';
import { HOUR, instantOf } from '../../time/instant';
import type { RunCoat } from '../judge/runner';
import { ACTIVATE_MIN, type CoatStep } from '../tasks/draft';
import { notice, put, type Sheet } from './sheet';

/** Prudent life of an activated can. Common practice: the same day. */
const PRUDENT_MS = 24 * HOUR;

/** Parts by volume as they are said: 4 : 1 : 1, or 2 : 1. */
function ratioOf(mix: NonNullable<Product['mix']>): string {
  const parts = mix.reducer > 0 ? [mix.base, mix.hardener, mix.reducer] : [mix.base, mix.hardener];
  return parts.join(' : ');
}

function detailOf(sheet: Sheet, { product, activateCans }: CoatStep): Notice {
  if (product.carrier !== 'gun') {
    const lifeH = (product.potLifeMin ?? 0) / 60;
    return notice('activate', { product: product.name, cans: activateCans, lifeH });
  }
  // The test card and what stays in the gun are mixed too.
  const beside = NOZZLE_ML.gun + PURGE_ML.gun;
  const mine = sheet.draft.steps.filter((x) => x.product.id === product.id);
  const ml = mine.reduce((a, x) => a + x.ml, beside);
  return notice('mix', {
    product: product.name,
    ml,
    ratio: product.mix ? ratioOf(product.mix) : 'as its sheet says',
  });
}

function checksOf(product: Product, onWetFilm: boolean): Notice[] {
  const kit =
    product.carrier === 'gun'
      ? [notice('check-strained')]
      : [notice('check-can-warm'), notice('check-shaken', { minutes: ACTIVATE_MIN - 3 })];
  const worn = notice(product.isocyanate ? 'check-air-fed' : 'check-gloves');
  return [
    ...(onWetFilm ? [notice('check-under-flashed')] : []),
    worn,
    notice('check-all-parts-ready'),
    ...kit,
  ];
}

function cautionsOf(p: Product): string[] {
  const pressure = p.carrier === 'gun' ? [] : ['can-pressure'];
  return p.isocyanate ? ['isocyanate', ...pressure] : [...pressure, 'skin-sensitiser'];
}

/** @param onWetFilm it goes on a film of the same session */
export function writeActivation(sheet: Sheet, step: CoatStep, coat: RunCoat, onWetFilm: boolean): void {
  const { product } = step;
  const fromMs = coat.activateMs!;
  const task = {
    id: `${sheet.draft.id}.activate-${product.id}`,
    kind: 'activate' as const,
    layerId: step.layerId,
    partIds: [...step.partIds],
    handsOn: true,
    detail: detailOf(sheet, step),
    checks: checksOf(product, onWetFilm),
    cautions: cautionsOf(product),
  };
  put(sheet, task, fromMs, coat.startMs);
  sheet.activations.push({
    productId: product.id,
    at: sheet.iso(fromMs),
    cans: step.activateCans,
    prudentUntil: '',
    usableUntil: sheet.iso(coat.potEndsMs),
  });
}

/** Each activation is prudent until the session ends, a day has gone by or its pot is dead, whichever is first. */
export function settleActivations(sheet: Sheet, endMs: number): void {
  for (const a of sheet.activations) {
    const untilMs = Math.min(endMs, instantOf(a.at) + PRUDENT_MS, instantOf(a.usableUntil));
    a.prudentUntil = sheet.iso(untilMs);
  }
}
