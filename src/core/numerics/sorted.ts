/** Finding in what is sorted. */

/** The first that is not below, by halving; the length where all are below. @param of what it is sorted by, rising */
export function lowerBound<T>(sorted: readonly T[], of: (x: T) => number, least: number): number {
  let low = 0;
  let high = sorted.length;
  while (low < high) {
    const mid = (low + high) >>> 1;
    if (of(sorted[mid]!) < least) low = mid + 1;
    else high = mid;
  }
  return low;
}
