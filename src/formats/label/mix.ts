/** Mixing ratios: 4:1:1, "two parts colour, one part hardener", "+ 10 % thinner", hardener by mass. */
import type { Clause } from './clause';
import type { Finds } from './finds';
import { anyOf, numberOf } from './quantities';

const RATIO = /(\d+(?:[.,]\d+)?)\s*:\s*(\d+(?:[.,]\d+)?)(?:\s*:\s*(\d+(?:[.,]\d+)?))?/;
const RATIO_WORDS = /mix|ratio|hardener|activator|catalyst|reducer|thinner|vol|component|base|^\W*\d+\s*:/;
const PART = /(\d+(?:[.,]\d+)?|one|two|three|four|five|half)(?: a)? (?:volume )?parts?\b/g;
const THINNED = anyOf([
  /\+\s*(\d+)(?:\s*[-–]\s*(\d+))?\s*%/,
  /(\d+)(?:\s*[-–]\s*(\d+))?\s*%\s*(?:thinner|reducer|fast thinner|standard thinner|of thinner)/,
  /(?:thin|reduce|dilute)[^.%]*?(\d+)(?:\s*[-–]\s*(\d+))?\s*%/,
]);
const BY_MASS = anyOf([
  /hardener[^.%]*?(\d+(?:[.,]\d+)?)(?:\s*[-–]\s*(\d+(?:[.,]\d+)?))?\s*%/,
  /(\d+(?:[.,]\d+)?)(?:\s*[-–]\s*(\d+(?:[.,]\d+)?))?\s*%\s*(?:of )?(?:cream )?hardener/,
]);

type Parts = readonly [base: number, second: number, third: number];

/** Parts by volume, as figures with colons or in words. */
function partsOf(low: string): Parts | null {
  const figures = RATIO.exec(low);
  if (figures && RATIO_WORDS.test(low)) {
    const [, a, b, c] = figures;
    return [numberOf(a!), numberOf(b!), c ? numberOf(c) : 0];
  }
  const [base, second, third = 0] = [...low.matchAll(PART)].map((m) => numberOf(m[1]!));
  return base !== undefined && second !== undefined ? [base, second, third] : null;
}

/** Thinner on top, per cent; the larger end of a range. */
function thinnedPct(low: string): number | null {
  const m = THINNED.exec(low);
  if (!m) return null;
  const [, a, aTo, b, bTo, c, cTo] = m;
  return Number(aTo ?? a ?? bTo ?? b ?? cTo ?? c);
}

/** Hardener by mass, per cent; the middle of a range. */
function hardenerPct(low: string): number | null {
  const m = BY_MASS.exec(low);
  if (!m) return null;
  const from = numberOf(m[1] ?? m[3]!);
  const to = m[2] ?? m[4];
  return (from + (to ? numberOf(to) : from)) / 2;
}

/** 10:30 is a time, not a ratio. */
const isClockTime = (low: string): boolean =>
  /\b(?:1[0-2]|0?[1-9]):[0-5]\d\b/.test(low) && !/ratio|mix|part|:\s*\d+\s*:/.test(low);

export function readMix({ text, low }: Clause, finds: Finds): void {
  if (isClockTime(low)) return;
  const parts = partsOf(low);
  const thinned = thinnedPct(low);
  if (parts === null) {
    const byMass = hardenerPct(low);
    if (byMass !== null) finds.add('mix', { base: 100, hardener: byMass, reducer: 0 }, text);
    else if (thinned !== null) finds.add('mix', { base: 100, hardener: 0, reducer: thinned }, text);
    return;
  }
  const [base, second, third] = parts;
  if (!(base > 0)) return;
  // Two figures are colour and hardener, unless only a thinner is named.
  const thinnerOnly = /thinner|reducer/.test(low) && !/hardener|activator|catalyst/.test(low) && third === 0;
  const onTop = (base * (thinned ?? 0)) / 100;
  const mix = thinnerOnly
    ? { base, hardener: 0, reducer: second }
    : { base, hardener: second, reducer: third > 0 ? third : onTop };
  finds.add('mix', mix, text);
}
