/**
 * The obvious way beside the runner, for tests: a finished run looked at minute by minute and half hour by half
 * hour, part by part. It shares no table, curve or search with what it judges.
 */
import { isTwoPart, type DryMode } from '../../chemistry/cards';
import type { Product } from '@/model/product';
import type { AtPart } from '../../air/at-part';
import { lastNodeMs } from '../../air/grid';
import { dryRate, stageOf, waterFactor, type Stage } from '../../drying/rate';
import { MINUTE } from '../../time/instant';
import type { CoatStep, Draft } from '../work/draft';
import type { Run, RunPart } from './run';

export interface Judged {
  readonly air: AtPart;
  readonly draft: Draft;
  readonly run: Run;
  readonly hasLamp: boolean;
  readonly startMs: number;
}

/** Clocks are rounded to the minute on the way, and this one goes by steps of a minute: so much either side, ms. */
export const SLACK_MS = 2 * MINUTE;

type Laying = Pick<CoatStep, 'product' | 'film'>;

/** From memory: still air 0.8, a light wind 1.15 of the usual. */
function movingAir(windMs: number): number {
  if (windMs < 0.1) return 0.8;
  return windMs > 1.5 ? 1.15 : 1;
}

/** Rate of a stage at each half hour of the central line; between them it runs straight. */
function ratesOf(air: AtPart, product: Product, mode: DryMode): Float64Array {
  const minC = mode === 'cure' && product.belowMin !== 'creeps' ? product.tempMinC : -Infinity;
  const o = (air.rows - 1) * air.nodes;
  return Float64Array.from({ length: air.nodes }, (_, i) => {
    const rate = dryRate(mode, air.panelC[o + i]!, product.refTempC, minC);
    if (mode === 'cure') return rate;
    const wet = mode === 'water' ? waterFactor(air.rhFrac[o + i]!) : 1;
    return rate * wet * movingAir(air.windMs[o + i]!);
  });
}

/** When a stage is reached, by steps of a minute; Infinity past the forecast. */
export function reachedAt(air: AtPart, { product, film }: Laying, stage: Stage, fromMs: number): number {
  const { minutes, mode } = stageOf(product, stage);
  // From memory: what leaves a film takes longer as it is thicker, what reacts does not.
  const thick = mode === 'cure' ? 1 : Math.max(1, stage === 'flash' ? film.coat : film.layer);
  const rates = ratesOf(air, product, mode);
  const endMs = lastNodeMs(air);
  let dose = 0;
  for (let at = fromMs; at < endMs; at += MINUTE) {
    if (dose >= minutes * thick) return at;
    const x = Math.max(0, (at + MINUTE / 2 - air.startMs) / air.stepMs);
    const i = Math.min(air.nodes - 2, Math.floor(x));
    dose += rates[i]! * (1 - (x - i)) + rates[i + 1]! * (x - i);
  }
  return Infinity;
}

interface Laid extends RunPart {
  readonly of: CoatStep;
}

/** The coats of a part in order; faces of one coat together. */
function coatsOn({ draft, run }: Judged, part: number): Laid[] {
  return draft.steps.flatMap((of, step): Laid[] => {
    const faces = run.trace!.parts.filter((p) => p.step === step && p.part === part);
    if (faces.length === 0) return [];
    return [{ of, step, part, startMs: faces[0]!.startMs, endMs: faces.at(-1)!.endMs }];
  });
}

/** One more coat of the same paint: of its layer, or over a spot coat of it. */
const isSameFilm = (a: Laid, b: Laid): boolean => [b.of.layerId, ...b.of.spots].includes(a.of.layerId);

/** Coats that came before the film below was ready, minutes too soon. */
export function tooSoon(judged: Judged): string[] {
  const { air, draft } = judged;
  return draft.partIds.flatMap((id, part) => {
    const coats = coatsOn(judged, part);
    return coats.slice(1).flatMap((b, i) => {
      const a = coats[i]!;
      const stage = isSameFilm(a, b) ? 'flash' : 'next';
      const readyMs = reachedAt(air, a.of, stage, a.endMs);
      return b.startMs >= readyMs - SLACK_MS
        ? []
        : [`${b.of.id} on ${id}, ${(readyMs - b.startMs) / MINUTE} min of ${(b.startMs - a.endMs) / MINUTE}`];
    });
  });
}

/** Coats that came after a bond or a recoat time of the label was over. */
export function tooLate(judged: Judged): string[] {
  return judged.draft.partIds.flatMap((id, part) => {
    const coats = coatsOn(judged, part);
    return coats.slice(1).flatMap((b, i) => {
      const a = coats[i]!;
      const isSame = isSameFilm(a, b);
      const most = isSame ? b.of.product.itselfMaxMin : a.of.product.nextBondMaxMin;
      return most === undefined || b.startMs - a.endMs <= most * MINUTE ? [] : [`${b.of.id} on ${id}`];
    });
  });
}

interface Span {
  readonly fromMs: number;
  readonly toMs: number;
}

