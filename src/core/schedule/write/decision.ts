/** The decision of now as a plan tells it. */
import type { PlanDecision } from '@/model/starts';
import { isoOf } from '../../time/instant';
import type { Decision } from '../decide/decision';
import type { Live } from '../live';

/** @param first the session that is decided on */
export function toldDecision(
  { act, now, likely, begun, cost, waiting, never, least, isLimited, nextLookMs }: Decision,
  first: Live,
  tz: string,
): PlanDecision {
  return {
    act,
    sessionId: first.draft.id,
    now: now && { at: isoOf(now.atMs, tz), chance: now.chance, cost: now.cost },
    likely: likely && { at: isoOf(likely.atMs, tz), chance: likely.chance, share: likely.share },
    begun,
    cost,
    waiting,
    never,
    stake: first.stakes.money,
    least,
    isLimited,
    nextLookAt: nextLookMs === null ? null : isoOf(nextLookMs, tz),
  };
}
