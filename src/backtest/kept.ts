/** Several jobs of one painter: what each is expected to cost, and what its plan keeps for itself until it is begun. */
import { decisionOf } from '@/core/schedule/decide/of-attempt';
import type { Span } from '@/core/time/instant';
import { seenBy, type Asked } from './seen';

/** What a job is expected to cost, money, and the hours that its plan keeps for itself. */
export interface Kept {
  readonly cost: number;
  readonly spans: readonly Span[];
}
export type Keeper = (asked: Asked) => Kept;

/** The session that is likeliest to be begun keeps its hours: whoever comes later in turn plans around it. */
const keeps =
  (least?: number): Keeper =>
  (asked) => {
    const of = seenBy(asked, true);
    const decision = decisionOf(of, least);
    const atMs = decision?.likely?.atMs;
    const o = of.input.candidates[0]?.find((c) => c.startMs === atMs);
    const never = of.live.reduce((a, l) => a + l.stakes.money, 0);
    return {
      cost: decision?.cost ?? never,
      spans: o ? [{ startMs: o.startMs, endMs: Math.max(o.endMs, o.handsOffMs) }] : [],
    };
  };

/** Those that plan several jobs together. */
export const KEEPERS: Readonly<Record<string, Keeper>> = { pellucid: keeps(), 'no-limit': keeps(0) };
