/** Stretches of time as sets: joined where they meet, and without others. */
import type { Span } from './instant';

/** In order, joined where they meet. */
export function joinedSpans(spans: readonly Span[]): Span[] {
  const out: { startMs: number; endMs: number }[] = [];
  for (const { startMs, endMs } of [...spans].sort((a, b) => a.startMs - b.startMs)) {
    const last = out.at(-1);
    if (last && startMs <= last.endMs) last.endMs = Math.max(last.endMs, endMs);
    else out.push({ startMs, endMs });
  }
  return out;
}

/** What is left of spans once others are taken out of them. */
export function withoutSpans(spans: readonly Span[], taken: readonly Span[]): Span[] {
  return taken.reduce<Span[]>(
    (left, t) =>
      left.flatMap((s) => {
        if (t.endMs <= s.startMs || t.startMs >= s.endMs) return [s];
        const before = { startMs: s.startMs, endMs: t.startMs };
        const after = { startMs: t.endMs, endMs: s.endMs };
        return [before, after].filter((x) => x.startMs < x.endMs);
      }),
    [...spans],
  );
}

/** They have some time in common. */
export const overlaps = (a: Span, b: Span): boolean => a.startMs < b.endMs && b.startMs < a.endMs;
