/** A fixed plan of several sessions as a mixed-integer programme: the judge of the search, for tests and the bench. */
import type { SearchInput } from '@/core/schedule/search/chains';
import { endCost, stepCost } from '@/core/schedule/search/week-kit';

export interface Edge {
  readonly name: string;
  readonly from: string;
  readonly to: string;
  readonly cost: number;
}

/** Every step from one start to the next as a variable of 0 or 1. */
export function edgesOf(input: SearchInput): Edge[] {
  return input.candidates.flatMap((mine, k) =>
    mine.flatMap((start, j) => {
      const befores = k === 0 ? [null] : input.candidates[k - 1]!;
      return befores.flatMap((last, i): Edge[] => {
        const cost = stepCost(input, k, last, start);
        if (cost === null) return [];
        const end = k === input.candidates.length - 1 ? endCost(input, start) : 0;
        const from = k === 0 ? 'source' : `n${k - 1}_${i}`;
        return [{ name: `x${k}_${i}_${j}`, from, to: `n${k}_${j}`, cost: cost + end }];
      });
    }),
  );
}

/** In CPLEX LP format: one step leaves the source, and what comes to a start leaves it. */
export function programmeOf(input: SearchInput, edges: readonly Edge[]): string {
  const out = new Map<string, string[]>();
  const into = new Map<string, string[]>();
  for (const e of edges) {
    out.set(e.from, [...(out.get(e.from) ?? []), e.name]);
    into.set(e.to, [...(into.get(e.to) ?? []), e.name]);
  }
  const last = input.candidates.length - 1;
  const flows = [...into].flatMap(([node, names]) => {
    if (node.startsWith(`n${last}_`)) return [];
    const leaving = (out.get(node) ?? []).map((n) => ` - ${n}`).join('');
    return [`${names.join(' + ')}${leaving} = 0`];
  });
  const rows = [`${(out.get('source') ?? []).join(' + ')} = 1`, ...flows];
  return [
    'Minimize',
    `obj: ${edges.map((e) => `${e.cost.toFixed(9)} ${e.name}`).join(' + ')}`,
    'Subject To',
    ...rows.map((r, i) => `c${i}: ${r}`),
    'Binary',
    edges.map((e) => e.name).join(' '),
    'End',
  ].join('\n');
}
