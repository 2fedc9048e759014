/** How people decide when to start, and how the product does: each sees what was issued by now and nothing else. */
import { chanceOf } from '@/core/numerics/stats';
import { nearestNode } from '@/core/air/grid';
import { isDark } from '@/core/air/dark';
import type { Ensemble } from '@/core/air/ensemble';
import { withZones } from '@/core/surface/zones';
import { systemFor } from '@/core/coating/system';
import { materialsOf } from '@/core/material/materials';
import type { Attempt } from '@/core/schedule/attempt';
import { wholeOf } from '@/core/schedule/decided';
import { decisionOf } from '@/core/schedule/decide/of-attempt';
import { remember } from '@/core/records/remember';
import { workOf } from '@/core/schedule/work/work';
import { saturdaysAtTen } from './saturdays';
import { correctedBy } from '@/core/air/readings';
import type { Reading } from '@/model/reading';
import { HALF_HOUR, HOUR, type Span } from '@/core/time/instant';
import type { Job } from '@/model/job';
import type { StartOption } from '@/core/schedule/judge/start-option';
import { airOf, type Sky } from './world';

/** What is asked at one moment. */
export interface Asked {
  readonly job: Job;
  readonly sky: Sky;
  readonly nowMs: number;
  /** Free hours from now, until the next look. */
  readonly free: readonly Span[];
  readonly nextLookMs: number;
}

/** A start to be made before the next look, and the chance it was told to have; null to wait. */
export interface Move {
  readonly startMs: number;
  readonly stated: number | null;
}
export type Policy = (asked: Asked) => Move | null;

/** Policies that see the same at the same hour judge its starts once. */
const made = new WeakMap<Ensemble, Map<string, Attempt>>();
const KEPT = 40;

/** The starts as they are judged on what is seen. */
export function attemptOn(asked: Asked, ensemble: Ensemble, readings: readonly Reading[] = []): Attempt {
  const { job, nowMs } = asked;
  const known = made.get(ensemble) ?? new Map<string, Attempt>();
  made.set(ensemble, known);
  const { shelter } = job.place;
  return remember(
    known,
    `${nowMs} ${shelter} ${job.name} ${job.state?.coats.length ?? 0} ${readings.length}`,
    KEPT,
    () => {
      const whole = withZones(job);
      const system = systemFor(whole);
      const told = airOf(ensemble, whole);
      const air = correctedBy(told, readings, nowMs)?.air ?? told;
      const materials = materialsOf(whole, system);
      return wholeOf({ job: whole, system, materials, air, nowMs }, workOf(whole, system));
    },
  );
}

/** What a thermo-hygrometer and an anemometer say at the part: now, and when it was last looked at. */
function readingsAt({ job, sky, nowMs }: Asked): Reading[] {
  const air = airOf(sky.truth(nowMs), job);
  const o = (air.rows - 1) * air.nodes;
  return [nowMs - 3 * HOUR, nowMs].map((ms) => {
    const k = o + nearestNode(air, air.nodes, ms);
    return { ms, airC: air.airC[k]!, rhPct: 100 * air.rhFrac[k]!, windMs: air.windMs[k]! };
  });
}

const inLook = ({ nextLookMs }: Asked, startMs: number): boolean => startMs < nextLookMs;

/** Saturday at ten, whatever comes. */
const fixedSaturday: Policy = ({ job, nowMs, nextLookMs }) => {
  const [ten] = saturdaysAtTen(job.place.tz, nowMs, nextLookMs);
  return ten === undefined ? null : { startMs: ten, stated: null };
};

/** It is dry, mild and still at the part as one looks out of the door. */
const looksFine: Policy = (asked) => {
  const { job, sky, nowMs, free, nextLookMs } = asked;
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
      if (mild && still) return { startMs: t, stated: null };
    }
  return null;
};

const chanceOfOption = (o: StartOption): number => chanceOf(o.good, o.of);

function byChain(asked: Asked, ensemble: Ensemble): Move | null {
  const attempt = attemptOn(asked, ensemble);
  const first = attempt.chains[0]?.picks[0];
  return first && inLook(asked, first.startMs)
    ? { startMs: first.startMs, stated: chanceOfOption(first) }
    : null;
}

const eightyPercent: Policy = (asked) => {
  const attempt = attemptOn(asked, asked.sky.futures(asked.nowMs));
  const first = attempt.input.candidates[0]?.find(
    (o) => inLook(asked, o.startMs) && chanceOfOption(o) >= 0.8,
  );
  return first ? { startMs: first.startMs, stated: chanceOfOption(first) } : null;
};

const pellucid =
  (least?: number, reads = true): Policy =>
  (asked) => {
    const seen = reads ? readingsAt(asked) : [];
    const decision = decisionOf(attemptOn(asked, asked.sky.futures(asked.nowMs), seen), least);
    if (!decision?.now || decision.act !== 'go') return null;
    return { startMs: decision.now.atMs, stated: decision.now.chance };
  };

/** Knows what comes: it begins at the first start that ends well. */
const clairvoyant: Policy = (asked) => {
  const attempt = attemptOn(asked, asked.sky.truth(asked.nowMs));
  const first = attempt.input.candidates[0]?.find((o) => inLook(asked, o.startMs) && o.good === o.of);
  return first ? { startMs: first.startMs, stated: 1 } : null;
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
