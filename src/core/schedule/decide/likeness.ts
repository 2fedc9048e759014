/**
 * How far starts share their fate, from the futures themselves: two starts that go well in the same futures are one
 * chance, not two.
 */
import { bothOf, countMembers, type MemberMask } from '../judge/members';

/** One start of a stretch of news. */
export interface Fate {
  readonly look: number;
  readonly block: number;
  readonly ok: MemberMask;
  readonly of: number;
}

/**
 * Correlation of two normals of which only the signs are seen, from their odds ratio: (r^¾ − 1)/(r^¾ + 1).
 * Source: Digby 1983, Biometrics 39:753. Half a member is added to each corner.
 */
export function tetrachoric(a: Fate, b: Fate): number {
  const yes = countMembers(bothOf(a.ok, b.ok));
  const one = countMembers(a.ok) - yes;
  const other = countMembers(b.ok) - yes;
  const no = a.of - yes - one - other;
  const odds = ((yes + 0.5) * (no + 0.5)) / ((one + 0.5) * (other + 0.5));
  const r = odds ** 0.75;
  return (r - 1) / (r + 1);
}

/** Pairs of different blocks whose ties are averaged; more tell no more. */
const MOST_PAIRS = 300;
const MOST_TIE = 0.95;

/** Whether the futures disagree about any start: where they are all of one mind no news is to be expected. */
export const isInDoubt = (fates: readonly Pick<Fate, 'ok' | 'of'>[]): boolean =>
  fates.some(({ ok, of }) => {
    const good = countMembers(ok);
    return good > 0 && good < of;
  });

const isTelling = ({ ok, of }: Fate): boolean => {
  const good = countMembers(ok);
  return good > 0.04 * of && good < 0.96 * of;
};

function meanTie(pairs: readonly (readonly [Fate, Fate])[], none: number): number {
  if (pairs.length === 0) return none;
  const step = Math.max(1, Math.ceil(pairs.length / MOST_PAIRS));
  const taken = pairs.filter((_, i) => i % step === 0);
  return taken.reduce((a, [x, y]) => a + tetrachoric(x, y), 0) / taken.length;
}

function pairsOf(fates: readonly Fate[], apart: number): (readonly [Fate, Fate])[] {
  return fates.flatMap((a) =>
    fates.flatMap((b): (readonly [Fate, Fate])[] =>
      b.look === a.look + apart && b.block > a.block ? [[a, b]] : [],
    ),
  );
}

export interface Likeness {
  /** Of two blocks of one look, 0…1. */
  readonly shared: number;
  /** Of one look with the next, 0…0.95. */
  readonly tie: number;
}

/** From memory: what stands where no two starts can be compared. */
const USUAL: Likeness = { shared: 0.6, tie: 0.4 };

/** One start a block is enough: those beside it tell the same. */
export function likenessOf(fates: readonly Fate[]): Likeness {
  const byBlock = new Map(fates.filter(isTelling).map((f) => [f.block, f]));
  const telling = [...byBlock.values()];
  const shared = Math.min(1, Math.max(0, meanTie(pairsOf(telling, 0), USUAL.shared)));
  const across = meanTie(pairsOf(telling, 1), USUAL.tie * shared);
  return { shared, tie: Math.min(MOST_TIE, Math.max(0, across / Math.max(shared, 0.05))) };
}
