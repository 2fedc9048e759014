/** Pushing the pin of a can, or mixing a cup: both start a clock that cannot be stopped. */
import type { Notice } from '@/model/marks';
import type { Mix } from '@/model/plan';
import type { Product } from '@/model/product';
import { gradeFor, mixMarks, ratioText } from '../../material/mixing';
import { HOUR, instantOf } from '../../time/instant';
import type { RunPot } from '../judge/run';
import { ACTIVATE_MIN, PRUDENT_H, type CoatStep } from '../work/draft';
import { airAt, notice, put, type Sheet } from './sheet';

/** Its place among those of its product in the session, from 1. */
const nthOf = (sheet: Sheet, pot: RunPot): number =>
  sheet.run.trace!.pots.filter((p) => p.productId === pot.productId).indexOf(pot) + 1;

function detailOf(product: Product, pot: RunPot, nth: number): Notice {
  if (product.carrier !== 'gun') {
    const lifeH = (product.potLifeMin ?? 0) / 60;
    return notice(nth === 1 ? 'activate' : 'activate-next', { product: product.name, cans: 1, nth, lifeH });
  }
  const params = {
    product: product.name,
    ml: Math.ceil(pot.ml),
    ratio: product.mix ? ratioText(product.mix) : 'as its sheet says',
    standMin: product.inductionMin ?? 0,
  };
  if (product.potLifeMin === undefined) return notice('mix-keeps', params);
  return notice(pot.isAfterDead ? 'mix-anew' : 'mix', params);
}

/** Of the next can or cup only what is new about it is asked. */
function checksOf(product: Product, nth: number, onWetFilm: boolean): Notice[] {
  const kit =
    product.carrier === 'gun'
      ? [notice('check-strained')]
      : [notice('check-can-warm'), notice('check-shaken', { minutes: ACTIVATE_MIN - 3 })];
  if (nth > 1) return product.carrier === 'gun' ? kit : kit.slice(-1);
  const worn = notice(product.isocyanate ? 'check-air-fed' : 'check-gloves');
  return [
    ...(onWetFilm ? [notice('check-under-flashed')] : []),
    worn,
    notice('check-all-parts-ready'),
    ...kit,
  ];
}

/** Hardener and reducer for the hour; nothing to choose for what comes ready. */
function gradeOf(sheet: Sheet, { product }: CoatStep, atMs: number): Mix['grade'] {
  if (!product.mix || (product.mix.hardener <= 0 && product.mix.reducer <= 0)) return null;
  return gradeFor(airAt(sheet.air, atMs).panelC, sheet.areaM2);
}

/** @param onWetFilm it goes on a film of the same session */
export function writePot(sheet: Sheet, step: CoatStep, pot: RunPot, onWetFilm: boolean): void {
  const { product } = step;
  const nth = nthOf(sheet, pot);
  const id = `${sheet.draft.id}.activate-${product.id}${nth === 1 ? '' : `~${nth}`}`;
  const grade = gradeOf(sheet, step, pot.fromMs);
  const task = {
    id,
    kind: 'activate' as const,
    layerId: step.layerId,
    partIds: [...step.partIds],
    handsOn: true,
    detail: detailOf(product, pot, nth),
    checks: checksOf(product, nth, onWetFilm),
  };
  put(sheet, task, pot.fromMs, pot.toMs);
  if (product.carrier === 'gun') sheet.mixes.push(mixOf(sheet, { id, grade, product }, pot));
  if (!Number.isFinite(pot.endsMs)) return;
  sheet.activations.push({
    productId: product.id,
    at: sheet.iso(pot.fromMs),
    cans: 1,
    prudentUntil: '',
    usableUntil: sheet.iso(pot.endsMs),
  });
}

/** What goes into the cup, rounded to what a cup shows, ml. */
function marksOf({ mix }: Product, ml: number): Mix['marks'] {
  const marks = mix ? mixMarks(mix, ml) : [];
  return marks.map((m) => ({ part: m.part, ml: Math.round(m.ml), toMl: Math.round(m.toMl) }));
}

interface Mixed {
  readonly id: string;
  readonly grade: Mix['grade'];
  readonly product: Product;
}

function mixOf(sheet: Sheet, { id, grade, product }: Mixed, pot: RunPot): Mix {
  return {
    taskId: id,
    productId: pot.productId,
    at: sheet.iso(pot.fromMs),
    ml: Math.ceil(pot.ml),
    cups: Math.max(1, Math.ceil(pot.ml / sheet.draft.cupMl - 1e-6)),
    marks: marksOf(product, Math.ceil(pot.ml)),
    coats: [...pot.coats],
    grade,
    usedBy: sheet.iso(pot.lastMs),
    usableUntil: Number.isFinite(pot.endsMs) ? sheet.iso(pot.endsMs) : null,
  };
}

/** Each activation is prudent until the session ends, a day has gone by or its pot is dead, whichever is first. */
export function settleActivations(sheet: Sheet, endMs: number): void {
  for (const a of sheet.activations) {
    const untilMs = Math.min(endMs, instantOf(a.at) + PRUDENT_H * HOUR, instantOf(a.usableUntil));
    a.prudentUntil = sheet.iso(untilMs);
  }
}
