/** The decision of one way to cut the work: its starts as they were judged, and what its time is worth. */
import type { Attempt } from '../attempt';
import { doneTable } from '../work/hands';
import type { PrepStep } from '../work/draft';
import { remember } from '../../records/remember';
import { decide, type Decision } from './decision';

/** No start on a smaller chance than this where the owner says nothing. Common practice, no source. */
export const USUAL_LEAST = 0.8;

/** Taking off what failed, as a task that may be spread over days. */
const stripping = (minutes: number): PrepStep => ({
  id: 'strip',
  kind: 'sand',
  minutes,
  detail: { code: 'strip', params: {} },
  partIds: [],
  needs: 'hands',
  canSplit: true,
});

/** When stripping is done that begins then, by how long it takes. */
function strippedIn({ shared }: Attempt): (fromMs: number, minutes: number) => number {
  const tables = new Map<number, (fromMs: number) => number>();
  return (fromMs, minutes) => {
    const table = remember(tables, minutes, 64, () =>
      doneTable([stripping(minutes)], shared.hours, shared.request.air),
    );
    return table(fromMs);
  };
}

const leastOf = ({ shared }: Attempt): number => shared.request.job.risk.least ?? USUAL_LEAST;

/** null where nothing is left to start. @param least no start on a smaller chance, 0…1 */
export function decisionOf(of: Attempt, least: number = leastOf(of)): Decision | null {
  const { shared, live, input, late } = of;
  if (live.length === 0 || input.candidates[0]!.length === 0) return null;
  return decide({
    ...input,
    drafts: live.map((l) => l.draft),
    late,
    worth: shared.worth,
    least,
    unfinished: shared.request.job.risk.unfinished,
    free: shared.free,
    untilMs: shared.untilMs,
    strippedMs: strippedIn(of),
  });
}
