/**
 * What the ribbon of a week shows: nights and days of the stretch, stretches of one verdict, and all of it in
 * words.
 */
import { darkSpans } from '@/core/air/dark';
import type { AirView } from '@/core/air/view';
import { civilDate, dayStart, HOUR, instantOf, nextDay } from '@/core/time/instant';
import type { JobView } from '@/usecases/view-job';
import type { Plan } from '@/model/plan';
import type { Suit } from '@/model/starts';
import type { Product } from '@/model/product';
import { percentOf, type Format } from '@/words/format';
import { CAUSE_WORDS } from '@/words/names';
import { over, paintOf } from './ink';
import { TINT } from '@/ui/tokens/tints';

/** Rain in fewer futures than this is not drawn, 0…1. */
const RAIN_SHOWN = 0.15;

export interface Stretch {
  readonly fromMs: number;
  readonly toMs: number;
}

/** Nodes of the air that fall into a stretch, one over each end. */
export function nodesIn(air: AirView, { fromMs, toMs }: Stretch): number[] {
  const at = (i: number): number => air.startMs + i * air.stepMs;
  return air.panelC.mid
    .map((_, i) => i)
    .filter((i) => at(i) >= fromMs - air.stepMs && at(i) <= toMs + air.stepMs);
}

/** Dark spans over some nodes of the air. */
export const nightsOf = (air: AirView, nodes: readonly number[], endMs: number): [number, number][] =>
  darkSpans(
    nodes.map((i) => ({ atMs: air.startMs + i * air.stepMs, sunDeg: air.sunDeg[i]! })),
    endMs,
  );

/** Nodes with rain worth drawing. */
export const rainyNodes = (air: AirView, nodes: readonly number[]): number[] =>
  nodes.filter((i) => air.rain[i]! > RAIN_SHOWN);

export interface DayMark {
  readonly startMs: number;
  readonly noonMs: number;
  readonly name: string;
  readonly isToday: boolean;
}

/** Civil days that begin in a stretch. */
export function daysIn({ fromMs, toMs }: Stretch, nowMs: number, tz: string): DayMark[] {
  const name = new Intl.DateTimeFormat('en-GB', { weekday: 'short', day: 'numeric', timeZone: tz });
  const days: DayMark[] = [];
  for (let day = dayStart(fromMs, tz); day < toMs; day = nextDay(day, tz)) {
    const noonMs = day + 12 * HOUR;
    const isToday = civilDate(day + HOUR, tz) === civilDate(nowMs, tz);
    days.push({ startMs: day, noonMs, name: name.format(noonMs), isToday });
  }
  return days;
}

type SuitSpan = Suit['spans'][number];

/** Neighbouring "no" stretches drawn as one, with the reasons that rule most of it first. */
export function mergedSpans(suit: Suit | undefined): SuitSpan[] {
  const out: { span: SuitSpan; hoursBy: Map<string, number> }[] = [];
  for (const span of suit?.spans ?? []) {
    const before = out.at(-1);
    const goesOn = before?.span.verdict === 'no' && span.verdict === 'no';
    const hoursBy = goesOn ? before.hoursBy : new Map<string, number>();
    const cause = span.reasons[0];
    const hours = (instantOf(span.endsAt) - instantOf(span.startsAt)) / HOUR;
    if (cause !== undefined) hoursBy.set(cause, (hoursBy.get(cause) ?? 0) + hours);
    const reasons = [...hoursBy].sort((a, b) => b[1] - a[1]).map(([c]) => c);
    if (goesOn) before.span = { ...before.span, endsAt: span.endsAt, reasons };
    else out.push({ span: { ...span, reasons }, hoursBy });
  }
  return out.map((x) => x.span);
}

/** The most words for a stretch that fit its width; empty where none do. @param letterPx width of a letter */
export function wordsFor(s: SuitSpan, widthPx: number, letterPx = 6.5): string {
  const words = s.verdict === 'good' ? ['good'] : s.reasons.map((r) => CAUSE_WORDS[r] ?? '');
  const tries = [3, 2, 1].map((n) => words.slice(0, n).join(', '));
  return tries.find((t) => widthPx > t.length * letterPx + 6) ?? '';
}

/** The colour a layer is drawn in, as opaque as its paint. @param least opacity a thin paint is drawn with */
export function layerPaint(
  { plan, products, jobHex }: { plan: Plan; products: readonly Product[]; jobHex: string },
  layerId: string | null,
  least = 0.8,
): string {
  const layer = plan.layers.find((l) => l.id === layerId);
  const product = products.find((p) => p.id === layer?.productId);
  if (!product) return TINT.unknown;
  const paint = paintOf(product, layer?.hex ?? jobHex);
  return over(paint.fill, Math.max(least, paint.alpha));
}

/** The ribbon in words, for those who cannot see it. */
export function ribbonInWords(plan: Plan, suit: Suit | undefined, f: Format): string {
  const good = (suit?.spans ?? []).filter((s) => s.verdict === 'good').slice(0, 5);
  const hours = good.map((s) => `${f.dayTime(s.startsAt)} to ${f.time(s.endsAt)}`).join('; ') || 'none';
  const sessions = plan.sessions.map(
    (s) => `Session from ${f.dayTime(s.startsAt)}, ${percentOf(s.chance)} per cent`,
  );
  return `Weather at the part and what suits the session. Good hours for the first coat: ${hours}. ${sessions.join('; ')}.`;
}

/** What is drawn beside the air and the coats, in words; empty where nothing is. */
export function ribbonKey({ around, readings }: Pick<JobView, 'around' | 'readings'>): string {
  return [
    ...(around.hands.length > 0 ? ['Hatched among the coats: your hands are on other jobs.'] : []),
    ...(readings.here.length > 0 ? ['Dots: what was measured, over what was forecast.'] : []),
  ].join(' ');
}
