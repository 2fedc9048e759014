/** One day upright: from first light to last, or as long as that day's session takes. */
import { DARK_BELOW_DEG } from '@/core/air/dark';
import { DAY, HOUR, instantOf } from '@/core/time/instant';
import type { AirView } from '@/core/air/view';
import type { Session } from '@/model/plan';
import type { Suit } from '@/model/starts';
import type { Format } from '@/words/format';
import { CAUSE_WORDS } from '@/words/names';
import type { Stretch } from './ribbon';

/** A day without light in the forecast is drawn over these hours. */
const USUAL_H = { from: 6, to: 20 } as const;

export interface DayRibbonView extends Stretch {
  readonly hours: readonly number[];
  /** The session, when it is that day's. */
  readonly session: Session | undefined;
  readonly spans: Suit['spans'];
}

/** Instants of the day at which the sun is up. */
function lightOf(air: AirView, dayMs: number): number[] {
  return air.sunDeg.flatMap((deg, i) => {
    const atMs = air.startMs + i * air.stepMs;
    return deg > DARK_BELOW_DEG && atMs >= dayMs && atMs < dayMs + DAY ? [atMs] : [];
  });
}

const isThatDay = (s: Session, dayMs: number): boolean =>
  instantOf(s.startsAt) >= dayMs && instantOf(s.startsAt) < dayMs + DAY;

/** @param dayMs midnight */
export function dayRibbonView(
  air: AirView,
  dayMs: number,
  chosen: Session | undefined,
  suit: Suit | undefined,
): DayRibbonView {
  const session = chosen && isThatDay(chosen, dayMs) ? chosen : undefined;
  const light = lightOf(air, dayMs);
  const firstLight = light[0] ?? dayMs + USUAL_H.from * HOUR;
  const lastLight = light.at(-1) ?? dayMs + USUAL_H.to * HOUR;
  const begins = session ? instantOf(session.startsAt) : Infinity;
  const ends = session ? instantOf(session.endsAt) : 0;
  const fromMs = Math.floor(Math.min(firstLight, begins) / HOUR) * HOUR;
  const toMs = Math.min(dayMs + DAY, Math.ceil(Math.max(lastLight + HOUR, ends) / HOUR) * HOUR);
  const count = Math.round((toMs - fromMs) / HOUR) + 1;
  return {
    fromMs,
    toMs,
    hours: Array.from({ length: count }, (_, i) => fromMs + i * HOUR),
    session,
    spans: (suit?.spans ?? []).filter((s) => instantOf(s.endsAt) > fromMs && instantOf(s.startsAt) < toMs),
  };
}

/** The one word of a stretch. */
export const spanWord = (s: Suit['spans'][number]): string =>
  s.verdict === 'good' ? 'good' : (CAUSE_WORDS[s.reasons[0] ?? ''] ?? '');

/** The day in words, for those who cannot see it. */
export function dayInWords({ spans, session }: DayRibbonView, day: string, f: Format): string {
  const suiting = spans
    .filter((s) => s.verdict !== 'no')
    .map((s) => {
      const word = s.verdict === 'good' ? 'good' : 'just inside';
      return `${word} ${f.time(s.startsAt)} to ${f.time(s.endsAt)}`;
    });
  const planned = session ? `; session from ${f.time(session.startsAt)}` : '';
  return `${day}: ${suiting.join('; ') || 'no hour suits'}${planned}`;
}
