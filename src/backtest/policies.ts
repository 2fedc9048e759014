/** How people decide when to start, and how the product does: each sees what was issued by now and nothing else. */
import { chanceOf } from '@/core/numerics/stats';
import { nearestNode } from '@/core/air/grid';
import { isDark } from '@/core/air/dark';
import type { Ensemble } from '@/core/air/ensemble';
import type { Around } from '@/core/schedule/around';
import type { Attempt } from '@/core/schedule/attempt';
import { decisionOf } from '@/core/schedule/decide/of-attempt';
import { saturdaysAtTen } from './saturdays';
import { HALF_HOUR, HOUR } from '@/core/time/instant';
import { overlaps } from '@/core/time/spans';
import type { StartOption } from '@/core/schedule/judge/start-option';
import { attemptOn, seenBy, type Asked } from './seen';
import { airOf } from './world';

/** A start to be made before the next look, and the chance it was told to have; null to wait. */
export interface Move {
  readonly startMs: number;
  readonly stated: number | null;
  /** The attempt it belongs to: its first session is begun. */
  readonly of: Attempt;
}
export type Policy = (asked: Asked) => Move | null;

const inLook = ({ nextLookMs }: Asked, startMs: number): boolean => startMs < nextLookMs;

/** Another job of the painter is on, or wet in the same place, within the next two hours. */
const isTakenAt = (startMs: number, { hands, wet }: Around): boolean =>
  [...hands, ...wet].some((s) => overlaps(s, { startMs, endMs: startMs + 2 * HOUR }));

/** A start that is not asked of any forecast. */
const blindly = (asked: Asked, startMs: number): Move => ({
  startMs,
  stated: null,
  of: attemptOn(asked, asked.sky.futures(asked.nowMs)),
});

/** Saturday at ten, whatever comes; a second job at one. */
const fixedSaturday: Policy = (asked) => {
  const { job, nowMs, nextLookMs, around } = asked;
  const tens = saturdaysAtTen(job.place.tz, nowMs - 3 * HOUR, nextLookMs);
  const at = tens
    .flatMap((ten) => [ten, ten + 3 * HOUR])
    .find((t) => t >= nowMs && t < nextLookMs && !isTakenAt(t, around));
  return at === undefined ? null : blindly(asked, at);
};

/** It is dry, mild and still at the part as one looks out of the door. */
const looksFine: Policy = (asked) => {
  const { job, sky, nowMs, free, nextLookMs, around } = asked;
  const air = airOf(sky.truth(nowMs), job);
  const o = (air.rows - 1) * air.nodes;
  for (const span of free)
    for (
      let t = Math.max(span.startMs, nowMs);
      t < Math.min(span.endMs - 4 * HALF_HOUR, nextLookMs);
      t += HALF_HOUR
    ) {
      const i = nearestNode(air, air.nodes, t);
      const k = o + i;
      const mild = air.panelC[k]! >= 10 && air.panelC[k]! <= 30 && air.rhFrac[k]! <= 0.85;
      const still = air.windMs[k]! <= 2 && air.rain[k] === 0 && !isDark(air.sunDeg[i]!);
      if (mild && still && !isTakenAt(t, around)) return blindly(asked, t);
    }
  return null;
};

const chanceOfOption = (o: StartOption): number => chanceOf(o.good, o.of);

function byChain(asked: Asked, ensemble: Ensemble): Move | null {
  const attempt = attemptOn(asked, ensemble);
  const first = attempt.chains[0]?.picks[0];
  return first && inLook(asked, first.startMs)
    ? { startMs: first.startMs, stated: chanceOfOption(first), of: attempt }
    : null;
}

const eightyPercent: Policy = (asked) => {
  const attempt = attemptOn(asked, asked.sky.futures(asked.nowMs));
  const first = attempt.input.candidates[0]?.find(
    (o) => inLook(asked, o.startMs) && chanceOfOption(o) >= 0.8,
  );
  return first ? { startMs: first.startMs, stated: chanceOfOption(first), of: attempt } : null;
};

const pellucid =
  (least?: number, reads = true): Policy =>
  (asked) => {
    const of = seenBy(asked, reads);
    const decision = decisionOf(of, least);
    if (!decision?.now || decision.act !== 'go') return null;
    return { startMs: decision.now.atMs, stated: decision.now.chance, of };
  };

/** Knows what comes: it begins at the first start that ends well. */
const clairvoyant: Policy = (asked) => {
  if (asked.isParted) return byChain(asked, asked.sky.truth(asked.nowMs));
  const attempt = attemptOn(asked, asked.sky.truth(asked.nowMs));
  const first = attempt.input.candidates[0]?.find((o) => inLook(asked, o.startMs) && o.good === o.of);
  return first ? { startMs: first.startMs, stated: 1, of: attempt } : null;
};

export const POLICIES: Readonly<Record<string, Policy>> = {
  'fixed-saturday': fixedSaturday,
  'looks-fine': looksFine,
  'single-line': (asked) => byChain(asked, asked.sky.dressed(asked.nowMs)),
  'fifty-search': (asked) => byChain(asked, asked.sky.futures(asked.nowMs)),
  'eighty-rule': eightyPercent,
  pellucid: pellucid(),
  'no-limit': pellucid(0),
  'no-reading': pellucid(undefined, false),
  clairvoyant,
};
