/** One session with every start of it judged. */
import { totalAreaM2 } from '../surface/area';
import { isFullHour, MINUTE, msOf, type Span } from '../time/instant';
import { withoutSpans } from '../time/spans';
import { beside } from './around';
import { poolOf } from './decide/odds';
import { finerStarts, startsOf, toFiveMin } from './grid';
import { Runner } from './judge/runner';
import { isFree, judgeStart, Tried, type Manner, type StartOption } from './judge/start-option';
import type { Live } from './live';
import { stakesOf } from './search/stakes';
import type { Shared } from './shared';
import type { Draft } from './work/draft';
import { loudHours } from './work/hands';

/** What hands do in a session at least, ms: no wait and no cup counted. */
export const handsMs = ({ prepMin, steps }: Draft): number =>
  (prepMin + steps.reduce((a, s) => a + s.minutes, 0)) * MINUTE;

/** Fewer tell nothing of a week. */
const LEAST_POOLED = 6;

/** The week's odds are those of starts spread evenly over it: one an hour, however fine the grid. */
function evenlySpread(options: readonly StartOption[]): readonly StartOption[] {
  const hourly = options.filter((o) => isFullHour(o.startMs));
  return hourly.length < LEAST_POOLED ? options : hourly;
}

/** Twice half way to the starts beside the best: from an hour to a quarter. */
const TIMES_FINER = 2;

function refined(coarse: readonly StartOption[], free: readonly Span[], judge: (ms: number) => StartOption) {
  let options = [...coarse];
  for (let n = 0; n < TIMES_FINER; n++) {
    const more = finerStarts(options, free).map(judge);
    if (more.length === 0) break;
    options = [...options, ...more].sort((a, b) => a.startMs - b.startMs);
  }
  return options;
}

/** Every start of one session judged, from memory where the same was asked before. */
export function liveOf(shared: Shared, draft: Draft, doneMs: number, manner: Manner): Live {
  const { request, memory, worth } = shared;
  const { job, air, materials } = request;
  const { place } = job;
  const isLoud = draft.steps.some((s) => s.product.carrier === 'gun');
  const still = withoutSpans(shared.free, shared.around.wet);
  const free = isLoud ? loudHours(place, still) : still;
  const { elsewhere } = shared;
  const runner = new Runner({ air, place, elsewhere }, memory.clocks, (p) => memory.limitsOf(p), draft);
  const pin = job.starts?.find((s) => s.sessionId === draft.id);
  const pinMs = pin ? msOf(pin.at, place.tz) : null;
  const asked = JSON.stringify([
    place.lamp === true,
    elsewhere && [elsewhere.move, job.dryIn, elsewhere.free],
    { ...draft, visits: [], carry: [...draft.carry], open: [...draft.open] },
  ]);
  const tried = memory.triedOf(asked, (startMs) => new Tried(air, runner, startMs));
  const also = [toFiveMin(doneMs), ...(pinMs === null ? [] : [pinMs])];
  // No session is over before its hands are through: what cannot end in free hours is not tried.
  const leastMs = handsMs(draft);
  const isAsked = (t: number): boolean => manner !== 'trial' || t === pinMs || isFree(free, t, t + leastMs);
  const areaM2 = totalAreaM2(job.parts.filter((p) => draft.partIds.includes(p.id)));
  const rack = { areaM2, rackM2: place.rackM2 ?? null };
  const judge = (s: number): StartOption => {
    const option = judgeStart(tried(s), draft, { manner: s === pinMs ? 'by-hand' : manner, free });
    return beside(option, shared.around, rack);
  };
  const coarse = startsOf({ ...shared, free }, also)
    .filter(isAsked)
    .map(judge);
  const pool = poolOf(evenlySpread(coarse.filter((o) => o.free)));
  // Ways that are only compared are compared on the coarse grid.
  const options = manner === 'told' ? refined(coarse, free, judge) : coarse;
  return { draft, runner, options, pinMs, pool, stakes: stakesOf(draft, materials, worth.hour), areaM2 };
}
