/**
 * Noise of unit variance of which a forecast knows a part: each knot is a sum of shares, and a share is known once
 * its knot is near enough. A forecast puts nothing, or its own draws, where a share is not known yet; so the truth is
 * one of the futures, and none can be told from it.
 */
import { normals, seedOf } from '@/core/numerics/random';

/** A share is known from this lead on, h; the first never is. */
const KNOWN_FROM_H = [0, 6, 12, 24, 40, 64, 96, 132] as const;

/** What a forecast issued at an hour knows; the truth knows all. */
export interface Known {
  /** Epoch hours. */
  readonly issuedH: number;
  /** Of one future; null leaves out what is not known. */
  readonly future: string | null;
}

/** The truth: nothing lies ahead of it. */
const ALL_KNOWN: Known = { issuedH: Infinity, future: null };

/** Share of the variance that is not known at a lead, by its RMS error. */
export type RmsAt = (leadH: number) => number;

function sharesOf(rms: RmsAt): readonly number[] {
  const all = rms(KNOWN_FROM_H.at(-1)! + 36) ** 2;
  // The error between two steps is that of their middle.
  const upTo = KNOWN_FROM_H.map((h, j) => rms((h + (KNOWN_FROM_H[j + 1] ?? h + 72)) / 2) ** 2 / all);
  return upTo.map((v, j) => Math.sqrt(v - (upTo[j - 1] ?? 0)));
}

const drawn = new Map<string, Float64Array>();
const MOST_DRAWN = 20_000;
/** @param count shares that matter: the last ones of none are not drawn */
function sharesAt(key: string, count: number): Float64Array {
  const known = drawn.get(key);
  if (known) return known;
  const draw = normals(seedOf(key));
  const made = Float64Array.from({ length: count }, () => draw());
  if (drawn.size >= MOST_DRAWN) drawn.clear();
  drawn.set(key, made);
  return made;
}

export interface HiddenNoise {
  /** At an hour, epoch hours; to one who knows all, or who issued a forecast. */
  at(hour: number, known?: Known): number;
  /** Variance of what is not known at a lead, 0…1. */
  openAt(leadH: number): number;
}

/** @param periodH hours from knot to knot @param rms how the error grows with lead */
export function hiddenNoise(key: string, periodH: number, rms: RmsAt): HiddenNoise {
  const all = sharesOf(rms);
  const shares = all.slice(0, all.findLastIndex((s) => s > 0) + 1);
  const knots = new WeakMap<Known, Map<number, number>>();
  const knotsOf = (known: Known): Map<number, number> => {
    const of = knots.get(known) ?? new Map<number, number>();
    knots.set(known, of);
    return of;
  };
  const knot = (of: Map<number, number>, k: number, known: Known): number => {
    const had = of.get(k);
    if (had !== undefined) return had;
    const made = knotOf(k, known);
    of.set(k, made);
    return made;
  };
  const knotOf = (k: number, known: Known): number => {
    const truth = sharesAt(`${key} ${k}`, shares.length);
    const leadH = k * periodH - known.issuedH;
    const isOwn = leadH > 0 && known.future !== null;
    const own = isOwn ? sharesAt(`${key} ${k} ${known.issuedH} ${known.future}`, shares.length) : null;
    return shares.reduce((sum, share, j) => {
      const isKnown = leadH <= KNOWN_FROM_H[j]!;
      return sum + share * (isKnown ? truth[j]! : (own?.[j] ?? 0));
    }, 0);
  };
  return {
    at: (hour, known = ALL_KNOWN) => {
      const of = knotsOf(known);
      const x = hour / periodH;
      const i = Math.floor(x);
      const f = x - i;
      const s = f * f * (3 - 2 * f);
      return (knot(of, i, known) * (1 - s) + knot(of, i + 1, known) * s) / Math.hypot(1 - s, s);
    },
    openAt: (leadH) =>
      shares.reduce((sum, share, j) => sum + (leadH > KNOWN_FROM_H[j]! ? share * share : 0), 0),
  };
}