/** Half hours of the central line that touch a stretch. */
function nodesIn(air: AtPart, { fromMs, toMs }: Span): number[] {
  const from = Math.max(0, Math.floor((fromMs - air.startMs) / air.stepMs));
  const to = Math.min(air.nodes - 1, Math.ceil((toMs - air.startMs) / air.stepMs));
  const o = (air.rows - 1) * air.nodes;
  return Array.from({ length: Math.max(0, to - from + 1) }, (_, i) => o + from + i);
}

type Minds = (air: AtPart, p: Product, k: number) => boolean;
/** What a film minds until which stage. Facts of the trade, common practice. */
const MINDS: readonly (readonly [Stage, Minds])[] = [
  ['flash', (a, p, k) => a.panelC[k]! > p.tempMaxC],
  ['dustFree', (a, p, k) => a.windMs[k]! > p.windMaxMs || a.gustMs[k]! > 5 || a.flap[k] === 1],
  ['touchDry', (a, p, k) => a.gapK[k]! < p.dewGapMinK || a.rhFrac[k]! > p.rhMaxFrac],
  [
    'handle',
    (a, p, k) => a.panelC[k]! < p.tempMinC || a.rain[k] === 1 || a.gapK[k]! <= 0 || a.panelC[k]! > 40,
  ],
];

/**
 * Half hours between first coat and handle-dry in which a film minds the air; a film is covered only where the
 * next layer really goes. @param wider ms more, or with a minus less, at the end of every stretch
 */
export function badHours(judged: Judged, wider: number): string[] {
  const { air, draft } = judged;
  return draft.partIds.flatMap((id, part) => {
    const coats = coatsOn(judged, part);
    const layers = [...new Set(coats.map((c) => c.of.layerId))];
    return layers.flatMap((layerId, i) => {
      const mine = coats.filter((c) => c.of.layerId === layerId);
      const over = coats.find((c) => c.of.layerId === layers[i + 1]);
      const { product } = mine[0]!.of;
      return MINDS.flatMap(([stage, minds]) => {
        const doneMs = reachedAt(air, mine.at(-1)!.of, stage, mine.at(-1)!.endMs);
        const toMs = Math.min(over?.startMs ?? Infinity, doneMs) + wider;
        if (!Number.isFinite(toMs)) return [`${layerId} on ${id} past the forecast`];
        const bad = nodesIn(air, { fromMs: mine[0]!.startMs, toMs }).filter((k) => minds(air, product, k));
        return bad.length > 0 ? [`${layerId} on ${id} until ${stage}`] : [];
      });
    });
  });
}

/** Hands that do two things at a time. */
export function twoAtOnce({ run }: Judged): string[] {
  const { pots, parts, hands, rinses } = run.trace!;
  const busy = [
    ...pots.map((p) => ({ startMs: p.fromMs, endMs: p.toMs, what: `pot ${p.productId}` })),
    ...parts.map((p) => ({ ...p, what: `step ${p.step} part ${p.part}` })),
    ...hands.map((h) => ({ ...h, what: h.task.id })),
    ...rinses.map((r) => ({ ...r, what: 'rinse' })),
  ].sort((a, b) => a.startMs - b.startMs);
  return busy
    .slice(1)
    .flatMap((b, i) => (b.startMs >= busy[i]!.endMs - 1 ? [] : [`${busy[i]!.what}, ${b.what}`]));
}

/** Cups and cans used past their end, or that do not add up to what was sprayed from them. */
export function potFaults({ draft, run }: Judged): string[] {
  const { pots } = run.trace!;
  const poured = new Set(
    draft.steps.filter((s) => s.product.carrier === 'gun' || isTwoPart(s.product)).map((s) => s.product.id),
  );
  const past = pots.filter((p) => p.lastMs > p.endsMs).map((p) => `${p.productId} past its end`);
  const sums = [...poured].flatMap((id) => {
    const sprayed = draft.steps.filter((s) => s.product.id === id).reduce((a, s) => a + s.ml, 0);
    const given = pots.filter((p) => p.productId === id).reduce((a, p) => a + p.ml, 0);
    return given >= sprayed - 0.01 ? [] : [`${id}: ${given} of ${sprayed} ml`];
  });
  const cups = pots.filter((p) => {
    const isGun = draft.steps.find((s) => s.product.id === p.productId)!.product.carrier === 'gun';
    const units = draft.steps.filter((s) => s.product.id === p.productId).flatMap((s) => s.units);
    return isGun && p.ml > Math.max(draft.cupMl, ...units.map((u) => u.ml)) + 60;
  });
  return [...past, ...sums, ...cups.map((p) => `${p.productId}: ${p.ml} ml in one cup`)];
}

/** Coats that begin or end in the dark. Common practice: a degree below the horizon. */
export function inTheDark({ air, run, hasLamp }: Judged): string[] {
  if (hasLamp) return [];
  const node = (ms: number): number =>
    Math.min(air.nodes - 1, Math.max(0, Math.round((ms - air.startMs) / air.stepMs)));
  const isDark = (ms: number): boolean => air.sunDeg[node(ms)]! < -1;
  return run.coats.filter((c) => isDark(c.startMs) || isDark(c.endMs)).map((c) => String(c.startMs));
}
