/**
 * Why no chain was found: which limit is in the way of each session, and the nearest hour that would do but
 * is not free.
 */
import type { Notice } from '@/model/marks';
import { pooledChance } from './decide/odds';
import { isoOf } from '../time/instant';
import type { Cause } from './judge/limits';
import type { StartOption } from './judge/start-option';
import { holdsUp, type Live } from './live';

/** How often each cause spoils the starts, most first. */
function tallyOf(pool: readonly StartOption[]): [Cause, number][] {
  const tally = new Map<Cause, number>();
  for (const o of pool) for (const [cause, n] of o.causes) tally.set(cause, (tally.get(cause) ?? 0) + n);
  return [...tally].sort((a, b) => b[1] - a[1]);
}

function inTheWay(l: Live): Notice {
  const session = l.draft.id;
  const free = l.options.filter((o) => o.free);
  if (free.length === 0) return { code: 'no-free-stretch', params: { session } };
  const top = tallyOf(free)[0];
  if (!top) return { code: 'no-window-ready', params: { session } };
  const [cause, n] = top;
  const share = Math.round((100 * n) / free.reduce((a, o) => a + o.of, 0));
  return { code: 'no-window', params: { session, cause, share } };
}

function whyNotThis(live: Live, groundMs: number, tz: string): Notice[] {
  const usable = (o: StartOption): boolean => holdsUp(o) && o.startMs >= groundMs;
  if (live.options.some((o) => o.free && usable(o))) return [];
  const outside = live.options.find((o) => !o.free && usable(o));
  if (!outside) return [inTheWay(live)];
  const at = isoOf(outside.startMs, tz);
  const params = { session: live.draft.id, at, chance: pooledChance(outside.good, outside.of, live.pool) };
  return [inTheWay(live), { code: 'window-outside-free-hours', params }];
}

/** @param groundMs when the first session's ground can be sanded; -Infinity when it waits for nothing */
export function whyNone(live: readonly Live[], groundMs: number, tz: string): Notice[] {
  const out = live.flatMap((l) => whyNotThis(l, groundMs, tz));
  if (out.length > 0) return out;
  return [{ code: live.some((l) => l.pinMs !== null) ? 'starts-do-not-chain' : 'no-chain', params: {} }];
}
