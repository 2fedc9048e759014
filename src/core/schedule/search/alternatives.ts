/** The next best chains on other days, or failing that at other hours, and what each is better at. */
import type { Alternative } from '@/model/plan';
import { pooledChance, type Pool } from '../decide/odds';
import { civilDate, HOUR, isoOf } from '../../time/instant';
import type { Chain } from './chains';

const SHOWN = 2;
type Differs = (a: Chain, b: Chain) => boolean;

const finishMs = (c: Chain): number => c.picks.at(-1)!.handleMs;
const goodEnds = (c: Chain): number => c.joint.at(-1)!;

const onAnotherDay =
  (tz: string): Differs =>
  (a, b) => {
    const day = (c: Chain): string => civilDate(c.picks.at(-1)!.startMs, tz);
    return day(a) !== day(b);
  };
const atAnotherHour: Differs = (a, b) =>
  a.picks.some((p, k) => Math.abs(p.startMs - b.picks[k]!.startMs) >= HOUR);

function whyCode(c: Chain, best: Chain, otherDay: Differs): string {
  if (goodEnds(c) > goodEnds(best)) return 'alternative-safer';
  if (finishMs(c) < finishMs(best)) return 'alternative-sooner';
  return otherDay(c, best) ? 'alternative-other-day' : 'alternative-later';
}

/** The sessions of a chain by their picks, and the pool of their odds. */
interface Of {
  readonly ids: readonly string[];
  readonly pool: Pool;
  readonly tz: string;
}

export function alternativesOf(
  best: Chain,
  chains: readonly Chain[],
  { ids: sessionIds, pool, tz }: Of,
): Alternative[] {
  const otherDay = onAnotherDay(tz);
  const shown: Chain[] = [];
  for (const differs of [otherDay, atAnotherHour])
    for (const c of chains)
      if (shown.length < SHOWN && differs(c, best) && shown.every((o) => differs(c, o))) shown.push(c);
  const chance = (c: Chain): number => pooledChance(goodEnds(c), c.picks[0]!.of, pool);
  return shown.map((chain) => ({
    starts: chain.picks.map((p, k) => ({ sessionId: sessionIds[k]!, at: isoOf(p.startMs, tz) })),
    chance: chance(chain),
    finishesAt: isoOf(finishMs(chain), tz),
    expectedLoss: chain.expectedLoss,
    against: {
      chance: chance(chain) - chance(best),
      hours: (finishMs(chain) - finishMs(best)) / HOUR,
      loss: chain.expectedLoss - best.expectedLoss,
    },
    why: { code: whyCode(chain, best, otherDay), params: {} },
  }));
}
