/**
 * Every start of one session over the week, each judged over all futures: which end well, what
 * breaks the others, and when the film can be sanded in each.
 */
import type { AtPart } from '../air/at-part';
import { popcount } from '../numerics/stats';
import { MINUTE, type Span } from '../time/instant';
import type { Draft } from './drafts';
import type { Cause } from './limits';
import type { Runner } from './runner';

/** Share of futures for "good" and for "just inside". Common practice, no source. */
export const GOOD_SHARE = 0.75;
export const INSIDE_SHARE = 0.5;

export interface StartOption {
  readonly startMs: number;
  readonly sprayMs: number;
  /** Bit masks over at most 128 members: which futures end well. */
  readonly ok: Uint32Array;
  readonly good: number;
  readonly of: number;
  /** False when the central line fails and the futures were not run. */
  readonly counted: boolean;
  readonly centralOk: boolean;
  readonly centralCause: Cause | null;
  readonly handsOffMs: number;
  readonly endMs: number;
  readonly handleMs: number;
  readonly centralSandMs: number;
  /** Instant per member at which the next session may sand; shape [members]. */
  readonly sandMs: Float64Array;
  readonly causes: ReadonlyMap<Cause, number>;
  readonly free: boolean;
  readonly verdict: 'good' | 'inside' | 'no';
}

export const WORDS = 4;

/** Comfort on the central line: within the limits but near them is "just inside". */
function comfortable(a: AtPart, d: Draft, fromMs: number, toMs: number): boolean {
  const row = (a.rows - 1) * a.nodes;
  const i0 = Math.max(0, Math.floor((fromMs - a.startMs) / a.stepMs));
  const i1 = Math.min(a.nodes - 1, Math.ceil((toMs - a.startMs) / a.stepMs));
  const p = d.steps.at(-1)!.product;
  // Two-part paint wants 15 °C whatever its sheet allows; one-part wants a few degrees in hand (common practice).
  const comfortC = p.potLifeMin !== undefined ? Math.max(15, p.tempMinC) : p.tempMinC + 2;
  for (let i = i0; i <= i1; i++) {
    const k = row + i;
    if (
      a.panelC[k]! < comfortC ||
      a.windMs[k]! > 0.85 * p.windMaxMs ||
      a.rhFrac[k]! > p.rhMaxFrac - 0.05 ||
      a.gapK[k]! < p.dewGapMinK + 1.5
    )
      return false;
  }
  return true;
}

export function isFree(spans: readonly Span[], fromMs: number, toMs: number): boolean {
  return spans.some((s) => s.startMs <= fromMs && toMs <= s.endMs);
}

export function judgeStart(
  air: AtPart,
  runner: Runner,
  startMs: number,
  free: readonly Span[],
  always: boolean,
): StartOption {
  const d = runner.draft;
  const members = air.rows - 1;
  const c = runner.run(air.rows - 1, startMs);
  const sprayMs = startMs + d.prepMin * MINUTE;
  const base = {
    startMs,
    sprayMs,
    centralOk: c.ok,
    centralCause: c.cause,
    handsOffMs: c.handsOffMs,
    endMs: Math.max(c.dustFreeMs, c.handsOffMs),
    handleMs: c.handleMs,
    centralSandMs: c.sandMs,
    of: members,
    free: isFree(free, startMs, c.handsOffMs),
  };
  const dustFree = c.dustFreeMs;
  const late = c.late;
  const causes = new Map<Cause, number>();
  const ok = new Uint32Array(WORDS);
  const sandMs = new Float64Array(members).fill(Infinity);
  let good = 0;
  // A start that already fails on the central line is never proposed, so its futures are run only for a start set by hand.
  const counted = c.ok || always;
  if (!counted) causes.set(c.cause!, members);
  else {
    for (let m = 0; m < members; m++) {
      const r = runner.run(m, startMs);
      sandMs[m] = r.sandMs;
      if (r.ok) {
        ok[m >> 5] = (ok[m >> 5]! | (1 << (m & 31))) >>> 0;
        good++;
      } else causes.set(r.cause!, (causes.get(r.cause!) ?? 0) + 1);
    }
  }
  const share = good / members;
  const verdict =
    base.centralOk && share >= INSIDE_SHARE
      ? share >= GOOD_SHARE && !late && comfortable(air, d, sprayMs, dustFree)
        ? 'good'
        : 'inside'
      : 'no';
  return { ...base, ok, good, counted, sandMs, causes, verdict };
}

/** Members ready by an instant, as masks. */
export function readyBy(sandMs: Float64Array, byMs: number, into: Uint32Array): void {
  into.fill(0);
  for (let m = 0; m < sandMs.length; m++)
    if (sandMs[m]! <= byMs) into[m >> 5] = (into[m >> 5]! | (1 << (m & 31))) >>> 0;
}

export function countBits(mask: Uint32Array): number {
  let n = 0;
  for (let w = 0; w < mask.length; w++) n += popcount(mask[w]!);
  return n;
}
