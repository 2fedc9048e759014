/** The work whole or cut where it may rest, and what to do now: the cheapest of both, and the chain that follows from it. */
import { lastNodeMs } from '../air/grid';
import { freeSpans } from '../time/free-hours';
import { withoutSpans } from '../time/spans';
import { DAY } from '../time/instant';
import { NOTHING_AROUND } from './around';
import { attempt, type Attempt } from './attempt';
import { elsewhereOf, horizonMs, type ScheduleRequest, type Shared } from './shared';
import type { Decision } from './decide/decision';
import { decisionOf } from './decide/of-attempt';
import { memoryOf } from './judge/memory';
import { searchChains, type Chain } from './search/chains';
import { worthOf } from './search/worth';
import { tried } from './tried';
import { NO_CUTS } from './work/cuts';
import { handHours } from './work/hands';
import type { Work } from './work/work';

/** Days looked ahead, as far as the forecast goes; to see whether it goes at all, fewer. */
const ALL_DAYS = 14;
const QUICK_DAYS = 7;

export interface Decided {
  readonly attempt: Attempt;
  /** null where nothing may be started. */
  readonly decision: Decision | null;
  /** The chain that is planned: of the start that is likeliest to be made; undefined where none is found. */
  readonly best: Chain | undefined;
}

function sharedOf(request: ScheduleRequest, work: Work): Shared {
  const { job, air, nowMs, around = NOTHING_AROUND } = request;
  const untilMs = horizonMs(request, request.isQuick === true ? QUICK_DAYS : ALL_DAYS);
  const own = freeSpans(job.freeHours, job.place.tz, nowMs, Math.min(lastNodeMs(air), untilMs + DAY));
  const free = withoutSpans(own, [...around.hands, { startMs: nowMs, endMs: work.handsFromMs }]);
  const hours = handHours(air, job.place, { free, wet: around.wet });
  return {
    request,
    work,
    memory: memoryOf(air, job.schools?.drying ?? 'energy'),
    free,
    around,
    hours,
    elsewhere: elsewhereOf(request, hours.hands),
    worth: worthOf(job, request.system),
    untilMs,
  };
}

/** The chain that begins with the likeliest start. */
function chainOf({ input, chains }: Attempt, decision: Decision | null): Chain | undefined {
  const atMs = decision?.likely?.atMs;
  if (atMs === undefined || input.pinned.includes(true)) return chains[0];
  const [first, ...rest] = input.candidates;
  const only = first!.filter((o) => o.startMs === atMs);
  return searchChains({ ...input, candidates: [only, ...rest] }, 1)[0] ?? chains[0];
}

/** The work in one go, every start in free hours judged. */
export const wholeOf = (request: ScheduleRequest, work: Work): Attempt =>
  attempt(sharedOf(request, work), NO_CUTS, 'trial');

/** The work as it goes best: whole, cut where it may rest, or in lots. */
export const partedOf = (request: ScheduleRequest, work: Work): Attempt => tried(sharedOf(request, work));

export function decided(request: ScheduleRequest, work: Work): Decided {
  const of = tried(sharedOf(request, work));
  const decision = request.isQuick === true ? null : decisionOf(of);
  return { attempt: of, decision, best: chainOf(of, decision) };
}
