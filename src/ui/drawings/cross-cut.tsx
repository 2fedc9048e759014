/** A lattice of cuts with the squares that flaked left out: no colour is needed to tell the classes. */
import { FLAKED_OF_25 } from '@/core/finish/cross-cut';

const CELL = 7;
/** Squares in the order they flake: from the corners of the cuts inwards. */
const ORDER = [12, 6, 18, 8, 16, 2, 22, 10, 14, 0, 24, 4, 20, 7, 17, 11, 13, 1, 23, 5, 19, 3, 21, 9, 15];

export function CrossCut({ cls }: { cls: number }) {
  const flaked = new Set(ORDER.slice(0, FLAKED_OF_25[cls] ?? 0));
  return (
    <svg viewBox="0 0 37 37" width="37" height="37" aria-hidden="true">
      <rect width="37" height="37" fill="var(--panel)" />
      {Array.from({ length: 25 }, (_, i) => (
        <rect
          key={i}
          x={1 + (i % 5) * CELL}
          y={1 + Math.floor(i / 5) * CELL}
          width={CELL - 0.8}
          height={CELL - 0.8}
          fill={flaked.has(i) ? 'none' : 'var(--ink-2)'}
          stroke="var(--ink-2)"
          strokeWidth="0.5"
        />
      ))}
    </svg>
  );
}
