/** Things in order, cut into so many runs of about the same weight; none is empty. */
export function evenly<T>(things: readonly T[], weightOf: (thing: T) => number, count: number): T[][] {
  const share = things.reduce((a, x) => a + weightOf(x), 0) / count;
  const runs: T[][] = Array.from({ length: count }, () => []);
  let before = 0;
  for (const thing of things) {
    const weight = weightOf(thing);
    const middle = before + weight / 2;
    runs[Math.min(count - 1, Math.floor(middle / share))]!.push(thing);
    before += weight;
  }
  return runs.filter((run) => run.length > 0);
}
