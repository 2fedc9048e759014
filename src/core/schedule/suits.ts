/** The week of one session as stretches of one verdict and one set of reasons, and its starts as a list. */
import type { Plan } from '@/model/plan';
import type { Suit } from '@/model/starts';
import { pooledChance } from './decide/odds';
import { HALF_HOUR, isoOf } from '../time/instant';
import type { Cause } from './judge/limits';
import type { StartOption } from './judge/start-option';
import type { Live } from './live';
import { findsGround } from './search/chains';

/** Reasons told of one stretch. */
const REASONS_SHOWN = 3;

/** Causes that break at least a tenth of the futures, most first. */
function reasonsOf(option: StartOption): Cause[] {
  const list = [...option.causes.entries()]
    .sort((a, b) => b[1] - a[1])
    .filter(([, n], i) => i === 0 || n * 10 >= option.of)
    .map(([c]) => c);
  if (list.length === 0 && option.centralCause) return [option.centralCause];
  return list;
}

type Stretch = Omit<Suit['spans'][number], 'startsAt' | 'endsAt'> & { from: number; to: number };

/** By the time of the first coat. */
export function suitOf(live: Live, tz: string): Suit {
  const spans: Stretch[] = [];
  const grid = live.options.filter((o) => o.startMs % (HALF_HOUR / 2) === 0);
  for (const [i, option] of grid.entries()) {
    // A stretch lasts until the next start that was tried, at most an hour.
    const to = grid[i + 1]?.sprayMs ?? option.sprayMs + HALF_HOUR;
    const reasons = option.verdict === 'good' ? [] : reasonsOf(option);
    const share = option.counted ? option.good / option.of : null;
    const last = spans.at(-1);
    const goesOn =
      last?.verdict === option.verdict && (option.verdict !== 'no' || last.reasons[0] === reasons[0]);
    if (!last || !goesOn) {
      spans.push({ from: option.sprayMs, to, verdict: option.verdict, reasons: [...reasons], share });
      continue;
    }
    last.to = to;
    last.share = share === null ? last.share : Math.max(last.share ?? 0, share);
    for (const r of reasons) if (!last.reasons.includes(r)) last.reasons.push(r);
  }
  return {
    sessionId: live.draft.id,
    spans: spans.map(({ from, to, ...s }) => ({
      startsAt: isoOf(from, tz),
      endsAt: isoOf(to, tz),
      ...s,
      reasons: s.reasons.slice(0, REASONS_SHOWN),
    })),
  };
}

/** From when and until when what lies below takes the session. */
type Ground = Pick<StartOption, 'centralReadyMs' | 'centralLatestMs'>;

/**
 * Starts that may be picked: free, not ruled out, and after what lies below is ready; and the one set by hand
 * whatever it is. @param ground null where it waits for nothing
 */
export function startsOffered(l: Live, ground: Ground | null, tz: string): Plan['startOptions'][number] {
  const offered = l.options.filter(
    (o) => o.startMs === l.pinMs || (o.free && o.verdict !== 'no' && findsGround(o, ground)),
  );
  return {
    sessionId: l.draft.id,
    options: offered.map((option) => ({
      at: isoOf(option.startMs, tz),
      chance: pooledChance(option.good, option.of, l.pool),
      free: option.free,
      verdict: option.verdict,
    })),
  };
}
